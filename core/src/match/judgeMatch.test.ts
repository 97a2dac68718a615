import { describe, expect, it } from 'vitest';
import { judgeMatch } from './judgeMatch';
import type { ColourMatch, RegionMatch } from './matchColours';

const region = (id: string, deltaL: number): RegionMatch => ({
  id,
  reference: [50, 0, 0],
  own: [50 + deltaL, 0, 0],
  deltaE: deltaL,
  low: 0,
  high: 99,
  isDoubtful: false,
});
const area = (width: number, height: number) => ({ x: 0, y: 0, width, height });
const found = (regions: readonly RegionMatch[], refusal: ColourMatch['refusal'] = null): ColourMatch => ({
  regions,
  commonShift: 0,
  half: 2.5,
  refusal,
});
const SIZE = { width: 1000, height: 1000 };

describe('what a viewer notices first', () => {
  it('is the larger of two regions that are off alike', () => {
    const noticed = judgeMatch(
      found([region('rivet', 12), region('case', 12)]),
      [
        { id: 'rivet', area: area(0.05, 0.05) },
        { id: 'case', area: area(0.5, 0.5) },
      ],
      SIZE,
      null,
    );
    expect(noticed.map(({ id }) => id)).toEqual(['case', 'rivet']);
  });
  it('leaves out a region too narrow to be told from that far', () => {
    const regions = [{ id: 'line', area: area(0.002, 0.5) }];
    const from = (distanceMetres: number) =>
      judgeMatch(found([region('line', 12)]), regions, SIZE, { distanceMetres, millimetresPerPixel: 0.1 });
    expect(from(0.3).map(({ id }) => id)).toEqual(['line']);
    expect(from(30)).toEqual([]);
  });
  it('says nothing of colours where the pictures cannot be compared, and still tells a length that is off', () => {
    const length = { id: 'height', steps: 4, half: 0.5, share: 1 };
    const noticed = judgeMatch(found([region('case', 12)], 'patchElsewhere'), [{ id: 'case', area: area(0.5, 0.5) }], SIZE, null, [length]);
    expect(noticed.map(({ id }) => id)).toEqual(['height']);
  });
  it('passes over what was refused', () => {
    expect(judgeMatch(found([{ id: 'case', refusal: 'clipped' }]), [{ id: 'case', area: area(0.5, 0.5) }], SIZE, null)).toEqual([]);
  });
});
