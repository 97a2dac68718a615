import { seededRandom } from '../../random/seededRandom';
import { searchJobShop } from './jobShopTabu';
import type { PlanGenes } from '../place/placeInOrder';
import { placeInOrder } from '../place/placeInOrder';
import { firstStartableSteps } from './firstStartable';
import type { Objective } from '../problem/objective';
import type { KeptStarts, PlanMeasure } from '../judge/planCost';
import { PlanMeter } from '../judge/planCost';
import type { PreparedProblem } from '../problem/preparedProblem';
import { prepareProblem } from '../problem/preparedProblem';
import type { DispatchDraw } from './dispatchDraws';
import { drawAnew, drawNear, drawOneLater } from './dispatchDraws';
import { dispatchSteps, withoutCloses } from './dispatchOrder';
import type { PriorityOrder } from './priorityRules';
import { priorityOrders } from './priorityRules';
import type { Placement, Plan, PlanProblem } from '../problem/problem';
import type { PureJobShop } from './pureJobShop';
import { readJobShop } from './pureJobShop';
import { MoveMaker } from './searchMoves';
import { UrgencyMeter } from './urgency';

/** How a plan is searched for. */
export interface SearchOptions {
  readonly seed: number;
  readonly objective: Objective;
  /** the plan before, where there is one: it is begun from, and what it has tonight stays unless it must move */
  readonly keptStarts?: KeptStarts | null;
}

/** The best plan so far. */
export interface SearchState {
  readonly plan: Plan;
  readonly measure: PlanMeasure;
  /** the rule or search that found it */
  readonly foundBy: string;
  /** plans decoded so far */
  readonly rounds: number;
}

/** Orders tried before the search proper: four rules, what can be begun first, and the dispatches. */
const FIRST_ORDERS = 8;
/** More tasks than this are not laid out along time: measured with 5,232 rungs, where dispatches gained nothing in 13 s and annealing something in 2. */
const MOST_LAID_OUT = 4000;
/** Weights of the dispatch orders that are tried first; random ones follow. Tried on the bench's instances. */
const DISPATCHES: readonly DispatchDraw['weights'][] = [
  { urgency: 1, setup: 6, scarcity: 0.12, noise: 0 },
  { urgency: 4, setup: 4, scarcity: 0.12, noise: 0 },
  { urgency: 0.3, setup: 2, scarcity: 0.12, noise: 0 },
];
/** Dispatches drawn by chance before the first annealing where there is no plan yet, and before each later one; tried on the bench's instances. */
const FIRST_DRAWS = 40;
const LATER_DRAWS = 10;
/** How often a draw is made near the best one instead of anew. */
const NEAR_DRAWS = 0.3;
/** Decodes of the first annealing; each after it is a fifth longer, so that any stopping time is used. */
const FIRST_CYCLE = 60;
const CYCLE_GROWTH = 1.2;
/** Temperatures as shares of the best plan's own cost beyond what cannot be helped; tried on the bench's instances and the demo. */
const HOT = 0.02;
const COLD = 0.0002;

/**
 * Searches for better plans until the caller stops asking. It tries the priority rules first. Then it alternates between plans built along
 * time by urgency with random weights, and annealing on the order, starting from the best plan so far or the best of those built. Yields
 * after every decoded plan, and in between where one takes long; the caller stops when it likes. The same seed gives the same sequence of
 * plans on any machine.
 */
export function* searchPlans(prepared: PreparedProblem, options: SearchOptions): Generator<SearchState, never> {
  const pure = readJobShop(prepared.problem);
  if (pure) yield* searchPure(prepared, pure, options);
  const random = seededRandom(options.seed);
  let meter = new PlanMeter(prepared, options.objective, options.keptStarts ?? null);
  const moves = new MoveMaker(prepared, random);
  let rounds = 0;
  const decode = (genes: PlanGenes): Decoded => {
    const plan = placeInOrder(prepared, genes);
    rounds += 1;
    return { genes, plan, measure: meter.measure(plan) };
  };
  const orders = startingOrders(prepared, options.keptStarts ?? null);
  const first = orders.next();
  if (first.done) throw new RangeError('no order to begin with');
  let best = decode({ order: first.value.order });
  let foundBy = first.value.rule;
  const keepBetter = (decoded: Decoded, by: string): SearchState => {
    if (decoded.measure.cost < best.measure.cost - 1e-9) {
      best = decoded;
      foundBy = by;
    }
    return { plan: best.plan, measure: best.measure, foundBy, rounds };
  };
  /** Work with pauses; the best plan stays what it is meanwhile. */
  function* paused<Result>(work: Generator<undefined, Result>): Generator<SearchState, Result> {
    for (;;) {
      const step = work.next();
      if (step.done) return step.value;
      yield { plan: best.plan, measure: best.measure, foundBy, rounds };
    }
  }
  yield keepBetter(best, foundBy);
  for (const { rule, order } of orders) yield keepBetter(decode({ order }), rule);
  // Laying thousands of tasks out along time takes seconds a plan and gains nothing that the order by itself would not.
  const isLaidOut = prepared.problem.tasks.length <= MOST_LAID_OUT;
  const open = withoutCloses(prepared);
  if (isLaidOut) {
    const usual = decode(yield* paused(firstStartableSteps(open)));
    // A plan should not set tools up more often than somebody would who simply does what can be done first.
    const usualSetups = usual.measure.unplaced > 0 ? Infinity : usual.measure.setups;
    meter = new PlanMeter(prepared, options.objective, options.keptStarts ?? null, usualSetups);
    best = { ...best, measure: meter.measure(best.plan) };
    yield keepBetter(usual, 'first startable');
  }
  const { groups } = meter;
  const { fromMinute } = prepared.problem;
  const urgency = new UrgencyMeter(prepared);
  function* dispatch({ weights, finishes }: DispatchDraw): Generator<SearchState, Decoded> {
    const finishOf = (index: number): number => finishes[groups.of[index] ?? 0] ?? Infinity;
    const urgencies = urgency.measure(finishOf, best.measure.readyMinute - fromMinute, weights, random);
    return decode({ order: yield* paused(dispatchSteps(open, urgencies, weights)) });
  }
  const dates = groups.due.map((due) => Math.min(due, urgency.guessedFinish));
  if (isLaidOut) for (const weights of DISPATCHES) yield keepBetter(yield* dispatch({ weights, finishes: dates }), 'dispatch');
  const mostOneLater = groups.due.length > 1 ? Math.min(2 * groups.due.length, FIRST_DRAWS / 2) : 0;
  let bestDraw: { readonly draw: DispatchDraw; readonly cost: number } | null = null;
  for (let turns = 0, cycle = FIRST_CYCLE; ; turns += 1, cycle = Math.ceil(cycle * CYCLE_GROWTH)) {
    let drawn: Decoded | null = null;
    const draws = !isLaidOut ? 0 : turns === 0 && !options.keptStarts ? FIRST_DRAWS : LATER_DRAWS;
    for (let nth = 0; nth < draws; nth += 1) {
      const base = { groups, best: best.measure, fromMinute };
      let draw: DispatchDraw;
      if (turns === 0 && nth < mostOneLater) draw = drawOneLater(base, nth % groups.due.length, random);
      else if (bestDraw && random() < NEAR_DRAWS) draw = drawNear(bestDraw.draw, best.measure.readyMinute - fromMinute, random);
      else draw = drawAnew(base, random);
      const next = yield* dispatch(draw);
      if (!bestDraw || next.measure.cost < bestDraw.cost) bestDraw = { draw, cost: next.measure.cost };
      if (!drawn || next.measure.cost < drawn.measure.cost) drawn = next;
      yield keepBetter(next, 'dispatch');
    }
    // From the best so far, and every other time from somewhere else: restarts matter more than length.
    let current: Decoded = turns % 2 === 1 && drawn ? drawn : best;
    const scale = best.measure.cost % 1e7 || 1;
    for (let turn = 0; turn < cycle; turn += 1) {
      const heat = scale * HOT * (COLD / HOT) ** (turn / cycle);
      const next = decode(moves.step(current));
      const worse = next.measure.cost - current.measure.cost;
      if (worse <= 0 || random() < Math.exp(-worse / heat)) current = next;
      yield keepBetter(next, 'search');
    }
  }
}

/** Where a problem is a classical job-shop and nothing more, the search made for those. */
function* searchPure(prepared: PreparedProblem, { jobs, taskIds }: PureJobShop, options: SearchOptions): Generator<SearchState, never> {
  const meter = new PlanMeter(prepared, options.objective, null);
  const { fromMinute } = prepared.problem;
  const minutes = jobs.flat().map((step) => step.minutes);
  let state: SearchState | null = null;
  for (const { makespan, starts, iterations } of searchJobShop(jobs, options.seed)) {
    if (!state || fromMinute + makespan < state.measure.readyMinute) {
      const placements = taskIds.map((taskId, at): Placement => {
        const start = fromMinute + (starts[at] ?? 0);
        const end = start + (minutes[at] ?? 0);
        return { taskId, start, end, setupMinutes: 0, chunks: [{ start, end }] };
      });
      const plan = { placements, unplaced: [] };
      state = { plan, measure: meter.measure(plan), foundBy: 'job-shop search', rounds: iterations };
    }
    yield { ...state, rounds: iterations };
  }
  throw new RangeError('the search never ends by itself');
}

/**
 * The best plan after some rounds of the search.
 *
 * @param rounds plans to decode at least; the orders it begins with are always tried
 */
export function planProblem(problem: PlanProblem, rounds = 0, options: Partial<SearchOptions> = {}): SearchState {
  const search = searchPlans(prepareProblem(problem), { seed: 1, objective: 'readyFirst', ...options });
  let state = search.next().value;
  while (state.rounds < Math.max(rounds, FIRST_ORDERS)) state = search.next().value;
  return state;
}

interface Decoded {
  readonly genes: PlanGenes;
  readonly plan: Plan;
  readonly measure: PlanMeasure;
}

/** The plan before, in the order of its starts, then the rules. */
function* startingOrders(prepared: PreparedProblem, keptStarts: KeptStarts | null): Generator<PriorityOrder, void> {
  if (keptStarts && keptStarts.starts.size > 0) {
    const start = (index: number): number => keptStarts.starts.get(index) ?? Infinity;
    const [base] = priorityOrders(prepared);
    const order = (base?.order ?? []).toSorted((a, b) => (start(a) === start(b) ? 0 : start(a) - start(b)));
    yield { rule: 'as planned before', order };
  }
  yield* priorityOrders(prepared);
}
