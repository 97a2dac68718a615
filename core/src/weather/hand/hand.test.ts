import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../../random/seededRandom';
import checks from '../testing/weatherChecks.json';
import type { DonePass, HandBelief } from './hand';
import { coverageAfter, handByEarlier, learnHand, nextPass, PRIOR_HAND, quantileOf, verdictOf } from './hand';
import { SHAPE_DOUBT, shapeRange } from '../seen/shapeDoubt';

/** A finisher played by chance: a hand of their own, uneven from pass to pass, measured by photographs. */
function play(uneven: number, photo: number, runs: number) {
  const random = seededRandom(5);
  const normal = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const within = [0, 0, 0, 0];
  let [over, under, end] = [0, 0, 0];
  for (let run = 0; run < runs; run += 1) {
    const most = 0.4 + 0.5 * random();
    const hand = Math.exp(0.6 * normal());
    const target = most * (0.3 + 0.4 * random());
    const layOn = (covered: number, amount: number): number =>
      covered + (most - covered) * (1 - Math.exp(-amount * hand * Math.exp(uneven * normal())));
    const measure = (covered: number): { coverage: number; half: number } => {
      const coverage = Math.max(0, covered * (1 + photo * normal()));
      return { coverage, half: 1.96 * photo * Math.max(coverage, 0.02) };
    };
    const done: DonePass[] = [];
    let covered = 0;
    for (let pass = 0; pass < 4; pass += 1) {
      const amount = 0.15 + 0.2 * random();
      const factor = quantileOf(learnHand(done, most), 0.5);
      const known = done.at(-1)?.coverage ?? 0;
      const forecast = known + (most - known) * (1 - Math.exp(-amount * factor));
      covered = layOn(covered, amount);
      if (Math.abs(forecast / covered - 1) < 0.2) within[pass] = (within[pass] as number) + 1;
      done.push({ amount, ...measure(covered) });
    }
    const steered: DonePass[] = [];
    covered = 0;
    for (let pass = 0; pass < 10; pass += 1) {
      const { amount } = nextPass(steered, most, target);
      if (amount === 0) break;
      covered = layOn(covered, amount);
      steered.push({ amount, ...measure(covered) });
    }
    if (covered > 1.25 * target) over += 1;
    if (covered < 0.75 * target) under += 1;
    end += covered / target;
  }
  return { within: within.map((count) => (100 * count) / runs), over: (100 * over) / runs, under: (100 * under) / runs, end: end / runs };
}

describe('learning a hand', () => {
  const { forecastOfTheNextCoverageWithin20Percent: wanted, stopping, tolerancePercentPoints } = checks.learning;
  it.each([
    ['a steady hand, photographs off by 8 %', 0, 0.08, wanted.steadyHand.photo8],
    ['a steady hand, photographs off by 15 %', 0, 0.15, wanted.steadyHand.photo15],
    ['an uneven hand, photographs off by 8 %', 0.3, 0.08, wanted.unevenHand30.photo8],
    ['an uneven hand, photographs off by 15 %', 0.3, 0.15, wanted.unevenHand30.photo15],
  ] as const)('forecasts the next coverage at least as often as the study: %s', (_, uneven, photo, percent) => {
    const { within } = play(uneven, photo, 400);
    // Before the first pass nothing is known but that hands differ: the share within 20 % is that of the guess.
    percent.forEach((share, pass) =>
      expect(within[pass], `pass ${pass}`).toBeGreaterThan(share - tolerancePercentPoints - (pass === 0 ? 4 : 0)),
    );
  });
  it('stops near the line: over it by a quarter about as seldom as the study, never far under it', () => {
    const { over, under, end } = play(0.3, 0.08, 600);
    expect(over).toBeLessThan(stopping.scaledLastPasses.overBy25Percent + tolerancePercentPoints);
    expect(under).toBeLessThan(2);
    expect(Math.abs(end - stopping.scaledLastPasses.endOverTarget)).toBeLessThan(0.06);
  });
  it('believes a heavy hand after one heavy pass, and keeps its guess where no hand explains what was read', () => {
    const heavy = learnHand([{ amount: 0.3, coverage: coverageAfter(0.3, 2.5, 0.8), half: 0.03 }], 0.8);
    expect(Math.abs(quantileOf(heavy, 0.5) - 2.5)).toBeLessThan(0.4);
    expect(learnHand([{ amount: 0.001, coverage: 1, half: 0.0001 }], 0.5).chances).toEqual(PRIOR_HAND.chances);
    expect(learnHand([{ amount: 0.3, coverage: null, half: 0 }], 0.8).chances).toEqual(PRIOR_HAND.chances);
  });
  it('brings what was learned on other parts to the next: nearer than the guess, less sure than where it was learned', () => {
    const done = [{ amount: 0.3, coverage: coverageAfter(0.3, 2, 0.8), half: 0.03 }];
    const other = handByEarlier([{ done, most: 0.8 }]);
    const width = (belief: HandBelief): number => quantileOf(belief, 0.95) / quantileOf(belief, 0.05);
    expect(Math.abs(quantileOf(other, 0.5) - 2)).toBeLessThan(0.4);
    expect(width(other)).toBeLessThan(width(PRIOR_HAND));
    expect(width(other)).toBeGreaterThan(width(learnHand(done, 0.8)));
    expect(handByEarlier([])).toBe(PRIOR_HAND);
    // A heavy hand is told to lay on less from the first turn on.
    expect(nextPass([], 0.8, 0.3, other).amount).toBeLessThan(nextPass([], 0.8, 0.3).amount);
  });
  it('chances stay chances, amounts within 0 and 1, forecasts within what can be covered (property)', () => {
    const pass = fc.record({
      amount: fc.double({ min: 0, max: 1, noNaN: true }),
      coverage: fc.option(fc.double({ min: 0, max: 1, noNaN: true })),
      half: fc.double({ min: 0, max: 0.3, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(pass, { maxLength: 40 }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (passes, most, target) => {
          const { chances } = learnHand(passes, most);
          expect(chances.reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 6);
          const next = nextPass(passes, most, target);
          expect(next.amount).toBeGreaterThanOrEqual(0);
          expect(next.amount).toBeLessThanOrEqual(1);
          for (const value of [next.next, next.low, next.high, next.now, next.hand]) expect(Number.isFinite(value)).toBe(true);
          expect(next.low).toBeLessThanOrEqual(next.high + 1e-9);
        },
      ),
      { numRuns: 300, seed: 12 },
    );
  });
});

describe('a forecast on a part that is known by its shape alone', () => {
  it('has its ends wider apart about the same middle, also once something was measured, and stays a share', () => {
    const turn = { amount: 0.3, coverage: 0.1, half: 0.03, how: 'pair' } as const;
    for (const passes of [[], [turn]])
      for (const most of [0.4, 0.9]) {
        const onMesh = nextPass(passes, most, 0.3);
        const onShape = nextPass(passes, most, 0.3, undefined, SHAPE_DOUBT);
        expect([onShape.next, onShape.amount, onShape.now]).toEqual([onMesh.next, onMesh.amount, onMesh.now]);
        expect(onShape.low).toBeLessThan(onMesh.low);
        expect(onShape.high).toBeGreaterThan(onMesh.high);
        expect(onShape.high).toBeLessThanOrEqual(1);
      }
  });
  it('may be off by half either way, and no more than all', () => {
    expect(shapeRange(0.3)).toEqual({ low: 0.3 / SHAPE_DOUBT, high: 0.3 * SHAPE_DOUBT });
    expect(shapeRange(0.8).high).toBe(1);
    expect(shapeRange(0)).toEqual({ low: 0, high: 0 });
  });
});

describe('the verdict', () => {
  it('is more only when even the upper end is under the line, stop only when the lower end is near it, and never stop from one picture', () => {
    expect(verdictOf({ low: 0.05, high: 0.12, how: 'pair' }, 0.2)).toBe('more');
    expect(verdictOf({ low: 0.17, high: 0.24, how: 'pair' }, 0.2)).toBe('stop');
    expect(verdictOf({ low: 0.13, high: 0.24, how: 'pair' }, 0.2)).toBe('close');
    expect(verdictOf({ low: 0.5, high: 0.9, how: 'single' }, 0.2)).toBe('close');
  });
  it('is never stop from one picture, through the hand neither', () => {
    const turn = { amount: 0.5, coverage: 0.6, half: 0.05 };
    expect(nextPass([{ ...turn, how: 'pair' }], 0.9, 0.2).verdict).toBe('stop');
    expect(nextPass([{ ...turn, how: 'single' }], 0.9, 0.2).verdict).toBe('close');
  });
  it('says where a line is out of reach, and begins with half', () => {
    expect(nextPass([], 0.3, 0.4).verdict).toBe('outOfReach');
    const first = nextPass([], 0.8, 0.3);
    expect(first.verdict).toBe('more');
    expect(first.next).toBeLessThan(0.3);
    expect(first.amount).toBeCloseTo((-Math.log(1 - 0.3 / 0.8) / first.hand) * 0.5, 6);
  });
});
