import { earliestTimes } from '../judge/earliestTimes';
import type { PreparedProblem } from '../problem/preparedProblem';

/** A rule by which tasks come one before another, as an order of task indices. */
export interface PriorityOrder {
  readonly rule: string;
  readonly order: readonly number[];
}

/** Orders to begin with: least slack to the date, longest work left, soonest startable, as listed. Each is worked out when it is asked for: the first plan waits for the first alone. */
export function* priorityOrders(prepared: PreparedProblem): Generator<PriorityOrder, void> {
  const { tasks, problem } = prepared;
  const ordered = (rule: string, keys: readonly number[]): PriorityOrder => ({
    rule,
    order: tasks.map((_, index) => index).sort((a, b) => (keys[a] ?? 0) - (keys[b] ?? 0) || a - b),
  });
  const tails = measureTails(prepared);
  yield ordered(
    'least slack',
    tasks.map((task, index) => (task.dueMinute ?? problem.horizonMinute) - (tails[index] ?? 0)),
  );
  yield ordered(
    'longest work left',
    tails.map((tail) => -tail),
  );
  yield ordered(
    'soonest startable',
    earliestTimes(prepared).map((head) => head.start),
  );
  yield ordered(
    'as listed',
    tasks.map((_, index) => index),
  );
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
