import { earliestTimes } from './earliestTimes';
import type { PreparedProblem } from './preparedProblem';

/** A rule by which tasks come one before another, as an order of task indices. */
export interface PriorityOrder {
  readonly rule: string;
  readonly order: readonly number[];
}

/** Orders to begin with: least slack to the date, longest work left, soonest startable, as listed. */
export function priorityOrders(prepared: PreparedProblem): PriorityOrder[] {
  const heads = earliestTimes(prepared);
  const tails = measureTails(prepared);
  const { tasks, problem } = prepared;
  const rules: readonly (readonly [string, (index: number) => number])[] = [
    ['least slack', (i) => (tasks[i]?.dueMinute ?? problem.horizonMinute) - (tails[i] ?? 0)],
    ['longest work left', (i) => -(tails[i] ?? 0)],
    ['soonest startable', (i) => heads[i]?.start ?? 0],
    ['as listed', (i) => i],
  ];
  return rules.map(([rule, key]) => {
    const keys = tasks.map((_, index) => key(index));
    return { rule, order: tasks.map((_, index) => index).sort((a, b) => (keys[a] ?? 0) - (keys[b] ?? 0) || a - b) };
  });
}

/** Work and waiting from the start of a task to the end of what follows it; waits are taken at the clock's label speed. */
export function measureTails(prepared: PreparedProblem): number[] {
  const tails = prepared.tasks.map((task) => task.minutes);
  for (const index of [...prepared.topological].reverse()) {
    const own = prepared.tasks[index]?.minutes ?? 0;
    for (const arc of prepared.outgoing[index] ?? []) {
      tails[index] = Math.max(tails[index] ?? 0, own + (arc.pieces[0]?.lo ?? 0) + (tails[arc.to] ?? 0));
    }
  }
  return tails;
}
