import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../../random/seededRandom';
import { drawAnew, drawNear, drawOneLater } from './dispatchDraws';
import { earliestTimes } from '../judge/earliestTimes';
import { planProblem } from './improvePlan';
import { latestTimes } from '../judge/latestTimes';
import { prepareProblem } from '../problem/preparedProblem';
import { arc, problem, task } from '../testing/problemBuilder';
import { randomProblem } from '../testing/randomProblem';
import { UrgencyMeter } from './urgency';

const random = seededRandom(1);
/** Two hours every evening from 18:00, minutes from the first midnight. */
const evenings = Array.from({ length: 10 }, (_, day) => ({ start: day * 1440 + 1080, end: day * 1440 + 1200 }));
/** Every other evening. */
const dry = evenings.filter((_, day) => day % 2 === 0);

describe('earliest and latest times', () => {
  it('count waits from both ends', () => {
    const prepared = prepareProblem(
      problem({ tasks: [task('a', 10), task('b', 20), task('c', 5)], arcs: [arc('a', 'b', [{ lo: 60, hi: null }]), arc('b', 'c')] }),
    );
    expect(earliestTimes(prepared)).toEqual([
      { start: 0, end: 10 },
      { start: 70, end: 90 },
      { start: 90, end: 95 },
    ]);
    expect(latestTimes(prepared, () => 200)).toEqual({ starts: [105, 175, 195], ends: [115, 195, 200] });
  });
  it('count evenings from both ends: what does not fit into one goes to the one before', () => {
    const prepared = prepareProblem(
      problem({
        calendars: [{ id: 'hands', name: 'hands', windows: evenings }],
        tasks: [task('a', 70, { calendarId: 'hands' }), task('b', 70, { calendarId: 'hands' })],
        arcs: [arc('a', 'b')],
      }),
    );
    expect(earliestTimes(prepared).map(({ start }) => start)).toEqual([1080, 1440 + 1080]);
    // By the end of the fourth evening: the second on that one, the first on the third.
    expect(latestTimes(prepared, () => 3 * 1440 + 1200).starts).toEqual([2 * 1440 + 1130, 3 * 1440 + 1130]);
  });
  it('enclose every plan that is sound (property)', () => {
    fc.assert(
      fc.property(randomProblem, (given) => {
        const prepared = prepareProblem(given);
        const { plan } = planProblem(given, 10);
        if (plan.unplaced.length > 0) return;
        const index = new Map(given.tasks.map((entry, at) => [entry.id, at]));
        const finish = Math.max(...plan.placements.map(({ end }) => end));
        const earliest = earliestTimes(prepared);
        const { starts, ends } = latestTimes(prepared, () => finish);
        for (const placement of plan.placements) {
          const at = index.get(placement.taskId) ?? -1;
          if (given.tasks[at]?.fixed) continue;
          expect(placement.start).toBeGreaterThanOrEqual(earliest[at]?.start ?? 0);
          expect(placement.start).toBeLessThanOrEqual(starts[at] ?? Infinity);
          expect(placement.end).toBeLessThanOrEqual(ends[at] ?? Infinity);
        }
      }),
      { numRuns: 150 },
    );
  });
});

describe('urgency', () => {
  const shop = (fromMinute = 0) =>
    prepareProblem(
      problem({
        fromMinute,
        calendars: [
          { id: 'hands', name: 'hands', windows: evenings },
          { id: 'dry', name: 'dry evenings', windows: dry },
        ],
        tasks: [
          task('sand', 30, { calendarId: 'hands' }),
          task('spray', 30, { calendarId: 'dry' }),
          task('dated', 30, { calendarId: 'hands' }),
        ],
      }),
    );
  const still = { scarcity: 0, noise: 0 };
  const finish = 8 * 1440 + 1200;
  const dated = (due: number) => (index: number) => (index === 2 ? due : finish);
  it('is the latest start, turned round', () => {
    expect(new UrgencyMeter(shop()).measure(() => finish, finish, still, random)).toEqual([-(finish - 30), -(finish - 30), -(finish - 30)]);
  });
  it('counts from the date where there is one, and from the soonest end where the date is out of reach', () => {
    const meter = new UrgencyMeter(shop());
    expect(meter.measure(dated(2 * 1440 + 1200), finish, still, random)[2]).toBe(-(2 * 1440 + 1170));
    expect(meter.measure(dated(100), finish, still, random)[2]).toBe(-1080);
  });
  it('is greater where the hours it needs are scarce: by the share of the usual hours it cannot have', () => {
    const scarce = { scarcity: 0.1, noise: 0 };
    const [sand = 0, spray = 0] = new UrgencyMeter(shop()).measure(() => finish, finish, scarce, random);
    // Counted up to the finish that is guessed, the end of the first evening: it is dry.
    expect(spray - sand).toBe(0);
    const [later = 0, rare = 0] = new UrgencyMeter(shop(1440)).measure(() => finish, 1000, scarce, random);
    // From the second day on, up to the first spray's end: 30 of 150 minutes can be sprayed in.
    expect(rare - later).toBeCloseTo(2 * 0.1 * (1 - 30 / 150) * 1000, 6);
  });
  it('is moved at random by no more than its noise, and is a number for every problem (property)', () => {
    fc.assert(
      fc.property(randomProblem, fc.integer({ min: 0, max: 1e6 }), (given, seed) => {
        const meter = new UrgencyMeter(prepareProblem(given));
        const end = meter.guessedFinish;
        const span = end - given.fromMinute;
        const plain = meter.measure(() => end, span, { scarcity: 0.2, noise: 0 }, seededRandom(seed));
        const moved = meter.measure(() => end, span, { scarcity: 0.2, noise: 0.02 }, seededRandom(seed));
        plain.forEach((value, at) => {
          expect(Number.isFinite(value)).toBe(true);
          expect(Math.abs((moved[at] ?? Infinity) - value)).toBeLessThanOrEqual(0.02 * span + 1e-6);
        });
      }),
      { numRuns: 100 },
    );
  });
});

describe('draws of dispatch', () => {
  const groups = { ids: [], of: [0, 1, 2], due: [1000, Infinity, 5000], weight: [1, 1, 1] };
  const best = {
    unplaced: 0,
    lateness: 0,
    readyMinute: 4000,
    ready: [900, 4000, Number.NEGATIVE_INFINITY],
    evenings: 1,
    setups: 1,
    moved: 0,
    cost: 1,
  };
  const draws = (count: number) => {
    const source = seededRandom(3);
    return Array.from({ length: count }, () => drawAnew({ groups, best, fromMinute: 0 }, source));
  };
  it('aim at dates, at the ends the best plan has, or put some props off for the others', () => {
    const finishes = draws(400).map((draw) => draw.finishes);
    const isDates = (all: readonly number[]): boolean => all.join() === '1000,4000,4000';
    expect(finishes.filter(isDates).length).toBeGreaterThan(20);
    expect(finishes.filter((all) => all.join() === '900,4000,4000').length).toBeGreaterThan(20);
    const putOff = finishes.filter((all) => all.some((finish, at) => finish > (at === 0 ? 1000 : 4000)));
    expect(putOff.length).toBeGreaterThan(200);
    // Some make way for the others: not always all, and never by more than a little over the plan's length.
    expect(
      putOff.filter((all) => new Set([(all[0] ?? 0) - 1000, (all[1] ?? 0) - 4000, (all[2] ?? 0) - 4000]).size > 1).length,
    ).toBeGreaterThan(100);
    expect(Math.max(...putOff.flat())).toBeLessThanOrEqual(4000 + 1.1 * 4000);
  });
  it('let one prop make way for all others', () => {
    const { finishes } = drawOneLater({ groups, best, fromMinute: 0 }, 1, seededRandom(5));
    expect([finishes[0], finishes[2]]).toEqual([1000, 4000]);
    expect(finishes[1]).toBeGreaterThanOrEqual(4000 + 0.1 * 4000);
  });
  it('near another move every weight a little and one end at most', () => {
    const source = seededRandom(4);
    const [draw] = draws(1);
    if (!draw) throw new Error('no draw');
    for (let turn = 0; turn < 50; turn += 1) {
      const near = drawNear(draw, 4000, source);
      for (const key of ['urgency', 'setup', 'scarcity'] as const)
        expect(Math.abs(Math.log(near.weights[key] / draw.weights[key]))).toBeLessThanOrEqual(0.3 + 1e-9);
      const moved = near.finishes.filter((finish, at) => finish !== draw.finishes[at]);
      expect(moved.length).toBeLessThanOrEqual(1);
      near.finishes.forEach((finish, at) => expect(Math.abs(finish - (draw.finishes[at] ?? 0))).toBeLessThanOrEqual(800));
    }
  });
});
