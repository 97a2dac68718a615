import { minuteAfter } from '../../cure/clockTable';
import { openOf } from '../problem/arcTimes';
import type { ArcReason, Placement, PlanArc, PlanProblem, PlanTask } from '../problem/problem';
import { firstWindowAfter } from '../problem/windowSearch';

/** One thing a task waited for, with the minute it allows. */
export interface WaitReason {
  readonly minute: number;
  readonly cause:
    | { readonly kind: 'arc'; readonly fromTaskId: string; readonly reason: ArcReason }
    | { readonly kind: 'pinned' }
    /** what was ordered for it has come */
    | { readonly kind: 'arrives' }
    | { readonly kind: 'now' };
}

/** Why a task does not start earlier: everything it waited for, latest first, and what still kept it from starting at that moment. */
export interface PlacementReasons {
  readonly waits: readonly WaitReason[];
  readonly binding: 'waits' | 'calendar' | 'busy';
  /** the task that used the hands or place at the moment the waits were over; null when none did */
  readonly busyWithTaskId: string | null;
}

/** Explains placements of one plan; looks each task up once. */
export interface PlanExplainer {
  readonly explain: (taskId: string) => PlacementReasons | null;
}

/** Prepares explanations for a plan: reasons are read from the problem and the placements alone, whatever engine made them. */
export function createExplainer(problem: PlanProblem, placements: readonly Placement[]): PlanExplainer {
  const tasks = new Map(problem.tasks.map((task) => [task.id, task]));
  const placed = new Map(placements.map((placement) => [placement.taskId, placement]));
  const clocks = new Map(problem.clocks.map((clock) => [clock.id, clock.table]));
  const incoming = new Map<string, PlanArc[]>();
  for (const arc of problem.arcs) {
    const list = incoming.get(arc.to);
    if (list) list.push(arc);
    else incoming.set(arc.to, [arc]);
  }

  // What used each resource, by the end of its stretches: the last to end before a start is what that start waited for.
  const used = new Map<string, Freed[]>();
  for (const placement of placements) {
    for (const resourceId of resourcesOf(tasks.get(placement.taskId), placement)) {
      const list = used.get(resourceId) ?? [];
      for (const chunk of placement.chunks) list.push({ end: chunk.end, taskId: placement.taskId });
      used.set(resourceId, list);
    }
  }
  for (const list of used.values()) list.sort((a, b) => a.end - b.end);

  const earliestOver = (arc: PlanArc, start: number): number | null => {
    const clock = clocks.get(arc.clockId);
    const from = placed.get(arc.from);
    if (!clock || !from) return null;
    let earliest = Math.ceil(minuteAfter(clock, from.end, arc.pieces[0]?.lo ?? 0));
    for (const [nth, piece] of arc.pieces.entries()) {
      const opens = Math.ceil(openOf(arc, clocks.get(piece.clockId ?? arc.clockId) ?? clock, from.end, piece.lo, nth));
      if (opens <= start) earliest = opens;
    }
    return earliest;
  };

  const explain = (taskId: string): PlacementReasons | null => {
    const task = tasks.get(taskId);
    const at = placed.get(taskId);
    if (!task || !at) return null;
    const waits: WaitReason[] = [{ minute: problem.fromMinute, cause: { kind: 'now' } }];
    if (task.notBeforeMinute !== null) waits.push({ minute: task.notBeforeMinute, cause: { kind: task.isAwaited ? 'arrives' : 'pinned' } });
    for (const arc of incoming.get(taskId) ?? []) {
      const minute = earliestOver(arc, at.start);
      if (minute !== null) waits.push({ minute, cause: { kind: 'arc', fromTaskId: arc.from, reason: arc.reason } });
    }
    waits.sort((a, b) => b.minute - a.minute);
    const over = waits[0]?.minute ?? problem.fromMinute;
    if (at.start <= over) return { waits, binding: 'waits', busyWithTaskId: null };
    const busyWith = resourcesOf(task, at)
      .map((resourceId) => lastFreed(used.get(resourceId) ?? [], at.start, taskId))
      .filter((freed) => freed !== undefined && freed.end > over)
      .sort((a, b) => (b?.end ?? 0) - (a?.end ?? 0))[0];
    return {
      waits,
      binding: isInCalendar(problem, calendarOf(task, at), over) && busyWith ? 'busy' : 'calendar',
      busyWithTaskId: busyWith?.taskId ?? null,
    };
  };
  return { explain };
}

interface Freed {
  readonly end: number;
  readonly taskId: string;
}

/** The last of the sorted list to end at or before a minute, other than the task itself. */
function lastFreed(list: readonly Freed[], minute: number, taskId: string): Freed | undefined {
  let low = 0;
  let high = list.length;
  while (low < high) {
    const middle = (low + high) >>> 1;
    if ((list[middle]?.end ?? Infinity) <= minute) low = middle + 1;
    else high = middle;
  }
  for (let at = low - 1; at >= 0; at -= 1) if (list[at]?.taskId !== taskId) return list[at];
  return undefined;
}

/** What a task uses where it is placed, its doer among it. */
function resourcesOf(task: PlanTask | undefined, { doerId }: Placement): string[] {
  return [...(task?.demands ?? []).map(({ resourceId }) => resourceId), ...(doerId === undefined ? [] : [doerId])];
}

function calendarOf({ calendarId, begunInCalendarId, doers }: PlanTask, { doerId }: Placement): string | null {
  return doers?.find(({ resourceId }) => resourceId === doerId)?.calendarId ?? calendarId ?? begunInCalendarId ?? null;
}

function isInCalendar(problem: PlanProblem, calendarId: string | null, minute: number): boolean {
  const windows = problem.calendars.find((calendar) => calendar.id === calendarId)?.windows;
  if (!windows) return true;
  const span = windows[firstWindowAfter(windows, minute)];
  return span !== undefined && span.start <= minute;
}
