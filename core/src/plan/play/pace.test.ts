import { describe, expect, it } from 'vitest';
import { normalDraw } from '../../random/normalDraw';
import { seededRandom } from '../../random/seededRandom';
import type { LoggedPace } from './pace';
import { BETWEEN_FINISHERS, BETWEEN_METHODS, learnPaces } from './pace';

function logged(ratios: readonly number[]): LoggedPace {
  const mean = ratios.reduce((sum, ratio) => sum + ratio, 0) / ratios.length;
  return { count: ratios.length, mean, squares: ratios.reduce((sum, ratio) => sum + (ratio - mean) ** 2, 0) };
}

describe('a finisher’s pace', () => {
  it('is the method’s own before anything is logged, with all that is not known', () => {
    const pace = learnPaces({}).of('prime');
    expect([pace.mean, pace.finisherShare]).toEqual([0, 1]);
    expect(pace.deviation).toBeCloseTo(BETWEEN_METHODS, 12);
    expect(learnPaces({}).finisherDeviation).toBeCloseTo(BETWEEN_FINISHERS, 12);
  });

  it('on one level, a single method logged once, is the normal posterior', () => {
    const at = 0.3;
    const { of } = learnPaces({ prime: { count: 1, mean: at, squares: 0 } });
    const pace = of('prime');
    const rung = pace.rungDeviation ** 2;
    // The finisher in this method has variance 0.2² + 0.2² before; posterior mean = y · prior ÷ (prior + σ²).
    const prior = BETWEEN_FINISHERS ** 2 + BETWEEN_METHODS ** 2;
    expect(pace.mean).toBeCloseTo((at * prior) / (prior + rung), 12);
  });

  it('on two levels is what sums over a fine grid say', () => {
    const log = { sand: logged([0.4, 0.1, 0.5]), prime: logged([0.1, 0.05]), fill: logged([-0.2]) };
    const paces = learnPaces(log);
    const methods = Object.entries(log);
    const normal = (x: number, variance: number): number => Math.exp((-x * x) / (2 * variance));
    let weight = 0;
    let finisher = 0;
    let finisherSquares = 0;
    let sand = 0;
    const step = 0.01;
    for (let f = -1.2; f <= 1.2; f += step) {
      let likelihood = normal(f, BETWEEN_FINISHERS ** 2);
      let sandMean = 0;
      for (const [methodId, own] of methods) {
        const variance = paces.of(methodId).rungDeviation ** 2 / own.count;
        let sum = 0;
        let ofMethod = 0;
        for (let m = -1.2; m <= 1.2; m += step) {
          const p = normal(m, BETWEEN_METHODS ** 2) * normal(own.mean - f - m, variance);
          sum += p;
          ofMethod += p * (f + m);
        }
        likelihood *= sum;
        if (methodId === 'sand') sandMean = ofMethod / sum;
      }
      weight += likelihood;
      finisher += likelihood * f;
      finisherSquares += likelihood * f * f;
      sand += likelihood * sandMean;
    }
    expect(paces.finisherMean).toBeCloseTo(finisher / weight, 4);
    expect(paces.finisherDeviation).toBeCloseTo(Math.sqrt(finisherSquares / weight - (finisher / weight) ** 2), 4);
    expect(paces.of('sand').mean).toBeCloseTo(sand / weight, 4);
    // What was never logged goes as the finisher goes.
    expect(paces.of('decal').mean).toBeCloseTo(finisher / weight, 4);
  });

  it('says how long things take as often as it says it does: 300 finishers, eight rungs logged, the ninth', () => {
    const random = seededRandom(5);
    let within = 0;
    const finishers = 300;
    for (let nth = 0; nth < finishers; nth += 1) {
      const finisher = BETWEEN_FINISHERS * normalDraw(random);
      const method = finisher + BETWEEN_METHODS * normalDraw(random);
      const rung = (): number => method + 0.15 * normalDraw(random);
      const pace = learnPaces({ prime: logged(Array.from({ length: 8 }, rung)) });
      const { mean, deviation, finisherShare, rungDeviation } = pace.of('prime');
      const spread = Math.sqrt(deviation ** 2 + (finisherShare * pace.finisherDeviation) ** 2 + rungDeviation ** 2);
      // The point below which four of five lie.
      if (rung() <= mean + 0.8416 * spread) within += 1;
    }
    expect(within / finishers).toBeGreaterThan(0.74);
    expect(within / finishers).toBeLessThan(0.86);
  });
});
