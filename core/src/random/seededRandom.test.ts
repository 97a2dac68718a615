import { describe, expect, it } from 'vitest';
import { randomIndex, seededRandom } from './seededRandom';

describe('a seeded source', () => {
  it('gives the same stream for the same seed, another for another', () => {
    const take = (seed: number): number[] => {
      const random = seededRandom(seed);
      return [random(), random(), random()];
    };
    expect(take(7)).toEqual(take(7));
    expect(take(7)).not.toEqual(take(8));
  });
  it('is even over [0, 1): mean and spread of 100,000 draws', () => {
    const random = seededRandom(1);
    let sum = 0;
    let squares = 0;
    const bins = new Array<number>(10).fill(0);
    for (let draw = 0; draw < 100_000; draw += 1) {
      const value = random();
      sum += value;
      squares += value * value;
      bins[Math.floor(value * 10)] = (bins[Math.floor(value * 10)] ?? 0) + 1;
    }
    const mean = sum / 100_000;
    expect(mean).toBeCloseTo(0.5, 2);
    // The variance of the even distribution on [0, 1) is 1/12.
    expect(squares / 100_000 - mean * mean).toBeCloseTo(1 / 12, 2);
    // Chi-square with 9 degrees of freedom stays below 27.9 but once in a thousand seeds.
    expect(bins.reduce((chi, count) => chi + (count - 10_000) ** 2 / 10_000, 0)).toBeLessThan(27.9);
  });
  it('draws whole numbers within bounds', () => {
    const random = seededRandom(3);
    const seen = new Set(Array.from({ length: 200 }, () => randomIndex(random, 5)));
    expect([...seen].sort()).toEqual([0, 1, 2, 3, 4]);
  });
});
