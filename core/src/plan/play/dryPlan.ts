import type { Certificate, Placement, Plan } from '../problem/problem';
import type { OrderPlayer, PlayedStretch } from './orderPlayer';

/**
 * The plan an order makes where minutes are as expected, films dry as their clocks say and no window is lost: one play, written down. It is
 * whole minutes where the problem is.
 *
 * @param skipped tasks left out, 1 where so; with `reasons`, why
 */
export function dryPlan(
  player: OrderPlayer,
  rank: ArrayLike<number>,
  skipped: Uint8Array | null = null,
  reasons: readonly Certificate[] = [],
): Plan {
  const { prepared, isFact } = player.tables;
  const { problem, tasks } = prepared;
  const stretches: PlayedStretch[] = [];
  player.play(rank, null, skipped, stretches);
  const placed = new Map<number, Placement>();
  tasks.forEach((task, index) => {
    if (isFact[index] && task.fixed) placed.set(index, { taskId: task.id, ...task.fixed, setupMinutes: 0, chunks: [task.fixed] });
  });
  for (const { task: index, start, end, setupMinutes, doer } of stretches) {
    const before = placed.get(index);
    const last = before?.chunks.at(-1);
    // What was set down and taken up again at once is one stretch.
    const chunks =
      last?.end === start
        ? [...(before?.chunks.slice(0, -1) ?? []), { start: last.start, end }]
        : [...(before?.chunks ?? []), { start, end }];
    placed.set(index, {
      taskId: tasks[index]?.id ?? '',
      start: before?.start ?? start,
      end,
      setupMinutes: before?.setupMinutes ?? setupMinutes,
      chunks,
      ...(doer >= 0 && { doerId: problem.resources[doer]?.id ?? '' }),
    });
  }
  // What was begun and never done has no place.
  for (const index of placed.keys())
    if (!isFact[index] && !((player.ends[index] ?? Infinity) < problem.horizonMinute)) placed.delete(index);
  const known = new Set(reasons.map((reason) => reason.taskId));
  const unplaced = tasks.flatMap((task, index): Certificate[] =>
    placed.has(index) || known.has(task.id)
      ? []
      : [{ taskId: task.id, cause: { kind: 'beyondHorizon', horizonMinute: problem.horizonMinute } }],
  );
  return { placements: tasks.flatMap((_, index) => placed.get(index) ?? []), unplaced: [...reasons, ...unplaced] };
}
