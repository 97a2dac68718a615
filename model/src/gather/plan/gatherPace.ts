import type { LoggedPace } from '@zinc-ladder/core/plan/play/pace';
import type { LogEntry } from '../../records/ladder/logEntry';
import type { Rung } from '../../records/ladder/rung';
import type { SurfacePass } from '../../records/prop/surfacePass';
import { timedRungs } from './timedRungs';

/**
 * ln(actual ÷ planned minutes) by method, as the log tells it; a pass over one zone counts as a rung: the finisher's own pace.
 *
 * @param standing the log as it stands, corrections in place of what they correct
 */
export function gatherPace(
  standing: readonly LogEntry[],
  rungs: readonly Rung[],
  passes: readonly SurfacePass[] = [],
): Record<string, LoggedPace> {
  const ratios = new Map<string, number[]>();
  for (const { methodId, plannedMinutes, actualMinutes } of timedRungs(standing, rungs, passes)) {
    const list = ratios.get(methodId);
    const ratio = Math.log(actualMinutes / plannedMinutes);
    if (list) list.push(ratio);
    else ratios.set(methodId, [ratio]);
  }
  return Object.fromEntries(
    [...ratios].map(([methodId, list]) => {
      const mean = list.reduce((sum, ratio) => sum + ratio, 0) / list.length;
      return [methodId, { count: list.length, mean, squares: list.reduce((sum, ratio) => sum + (ratio - mean) ** 2, 0) }];
    }),
  );
}
