import { describe, expect, it } from 'vitest';
import { playChance, shareWithin } from '../play/chance';
import { drawFortune } from '../play/fortune';
import { OrderPlayer } from '../play/orderPlayer';
import type { PlayOdds } from '../play/playOdds';
import { readPlayTables } from '../play/playTables';
import { learnPaces } from '../play/pace';
import { prepareProblem } from '../problem/preparedProblem';
import { domainInstance } from '../testing/domainInstance';
import { searchSurest } from './searchSurest';

const SHOPS = 200;
const PROPS = 4;
/** Truths of each shop: one of each would leave three points to luck in a band. */
const TRUTHS = 20;

interface SaidAndDone {
  readonly said: number;
  /** share of the truths in which it held */
  readonly held: number;
}

/** A shop is planned and its chances told; then it comes as it really comes, which nobody knew, in one truth or another. */
function sayAndDo(seed: number): SaidAndDone[] {
  const base = domainInstance(seed, { parts: 4, rungs: 5 });
  const due = (prop: number): number => 1440 * (2 + ((seed * 7 + prop * 5) % 7));
  const tasks = base.tasks.map((task) => {
    const prop = Number(task.id.split('.')[0]) % PROPS;
    return { ...task, groupId: `prop ${prop}`, dueMinute: due(prop) };
  });
  const prepared = prepareProblem({ ...base, tasks });
  const paces = learnPaces({});
  const spraying = base.calendars.find((calendar) => calendar.id === 'spraying')?.windows ?? [];
  const odds: PlayOdds = {
    paces: { finisherDeviation: paces.finisherDeviation, byTask: tasks.map((_, index) => paces.of(index % 3 === 0 ? 'sand' : 'prime')) },
    losses: { spraying: spraying.map(() => 0.25) },
  };
  const search = searchSurest(prepared, { seed: 1, odds, mostPlays: 250 });
  let step = search.next();
  while (!step.done) step = search.next();
  const { groups } = playChance(prepared, step.value.keys, { ...odds, runs: 250, seed: 1 });
  const tables = readPlayTables(prepared);
  const player = new OrderPlayer(tables);
  const dates = groups.map(({ groupId, readyMinutes }) => ({
    date: tasks.find((task) => task.groupId === groupId)?.dueMinute ?? 0,
    own: tasks.flatMap((task, index) => (task.groupId === groupId ? [index] : [])),
    readyMinutes,
  }));
  const held = dates.map(() => 0);
  for (let truth = 0; truth < TRUTHS; truth += 1) {
    player.play(step.value.keys, drawFortune(tables, odds, 0x7ead_0000 + seed * TRUTHS + truth));
    for (const [at, { date, own }] of dates.entries())
      if (own.every((index) => (player.ends[index] ?? Infinity) <= date)) held[at] = (held[at] ?? 0) + 1;
  }
  return dates.map(({ date, readyMinutes }, at) => ({ said: shareWithin(readyMinutes, date), held: (held[at] ?? 0) / TRUTHS }));
}

describe('what is said of dates', () => {
  it('is what comes of them: of 200 shops with truths nobody knew, in each band of chances as many held as were said to', () => {
    const all = Array.from({ length: SHOPS }, (_, seed) => sayAndDo(seed + 1)).flat();
    expect(all.length).toBeGreaterThan(3 * SHOPS);
    const bands = [
      [0, 0.15],
      [0.15, 0.85],
      [0.85, 1.001],
    ] as const;
    for (const [low, high] of bands) {
      const here = all.filter(({ said }) => said >= low && said < high);
      expect(here.length).toBeGreaterThan(100);
      const said = here.reduce((sum, date) => sum + date.said, 0) / here.length;
      const held = here.reduce((sum, date) => sum + date.held, 0) / here.length;
      expect(Math.abs(held - said), `said ${said} of ${here.length}, held ${held}`).toBeLessThan(0.025);
    }
  }, 60_000);
});
