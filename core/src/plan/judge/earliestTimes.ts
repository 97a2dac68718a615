import type { Interval } from '../../time/interval';
import { arcSpans } from '../problem/preparedProblem';
import type { PreparedProblem } from '../problem/preparedProblem';
import { workForward } from '../problem/fitIntoWindows';
import { firstFit } from '../problem/windowSearch';

/**
 * The earliest start and end of each task by order, waits and windows alone, minutes: hands and places shared with others are left aside,
 * so no plan is sooner. Infinity where nothing fits before the windows end.
 *
 * @param wanted only these tasks; left out: all
 */
export function earliestTimes(prepared: PreparedProblem, wanted?: ReadonlySet<number>): Interval[] {
  const { fromMinute } = prepared.problem;
  const heads: Interval[] = prepared.tasks.map((task) => task.fixed ?? { start: fromMinute, end: fromMinute });
  for (const index of prepared.topological) {
    const task = prepared.tasks[index];
    if (!task || task.fixed || (wanted && !wanted.has(index))) continue;
    let start = Math.max(fromMinute, task.notBeforeMinute ?? fromMinute);
    for (const arc of prepared.incoming[index] ?? []) start = Math.max(start, arcSpans(arc, heads[arc.from]?.end ?? 0)[0]?.start ?? 0);
    const begunIn = prepared.begunIn[index];
    if (begunIn) start = firstFit(begunIn, start, 1);
    heads[index] = workForward(prepared.windows[index] ?? null, start, task.minutes, task.leastChunkMinutes !== null);
  }
  return heads;
}
