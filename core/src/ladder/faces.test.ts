import { describe, expect, it } from 'vitest';
import type { RungSide } from './faces';
import { facesMeet, facesShare } from './faces';

describe('the faces of a part', () => {
  it.each<[RungSide, RungSide, boolean]>([
    ['under', 'top', false],
    ['under', 'under', true],
    ['all', 'top', true],
    ['under', 'all', true],
  ])('%s and %s meet: %s', (a, b, meet) => expect([facesMeet(a, b), facesMeet(b, a)]).toEqual([meet, meet]));
  it('are a half each, and all of it together', () => expect(facesShare('under') + facesShare('top')).toBe(facesShare('all')));
});
