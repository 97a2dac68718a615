import { buildClockTable } from '../../cure/clockTable';
import { checkPlan } from '../judge/checkPlan';
import type { Placement, Plan, PlanArc, PlanProblem, PlanTask } from '../problem/problem';

/** The wall clock as the builders know it. */
export const wall = { id: 'wall', table: buildClockTable(0, 1440, 10, () => 1) };

/** A task for one pair of hands at any time, with what a test changes of it. */
export function task(id: string, minutes: number, change: Partial<PlanTask> = {}): PlanTask {
  return {
    id,
    name: id,
    minutes,
    calendarId: null,
    familyId: null,
    demands: [{ resourceId: 'hands', amount: 1 }],
    holds: [],
    leastChunkMinutes: null,
    notBeforeMinute: null,
    groupId: null,
    dueMinute: null,
    weight: 1,
    isUnderWay: false,
    fixed: null,
    ...change,
  };
}

/** An arc that asks for order, or for what a test gives it. */
export function arc(from: string, to: string, pieces: PlanArc['pieces'] = [{ lo: 0, hi: null }], clockId = 'wall'): PlanArc {
  return { from, to, clockId, pieces, reason: { kind: 'order' } };
}

/** A problem with one pair of hands, with what a test changes of it. */
export function problem(change: Partial<PlanProblem>): PlanProblem {
  return {
    fromMinute: 0,
    horizonMinute: 20_000,
    resources: [{ id: 'hands', name: 'hands', capacity: 1 }],
    calendars: [],
    clocks: [wall],
    tools: [],
    families: [],
    tasks: [],
    arcs: [],
    ...change,
  };
}

/** A placement in one go. */
export function at(taskId: string, start: number, end: number, setupMinutes = 0): Placement {
  return { taskId, start, end, setupMinutes, chunks: [{ start, end }] };
}

/** The placements of a plan by task, after the independent checker has found nothing and nothing was left without a place. */
export function placesOf(given: PlanProblem, plan: Plan): ReadonlyMap<string, Placement> {
  const violations = checkPlan(given, plan);
  if (violations.length > 0 || plan.unplaced.length > 0) throw new Error(JSON.stringify({ violations, unplaced: plan.unplaced }));
  return new Map(plan.placements.map((placement) => [placement.taskId, placement]));
}

/** The job-shop of rows of [machine, minutes] pairs, one row a job. */
export function jobShop(jobs: readonly (readonly (readonly number[])[])[]): PlanProblem {
  const machines = 1 + Math.max(...jobs.flatMap((steps) => steps.map(([machine]) => machine ?? 0)));
  return problem({
    horizonMinute: 100_000,
    resources: Array.from({ length: machines }, (_, machine) => ({ id: `m${machine}`, name: `machine ${machine}`, capacity: 1 })),
    tasks: jobs.flatMap((steps, job) =>
      steps.map(([machine, minutes], step) =>
        task(`${job}.${step}`, minutes ?? 0, { demands: [{ resourceId: `m${machine}`, amount: 1 }] }),
      ),
    ),
    arcs: jobs.flatMap((steps, job) => steps.slice(1).map((_, step) => arc(`${job}.${step}`, `${job}.${step + 1}`))),
  });
}
