import type { Objective } from '../problem/objective';
import { prepareProblem } from '../problem/preparedProblem';
import type { PlanProblem } from '../problem/problem';
import { findProblemFaults } from '../problem/problemFaults';
import type { KeptStarts } from '../judge/planCost';
import type { SearchOptions, SearchState } from '../search/improvePlan';
import { searchPlans } from '../search/improvePlan';
import type { ShopProblem } from '../shop/buildShopProblem';
import { buildShopProblem, USUAL_HORIZON_DAYS } from '../shop/buildShopProblem';
import type { ShopPlanInput } from '../shop/shopPlanInput';
import type { SurestOptions } from '../surest/searchSurest';
import { searchSurest } from '../surest/searchSurest';
import type { FoundOrder } from './describePlan';
import { CALM_MS, describePlan } from './describePlan';
import { shopOdds } from './shopOdds';
import type { ShopPlan } from './shopPlan';

/** How a shop is planned. */
export interface ShopPlanOptions {
  readonly objective?: Objective;
  readonly seed?: number;
  /** starts of hands in the plan before, epoch ms by rung: what it has tonight stays unless it must move */
  readonly before?: Readonly<Record<string, number>>;
  /** the order of the plan before, keys by rung: the surest order is looked for from there */
  readonly orderBefore?: Readonly<Record<string, number>>;
}

/** Looked ahead this far when the usual horizon does not hold everything. */
const FAR_HORIZON_DAYS = 240;

/** Orders a search begins with, by rule alone. */
const FIRST_ORDERS = 4;
/** Plays of a search for the surest order, times tasks: two seconds or so on a usual machine, and the same order on every machine. */
const PLAY_UNITS = 1_300_000;
/** However large the shop, and however small, so many plays. */
const LEAST_PLAYS = 300;
const MOST_PLAYS = 12_000;
/** Work units of a search, tasks × plans looked at: a second or two on a usual machine, and the same plan on every machine. */
const SEARCH_UNITS = 130_000;
/** However large the shop, so many plans are looked at: some four seconds with 5,000 rungs. */
const LEAST_ROUNDS = 40;
/** No shop is searched longer than this many plans. */
const MOST_ROUNDS = 1500;

/** A search for the shop's plan that can be carried on in steps. */
export interface ShopPlanner {
  /** the best plan so far */
  readonly plan: () => ShopPlan;
  /** looks at so many more plans; says whether a better one was found and whether the search is over */
  readonly improve: (rounds: number) => { readonly isBetter: boolean; readonly isOver: boolean };
}

/** Plans everything the shop has in work around hands, spraying, rack and cure times, all at once: the whole search. */
export function planShop(input: ShopPlanInput, options: ShopPlanOptions = {}): ShopPlan {
  const planner = createShopPlanner(input, options);
  while (!planner.improve(50).isOver);
  return planner.plan();
}

/** The first plan, by the best of the orders the search begins with. */
export function planShopAtOnce(input: ShopPlanInput, options: ShopPlanOptions = {}): ShopPlan {
  return createShopPlanner(input, options).plan();
}

/** The plan before in the order it had, with nothing searched: what simply follows from a change of the shop. */
export function planAsBefore(
  input: ShopPlanInput,
  options: ShopPlanOptions & { readonly before: Readonly<Record<string, number>> },
): ShopPlan {
  return createShopPlanner(input, options, 1).plan();
}

/**
 * Begins a search; its first plan is there at once.
 *
 * @param firstOrders orders tried for the first plan: the one before, where there is one, then the rules
 */
export function createShopPlanner(input: ShopPlanInput, options: ShopPlanOptions = {}, firstOrders = FIRST_ORDERS): ShopPlanner {
  const days = usefulHorizonDays(input);
  let begun = begin(input, days, options, firstOrders);
  if (begun.kind === 'faulty') {
    const faulty = begun;
    return { plan: () => faulty, improve: () => ({ isBetter: false, isOver: true }) };
  }
  if (days < FAR_HORIZON_DAYS && begun.state.plan.unplaced.some(({ cause }) => cause.kind === 'beyondHorizon')) {
    const further = begin(input, FAR_HORIZON_DAYS, options, firstOrders);
    if (further.kind === 'begun') begun = further;
  }
  const { shop, search, horizonDays } = begun;
  let { state } = begun;
  const limit = Math.min(MOST_ROUNDS, Math.max(LEAST_ROUNDS, Math.ceil(SEARCH_UNITS / Math.max(1, shop.problem.tasks.length))));
  let hasEnded = false;
  const isOver = (): boolean =>
    hasEnded || (options.objective !== 'surest' && state.rounds >= limit) || shop.problem.tasks.every((task) => task.fixed !== null);
  return {
    plan: () =>
      describePlan(input, {
        shop,
        state,
        horizonDays,
        isFinal: isOver(),
        objective: options.objective ?? 'readyFirst',
        before: options.before ?? {},
      }),
    improve: (rounds) => {
      const before = state.measure;
      for (let round = 0; round < rounds && !isOver(); round += 1) {
        const step = search.next();
        if (step.done) hasEnded = true;
        state = step.value;
      }
      return { isBetter: state.measure !== before, isOver: isOver() };
    },
  };
}

interface BegunSearch {
  readonly kind: 'begun';
  readonly shop: ShopProblem;
  readonly search: Generator<FoundOrder, FoundOrder>;
  readonly state: FoundOrder;
  readonly horizonDays: number;
}

function begin(
  input: ShopPlanInput,
  horizonDays: number,
  options: ShopPlanOptions,
  firstOrders: number,
): BegunSearch | Extract<ShopPlan, { kind: 'faulty' }> {
  const shop = buildShopProblem(input, horizonDays);
  const faults = findProblemFaults(shop.problem);
  if (faults.length > 0) return { kind: 'faulty', faults };
  const searching: SearchOptions = {
    seed: options.seed ?? 1,
    objective: options.objective ?? 'readyFirst',
    keptStarts: calmOf(input, shop.problem, options.before ?? {}),
  };
  const prepared = prepareProblem(shop.problem);
  if (searching.objective === 'surest') {
    const search = searchSurest(prepared, surestOptions(input, shop, options, searching.keptStarts ?? null));
    return { kind: 'begun', shop, search, state: search.next().value, horizonDays };
  }
  const search = searchPlans(prepared, searching);
  // The plan before and the four rules come first; any of them is a plan to show.
  let state: SearchState = search.next().value;
  for (let rule = 1; rule < firstOrders; rule += 1) state = search.next().value;
  return { kind: 'begun', shop, search, state, horizonDays };
}

/** How the surest order of a shop is searched for; the same shop, seed and orders before give the same search. */
export function surestOptions(
  input: ShopPlanInput,
  shop: ShopProblem,
  options: ShopPlanOptions,
  keptStarts: KeptStarts | null = null,
): SurestOptions {
  const { problem } = shop;
  const startKeys = options.orderBefore && keysBefore(problem, options.orderBefore);
  return {
    seed: options.seed ?? 1,
    odds: shopOdds(input, shop),
    keptStarts,
    mostPlays: Math.min(MOST_PLAYS, Math.max(LEAST_PLAYS, Math.ceil(PLAY_UNITS / Math.max(1, problem.tasks.length)))),
    ...(startKeys ? { startKeys } : {}),
  };
}

/** The previous order as keys of this problem's tasks; a task that is not in it takes its place from its ladder. Null where it is of another shop. */
function keysBefore({ tasks, arcs }: PlanProblem, orderBefore: Readonly<Record<string, number>>): Float64Array | null {
  if (!tasks.some(({ id, fixed }) => !fixed && orderBefore[id] !== undefined)) return null;
  const keys = new Map(tasks.map((task) => [task.id, orderBefore[task.id]]));
  const last = Math.max(0, ...Object.values(orderBefore));
  // A rung that is new goes with what comes right after it.
  for (const { from, to } of arcs.toReversed())
    if (keys.get(from) === undefined && keys.get(to) !== undefined) keys.set(from, keys.get(to));
  return Float64Array.from(tasks, (task) => keys.get(task.id) ?? last + 1);
}

function calmOf(input: ShopPlanInput, { tasks, families }: PlanProblem, before: Readonly<Record<string, number>>): KeptStarts | null {
  const setup = new Map(families.map((family) => [family.id, family.setupMinutes]));
  const starts = new Map<number, number>();
  tasks.forEach((task, index) => {
    const startMs = before[task.id];
    // Hands begin with getting ready; where a session went on this is a little late, well within what counts as staying.
    if (startMs !== undefined && !task.fixed) starts.set(index, Math.round(startMs / 60_000) + (setup.get(task.familyId ?? '') ?? 0));
  });
  return starts.size === 0 ? null : { starts, untilMinute: (input.nowMs + CALM_MS) / 60_000 };
}

/** Days that surely hold the work that is left: twice what the hands of a week can do, and a fortnight for films to harden. */
function usefulHorizonDays(input: ShopPlanInput): number {
  const left = input.parts
    .flatMap((part) => part.rungs)
    .reduce((sum, rung) => sum + (rung.status.kind === 'open' || rung.status.kind === 'begun' ? rung.minutes : 0), 0);
  const hours = input.persons.length > 0 ? input.persons.map((person) => person.hours ?? input.hours) : [input.hours];
  const weekly = hours.flat().reduce((sum, span) => sum + Math.max(0, span.endMinute - span.startMinute), 0);
  const days = weekly > 0 ? 14 + 14 * (left / weekly) : USUAL_HORIZON_DAYS;
  return Math.min(FAR_HORIZON_DAYS, Math.max(USUAL_HORIZON_DAYS, Math.ceil(days)));
}
