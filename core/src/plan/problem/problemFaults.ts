import type { PlanProblem } from './problem';

/** What is wrong with a problem before any planning. */
export type ProblemFault =
  | { readonly kind: 'cycle'; readonly taskIds: readonly string[] }
  | { readonly kind: 'unknown'; readonly what: 'task' | 'resource' | 'calendar' | 'clock' | 'tool' | 'family'; readonly id: string }
  | { readonly kind: 'badNumber'; readonly taskId: string; readonly message: string };

/** Looks for references to nothing, absurd numbers and circles of "this before that". Empty when the problem is sound. */
export function findProblemFaults(problem: PlanProblem): ProblemFault[] {
  const faults: ProblemFault[] = [];
  const ids = (list: readonly { readonly id: string }[]): Set<string> => new Set(list.map((entry) => entry.id));
  const known = {
    task: ids(problem.tasks),
    resource: ids(problem.resources),
    calendar: ids(problem.calendars),
    clock: ids(problem.clocks),
    tool: ids(problem.tools),
    family: ids(problem.families),
  };
  const need = (what: keyof typeof known, id: string | null): void => {
    if (id !== null && !known[what].has(id)) faults.push({ kind: 'unknown', what, id });
  };
  for (const family of problem.families) need('tool', family.toolId);
  for (const task of problem.tasks) {
    need('calendar', task.calendarId);
    need('calendar', task.begunInCalendarId ?? null);
    need('family', task.familyId);
    for (const demand of task.demands) need('resource', demand.resourceId);
    for (const doer of task.doers ?? []) {
      need('resource', doer.resourceId);
      need('calendar', doer.calendarId);
    }
    if (task.fixed && task.doers)
      faults.push({ kind: 'badNumber', taskId: task.id, message: 'what is settled has no doers to choose from' });
    for (const hold of task.holds) {
      need('resource', hold.resourceId);
      need('clock', hold.clockId);
    }
    if (task.begunInCalendarId !== undefined && task.leastChunkMinutes !== null)
      faults.push({ kind: 'badNumber', taskId: task.id, message: 'what goes on by itself once begun cannot be split' });
    if (!(Number.isInteger(task.minutes) && task.minutes >= 0))
      faults.push({ kind: 'badNumber', taskId: task.id, message: `minutes must be whole and at least 0, got ${task.minutes}` });
  }
  for (const task of problem.tasks)
    if (task.familyId !== null && task.leastChunkMinutes !== null)
      faults.push({ kind: 'badNumber', taskId: task.id, message: 'work of a session cannot be split' });
  for (const arc of problem.arcs) {
    need('task', arc.from);
    need('task', arc.to);
    need('clock', arc.clockId);
    for (const { clockId } of arc.pieces) if (clockId !== undefined) need('clock', clockId);
  }
  if (faults.length > 0) return faults;
  const circle = findCycle(problem);
  return circle ? [{ kind: 'cycle', taskIds: circle }] : [];
}

/** One circle among the arcs, as the ids along it, or null. */
function findCycle(problem: PlanProblem): string[] | null {
  const successors = new Map<string, string[]>();
  for (const arc of problem.arcs) {
    const list = successors.get(arc.from);
    if (list) list.push(arc.to);
    else successors.set(arc.from, [arc.to]);
  }
  const state = new Map<string, 'open' | 'closed'>();
  for (const { id: root } of problem.tasks) {
    if (state.has(root)) continue;
    const path: { id: string; next: number }[] = [{ id: root, next: 0 }];
    state.set(root, 'open');
    for (let top = path.at(-1); top; top = path.at(-1)) {
      const child = successors.get(top.id)?.[top.next];
      top.next += 1;
      if (child === undefined) {
        state.set(top.id, 'closed');
        path.pop();
      } else if (state.get(child) === 'open') {
        const start = path.findIndex((step) => step.id === child);
        return path.slice(start).map((step) => step.id);
      } else if (!state.has(child)) {
        state.set(child, 'open');
        path.push({ id: child, next: 0 });
      }
    }
  }
  return null;
}
