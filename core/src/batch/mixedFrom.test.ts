import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mixedFrom, splitBatch } from './twoPartRatio';

const RATIO = { partsA: 2, partsB: 1 };

describe('what can be mixed of two cans', () => {
  it('is as much as the scarcer one allows (by hand)', () => {
    expect([mixedFrom(60, 20, RATIO), mixedFrom(10, 100, RATIO), mixedFrom(0, 5, RATIO)]).toEqual([60, 15, 0]);
  });
  it('splits into no more than there is of either, and uses one of them up (property)', () => {
    const amount = fc.double({ min: 0.1, max: 1000, noNaN: true });
    const part = fc.double({ min: 0.1, max: 10, noNaN: true });
    fc.assert(
      fc.property(amount, amount, part, part, (a, b, partsA, partsB) => {
        const ratio = { partsA, partsB };
        const { amountA, amountB } = splitBatch(mixedFrom(a, b, ratio), ratio);
        expect(amountA).toBeLessThanOrEqual(a * (1 + 1e-9));
        expect(amountB).toBeLessThanOrEqual(b * (1 + 1e-9));
        expect(Math.min(a - amountA, b - amountB)).toBeCloseTo(0, 6);
      }),
    );
  });
  it('of parts of nothing is refused', () => expect(() => mixedFrom(1, 1, { partsA: 0, partsB: 1 })).toThrow(RangeError));
});
