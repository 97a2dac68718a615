import { describe, expect, it } from 'vitest';
import { normalShare } from '../number/normalShare';
import { normalDraw } from './normalDraw';
import { seededRandom } from './seededRandom';

describe('draws from the standard normal distribution', () => {
  it('lie below a value as often as the distribution says', () => {
    const random = seededRandom(3);
    const draws = Array.from({ length: 40_000 }, () => normalDraw(random));
    for (const limit of [-1.5, -0.5, 0, 1, 2])
      expect(Math.abs(draws.filter((draw) => draw <= limit).length / draws.length - normalShare(limit))).toBeLessThan(0.01);
  });
});
