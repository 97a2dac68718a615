import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { withoutCloses } from '../../core/src/plan/search/dispatchOrder';
import { placeInOrder } from '../../core/src/plan/place/placeInOrder';
import { plannedKeys, playChance } from '../../core/src/plan/play/chance';
import { checkPlan } from '../../core/src/plan/judge/checkPlan';
import { planProblem, searchPlans } from '../../core/src/plan/search/improvePlan';
import { searchJobShop } from '../../core/src/plan/search/jobShopTabu';
import { PlanMeter } from '../../core/src/plan/judge/planCost';
import { prepareProblem } from '../../core/src/plan/problem/preparedProblem';
import { readyBound } from '../../core/src/plan/judge/readyBound';
import jobshop from '../../core/src/plan/testdata/jobshop.json';
import { domainInstance } from '../../core/src/plan/testing/domainInstance';
import { firstStartable } from '../../core/src/plan/search/firstStartable';
import { medianMs } from './measure';

type Tell = (what: string, ms: number, goal: string) => void;

const ROOT = fileURLToPath(new URL('../..', import.meta.url));
const SEEDS = Array.from({ length: 10 }, (_, seed) => seed + 1);
const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;
const percent = (share: number): string => `${(share * 100).toFixed(1)} %`;

/** First plans from a cold start, the search against "whatever can be begun first" and the bound, chance, and ft10 run out. */
export function benchPlanner(tell: Tell): void {
  for (const [parts, rungs, goal] of [
    [20, 20, 'wanted under 60 ms'],
    [40, 25, 'wanted under 150 ms'],
  ] as const)
    tell(
      `first plan of ${parts} × ${rungs}, a cold process (best of 3)`,
      Math.min(...[1, 2, 3].map(() => coldFirstPlan(parts, rungs))),
      goal,
    );
  const marks = [500, 2000, 5000];
  const gains = marks.map((): number[] => []);
  let moreSetups = 0;
  let broken = 0;
  for (const seed of SEEDS) {
    const prepared = prepareProblem(domainInstance(seed, { parts: 20, rungs: 20 }));
    const usual = new PlanMeter(prepared, 'readyFirst').measure(placeInOrder(prepared, firstStartable(withoutCloses(prepared))));
    const began = performance.now();
    const search = searchPlans(prepared, { seed: 1, objective: 'readyFirst' });
    let state = search.next().value;
    marks.forEach((mark, at) => {
      while (performance.now() - began < mark) state = search.next().value;
      gains[at]?.push(1 - state.measure.readyMinute / usual.readyMinute);
    });
    if (state.measure.setups > usual.setups) moreSetups += 1;
    broken += checkPlan(prepared.problem, state.plan).length;
  }
  const goals = ['20 %', '27 %', '30 %'];
  marks.forEach((mark, at) =>
    console.log(
      `  20 × 20, ten shops: sooner than first-startable after ${mark / 1000} s: ${percent(mean(gains[at] ?? []))} (wanted ${goals[at]})`,
    ),
  );
  console.log(`  shops with more setups than first-startable at 5 s: ${moreSetups} of 10 (wanted 0); rules broken: ${broken}`);
  const relaxed = SEEDS.map((seed) => {
    const prepared = prepareProblem(domainInstance(seed, { parts: 20, rungs: 20, isRelaxed: true }));
    const bound = readyBound(prepared);
    const search = searchPlans(prepared, { seed: 1, objective: 'readyFirst' });
    const began = performance.now();
    let state = search.next().value;
    while (state.measure.readyMinute > bound && performance.now() - began < 5000) state = search.next().value;
    return state.measure.readyMinute / bound - 1;
  });
  console.log(
    `  without setups, rain and closing windows, above the bound after 5 s: ${percent(mean(relaxed))} (wanted within 5 %), most ${percent(Math.max(...relaxed))}`,
  );
  const chanceOf = prepareProblem(domainInstance(2, { parts: 20, rungs: 20 }));
  const { plan } = planProblem(chanceOf.problem, 50);
  const spreads = chanceOf.tasks.map(() => ({ low: 0.8, mode: 1, high: 1.6, againChance: 0, againShare: 0 }));
  tell(
    '1,000 chance runs of 20 × 20',
    medianMs(() => playChance(chanceOf, plannedKeys(chanceOf, plan), { runs: 1000, seed: 1, spreads }), 1),
    'wanted under 3000 ms',
  );
  tell(
    'bound of 20 × 20',
    medianMs(() => readyBound(chanceOf), 5),
    '',
  );
  let solved = 0;
  const found = SEEDS.map((seed) => {
    const search = searchJobShop(ft10Jobs(), seed);
    const began = performance.now();
    let state = search.next().value;
    while (state.makespan > jobshop.instances.ft10.optimum && performance.now() - began < 20_000) state = search.next().value;
    if (state.makespan === jobshop.instances.ft10.optimum) solved += 1;
    return state.makespan;
  });
  console.log(`  ft10 within 20 s on ten seeds: ${solved} at 930 (wanted: most); ${found.join(' ')}`);
  const before = heapMegabytes();
  for (let turn = 0; turn < 300; turn += 1) planProblem(chanceOf.problem, 8, { seed: turn });
  console.log(`  heap after 300 plannings: ${(heapMegabytes() - before).toFixed(1)} MB more (wanted: flat)`);
}

function ft10Jobs() {
  return jobshop.instances.ft10.jobs.map((job) => job.map(([machine = 0, minutes = 0]) => ({ machine, minutes })));
}

function heapMegabytes(): number {
  // What is garbage is not held: it is collected before looking.
  setFlagsFromString('--expose-gc');
  (runInNewContext('gc') as () => void)();
  return process.memoryUsage().heapUsed / 1e6;
}

/** The time of a first plan in a process that has planned nothing before, without loading the program. */
function coldFirstPlan(parts: number, rungs: number): number {
  const tsx = `${ROOT}node_modules/.bin/tsx`;
  const { stdout } = spawnSync(tsx, ['--tsconfig', 'tsconfig.run.json', 'tools/bench/coldFirstPlan.ts', String(parts), String(rungs)], {
    cwd: ROOT,
    encoding: 'utf8',
  });
  return Number(stdout.trim().split('\n').at(-1));
}
