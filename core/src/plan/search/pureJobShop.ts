import type { JobStep } from './jobShopTabu';
import type { PlanProblem } from '../problem/problem';

/** A job-shop found in a problem: its jobs, and the task of each operation in their order. */
export interface PureJobShop {
  readonly jobs: readonly (readonly JobStep[])[];
  readonly taskIds: readonly string[];
}

/**
 * The classical job-shop a problem is, or null: every task on one machine of capacity one at any time, in chains of "this before that".
 * Machines are the problem's resources in order.
 */
export function readJobShop({ tasks, arcs, resources, fromMinute }: PlanProblem): PureJobShop | null {
  const machineOf = new Map(resources.map((resource, index) => [resource.id, resource.capacity === 1 ? index : -1]));
  const next = new Map<string, string>();
  const hasBefore = new Set<string>();
  for (const { from, to, pieces } of arcs) {
    const isOrder = pieces.length === 1 && pieces[0]?.lo === 0 && pieces[0].hi === null;
    if (!isOrder || next.has(from) || hasBefore.has(to)) return null;
    next.set(from, to);
    hasBefore.add(to);
  }
  const byId = new Map(tasks.map((task) => [task.id, task]));
  for (const task of tasks) {
    const isPlain =
      task.calendarId === null &&
      task.begunInCalendarId === undefined &&
      !task.doers &&
      task.familyId === null &&
      task.holds.length === 0 &&
      task.leastChunkMinutes === null &&
      task.fixed === null &&
      !task.isUnderWay &&
      (task.notBeforeMinute ?? fromMinute) <= fromMinute;
    const [demand] = task.demands;
    if (!isPlain || task.demands.length !== 1 || demand?.amount !== 1 || (machineOf.get(demand.resourceId) ?? -1) < 0) return null;
  }
  const jobs: JobStep[][] = [];
  const taskIds: string[] = [];
  for (const task of tasks) {
    if (hasBefore.has(task.id)) continue;
    const job: JobStep[] = [];
    for (let id: string | undefined = task.id; id !== undefined; id = next.get(id)) {
      const step = byId.get(id);
      job.push({ machine: machineOf.get(step?.demands[0]?.resourceId ?? '') ?? 0, minutes: step?.minutes ?? 0 });
      taskIds.push(id);
    }
    jobs.push(job);
  }
  return { jobs, taskIds };
}
