import { describe, expect, it } from 'vitest';
import { playChance, shareWithin } from '../play/chance';
import { checkPlan } from '../judge/checkPlan';
import type { PlayOdds } from '../play/playOdds';
import { prepareProblem } from '../problem/preparedProblem';
import type { PlanProblem } from '../problem/problem';
import type { TaskSpread } from '../play/taskSpread';
import { CERTAIN } from '../play/taskSpread';
import { domainInstance } from '../testing/domainInstance';
import { problem, task } from '../testing/problemBuilder';
import type { SurestState } from './searchSurest';
import { searchSurest } from './searchSurest';

const triangle = (low: number, mode: number, high: number): TaskSpread => ({ low, mode, high, againChance: 0, againShare: 0 });

function surest(given: PlanProblem, odds: PlayOdds, mostPlays = 2000, seed = 1): SurestState {
  const search = searchSurest(prepareProblem(given), { seed, odds, mostPlays });
  for (let step = search.next(); ; step = search.next()) if (step.done) return step.value;
}

/** Chances of the dates of groups, by fortunes the search never saw. */
function chances(given: PlanProblem, keys: ArrayLike<number>, odds: PlayOdds): Record<string, number> {
  const { groups } = playChance(prepareProblem(given), keys, { ...odds, runs: 2000, seed: 9 });
  const due = new Map(given.tasks.map((entry) => [entry.groupId, entry.dueMinute ?? Infinity]));
  return Object.fromEntries(
    groups.map(({ groupId, readyMinutes }) => [groupId ?? '', shareWithin(readyMinutes, due.get(groupId) ?? Infinity)]),
  );
}

const dated = (id: string, minutes: number, dueMinute: number, weight = 1) => task(id, minutes, { groupId: id, dueMinute, weight });

describe('instances with a closed form', () => {
  // B takes 30 to 90 minutes (triangle about 60) and is due at 60; A takes 60 for sure and is due at 120. B is done by 60 with q = 1/2.
  const risky = (weightA: number, weightB: number) => problem({ tasks: [dated('B', 60, 60, weightB), dated('A', 60, 120, weightA)] });
  const odds: PlayOdds = { spreads: [triangle(0.5, 1, 1.5), CERTAIN] };

  it('lets the less sure of two dates go where the other counts for more', () => {
    // B first: q (wA + wB) = 1.5; A first: wA = 2, since B is then never in time.
    const given = risky(2, 1);
    const { keys } = surest(given, odds);
    expect(chances(given, keys, odds)).toEqual({ A: 1, B: 0 });
  });

  it('takes the risk where it pays: B first exactly when q (wA + wB) > wA', () => {
    const given = risky(2, 3);
    const { keys } = surest(given, odds);
    const met = chances(given, keys, odds);
    expect(met['B']).toBeCloseTo(0.5, 1);
    expect(met['A']).toBeCloseTo(0.5, 1);
  });

  it('puts what is certain before what may overrun', () => {
    // B takes 50, and with 0.4 another 80. Both are due at 120. B first: both with 0.6, else none: 1.2 dates. A first: A for sure, B with 0.6.
    const given = problem({ tasks: [dated('B', 50, 120), dated('A', 60, 120)] });
    const again: PlayOdds = { spreads: [{ low: 1, mode: 1, high: 1, againChance: 0.4, againShare: 1.6 }, CERTAIN] };
    const met = chances(given, surest(given, again).keys, again);
    expect(met['A']).toBe(1);
    expect(met['B']).toBeCloseTo(0.6, 1);
  });

  it('keeps a day in hand where the dates are as sure either way', () => {
    const given = problem({ tasks: [dated('far', 60, 5000), dated('near', 60, 1500)] });
    const { plan } = surest(given, { spreads: [CERTAIN, CERTAIN] });
    expect(plan.placements.find((place) => place.taskId === 'near')?.start).toBe(0);
  });
});

/** A random shop in four props with one date. */
function shopInFour(seed: number, dueMinute: number): PlanProblem {
  const given = domainInstance(seed, { parts: 8, rungs: 8 });
  return { ...given, tasks: given.tasks.map((entry) => ({ ...entry, groupId: `prop ${Number(entry.id.split('.')[0]) % 4}`, dueMinute })) };
}

describe('the search', () => {
  const spread: TaskSpread = { low: 0.75, mode: 1, high: 1.7, againChance: 0.05, againShare: 0.5 };

  it('shows a plan that breaks no rule, is the same for the same seed, and is never worse than what it began with', () => {
    const given = shopInFour(3, 20_000);
    const odds: PlayOdds = { spreads: given.tasks.map(() => spread) };
    const prepared = prepareProblem(given);
    const search = searchSurest(prepared, { seed: 4, odds, mostPlays: 1500 });
    const first = search.next().value;
    let { worth } = first;
    for (let step = search.next(); !step.done; step = search.next()) {
      // In the end the best are told apart by more fortunes, and what is shown is what they say.
      if (step.value.rounds < 1500) expect(step.value.worth).toBeGreaterThanOrEqual(worth);
      ({ worth } = step.value);
    }
    expect(checkPlan(given, first.plan)).toEqual([]);
    const found = surest(given, odds, 1500, 4);
    expect(checkPlan(given, found.plan)).toEqual([]);
    expect([...found.keys]).toEqual([...surest(given, odds, 1500, 4).keys]);
    const began = surest(given, odds, 1);
    const mean = (keys: ArrayLike<number>): number =>
      Object.values(chances(given, keys, odds)).reduce((sum, chance) => sum + chance, 0) / 4;
    expect(mean(found.keys)).toBeGreaterThanOrEqual(mean(began.keys) - 0.02);
  });

  it('counts an order for as much whatever its seed: every search of a shop looks at the same fortunes', () => {
    const given = shopInFour(3, 20_000);
    const odds: PlayOdds = { spreads: given.tasks.map(() => spread) };
    const worthBy = (seed: number): number => surest(given, odds, 1, seed).worth;
    expect([2, 3, 4].map(worthBy)).toEqual([1, 1, 1].map(worthBy));
    expect(worthBy(1)).toBeGreaterThan(0);
  });

  it('from an order it is given it finds none that is worse', () => {
    const given = shopInFour(5, 16_000);
    const odds: PlayOdds = { spreads: given.tasks.map(() => spread) };
    const good = surest(given, odds, 3000);
    const again = searchSurest(prepareProblem(given), { seed: 1, odds, mostPlays: 64, startKeys: good.keys });
    let step = again.next();
    while (!step.done) step = again.next();
    expect(step.value.worth).toBeGreaterThanOrEqual(good.worth - 1e-9);
  });

  it.each([
    ['nothing to do', problem({})],
    ['all dates past', problem({ fromMinute: 500, tasks: [dated('a', 10, 100), dated('b', 10, 200)] })],
    ['no dates', problem({ tasks: [task('a', 10), task('b', 20)] })],
    [
      'two locked to one time',
      problem({ tasks: [task('a', 10, { fixed: { start: 50, end: 60 } }), task('b', 10, { fixed: { start: 50, end: 60 } })] }),
    ],
    [
      'one that fits nowhere',
      problem({
        calendars: [{ id: 'c', name: 'c', windows: [{ start: 0, end: 5 }] }],
        tasks: [task('a', 10, { calendarId: 'c' }), task('b', 5)],
      }),
    ],
  ])('with %s there is a plan all the same', (_, given) => {
    const { plan } = surest(given, { spreads: given.tasks.map(() => spread) }, 200);
    expect(plan.placements.length + plan.unplaced.length).toBe(given.tasks.length);
  });

  it('a ladder of three hundred rungs', () => {
    const tasks = Array.from({ length: 300 }, (_, nth) => dated(`${nth}`, 10, 4000));
    const given = problem({ tasks: tasks.map((entry) => ({ ...entry, groupId: 'one' })) });
    expect(surest(given, { spreads: tasks.map(() => spread) }, 300).plan.placements).toHaveLength(300);
  });
});
