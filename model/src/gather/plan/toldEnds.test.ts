import { describe, expect, it } from 'vitest';
import { makeSampleProject } from '../../testing/sampleProject';
import { gatherAirs } from '../gatherAirs';
import type { Rung } from '../../records/ladder/rung';
import { openBelow, toldEnds } from './toldEnds';

const project = makeSampleProject();
const NOW = project.savedAtMs;
const MINUTE = 60_000;
const [part] = project.parts;
const [first] = project.rungs;
if (!part || !first) throw new Error('the sample has no part');
const rung = (id: string, change: Partial<Rung>): Rung => ({
  ...first,
  id,
  name: id,
  methodId: 'sand',
  productId: null,
  minutes: 10,
  state: 'open',
  startedAtMs: null,
  workedMs: 0,
  doneAtMs: null,
  hardRungId: null,
  lockedAtMs: null,
  ...change,
});
const setting = {
  part,
  products: new Map(project.products.map((product) => [product.id, product])),
  persons: [],
  airs: gatherAirs(project.shop, [], NOW),
};
const ends = (ladder: readonly Rung[], last: Rung, before: readonly Rung[], endMs = NOW): unknown => {
  const told = toldEnds(ladder, last, before, endMs, setting);
  if (told.kind === 'told') return told.rungs.map(({ rung: { id }, endMs: at }) => [id, (NOW - at) / MINUTE]);
  return told.kind === 'tooEarly' ? told.after.id : (NOW - told.sinceMs) / MINUTE;
};

describe('what is told as done afterwards', () => {
  const ladder = [
    rung('cut', { state: 'done', doneAtMs: NOW - 600 * MINUTE }),
    rung('coarse', {}),
    rung('skipped', { state: 'leftOut' }),
    rung('begun', { state: 'setDown', workedMs: 4 * MINUTE }),
    rung('held', { state: 'inHand', startedAtMs: NOW - MINUTE }),
    rung('fine', {}),
    rung('above', {}),
  ];
  const [, coarse, , begun, , fine] = ladder as [Rung, Rung, Rung, Rung, Rung, Rung];
  it('may take along what is to do below it: not what was done, left out, or is in somebody’s hand', () => {
    expect(openBelow(ladder, 'fine').map(({ id }) => id)).toEqual(['coarse', 'begun']);
    expect(openBelow(ladder, 'cut')).toEqual([]);
    expect(openBelow(ladder, 'of another ladder')).toEqual([]);
  });
  it('has its moments by minutes and films, the last as it was told', () => {
    expect(ends(ladder, fine, [coarse, begun])).toEqual([
      ['coarse', 20],
      ['begun', 10],
      ['fine', 0],
    ]);
    expect(ends(ladder, fine, [], NOW - 30 * MINUTE)).toEqual([['fine', 30]]);
  });
  it('cannot have been done before it was taken in hand', () => {
    const [, , , , held] = ladder as [Rung, Rung, Rung, Rung, Rung];
    expect(ends(ladder, held, [], NOW - 2 * MINUTE)).toBe(1);
    expect(ends(ladder, held, [], NOW)).toEqual([['held', 0]]);
  });
  it('cannot have been done before what it was done upon', () => {
    expect(ends(ladder, fine, [coarse], NOW - 601 * MINUTE)).toBe('cut');
    expect(ends(ladder, fine, [coarse], NOW - 600 * MINUTE)).toEqual([
      ['coarse', 600],
      ['fine', 600],
    ]);
  });
});
