import { describe, expect, it } from 'vitest';
import { normalDraw } from '../random/normalDraw';
import { seededRandom } from '../random/seededRandom';
import { isTelling, learnUse } from './learnUse';

describe('what really goes of a product', () => {
  it('is what film and area say as long as nothing was weighed', () => {
    expect(learnUse([])).toMatchObject({ factor: 1, deviation: 0.15, count: 0 });
  });
  it('is the closed form of a normal prior and normal weighings (by hand)', () => {
    // One weighing of twice as much: ln 2 · (1/0.2²) ÷ (1/0.15² + 1/0.2²) = 0.693 · 25 ÷ 69.44.
    const { factor, deviation } = learnUse([{ reckoned: 10, used: 20 }]);
    expect(factor).toBeCloseTo(Math.exp((Math.LN2 * 25) / (1 / 0.0225 + 25)), 9);
    expect(deviation).toBeCloseTo(Math.sqrt(1 / (1 / 0.0225 + 25)), 9);
  });
  it('comes to the truth with many, and nine intervals of ten hold it', () => {
    const random = seededRandom(5);
    const normal = (): number => normalDraw(random);
    let held = 0;
    const TRIES = 400;
    for (let nth = 0; nth < TRIES; nth += 1) {
      const truth = Math.exp(0.15 * normal());
      const weighings = Array.from({ length: 1 + (nth % 6) }, () => ({ reckoned: 10, used: 10 * truth * Math.exp(0.2 * normal()) }));
      const { low, high } = learnUse(weighings);
      if (truth >= low && truth <= high) held += 1;
    }
    expect(held / TRIES).toBeGreaterThan(0.86);
    expect(held / TRIES).toBeLessThan(0.94);
  });
  it('a can that was filled up, emptied by accident or never used teaches nothing', () => {
    const told = [[10, 0], [10, -4], [0, 5], [10, 41], [10, 2.4]].map(([reckoned = 0, used = 0]) => isTelling({ reckoned, used })); // prettier-ignore
    expect(told).toEqual([false, false, false, false, false]);
    expect([isTelling({ reckoned: 10, used: 40 }), isTelling({ reckoned: 10, used: 2.5 })]).toEqual([true, true]);
    expect(learnUse([{ reckoned: 10, used: 90 }])).toEqual(learnUse([]));
  });
});
