import { describe, expect, it } from 'vitest';
import type { RouteChoice } from '../../ladder/growLadder';
import { findOwnCases } from './ownCases';
import type { ZoneSum } from '../measure/layerRidges';

const CHOICE: RouteChoice = {
  material: 'rigid',
  finish: 'satin',
  age: 'new',
  smoothing: 'primerOnly',
  joining: 'none',
  sealing: 'unsealed',
  layerMillimetres: 0.2,
  areaSquareCentimetres: 200,
  pieces: 1,
};
const sum = (zone: ZoneSum['zone'], squareCentimetres: number, p95Micrometres: number): ZoneSum => ({
  zone,
  areaSquareMillimetres: squareCentimetres * 100,
  meanMicrometres: p95Micrometres,
  p95Micrometres,
});

/** A box of upright walls with a chamfer of 45° under its rim: 4 % of the area, 0.2 · cos 45° = 141 µm where the walls have 20. */
const BOX = [sum('bed', 40, 0), sum('flat', 40, 20), sum('wall', 112, 20), sum('overhang', 8, 141)];

describe('zones that are a case of their own', () => {
  it('the chamfer that 95 % of the area hides is told, with the loops it would need', () => {
    const [chamfer, ...others] = findOwnCases(BOX, CHOICE, 20, 25);
    expect(others).toEqual([]);
    // 141 → first cut 85 → three loops of 20 µm down to 25; the walls get one.
    expect(chamfer).toMatchObject({ zone: 'overhang', areaSquareCentimetres: 8, share: 0.04, ridgeMicrometres: 141, moreLoops: 2 });
  });
  it('the filler is the quickest that leaves nothing missing, else the one that fills most', () => {
    expect(findOwnCases(BOX, CHOICE, 20, 25)[0]).toMatchObject({ fillerClassId: 'bodyFiller', loopsStillMissing: 0 });
    const [shallow] = findOwnCases([sum('wall', 190, 20), sum('overhang', 10, 100)], CHOICE, 20, 25);
    expect(shallow).toMatchObject({ fillerClassId: 'putty', loopsStillMissing: 0 });
    const [deep] = findOwnCases([sum('wall', 190, 20), sum('overhang', 10, 400)], CHOICE, 20, 10);
    expect(deep).toMatchObject({ fillerClassId: 'bodyFiller' });
    expect(deep?.loopsStillMissing).toBeGreaterThan(0);
    expect(deep?.loopsStillMissing).toBeLessThan(deep?.moreLoops ?? 0);
  });
  it('is none where the part is forecast by its roughest zone, where all is hidden by the finish, on the bed, or on a speck', () => {
    expect(findOwnCases(BOX, CHOICE, 141, 25)).toEqual([]);
    expect(findOwnCases(BOX, CHOICE, 20, 1000)).toEqual([]);
    expect(findOwnCases([sum('bed', 30, 300), sum('wall', 100, 20)], CHOICE, 20, 25)).toEqual([]);
    expect(findOwnCases([sum('overhang', 0.3, 141), sum('wall', 100, 20)], CHOICE, 20, 25)).toEqual([]);
    expect(findOwnCases([], CHOICE, 20, 25)).toEqual([]);
  });
});
