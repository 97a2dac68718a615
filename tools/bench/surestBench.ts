import { fileURLToPath } from 'node:url';
import { plannedKeys, playChance, shareWithin } from '../../core/src/plan/play/chance';
import { planProblem, searchPlans } from '../../core/src/plan/search/improvePlan';
import { drawFortune } from '../../core/src/plan/play/fortune';
import { OrderPlayer } from '../../core/src/plan/play/orderPlayer';
import type { PlayOdds } from '../../core/src/plan/play/playOdds';
import { readPlayTables } from '../../core/src/plan/play/playTables';
import { prepareProblem } from '../../core/src/plan/problem/preparedProblem';
import type { PreparedProblem } from '../../core/src/plan/problem/preparedProblem';
import { buildShopProblem } from '../../core/src/plan/shop/buildShopProblem';
import { surestOptions } from '../../core/src/plan/shopPlan/planShop';
import { DateJudge } from '../../core/src/plan/surest/dateJudge';
import { searchSurest } from '../../core/src/plan/surest/searchSurest';
import { triage } from '../../core/src/plan/ideas/triage';
import { domainInstance } from '../../core/src/plan/testing/domainInstance';
import { readPlanInput } from '../../lab/src/commands/plan/plan';
import { medianMs } from './measure';

type Tell = (what: string, ms: number, goal: string) => void;

const DEMO = fileURLToPath(new URL('../../demo/files/tide-office.zip', import.meta.url));
const SPREAD = { low: 0.75, mode: 1, high: 1.7, againChance: 0.05, againShare: 0.5 };
/** Plays enough for two seconds or so here; a search that is counted in plays ends at its own time. */
const PLAYS = { 12: 7000, 20: 3000 } as const;

/** Seeds whose searches are held against each other, days the demo is looked ahead, and plays each of their chances is drawn from. */
const SEEDS = 8;
const HORIZON_DAYS = 40;
const FRESH_PLAYS = 2000;

interface DatedShop {
  readonly prepared: PreparedProblem;
  readonly odds: PlayOdds;
  readonly dueMinute: number;
}

/** A random shop in four props with one date, a quarter later than a plan on paper is ready. */
function datedShop(seed: number, size: number): DatedShop {
  const base = domainInstance(seed, { parts: size, rungs: size });
  const dueMinute = Math.round(planProblem(base, 30).measure.readyMinute * 1.25);
  const tasks = base.tasks.map((task) => ({ ...task, groupId: `prop ${Number(task.id.split('.')[0]) % 4}`, dueMinute }));
  const spraying = base.calendars.find((calendar) => calendar.id === 'spraying')?.windows ?? [];
  return {
    prepared: prepareProblem({ ...base, tasks }),
    dueMinute,
    odds: {
      spreads: tasks.map(() => SPREAD),
      losses: { spraying: spraying.map((window) => Math.min(0.4, (window.start / 1440) * 0.03)) },
    },
  };
}

/** The share of dates met in 400 plays against fortunes no order was chosen on. */
function datesMet({ prepared, odds, dueMinute }: DatedShop, keys: ArrayLike<number>): number {
  const { groups } = playChance(prepared, keys, { ...odds, runs: 400, seed: 77 });
  return groups.reduce((sum, group) => sum + shareWithin(group.readyMinutes, dueMinute), 0) / groups.length;
}

/** Dates met by the surest order beside the search on paper in the same time, a play, and a triage of the demo. */
export function benchSurest(tell: Tell): void {
  for (const [size, count, goal] of [
    [12, 6, 1.5],
    [20, 3, 2],
  ] as const) {
    let paper = 0;
    let surest = 0;
    let took = 0;
    for (let seed = 1; seed <= count; seed += 1) {
      const shop = datedShop(seed, size);
      const began = performance.now();
      const search = searchSurest(shop.prepared, { seed: 1, odds: shop.odds, mostPlays: PLAYS[size] });
      let step = search.next();
      while (!step.done) step = search.next();
      const ms = performance.now() - began;
      took += ms;
      surest += datesMet(shop, step.value.keys);
      const onPaper = searchPlans(shop.prepared, { seed: 1, objective: 'readyFirst' });
      let state = onPaper.next().value;
      const paperBegan = performance.now();
      while (performance.now() - paperBegan < ms) state = onPaper.next().value;
      paper += datesMet(shop, plannedKeys(shop.prepared, state.plan));
    }
    console.log(
      `  ${count} shops of ${size} × ${size}, dates met in ${(took / count / 1000).toFixed(1)} s each: on paper ${(paper / count).toFixed(2)}, surest ${(surest / count).toFixed(2)}, ${(surest / paper).toFixed(2)} × (wanted ${goal} ×)`,
    );
  }
  const { prepared, odds } = datedShop(1, 20);
  const tables = readPlayTables(prepared);
  const player = new OrderPlayer(tables);
  const keys = plannedKeys(prepared, planProblem(prepared.problem, 8).plan);
  const fortunes = Array.from({ length: 50 }, (_, nth) => drawFortune(tables, odds, nth));
  for (let turn = 0; turn < 20; turn += 1) for (const fortune of fortunes) player.play(keys, fortune);
  const plays = medianMs(() => {
    for (const fortune of fortunes) player.play(keys, fortune);
  }, 9);
  tell('a play of 20 × 20, warm', plays / fortunes.length, 'wanted 0.2 to 0.4 ms');
  const input = readPlanInput(DEMO, undefined);
  let firstMs = 0;
  const began = performance.now();
  const steps = triage(input, { seed: 1, runs: 400, fortuneSeed: 1 });
  for (let step = steps.next(); !step.done; step = steps.next())
    if (firstMs === 0 && step.value.length > 0) firstMs = performance.now() - began;
  tell('triage of the demo: the first set', firstMs, 'wanted under 500 ms');
  tell('triage of the demo, whole', performance.now() - began, 'wanted under 3000 ms');
  tellSpread();
}

/** How far the chances of the demo's dates lie apart by the seed of a search that ended. */
function tellSpread(): void {
  const input = readPlanInput(DEMO, undefined);
  const shop = buildShopProblem(input, HORIZON_DAYS);
  const prepared = prepareProblem(shop.problem);
  const options = surestOptions(input, shop, {});
  const judge = new DateJudge(prepared, options.odds, FRESH_PLAYS, 1);
  const found = Array.from({ length: SEEDS }, (_, nth) => {
    const search = searchSurest(prepared, { ...options, seed: nth + 1 });
    let step = search.next();
    while (!step.done) step = search.next();
    return judge.chances(step.value.keys);
  });
  const between = (values: readonly number[]): string => `${Math.min(...values).toFixed(3)} to ${Math.max(...values).toFixed(3)}`;
  const ids = [...(found[0]?.keys() ?? [])];
  const means = found.map((chances) => ids.reduce((sum, id) => sum + (chances.get(id) ?? 0), 0) / Math.max(1, ids.length));
  console.log(`  the demo by ${SEEDS} seeds, each date counting once: dates met ${between(means)} (wanted within 0.03)`);
  for (const id of ids) console.log(`    ${id}: ${between(found.map((chances) => chances.get(id) ?? 0))}`);
}
