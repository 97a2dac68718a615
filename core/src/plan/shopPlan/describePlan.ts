import { knownUntil } from '../../climate/airTimeline';
import { sprayCertainty } from '../../climate/sprayCertainty';
import { progressAt } from '../../cure/clockTable';
import type { CureOutlook } from '../../cure/cureClock';
import { readCureClock } from '../../cure/cureClock';
import type { CureTables } from '../../cure/cureTables';
import { roundOutlook } from '../../cure/roundOutlook';
import { findMethod } from '../../ladder/methods';
import type { Interval } from '../../time/interval';
import { checkPlan } from '../judge/checkPlan';
import { createExplainer } from '../judge/explainPlacement';
import { laterTasks } from '../judge/laterTasks';
import { findSessions } from '../judge/sessions';
import { findCritical, measureSlacks } from '../judge/slack';
import { closeOf } from '../problem/arcTimes';
import type { Objective } from '../problem/objective';
import { prepareProblem } from '../problem/preparedProblem';
import type { Certificate, Placement, PlanProblem, PlanTask } from '../problem/problem';
import type { SearchState } from '../search/improvePlan';
import type { ShopProblem } from '../shop/buildShopProblem';
import { lockOf } from '../shop/buildShopProblem';
import { ownPaces } from '../shop/ownMinutes';
import { bedOfTask, printedPart } from '../shop/partPrints';
import { personOfResource } from '../shop/shopHands';
import type { PlanRung, ShopPlanInput } from '../shop/shopPlanInput';
import type { WorkPlace } from '../shop/sprayPlace';
import { airOfPlace } from '../shop/sprayPlace';
import { planNotes } from './planNotes';
import type { MovedRung, PrintTime, PropReady, RungTime, ShopPlan, SprayWindow } from './shopPlan';

/** A start within this of what it was has not moved. */
const MOVED_MS = 15 * 60_000;
/** What was planned to begin within this is kept, as far as it can be: tonight. */
export const CALM_MS = 16 * 3_600_000;

/** A plan with the order it was played from, where it was. */
export type FoundOrder = SearchState & { readonly keys?: Float64Array };

/** A plan that was found, with what it was found for. */
export interface FoundPlan {
  readonly shop: ShopProblem;
  readonly state: FoundOrder;
  readonly horizonDays: number;
  readonly isFinal: boolean;
  readonly objective: Objective;
  /** starts of hands in the plan before, epoch ms by rung */
  readonly before: Readonly<Record<string, number>>;
}

/** A found plan as the finisher reads it: times of rungs and prints, when each prop is ready, why things are where they are, what moved. */
export function describePlan(input: ShopPlanInput, { shop, state, horizonDays, isFinal, objective, before }: FoundPlan): ShopPlan {
  const { problem, tables, handsWindows, handsByPerson, sprayWindows, airbrushWindows } = shop;
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
  const parts = new Map(input.parts.map((part) => [part.id, part]));
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
      const bed = bedOfTask(taskId, parts);
      if (!bed) return [];
      const held = problem.tasks[taskIndex.get(taskId) ?? -1]?.holds[0]?.progress ?? 0;
      const [startMs, endMs, lastOffMs] = [start, end, end + held].map((minute) => minute * 60_000) as [number, number, number];
      return [
        {
          taskId,
          partId: bed.partId,
          pieces: bed.pieces,
          startMs,
          endMs,
          lastOffMs,
          key: keyOf(taskId) ?? start,
        },
      ];
    })
    .sort((a, b) => a.startMs - b.startMs);
  const later = laterTasks(state.plan.unplaced);
  const withCertainty = (windows: readonly Interval[], place: WorkPlace): SprayWindow[] => {
    const air = airOfPlace(input, place);
    const known = knownUntil(air, input.nowMs);
    return windows.map((window) => ({ ...window, certainty: sprayCertainty(window, air, input.sprayLimits, known) }));
  };
  return {
    kind: 'planned',
    madeForMs: input.nowMs,
    horizonDays,
    objective,
    foundBy: state.foundBy,
    rounds: state.rounds,
    isFinal,
    readyMs: state.measure.readyMinute * 60_000,
    ownPaces: ownPaces(input),
    evenings: state.measure.evenings,
    setups: state.measure.setups,
    rungs,
    prints,
    props: input.props.map((prop) => readyOf(prop.id, prop.dueMs, input, rungs, state.plan.unplaced, later)),
    unplaced: state.plan.unplaced,
    notes: planNotes(input, { objective, rungs, unplaced: state.plan.unplaced, handsByPerson }),
    broken: checkPlan(problem, state.plan),
    moved: findMoved(rungs, input.nowMs, before),
    handsWindows,
    handsByPerson,
    sprayWindows: withCertainty(sprayWindows, 'out'),
    airbrushWindows: airbrushWindows && withCertainty(airbrushWindows, 'in'),
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
