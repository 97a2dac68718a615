import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../../random/seededRandom';
import type { ChanceOptions } from './chance';
import { chanceError, plannedKeys, playChance, quantile, shareWithin, shownPlays } from './chance';
import { planProblem } from '../search/improvePlan';
import { prepareProblem } from '../problem/preparedProblem';
import type { PlanProblem } from '../problem/problem';
import { readyBound } from '../judge/readyBound';
import type { TaskSpread } from './taskSpread';
import { CERTAIN, drawShare, meanShare } from './taskSpread';
import { domainInstance } from '../testing/domainInstance';
import { arc, problem, task } from '../testing/problemBuilder';
import { randomProblem } from '../testing/randomProblem';

const triangle = (low: number, mode: number, high: number): TaskSpread => ({ low, mode, high, againChance: 0, againShare: 0 });
function play(given: PlanProblem, spreads: readonly TaskSpread[], change: Partial<ChanceOptions> = {}) {
  const { plan } = planProblem(given);
  const prepared = prepareProblem(given);
  return playChance(prepared, plannedKeys(prepared, plan), { runs: 4000, seed: 7, spreads, ...change });
}
const mean = (values: Float64Array): number => values.reduce((sum, value) => sum + value, 0) / values.length;
const deviation = (values: Float64Array): number =>
  Math.sqrt(values.reduce((sum, value) => sum + (value - mean(values)) ** 2, 0) / values.length);

describe('textbook networks of triangular times', () => {
  it('a chain has the sum of the means and the root of the summed variances (PERT: Malcolm et al. 1959)', () => {
    // Shares of 100 min: (a + m + b) / 3, and (a² + m² + b² − am − ab − mb) / 18.
    const spreads = [triangle(0.5, 1, 2), triangle(0.8, 1, 1.5), triangle(0.2, 1, 1)];
    const given = problem({
      tasks: ['a', 'b', 'c'].map((id) => task(id, 100)),
      arcs: [arc('a', 'b'), arc('b', 'c')],
    });
    const expectedMean = 100 * spreads.reduce((sum, { low, mode, high }) => sum + (low + mode + high) / 3, 0);
    const variance = spreads.reduce((sum, { low: a, mode: m, high: b }) => sum + (a * a + m * m + b * b - a * m - a * b - m * b) / 18, 0);
    const { readyMinutes } = play(given, spreads, { runs: 20_000 });
    expect(Math.abs(mean(readyMinutes) - expectedMean)).toBeLessThan(1);
    expect(Math.abs(deviation(readyMinutes) - 100 * Math.sqrt(variance))).toBeLessThan(1);
  });
  it('a fork of two triangles on 0–2 around 1 ends, on average, at 37/30', () => {
    // E max = ∫ (1 − F²) with F = x²/2 below 1 and 1 − (2 − x)²/2 above: 2 − (1/20 + 1 − 1/3 + 1/20) = 37/30.
    const given = problem({ resources: [{ id: 'hands', name: 'hands', capacity: 2 }], tasks: [task('a', 600), task('b', 600)] });
    const { readyMinutes } = play(given, [triangle(0, 1, 2), triangle(0, 1, 2)], { runs: 20_000 });
    expect(mean(readyMinutes) / 600).toBeCloseTo(37 / 30, 2);
  });
  it('draws follow the triangle’s distribution function', () => {
    const random = seededRandom(4);
    const spread = triangle(0.5, 0.8, 2);
    const draws = Float64Array.from({ length: 40_000 }, () => drawShare(spread, random)).sort();
    // F(mode) = (m − a) / (b − a); F(1.4) = 1 − (b − 1.4)² / ((b − a)(b − m)).
    expect(shareWithin(draws, 0.8)).toBeCloseTo(0.2, 2);
    expect(shareWithin(draws, 1.4)).toBeCloseTo(1 - 0.36 / (1.5 * 1.2), 2);
    expect(mean(draws)).toBeCloseTo(meanShare(spread), 2);
  });
});

describe('the chance of a plan', () => {
  it('is the plan itself where nothing is uncertain', () => {
    const given = problem({ tasks: [task('a', 30), task('b', 20)], arcs: [arc('a', 'b', [{ lo: 60, hi: null }])] });
    const { readyMinutes } = play(given, [CERTAIN, CERTAIN], { runs: 10 });
    expect([...readyMinutes]).toEqual(new Array(10).fill(110));
  });
  it('draws the same fortunes for the same seed, and others for another', () => {
    const given = domainInstance(1, { parts: 4, rungs: 6 });
    const spreads = given.tasks.map(() => triangle(0.7, 1, 2));
    expect(play(given, spreads, { runs: 50 })).toEqual(play(given, spreads, { runs: 50 }));
    expect(play(given, spreads, { runs: 50, seed: 8 }).readyMinutes).not.toEqual(play(given, spreads, { runs: 50 }).readyMinutes);
  });
  it('never ends before what is proved for the least minutes there can be (property)', () => {
    fc.assert(
      fc.property(randomProblem, (given) => {
        const sure = given.tasks.map(() => CERTAIN);
        const { plan } = planProblem(given);
        if (plan.unplaced.length > 0) return;
        const prepared = prepareProblem(given);
        const { readyMinutes } = playChance(prepared, plannedKeys(prepared, plan), { runs: 3, seed: 1, spreads: sure });
        // A window missed for good is scuffed a day later here, so only what was never missed is bound.
        expect(readyMinutes[0] ?? 0).toBeGreaterThanOrEqual(readyBound(prepared) - 1);
      }),
      { numRuns: 120 },
    );
  });
  it('a pass more only adds time', () => {
    const given = problem({ tasks: [task('a', 100)] });
    const without = play(given, [triangle(0.8, 1, 1.2)]).readyMinutes;
    const withPass = play(given, [{ ...triangle(0.8, 1, 1.2), againChance: 0.3, againShare: 0.5 }]).readyMinutes;
    expect(mean(withPass)).toBeCloseTo(mean(without) + 15, -0.3);
    expect(quantile(withPass, 0.01)).toBeGreaterThanOrEqual(quantile(without, 0.0) - 1e-9);
  });
  it('is not clairvoyant: an hour that overruns tonight pushes what is after it to the next evening', () => {
    const windows = [0, 1, 2].map((day) => ({ start: day * 1440, end: day * 1440 + 120 }));
    const given = problem({
      calendars: [{ id: 'evening', name: 'evening', windows }],
      tasks: [task('sand', 60, { calendarId: 'evening' }), task('coat', 50, { calendarId: 'evening' })],
      arcs: [arc('sand', 'coat')],
    });
    // Half the time sanding takes 80 min, and the coat's 50 do not fit the evening any more.
    const { readyMinutes } = play(given, [triangle(0.5, 0.5, 2.2), CERTAIN], { runs: 500 });
    const tonight = shareWithin(readyMinutes, 120);
    expect(tonight).toBeGreaterThan(0.4);
    expect(tonight).toBeLessThan(0.9);
    expect(readyMinutes.at(-1)).toBe(1440 + 50);
  });
  it('counts windows of a film that were missed, and goes on when they open again', () => {
    const given = problem({
      tasks: [task('coat 1', 10), task('long', 50), task('coat 2', 10)],
      arcs: [
        arc('coat 1', 'coat 2', [
          { lo: 10, hi: 60 },
          { lo: 1440, hi: null },
        ]),
        arc('long', 'coat 2'),
      ],
    });
    const { readyMinutes, missedWindows } = play(given, [CERTAIN, triangle(1, 1, 3), CERTAIN], { runs: 400 });
    expect(missedWindows).toBe(0);
    expect(readyMinutes[0]).toBeLessThan(140);
    expect(readyMinutes.at(-1)).toBeGreaterThan(1440);
    // What comes between the two coats takes 40 to 120 minutes, and the window is open for 60.
    const between = [arc('coat 1', 'sand'), arc('sand', 'coat 2'), arc('coat 1', 'coat 2', [{ lo: 10, hi: 60 }])];
    const never = problem({ tasks: [task('coat 1', 10), task('sand', 40), task('coat 2', 10)], arcs: between });
    const missing = play(never, [CERTAIN, triangle(1, 1, 3), CERTAIN], { runs: 400 });
    expect(missing.missedWindows).toBeGreaterThan(0.1);
    // Hardened for a day and scuffed.
    expect(missing.readyMinutes.at(-1)).toBeGreaterThan(1440 + 60);
  });
  it('does what a coat waits for besides before the coat under it, so that its window is not missed', () => {
    const given = problem({
      tasks: [task('coat 1', 10), task('long', 50), task('coat 2', 10)],
      arcs: [arc('coat 1', 'coat 2', [{ lo: 10, hi: 60 }]), arc('long', 'coat 2')],
    });
    expect(play(given, [CERTAIN, triangle(1, 1, 3), CERTAIN], { runs: 400 }).missedWindows).toBe(0);
  });
  it('takes spraying windows away as often as the weather is said to', () => {
    const windows = [0, 1, 2, 3].map((day) => ({ start: day * 1440, end: day * 1440 + 60 }));
    const given = problem({ calendars: [{ id: 'dry', name: 'dry', windows }], tasks: [task('coat', 10, { calendarId: 'dry' })] });
    const { readyMinutes } = play(given, [CERTAIN], { losses: { dry: [0.3, 0.5, 0, 0] } });
    expect(shareWithin(readyMinutes, 10)).toBeCloseTo(0.7, 1);
    // Tomorrow's weather hangs together with today's: two lost windows come oftener than 0.3 × 0.5, no oftener than 0.3.
    expect(shareWithin(readyMinutes, 1450)).toBeLessThan(0.83);
    expect(shareWithin(readyMinutes, 1450)).toBeGreaterThan(0.71);
    expect(readyMinutes.at(-1)).toBe(2 * 1440 + 10);
  });
  it('names the task that carries the risk first, and tells groups apart', () => {
    const given = problem({
      resources: [{ id: 'hands', name: 'hands', capacity: 2 }],
      tasks: [task('steady', 100, { groupId: 'a' }), task('wild', 100, { groupId: 'b' })],
    });
    const { risks, groups } = play(given, [triangle(0.95, 1, 1.05), triangle(0.5, 1, 4)]);
    expect(risks[0]?.taskId).toBe('wild');
    expect(risks[0]?.share).toBeGreaterThan(0.8);
    const ready = new Map(groups.map((group) => [group.groupId, group.readyMinutes]));
    expect(quantile(ready.get('a') ?? new Float64Array(), 0.8)).toBeLessThan(105);
    expect(quantile(ready.get('b') ?? new Float64Array(), 0.8)).toBeGreaterThan(200);
  });
  it('lets what is locked wait for its time', () => {
    const given = problem({ tasks: [task('a', 10, { fixed: { start: 500, end: 510 } }), task('b', 10)], arcs: [arc('a', 'b')] });
    expect([...play(given, [CERTAIN, CERTAIN], { runs: 2 }).readyMinutes]).toEqual([520, 520]);
  });
});

describe('how far a chance that was played may be off', () => {
  const given = problem({ tasks: [task('a', 100)] });
  it('is what chances of other fortunes differ by: the binomial’s √(p (1 − p) ÷ n)', () => {
    // A triangle from 0.5 over 1 to 1.5 is below 0.9 in (0.4)² ÷ 0.5 = 0.32 of all cases.
    const plays = 200;
    const found = Float64Array.from({ length: 150 }, (_, nth) =>
      shareWithin(play(given, [triangle(0.5, 1, 1.5)], { runs: plays, seed: nth + 1 }).readyMinutes, 90),
    );
    expect(Math.abs(mean(found) - 0.32)).toBeLessThan(4 * (chanceError(0.32, plays) / Math.sqrt(found.length)));
    expect(deviation(found) / chanceError(0.32, plays)).toBeGreaterThan(0.85);
    expect(deviation(found) / chanceError(0.32, plays)).toBeLessThan(1.15);
  });
  it('is not nothing where every play kept the date, or none: some three in two thousand could (the rule of three)', () => {
    expect(chanceError(1, 2000)).toBeCloseTo(chanceError(0, 2000), 12);
    expect(2 * chanceError(0, 2000)).toBeGreaterThan(0.001);
    expect(2 * chanceError(0, 2000)).toBeLessThan(3 / 2000);
  });
  it('is at most 1.2 points in a shop of two hundred tasks, and 2.5 in one of thousands', () => {
    expect(chanceError(0.5, shownPlays(200))).toBeLessThan(0.012);
    expect(chanceError(0.5, shownPlays(5000))).toBeLessThanOrEqual(0.025);
    expect([0, 1, 5000].map(shownPlays)).toEqual([2000, 2000, 400]);
  });
});

describe('quantiles of what was played', () => {
  const sorted = Float64Array.from([10, 20, 30, 40, 50]);
  it('are the nearest rank', () => expect([0, 0.2, 0.5, 0.8, 1].map((share) => quantile(sorted, share))).toEqual([10, 10, 30, 40, 50]));
  it('and shares within a limit count what ends on it', () =>
    expect([5, 10, 35, 99].map((limit) => shareWithin(sorted, limit))).toEqual([0, 0.2, 0.6, 1]));
});
