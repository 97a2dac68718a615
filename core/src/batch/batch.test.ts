import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findProductClass, TRANSFER } from '../cure/productClasses';
import { cansNeeded, paintNeeded } from './paintNeeded';
import { mixTotal, scaleMix } from './scaleMix';
import { setArea } from './setArea';
import { splitBatch, volumeRatio, weightRatio } from './twoPartRatio';

describe('paint needed', () => {
  it('covers 1.5–2 m² in one coat from a 400 ml can of aerosol colour (common practice)', () => {
    const { drying, volumeSolids } = findProductClass('lacquerColour');
    const perSquareMetre = paintNeeded(10_000, drying.coatMicrometres, 1, volumeSolids, TRANSFER.aerosol).millilitres;
    expect(400 / perSquareMetre).toBeGreaterThanOrEqual(1.5);
    expect(400 / perSquareMetre).toBeLessThanOrEqual(2);
  });
  it('follows the coating handbooks: spreading rate = 10 × volume solids % ÷ dry µm', () => {
    expect(paintNeeded(100, 40, 1, 0.5, 1).spreadingSquareMetresPerLitre).toBeCloseTo((10 * 50) / 40, 12);
  });
  it('is area × thickness × coats ÷ solids ÷ transfer', () =>
    expect(paintNeeded(250, 20, 2, 0.25, 0.5).millilitres).toBeCloseTo((250 * 20 * 2 * 1e-4) / 0.25 / 0.5, 12));
  it('needs whole cans, and a hair of rounding buys none', () => {
    expect([cansNeeded(0, 400), cansNeeded(1, 400), cansNeeded(380, 400), cansNeeded(381, 400)]).toEqual([0, 1, 1, 2]);
    expect(cansNeeded(0.1 + 0.2, 0.3, 1)).toBe(1);
  });
  it('tells no spreading rate of a film of nothing, and takes all that lands and all that stays', () => {
    expect(paintNeeded(100, 0, 1, 0.5, 1)).toEqual({ millilitres: 0, filmMillilitres: 0, spreadingSquareMetresPerLitre: Infinity });
    expect(paintNeeded(0, 10, 1, 1, 1).millilitres).toBe(0);
    expect(paintNeeded(100, 10, 0, 1, 1).millilitres).toBe(0);
    expect(paintNeeded(10_000, 10, 1, 1, 1)).toEqual({ millilitres: 10, filmMillilitres: 10, spreadingSquareMetresPerLitre: 100 });
  });
  it('leaves a twentieth in the can (common practice) unless told otherwise', () => {
    expect([380, 380.1].map((millilitres) => cansNeeded(millilitres, 400))).toEqual([1, 2]);
    expect([400, 401].map((millilitres) => cansNeeded(millilitres, 400, 1))).toEqual([1, 2]);
    for (const [millilitres, can, share] of [
      [-1, 400, 1],
      [Infinity, 400, 1],
      [1, 0, 1],
      [1, 400, 0],
      [1, 400, 1.01],
    ] as const)
      expect(() => cansNeeded(millilitres, can, share)).toThrow(RangeError);
  });
  it.each([
    [-1, 10, 1, 0.5, 0.5],
    [1, Number.NaN, 1, 0.5, 0.5],
    [1, -1, 1, 0.5, 0.5],
    [1, 10, -1, 0.5, 0.5],
    [Infinity, 10, 1, 0.5, 0.5],
    [1, 10, 1, 0, 0.5],
    [1, 10, 1, 1.01, 0.5],
    [1, 10, 1, 0.5, 0],
    [1, 10, 1, 0.5, 1.2],
  ])('refuses %s cm², %s µm, %s coats, solids %s, transfer %s', (...values) => expect(() => paintNeeded(...values)).toThrow(RangeError));
});

describe('two-part ratio', () => {
  it('turns 2 : 1 by volume into weight by the densities', () =>
    expect(weightRatio({ partsA: 2, partsB: 1 }, 1.15, 0.98)).toEqual({ partsA: (2 * 1.15) / 0.98, partsB: 1 }));
  it('comes back from weight to volume (property)', () => {
    const positive = fc.double({ min: 0.01, max: 100, noNaN: true });
    fc.assert(
      fc.property(positive, positive, positive, positive, (partsA, partsB, a, b) => {
        expect(volumeRatio(weightRatio({ partsA, partsB }, a, b), a, b).partsA).toBeCloseTo(partsA, 6);
      }),
    );
  });
  it('splits a batch so that it adds up', () => expect(splitBatch(90, { partsA: 2, partsB: 1 })).toEqual({ amountA: 60, amountB: 30 }));
  it.each([
    [0, 1, 1, 1],
    [1, 0, 1, 1],
    [1, 1, 0, 1],
    [1, 1, 1, 0],
    [1, 1, 1, Infinity],
    [-2, 1, 1, 1],
  ])('refuses parts %s : %s of %s and %s kg/l, either way', (partsA, partsB, a, b) => {
    expect(() => weightRatio({ partsA, partsB }, a, b)).toThrow(RangeError);
    expect(() => volumeRatio({ partsA, partsB }, a, b)).toThrow(RangeError);
  });
  it('refuses to split nothing', () => expect(() => splitBatch(0, { partsA: 2, partsB: 1 })).toThrow(RangeError));
});

describe('scaling a mix', () => {
  it('keeps whole drops to the total, none lost (property)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 6, max: 400 }),
        (amounts, total) => {
          const scaled = scaleMix(
            amounts.map((amount) => ({ amount })),
            total,
            true,
          ).map((component) => component.amount);
          expect(scaled.reduce((sum, value) => sum + value, 0)).toBe(total);
          expect(Math.min(...scaled)).toBeGreaterThanOrEqual(1);
        },
      ),
    );
  });
  it('keeps proportions exactly by weight', () =>
    expect(scaleMix([{ amount: 9 }, { amount: 3 }], 6, false).map((c) => c.amount)).toEqual([4.5, 1.5]));
  it('gives the extra drop to the component that lost most by rounding', () =>
    expect(scaleMix([{ amount: 9 }, { amount: 4 }, { amount: 3 }, { amount: 2 }], 10, true).map((c) => c.amount)).toEqual([5, 2, 2, 1]));
  it('takes drops away where one at least for each was too many', () =>
    expect(scaleMix([{ amount: 90 }, { amount: 1 }, { amount: 1 }, { amount: 1 }], 10, true).map((c) => c.amount)).toEqual([7, 1, 1, 1]));
  it('keeps what else a component knows', () =>
    expect(scaleMix([{ amount: 1, paint: 'umber' }], 2, true)).toEqual([{ amount: 2, paint: 'umber' }]));
  it.each([
    [[1], 0],
    [[1], Infinity],
    [[0, 0], 5],
  ] as const)('refuses %s to a total of %s', (amounts, total) => {
    const mix = amounts.map((amount) => ({ amount }));
    expect(() => scaleMix(mix, total, false)).toThrow(RangeError);
    expect(() => scaleMix(mix, total, true)).toThrow(RangeError);
  });
  it('refuses fewer drops than components', () => expect(() => scaleMix([{ amount: 1 }, { amount: 1 }], 1, true)).toThrow(RangeError));
});

describe('the surface of a set', () => {
  it('is one piece times the pieces', () => expect([setArea(12.5, 6), setArea(0, 3)]).toEqual([75, 0]));
  it('is refused for absurd numbers', () => {
    for (const [area, pieces] of [
      [-1, 1],
      [Number.NaN, 1],
      [10, 0],
      [10, 1.5],
    ] as const)
      expect(() => setArea(area, pieces)).toThrow(RangeError);
  });
});

describe('a mix as a whole', () => {
  it('is the sum of its amounts, and scaling meets the total asked for', () => {
    const mix = [{ amount: 3 }, { amount: 1.5 }];
    expect(mixTotal(mix)).toBe(4.5);
    expect(mixTotal(scaleMix(mix, 9, false))).toBeCloseTo(9, 12);
    expect(mixTotal([])).toBe(0);
  });
});
