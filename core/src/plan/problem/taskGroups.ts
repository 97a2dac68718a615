import type { PlanTask } from './problem';

/** What is ready together: tasks of one prop with one date. */
export interface TaskGroups {
  /** group of each task, by task index */
  readonly of: readonly number[];
  /** id of each group as its tasks have it; null where they have none */
  readonly ids: readonly (string | null)[];
  /** date of each group, minutes; Infinity where it has none */
  readonly due: readonly number[];
  /** weight of each group's being late */
  readonly weight: readonly number[];
}

/** Sorts tasks into groups. Tasks of one group id with different dates are asked after apart. */
export function findTaskGroups(tasks: readonly PlanTask[]): TaskGroups {
  const groups = new Map<string, number>();
  const ids: (string | null)[] = [];
  const due: number[] = [];
  const weight: number[] = [];
  const of = tasks.map((task) => {
    const key = `${task.groupId ?? ''}/${task.dueMinute ?? ''}`;
    const known = groups.get(key);
    if (known !== undefined) return known;
    groups.set(key, due.length);
    ids.push(task.groupId);
    due.push(task.dueMinute ?? Infinity);
    weight.push(task.weight);
    return due.length - 1;
  });
  return { of, ids, due, weight };
}
