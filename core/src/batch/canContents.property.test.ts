import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contentsByWeight, simulateScale } from './canContents';
import { dropsForBatch, millilitresOfDrops } from './drops';
import { thinCup } from './dilution';

describe('amounts (property)', () => {
  it('a can weighed on the scale holds what is in it, within its doubt', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 400, noNaN: true }),
        fc.double({ min: 20, max: 150, noNaN: true }),
        fc.double({ min: 0.7, max: 1.8, noNaN: true }),
        fc.integer({ min: 1, max: 1e6 }),
        (left, empty, density, seed) => {
          const shown = simulateScale(empty + left * density, seed);
          const found = contentsByWeight(shown, empty, density, 400, 'aerosol');
          expect(Math.abs(found.millilitres - left)).toBeLessThanOrEqual(found.doubtMillilitres);
        },
      ),
      { seed: 61, numRuns: 150 },
    );
  });
  it('a batch in drops is enough and not a whole recipe too much', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 60, noNaN: true }), fc.integer({ min: 1, max: 48 }), (millilitres, parts) => {
        const drops = dropsForBatch(millilitres, parts);
        expect(drops % parts).toBe(0);
        expect(millilitresOfDrops(drops)).toBeGreaterThanOrEqual(millilitres - 1e-6);
        expect(millilitresOfDrops(drops - parts)).toBeLessThan(millilitres + 1e-6);
      }),
      { seed: 62 },
    );
  });
  it('a thinned cup is full, and as strong as its share of paint', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 500, noNaN: true }), fc.double({ min: 0, max: 20, noNaN: true }), (cup, parts) => {
        const { paintMillilitres, thinnerMillilitres, strengthShare } = thinCup(cup, parts);
        expect(paintMillilitres + thinnerMillilitres).toBeCloseTo(cup, 9);
        expect(thinnerMillilitres).toBeCloseTo(paintMillilitres * parts, 6);
        expect(strengthShare * cup).toBeCloseTo(paintMillilitres, 6);
      }),
      { seed: 63 },
    );
  });
});
