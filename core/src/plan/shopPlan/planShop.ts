import { knownUntil } from '../../climate/airTimeline';
import { sprayCertainty } from '../../climate/sprayCertainty';
import { progressAt } from '../../cure/clockTable';
import type { CureOutlook } from '../../cure/cureClock';
import { readCureClock } from '../../cure/cureClock';
import { roundOutlook } from '../../cure/roundOutlook';
import type { CureTables } from '../../cure/cureTables';
import { findMethod } from '../../ladder/methods';
import { closeOf } from '../problem/arcTimes';
import type { Interval } from '../../time/interval';
import type { ShopProblem } from '../shop/buildShopProblem';
import type { OwnShares } from '../shop/ownMinutes';
import { ownShares } from '../shop/ownMinutes';
import { printedPart } from '../shop/partPrints';
import type { PlanNote } from './planNotes';
import { planNotes } from './planNotes';
import { buildShopProblem, lockOf, USUAL_HORIZON_DAYS } from '../shop/buildShopProblem';
import type { PlacementReasons } from '../judge/explainPlacement';
import type { Violation } from '../judge/checkPlan';
import { checkPlan } from '../judge/checkPlan';
import { createExplainer } from '../judge/explainPlacement';
import type { SearchOptions, SearchState } from '../search/improvePlan';
import { searchPlans } from '../search/improvePlan';
import { laterTasks } from '../judge/laterTasks';
import type { Objective } from '../problem/objective';
import type { KeptStarts } from '../judge/planCost';
import { prepareProblem } from '../problem/preparedProblem';
import { shopOdds } from './shopOdds';
import type { SurestOptions } from '../surest/searchSurest';
import { searchSurest } from '../surest/searchSurest';
import type { RungSession } from '../judge/sessions';
import { findSessions } from '../judge/sessions';
import { findCritical, measureSlacks } from '../judge/slack';
import type { Certificate, Placement, PlanProblem, PlanTask } from '../problem/problem';
import { personOfResource } from '../shop/shopHands';
import type { ProblemFault } from '../problem/problemFaults';
import { findProblemFaults } from '../problem/problemFaults';
import type { PlanRung, ShopPlanInput } from '../shop/shopPlanInput';

/** A rung's place in the plan, epoch ms. */
export interface RungTime {
  readonly rungId: string;
  readonly partId: string;
  /** when hands begin, with getting ready */
  readonly startMs: number;
  readonly endMs: number;
  /** who does it; null where the shop has one finisher */
  readonly personId: string | null;
  /** getting ready within it, at its beginning; 0 where a session goes on */
  readonly setupMinutes: number;
  /** minutes it may begin later with nothing else moved */
  readonly slackMinutes: number;
  /** on the chain that decides when all is ready */
  readonly isCritical: boolean;
  /** may be set down and taken up again */
  readonly isSplittable: boolean;
  /** whether the finisher locked it to this time */
  readonly isLocked: boolean;
  /** the session it is part of: what the tool is loaded with and for how many rungs; null where it shares none */
  readonly session: RungSession | null;
  /** stretches of hands, the first with getting ready */
  readonly chunks: readonly Interval[];
  readonly reasons: PlacementReasons | null;
  /** when the recoat window this rung must meet closes; null where none does */
  readonly windowClosesMs: number | null;
  /** how the film it lays will dry; null where it lays none */
  readonly outlook: CureOutlook | null;
  /** its place in the order work is chosen by: of what can be begun, the least goes first */
  readonly key: number;
}

/** When what is still on a printer is printed, if nothing fails. */
export interface PrintTime {
  readonly taskId: string;
  readonly partId: string;
  readonly startMs: number;
  /** when its first rung may begin: the last piece may still be on the bed, and comes in time */
  readonly endMs: number;
  readonly lastOffMs: number;
  readonly key: number;
}

/** When spraying is open, and how sure that is while it is only forecast, 0–1. */
export interface SprayWindow extends Interval {
  readonly certainty: number;
}

/** When a prop is done. */
export interface PropReady {
  readonly propId: string;
  /** null when something of it could not be placed, or nothing is left to do */
  readonly readyMs: number | null;
  readonly dueMs: number | null;
  /** rungs that nothing makes possible as things are */
  readonly unplacedRungs: number;
  /** rungs that come after the last day the plan looks at */
  readonly laterRungs: number;
}

/** A rung that was planned for tonight and now is not. */
export interface MovedRung {
  readonly rungId: string;
  /** when it was to begin before, epoch ms */
  readonly wasMs: number;
}

/** The shop's plan, or what is wrong with the ladders. */
export type ShopPlan =
  | {
      readonly kind: 'planned';
      readonly madeForMs: number;
      /** how far ahead windows were worked out */
      readonly horizonDays: number;
      readonly objective: Objective;
      /** the rule or search that found it */
      readonly foundBy: string;
      /** plans looked at to find it */
      readonly rounds: number;
      /** whether the search is over, or better ones may still come */
      readonly isFinal: boolean;
      readonly readyMs: number;
      /** how the finisher's minutes compare with the methods', by method; empty where the plan goes by the methods' */
      readonly ownShares: OwnShares;
      /** evenings (days on which hands do something) and times a tool is got ready */
      readonly evenings: number;
      readonly setups: number;
      readonly rungs: readonly RungTime[];
      /** what is printed when, soonest first */
      readonly prints: readonly PrintTime[];
      readonly props: readonly PropReady[];
      readonly unplaced: readonly Certificate[];
      /** what should be said beside it */
      readonly notes: readonly PlanNote[];
      readonly moved: readonly MovedRung[];
      /** rules that what the finisher locked breaks; empty in a plan without locks */
      readonly broken: readonly Violation[];
      /** hours in which anybody has hands */
      readonly handsWindows: readonly Interval[];
      /** those of each person; one without an id where the shop has one finisher */
      readonly handsByPerson: ShopProblem['handsByPerson'];
      readonly sprayWindows: readonly SprayWindow[];
    }
  | { readonly kind: 'faulty'; readonly faults: readonly ProblemFault[] };

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

/** A start within this of what it was has not moved. */
const MOVED_MS = 15 * 60_000;
/** Orders a search begins with, by rule alone. */
const FIRST_ORDERS = 4;
/** What was planned to begin within this is kept, as far as it can be: tonight. */
const CALM_MS = 16 * 3_600_000;
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
    plan: () => describePlan(input, { shop, state, horizonDays, isFinal: isOver(), options }),
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

/** A plan with the order it was played from, where it was. */
type FoundOrder = SearchState & { readonly keys?: Float64Array };

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
  const { orderBefore } = options;
  const { problem } = shop;
  return {
    seed: options.seed ?? 1,
    odds: shopOdds(input, shop),
    keptStarts,
    mostPlays: Math.min(MOST_PLAYS, Math.max(LEAST_PLAYS, Math.ceil(PLAY_UNITS / Math.max(1, problem.tasks.length)))),
    ...(orderBefore ? { startKeys: keysBefore(problem, orderBefore) } : {}),
  };
}

/** The order before as keys of a problem's tasks; what it does not know comes where its ladder is. */
function keysBefore({ tasks, arcs }: PlanProblem, orderBefore: Readonly<Record<string, number>>): Float64Array {
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

interface FoundPlan {
  readonly shop: ShopProblem;
  readonly state: FoundOrder;
  readonly horizonDays: number;
  readonly isFinal: boolean;
  readonly options: ShopPlanOptions;
}

function describePlan(input: ShopPlanInput, { shop, state, horizonDays, isFinal, options }: FoundPlan): ShopPlan {
  const { problem, tables, handsWindows, handsByPerson, sprayWindows } = shop;
  const explainer = createExplainer(problem, state.plan.placements);
  const partOf = new Map(input.parts.flatMap((part) => part.rungs.map((rung) => [rung.id, part] as const)));
  const rungOf = new Map(input.parts.flatMap((part) => part.rungs.map((rung) => [rung.id, rung] as const)));
  const settled = new Set(problem.tasks.filter((task) => task.fixed && task.fixed.end <= problem.fromMinute).map((task) => task.id));
  const locked = new Set(
    input.parts.flatMap((part) => part.rungs.filter((rung) => lockOf(rung, input.nowMs) !== null).map((rung) => rung.id)),
  );
  const slacks = measureSlacks(prepareProblem(problem), state.plan.placements);
  const critical = findCritical(explainer, state.plan.placements);
  const splittable = new Set(problem.tasks.filter((task) => task.leastChunkMinutes !== null).map((task) => task.id));
  const taskIndex = new Map(problem.tasks.map((task, index) => [task.id, index]));
  const keyOf = (taskId: string): number | undefined => state.keys?.[taskIndex.get(taskId) ?? -1];
  const sessions = findSessions(problem, state.plan.placements);
  const closings = findClosings(problem, new Map(state.plan.placements.map(({ taskId, start, end }) => [taskId, { start, end }])));
  const rungs = state.plan.placements
    .filter((placement) => !settled.has(placement.taskId) && printedPart(placement.taskId) === null)
    .sort((a, b) => a.start - a.setupMinutes - b.start + b.setupMinutes || a.end - b.end)
    .map((placement): RungTime => ({
      rungId: placement.taskId,
      partId: partOf.get(placement.taskId)?.id ?? '',
      startMs: (placement.start - placement.setupMinutes) * 60_000,
      endMs: placement.end * 60_000,
      personId: doneBy(placement, problem.tasks[taskIndex.get(placement.taskId) ?? -1]),
      setupMinutes: placement.setupMinutes,
      slackMinutes: slacks.get(placement.taskId) ?? 0,
      isCritical: critical.has(placement.taskId),
      isSplittable: splittable.has(placement.taskId),
      isLocked: locked.has(placement.taskId),
      session: sessions.get(placement.taskId) ?? null,
      chunks: placement.chunks.map(({ start, end }, order) => ({
        start: (order === 0 ? start - placement.setupMinutes : start) * 60_000,
        end: end * 60_000,
      })),
      reasons: explainer.explain(placement.taskId),
      windowClosesMs: closings.get(placement.taskId) ?? null,
      outlook: outlookOf(rungOf.get(placement.taskId), placement.end * 60_000, tables),
      key: keyOf(placement.taskId) ?? placement.start - placement.setupMinutes,
    }));
  const prints = state.plan.placements
    .flatMap(({ taskId, start, end }): PrintTime[] => {
      const partId = printedPart(taskId);
      if (partId === null) return [];
      const held = problem.tasks[taskIndex.get(taskId) ?? -1]?.holds[0]?.progress ?? 0;
      const [startMs, endMs, lastOffMs] = [start, end, end + held].map((minute) => minute * 60_000) as [number, number, number];
      return [{ taskId, partId, startMs, endMs, lastOffMs, key: keyOf(taskId) ?? start }];
    })
    .sort((a, b) => a.startMs - b.startMs);
  const later = laterTasks(state.plan.unplaced);
  return {
    kind: 'planned',
    madeForMs: input.nowMs,
    horizonDays,
    objective: options.objective ?? 'readyFirst',
    foundBy: state.foundBy,
    rounds: state.rounds,
    isFinal,
    readyMs: state.measure.readyMinute * 60_000,
    ownShares: ownShares(input),
    evenings: state.measure.evenings,
    setups: state.measure.setups,
    rungs,
    prints,
    props: input.props.map((prop) => readyOf(prop.id, prop.dueMs, input, rungs, state.plan.unplaced, later)),
    unplaced: state.plan.unplaced,
    notes: planNotes(input, { objective: options.objective ?? 'readyFirst', rungs, unplaced: state.plan.unplaced, handsByPerson }),
    broken: checkPlan(problem, state.plan),
    moved: findMoved(rungs, input.nowMs, options.before ?? {}),
    handsWindows,
    handsByPerson,
    sprayWindows: sprayWindows.map((window) => ({
      ...window,
      certainty: sprayCertainty(window, input.air, input.sprayLimits, knownUntil(input.air, input.nowMs)),
    })),
  };
}

/** Whose hands a task is in; null where nobody is named. */
function doneBy({ doerId }: Placement, task: PlanTask | undefined): string | null {
  return (
    personOfResource(doerId) ??
    task?.demands.map(({ resourceId }) => personOfResource(resourceId)).find((personId) => personId !== null) ??
    null
  );
}

function findMoved(rungs: readonly RungTime[], nowMs: number, before: Readonly<Record<string, number>>): MovedRung[] {
  return rungs.flatMap(({ rungId, startMs }) => {
    const wasMs = before[rungId];
    if (wasMs === undefined || wasMs >= nowMs + CALM_MS) return [];
    return Math.abs(startMs - Math.max(wasMs, nowMs)) > MOVED_MS ? [{ rungId, wasMs }] : [];
  });
}

/** The film of a planned rung by itself; coats that join it while it is wet are not reckoned in. */
function outlookOf(rung: PlanRung | undefined, endMs: number, tables: CureTables): CureOutlook | null {
  if (!rung?.film || !findMethod(rung.methodId).laysFilm) return null;
  return roundOutlook(readCureClock(rung.film.drying, [{ atMs: endMs, thicknessMicrometres: rung.film.coatMicrometres }], tables));
}

function readyOf(
  propId: string,
  dueMs: number | null,
  input: ShopPlanInput,
  rungs: readonly RungTime[],
  unplaced: readonly Certificate[],
  later: ReadonlySet<string>,
): PropReady {
  const parts = input.parts.filter((part) => part.propId === propId);
  const partIds = new Set(parts.map((part) => part.id));
  const own = rungs.filter((rung) => partIds.has(rung.partId));
  const ownIds = new Set(parts.flatMap((part) => part.rungs.map((rung) => rung.id)));
  const without = unplaced.filter((certificate) => ownIds.has(certificate.taskId));
  const readyMs = own.length === 0 || without.length > 0 ? null : Math.max(...own.map((rung) => rung.endMs));
  const laterRungs = without.filter(({ taskId }) => later.has(taskId)).length;
  return { propId, readyMs, dueMs, unplacedRungs: without.length - laterRungs, laterRungs };
}

/** For tasks that start in a piece that closes: the minute it closes, as epoch ms. */
function findClosings(problem: PlanProblem, placed: ReadonlyMap<string, Interval>): Map<string, number> {
  const clocks = new Map(problem.clocks.map((clock) => [clock.id, clock.table]));
  const closings = new Map<string, number>();
  for (const arc of problem.arcs) {
    if (arc.pieces.every((piece) => piece.hi === null)) continue;
    const from = placed.get(arc.from);
    const to = placed.get(arc.to);
    const clock = clocks.get(arc.clockId);
    if (!from || !to || !clock) continue;
    const gained = progressAt(clock, to.start) - progressAt(clock, from.end);
    const piece = arc.pieces.find((span) => span.hi !== null && gained <= span.hi + 1);
    if (!piece || piece.hi === null) continue;
    const closesMs = Math.floor(closeOf(arc, clock, from.end, piece.hi)) * 60_000;
    closings.set(arc.to, Math.min(closesMs, closings.get(arc.to) ?? Infinity));
  }
  return closings;
}
