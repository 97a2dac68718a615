import type { PrintTime, RungTime } from './shopPlan';
import { personResource } from '../shop/shopHands';
import type { Placement, PlanProblem } from '../problem/problem';

/** The placements behind a shop's plan, with the facts of its problem, for the independent checker. */
export function plannedPlacements(
  problem: PlanProblem,
  { rungs, prints }: { readonly rungs: readonly RungTime[]; readonly prints: readonly PrintTime[] },
): Placement[] {
  const facts = problem.tasks.flatMap((task) =>
    task.fixed && task.fixed.end <= problem.fromMinute ? [{ taskId: task.id, ...task.fixed, setupMinutes: 0, chunks: [] }] : [],
  );
  const free = new Set(problem.tasks.filter(({ doers }) => doers).map(({ id }) => id));
  const planned = rungs.map(({ rungId, startMs, endMs, setupMinutes, chunks, personId }): Placement => ({
    ...(personId !== null && free.has(rungId) && { doerId: personResource(personId) }),
    taskId: rungId,
    start: startMs / 60_000 + setupMinutes,
    end: endMs / 60_000,
    setupMinutes,
    chunks: chunks.map((chunk, order) => ({
      start: chunk.start / 60_000 + (order === 0 ? setupMinutes : 0),
      end: chunk.end / 60_000,
    })),
  }));
  const printed = prints.map(({ taskId, startMs, endMs }): Placement => {
    const span = { start: startMs / 60_000, end: endMs / 60_000 };
    return { taskId, ...span, setupMinutes: 0, chunks: [span] };
  });
  return [...facts, ...planned, ...printed];
}
