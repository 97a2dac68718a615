import { describe, expect, it } from 'vitest';
import { HALF_90 } from './half90';
import { normalQuantile } from './normalQuantile';
import { normalShare } from './normalShare';

/** Cumulative standard normal and its inverse: Abramowitz & Stegun, Handbook of Mathematical Functions, tables 26.1 and 26.5 (from memory). */
describe('the normal distribution against its tables', () => {
  it.each([
    [0, 0.5],
    [0.1, 0.5398278373],
    [0.5, 0.6914624613],
    [1, 0.8413447461],
    [1.96, 0.9750021049],
    [2.5, 0.9937903347],
    [3, 0.998650102],
    [4, 0.9999683288],
  ])('below %d lies %d of it, and the rest below its negative', (z, share) => {
    expect(Math.abs(normalShare(z) - share)).toBeLessThan(1.5e-7);
    expect(Math.abs(normalShare(-z) - (1 - share))).toBeLessThan(1.5e-7);
  });
  it.each([
    [0.0001, -3.719016485],
    [0.05, -1.644853627],
    [0.5, 0],
    [0.9, 1.281551566],
    [0.975, 1.959963985],
    [0.999, 3.090232306],
  ])('a chance of %d lies below %d', (chance, z) => expect(normalQuantile(chance)).toBeCloseTo(z, 3));
  it('goes back to the chance it came from, to the last places', () => {
    for (const chance of [1e-6, 0.01, 0.3, 0.77, 1 - 1e-6]) expect(normalShare(normalQuantile(chance))).toBeCloseTo(chance, 9);
  });
  it.each([0, 1, -0.1, 1.1, Number.NaN])('no quantity has a chance of %d', (chance) =>
    expect(() => normalQuantile(chance)).toThrow(RangeError),
  );
  it('half of a 90 % interval reaches from the middle to 95 %', () => expect(HALF_90).toBeCloseTo(normalQuantile(0.95), 3));
});
