import { minuteAtProgress, progressAt } from '../../cure/clockTable';
import { closeOf } from '../problem/arcTimes';
import { PartialPlan } from '../place/partialPlan';
import type { PlanExplainer } from './explainPlacement';
import type { PreparedProblem } from '../problem/preparedProblem';
import type { Placement } from '../problem/problem';
import { firstWindowAfter } from '../problem/windowSearch';

/**
 * How far each task may slip with nothing else moved: until what follows it would wait, until hands or places are needed elsewhere, until
 * its window ends. Work in stretches and work others go on from does not slip here.
 *
 * @returns minutes by task id
 */
export function measureSlacks(prepared: PreparedProblem, placements: readonly Placement[]): ReadonlyMap<string, number> {
  const indexOf = new Map(prepared.tasks.map((task, index) => [task.id, index]));
  const partial = new PartialPlan(prepared);
  const sorted = placements.toSorted((a, b) => a.start - b.start || a.end - b.end);
  for (const placement of sorted) {
    const index = indexOf.get(placement.taskId) ?? -1;
    partial.keep(index, placement, partial.holdEndsOf(index, placement.end));
  }
  const slacks = new Map<string, number>();
  for (const placement of placements) {
    const index = indexOf.get(placement.taskId) ?? -1;
    if (prepared.tasks[index]?.fixed) continue;
    slacks.set(placement.taskId, placement.chunks.length > 1 ? 0 : slackOf(partial, index, placement));
  }
  return slacks;
}

function slackOf(partial: PartialPlan, index: number, placement: Placement): number {
  const { prepared } = partial;
  const holdEnds = partial.holdEndsOf(index, placement.end);
  const orphan = partial.takeUp(index);
  let latestEnd = prepared.problem.horizonMinute;
  // What goes on in a session stays with it, and what others go on from stays where they can.
  const loaded = prepared.toolOf[index];
  const family = loaded?.family;
  if (loaded) latestEnd = Math.min(latestEnd, partial.tools[loaded.tool]?.freeUntil(placement.start) ?? latestEnd);
  if (orphan !== null || (family && placement.setupMinutes < family.setupMinutes)) latestEnd = placement.end;
  const doer = prepared.doers[index]?.find(({ id }) => id === placement.doerId);
  const windows = doer?.windows ?? prepared.windows[index];
  if (windows) {
    const span = windows[firstWindowAfter(windows, placement.start)];
    if (span) latestEnd = Math.min(latestEnd, span.end);
  }
  const begunIn = prepared.begunIn[index]?.[firstWindowAfter(prepared.begunIn[index], placement.start)];
  if (begunIn) latestEnd = Math.min(latestEnd, begunIn.end - 1 + placement.end - placement.start);
  for (const arc of prepared.outgoing[index] ?? []) {
    const to = partial.placements[arc.to];
    if (!to) continue;
    // The piece it is met in stays the one it is met in.
    const nth = arc.pieces.findLastIndex(
      ({ clock, lo: from }) => progressAt(clock, to.start) - progressAt(clock, placement.end) >= from - 1e-3,
    );
    const { lo, clock } = arc.pieces[nth] ?? { lo: 0, clock: arc.clock };
    const byFilm = lo <= 0 ? to.start : Math.floor(minuteAtProgress(clock, progressAt(clock, to.start) - lo) + 1e-6);
    const end = arc.keepsLabelTime && nth > 0 ? Math.min(byFilm, to.start - Math.ceil(lo)) : byFilm;
    latestEnd = Math.min(latestEnd, end);
  }
  for (const arc of prepared.incoming[index] ?? []) {
    const from = partial.placements[arc.from];
    const gained = from ? progressAt(arc.clock, placement.start) - progressAt(arc.clock, from.end) : 0;
    const hi = arc.pieces.find((piece) => piece.hi !== null && gained <= piece.hi + 1)?.hi ?? null;
    if (!from || hi === null) continue;
    const closes = Math.floor(closeOf(arc, arc.clock, from.end, hi) + 1e-6);
    latestEnd = Math.min(latestEnd, closes + placement.end - placement.start);
  }
  for (const { resource, amount } of prepared.demands[index] ?? [])
    latestEnd = Math.min(latestEnd, partial.profiles[resource]?.freeUntil(placement.start - placement.setupMinutes, amount) ?? latestEnd);
  if (doer)
    latestEnd = Math.min(latestEnd, partial.profiles[doer.resource]?.freeUntil(placement.start - placement.setupMinutes, 1) ?? latestEnd);
  let slack = Math.max(0, latestEnd - placement.end);
  // A place that is held later must be free later too; halved until it is.
  while (slack > 0 && !partial.hasRoomToHold(index, placement.end + slack)) slack = Math.floor(slack / 2);
  partial.keep(index, placement, holdEnds);
  return slack;
}

/** The tasks that decide when all is ready: from the last one back along what each waited for. */
export function findCritical(explainer: PlanExplainer, placements: readonly Placement[]): ReadonlySet<string> {
  const critical = new Set<string>();
  let last: Placement | undefined;
  for (const placement of placements) if (!last || placement.end > last.end) last = placement;
  for (let id = last?.taskId; id !== undefined && !critical.has(id);) {
    critical.add(id);
    const reasons = explainer.explain(id);
    const [first] = reasons?.waits ?? [];
    const next = reasons?.binding === 'waits' ? (first?.cause.kind === 'arc' ? first.cause.fromTaskId : null) : reasons?.busyWithTaskId;
    id = next ?? undefined;
  }
  return critical;
}
