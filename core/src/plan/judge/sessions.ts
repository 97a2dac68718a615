import type { Placement, PlanProblem } from '../problem/problem';

/** The session a rung is part of. */
export interface RungSession {
  /** the same for all rungs of one session */
  readonly id: string;
  /** what the tool is loaded with */
  readonly familyName: string;
  readonly toolName: string;
  /** place among the session's rungs, from 0 */
  readonly place: number;
  readonly count: number;
}

/** The sessions of a plan, by task: what goes on without a setup belongs to the session before it. */
export function findSessions(problem: PlanProblem, placements: readonly Placement[]): ReadonlyMap<string, RungSession> {
  const tasks = new Map(problem.tasks.map((task) => [task.id, task]));
  const families = new Map(problem.families.map((family) => [family.id, family]));
  const tools = new Map(problem.tools.map((tool) => [tool.id, tool]));
  const open = new Map<string, Placement[]>();
  const sessions: Placement[][] = [];
  for (const placement of placements.toSorted((a, b) => a.start - b.start || a.end - b.end)) {
    const family = families.get(tasks.get(placement.taskId)?.familyId ?? '');
    const settled = tasks.get(placement.taskId)?.fixed;
    if (!family || (settled && settled.end <= problem.fromMinute)) continue;
    const current = open.get(family.toolId);
    if (current && placement.setupMinutes < family.setupMinutes) current.push(placement);
    else {
      const begun = [placement];
      sessions.push(begun);
      open.set(family.toolId, begun);
    }
  }
  return new Map(
    sessions.flatMap((session, at) =>
      session.map((placement, place) => {
        const family = families.get(tasks.get(placement.taskId)?.familyId ?? '');
        const toolName = tools.get(family?.toolId ?? '')?.name ?? '';
        return [placement.taskId, { id: `session-${at}`, familyName: family?.name ?? '', toolName, place, count: session.length }] as const;
      }),
    ),
  );
}
