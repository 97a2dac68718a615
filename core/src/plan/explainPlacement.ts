import { minuteAfter } from '../cure/clockTable';
import type { ArcReason, Placement, PlanArc, PlanProblem, PlanTask } from './problem';
import { firstWindowAfter } from './windowSearch';

/** One thing a task waited for, with the minute it allows. */
export interface WaitReason {
  readonly minute: number;
  readonly cause:
    | { readonly kind: 'arc'; readonly fromTaskId: string; readonly reason: ArcReason }
    | { readonly kind: 'pinned' }
    | { readonly kind: 'now' };
}

/** Why a task is not earlier: what it waited for, latest first, and what kept it from starting at the last of those. */
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

  const earliestOver = (arc: PlanArc, start: number): number | null => {
    const clock = clocks.get(arc.clockId);
    const from = placed.get(arc.from);
    if (!clock || !from) return null;
    let earliest = Math.ceil(minuteAfter(clock, from.end, arc.pieces[0]?.lo ?? 0));
    for (const piece of arc.pieces) {
      const opens = Math.ceil(minuteAfter(clock, from.end, piece.lo));
      if (opens <= start) earliest = opens;
    }
    return earliest;
  };

  const explain = (taskId: string): PlacementReasons | null => {
    const task = tasks.get(taskId);
    const at = placed.get(taskId);
    if (!task || !at) return null;
    const waits: WaitReason[] = [{ minute: problem.fromMinute, cause: { kind: 'now' } }];
    if (task.notBeforeMinute !== null) waits.push({ minute: task.notBeforeMinute, cause: { kind: 'pinned' } });
    for (const arc of incoming.get(taskId) ?? []) {
      const minute = earliestOver(arc, at.start);
      if (minute !== null) waits.push({ minute, cause: { kind: 'arc', fromTaskId: arc.from, reason: arc.reason } });
    }
    waits.sort((a, b) => b.minute - a.minute);
    const over = waits[0]?.minute ?? problem.fromMinute;
    if (at.start <= over) return { waits, binding: 'waits', busyWithTaskId: null };
    // Of all that used what this task needs since its waits were over, what it had to wait for last.
    let busyWith: Placement | undefined;
    let freed = over;
    for (const other of placements) {
      if (other.taskId === taskId || !sharesResource(task, tasks.get(other.taskId))) continue;
      for (const chunk of other.chunks) {
        if (chunk.end > freed && chunk.end <= at.start) {
          busyWith = other;
          freed = chunk.end;
        }
      }
    }
    return {
      waits,
      binding: isInCalendar(problem, task, over) && busyWith ? 'busy' : 'calendar',
      busyWithTaskId: busyWith?.taskId ?? null,
    };
  };
  return { explain };
}

function sharesResource(task: PlanTask, other: PlanTask | undefined): boolean {
  return other !== undefined && task.demands.some((demand) => other.demands.some((used) => used.resourceId === demand.resourceId));
}

function isInCalendar(problem: PlanProblem, task: PlanTask, minute: number): boolean {
  const windows = problem.calendars.find((calendar) => calendar.id === task.calendarId)?.windows;
  if (!windows) return true;
  const window = windows[firstWindowAfter(windows, minute)];
  return window !== undefined && window.start <= minute;
}
