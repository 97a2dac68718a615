import { minuteAfter, progressAt } from '../cure/clockTable';
import type { CureOutlook } from '../cure/cureClock';
import { readCureClock } from '../cure/cureClock';
import { roundOutlook } from '../cure/roundOutlook';
import type { CureTables } from '../cure/cureTables';
import { findMethod } from '../ladder/methods';
import type { Interval } from '../time/interval';
import type { ShopProblem } from './buildShopProblem';
import { buildShopProblem, USUAL_HORIZON_DAYS } from './buildShopProblem';
import type { PlacementReasons } from './explainPlacement';
import { createExplainer } from './explainPlacement';
import { handsMinutes } from './handsMinutes';
import type { RatedPlan } from './planGreedily';
import { planGreedily } from './planGreedily';
import type { RungSession } from './sessions';
import { findSessions } from './sessions';
import type { Certificate, PlanProblem } from './problem';
import type { ProblemFault } from './problemFaults';
import { findProblemFaults } from './problemFaults';
import type { PlanRung, ShopPlanInput } from './shopPlanInput';

/** A rung's place in the plan, epoch ms. */
export interface RungTime {
  readonly rungId: string;
  readonly partId: string;
  /** when hands begin, with getting ready */
  readonly startMs: number;
  readonly endMs: number;
  /** getting ready within it, at its beginning; 0 where a session goes on */
  readonly setupMinutes: number;
  /** the session it is part of: what the tool is loaded with and for how many rungs; null where it shares none */
  readonly session: RungSession | null;
  /** stretches of hands, the first with getting ready */
  readonly chunks: readonly Interval[];
  readonly reasons: PlacementReasons | null;
  /** when the recoat window this rung must meet closes; null where none does */
  readonly windowClosesMs: number | null;
  /** how the film it lays will dry; null where it lays none */
  readonly outlook: CureOutlook | null;
}

/** When a prop is done. */
export interface PropReady {
  readonly propId: string;
  /** null when something of it could not be placed, or nothing is left to do */
  readonly readyMs: number | null;
  readonly dueMs: number | null;
  /** hands minutes still to do */
  readonly handsMinutes: number;
  readonly unplacedRungs: number;
}

/** The shop's plan, or what is wrong with the ladders. */
export type ShopPlan =
  | {
      readonly kind: 'planned';
      readonly madeForMs: number;
      /** how far ahead windows were worked out */
      readonly horizonDays: number;
      readonly rule: string;
      readonly readyMs: number;
      readonly rungs: readonly RungTime[];
      readonly props: readonly PropReady[];
      readonly unplaced: readonly Certificate[];
      readonly handsWindows: readonly Interval[];
      readonly sprayWindows: readonly Interval[];
    }
  | { readonly kind: 'faulty'; readonly faults: readonly ProblemFault[] };

/** Looked ahead this far when the usual horizon does not hold everything. */
const FAR_HORIZON_DAYS = 240;

/** Plans everything the shop has in work around hands, spraying, rack and cure times. */
export function planShop(input: ShopPlanInput): ShopPlan {
  const days = usefulHorizonDays(input);
  const near = placeWithin(input, days);
  if (near.kind === 'faulty') return near;
  const isTooNear = days < FAR_HORIZON_DAYS && near.rated.plan.unplaced.some(({ cause }) => cause.kind === 'beyondHorizon');
  const placed = isTooNear ? placeWithin(input, FAR_HORIZON_DAYS) : near;
  return placed.kind === 'faulty' ? placed : describePlan(input, placed);
}

/** Days that surely hold the work that is left: twice what the hands of a week can do, and a fortnight for films to harden. */
function usefulHorizonDays(input: ShopPlanInput): number {
  const left = input.parts
    .flatMap((part) => part.rungs)
    .reduce((sum, rung) => sum + (rung.status.kind === 'open' || rung.status.kind === 'begun' ? rung.minutes : 0), 0);
  const weekly = input.hours.reduce((sum, span) => sum + Math.max(0, span.endMinute - span.startMinute), 0) * input.handsPairs;
  const days = weekly > 0 ? 14 + 14 * (left / weekly) : USUAL_HORIZON_DAYS;
  return Math.min(FAR_HORIZON_DAYS, Math.max(USUAL_HORIZON_DAYS, Math.ceil(days)));
}

type PlacedShop =
  | { readonly kind: 'placed'; readonly horizonDays: number; readonly shop: ShopProblem; readonly rated: RatedPlan }
  | Extract<ShopPlan, { kind: 'faulty' }>;

function placeWithin(input: ShopPlanInput, horizonDays: number): PlacedShop {
  const shop = buildShopProblem(input, horizonDays);
  const faults = findProblemFaults(shop.problem);
  return faults.length > 0 ? { kind: 'faulty', faults } : { kind: 'placed', horizonDays, shop, rated: planGreedily(shop.problem) };
}

function describePlan(input: ShopPlanInput, { horizonDays, shop, rated }: Extract<PlacedShop, { kind: 'placed' }>): ShopPlan {
  const { problem, tables, handsWindows, sprayWindows } = shop;
  const explainer = createExplainer(problem, rated.plan.placements);
  const partOf = new Map(input.parts.flatMap((part) => part.rungs.map((rung) => [rung.id, part] as const)));
  const rungOf = new Map(input.parts.flatMap((part) => part.rungs.map((rung) => [rung.id, rung] as const)));
  const settled = new Set(problem.tasks.filter((task) => task.fixed).map((task) => task.id));
  const sessions = findSessions(problem, rated.plan.placements);
  const closings = findClosings(problem, new Map(rated.plan.placements.map(({ taskId, start, end }) => [taskId, { start, end }])));
  const rungs = rated.plan.placements
    .filter((placement) => !settled.has(placement.taskId))
    .sort((a, b) => a.start - a.setupMinutes - b.start + b.setupMinutes || a.end - b.end)
    .map((placement): RungTime => ({
      rungId: placement.taskId,
      partId: partOf.get(placement.taskId)?.id ?? '',
      startMs: (placement.start - placement.setupMinutes) * 60_000,
      endMs: placement.end * 60_000,
      setupMinutes: placement.setupMinutes,
      session: sessions.get(placement.taskId) ?? null,
      chunks: placement.chunks.map(({ start, end }, order) => ({
        start: (order === 0 ? start - placement.setupMinutes : start) * 60_000,
        end: end * 60_000,
      })),
      reasons: explainer.explain(placement.taskId),
      windowClosesMs: closings.get(placement.taskId) ?? null,
      outlook: outlookOf(rungOf.get(placement.taskId), placement.end * 60_000, tables),
    }));
  return {
    kind: 'planned',
    madeForMs: input.nowMs,
    horizonDays,
    rule: rated.rule,
    readyMs: rated.readyMinute * 60_000,
    rungs,
    props: input.props.map((prop) => readyOf(prop.id, prop.dueMs, input, rungs, rated.plan.unplaced)),
    unplaced: rated.plan.unplaced,
    handsWindows,
    sprayWindows,
  };
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
): PropReady {
  const parts = input.parts.filter((part) => part.propId === propId);
  const partIds = new Set(parts.map((part) => part.id));
  const own = rungs.filter((rung) => partIds.has(rung.partId));
  const ownIds = new Set(parts.flatMap((part) => part.rungs.map((rung) => rung.id)));
  const unplacedRungs = unplaced.filter((certificate) => ownIds.has(certificate.taskId)).length;
  const readyMs = own.length === 0 || unplacedRungs > 0 ? null : Math.max(...own.map((rung) => rung.endMs));
  return { propId, readyMs, dueMs, handsMinutes: handsMinutes(own), unplacedRungs };
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
    const closesMs = Math.floor(minuteAfter(clock, from.end, piece.hi)) * 60_000;
    closings.set(arc.to, Math.min(closesMs, closings.get(arc.to) ?? Infinity));
  }
  return closings;
}
