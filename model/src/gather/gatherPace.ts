import type { LoggedPace } from '@zinc-ladder/core/plan/pace';
import { standingEntries } from '../log/standingLog';
import type { LogEntry } from '../records/logEntry';
import type { Rung } from '../records/rung';

/** ln(actual ÷ planned minutes) of done rungs by method, corrections in place of what they correct: the finisher's own pace. */
export function gatherPace(entries: readonly LogEntry[], rungs: readonly Rung[]): Record<string, LoggedPace> {
  const methodOf = new Map(rungs.map((rung) => [rung.id, rung.methodId]));
  const ratios = new Map<string, number[]>();
  for (const { kind, rungId, plannedMinutes, actualMinutes } of standingEntries(entries)) {
    const methodId = methodOf.get(rungId ?? '');
    if (kind !== 'done' || methodId === undefined || !plannedMinutes || !actualMinutes) continue;
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
