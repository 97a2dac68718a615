import { fileURLToPath } from 'node:url';
import { plannedKeys, playChance, shareWithin } from '../../core/src/plan/play/chance';
import { planProblem, searchPlans } from '../../core/src/plan/search/improvePlan';
import { drawFortune } from '../../core/src/plan/play/fortune';
import { OrderPlayer } from '../../core/src/plan/play/orderPlayer';
import type { PlayOdds } from '../../core/src/plan/play/playOdds';
import { readPlayTables } from '../../core/src/plan/play/playTables';
import { prepareProblem } from '../../core/src/plan/problem/preparedProblem';
import type { PreparedProblem } from '../../core/src/plan/problem/preparedProblem';
import { toPlayed } from '../../core/src/plan/shopPlan/planOrder';
import { planShop } from '../../core/src/plan/shopPlan/planShop';
import { datesMet, shopOutlook } from '../../core/src/plan/shopPlan/shopOutlook';
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

/** Seeds whose searches are held against each other, and fresh plays each of their chances is drawn from. */
const SEEDS = 8;
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
function shareMet({ prepared, odds, dueMinute }: DatedShop, keys: ArrayLike<number>): number {
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
      surest += shareMet(shop, step.value.keys);
      const onPaper = searchPlans(shop.prepared, { seed: 1, objective: 'readyFirst' });
      let state = onPaper.next().value;
      const paperBegan = performance.now();
      while (performance.now() - paperBegan < ms) state = onPaper.next().value;
      paper += shareMet(shop, plannedKeys(shop.prepared, state.plan));
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

/** How far dates met, and the chances of the demo's dates, lie apart by the seed of a search that ended. */
function tellSpread(): void {
  const input = readPlanInput(DEMO, undefined);
  const outlooks = Array.from({ length: SEEDS }, (_, nth) => {
    const made = planShop(input, { seed: nth + 1, objective: 'surest' });
    if (made.kind === 'faulty') throw new Error('the demo cannot be planned');
    return shopOutlook(input, toPlayed(made), FRESH_PLAYS, 1);
  });
  const between = (values: readonly (number | null)[]): string => {
    const told = values.filter((value) => value !== null);
    return `${Math.min(...told).toFixed(3)} to ${Math.max(...told).toFixed(3)}`;
  };
  const met = outlooks.map((outlook) => datesMet(outlook, input.props));
  console.log(`  the demo by ${SEEDS} seeds: dates met ${between(met)} (wanted within 0.03)`);
  for (const { id, name } of input.props)
    console.log(`    ${name}: ${between(outlooks.map(({ props }) => props.find(({ propId }) => propId === id)?.chanceOfDate ?? null))}`);
}
