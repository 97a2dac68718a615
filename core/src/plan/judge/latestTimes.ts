import { minuteAtProgress, progressAt } from '../../cure/clockTable';
import type { PreparedArc, PreparedProblem } from '../problem/preparedProblem';
import { workBackward } from '../problem/fitIntoWindows';
import { lastOpenMinute } from '../problem/windowSearch';

/** The latest a task may be begun and done, minutes, by task index; Infinity where nothing asks. */
export interface LatestTimes {
  readonly starts: readonly number[];
  readonly ends: readonly number[];
}

/**
 * The latest start and end of each open task if all dates are to be kept. Only order, waits and windows count; shared hands and places are
 * ignored, so the true latest times are the same or earlier.
 *
 * @param finishOf when a task with nothing after it must be done, minutes
 * @param wanted only these tasks; left out: all
 */
export function latestTimes(prepared: PreparedProblem, finishOf: (index: number) => number, wanted?: ReadonlySet<number>): LatestTimes {
  const starts = new Array<number>(prepared.tasks.length).fill(Infinity);
  const ends = new Array<number>(prepared.tasks.length).fill(Infinity);
  for (const index of prepared.topological.toReversed()) {
    const task = prepared.tasks[index];
    if (!task || task.fixed || (wanted && !wanted.has(index))) continue;
    let end = finishOf(index);
    for (const arc of prepared.outgoing[index] ?? []) {
      if (wanted && !wanted.has(arc.to)) continue;
      end = Math.min(end, latestEndBefore(arc, starts[arc.to] ?? Infinity));
    }
    const latest = workBackward(prepared.windows[index] ?? null, end, task.minutes, task.leastChunkMinutes !== null);
    starts[index] = lastOpenMinute(prepared.begunIn[index] ?? null, latest);
    ends[index] = end;
  }
  return { starts, ends };
}

/** The latest end of a predecessor from which its successor may start at a minute: by the first piece's wait, the least there is. */
function latestEndBefore({ clock, isWall, pieces }: PreparedArc, start: number): number {
  const lo = pieces[0]?.lo ?? 0;
  if (lo <= 0 || !Number.isFinite(start)) return start;
  if (isWall) return start - lo;
  return Math.min(start, Math.floor(minuteAtProgress(clock, progressAt(clock, start) - lo) + 1e-6));
}
