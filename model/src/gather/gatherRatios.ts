import type { OwnRatio } from '@zinc-ladder/core/plan/taskSpread';
import { standingEntries } from '../log/standingLog';
import type { LogEntry } from '../records/logEntry';
import type { Rung } from '../records/rung';

/** Actual ÷ planned minutes of done rungs by method, corrections in place of what they correct: the finisher's own pace. */
export function gatherRatios(entries: readonly LogEntry[], rungs: readonly Rung[]): Record<string, OwnRatio> {
  const methodOf = new Map(rungs.map((rung) => [rung.id, rung.methodId]));
  const ratios = new Map<string, number[]>();
  for (const { kind, rungId, plannedMinutes, actualMinutes } of standingEntries(entries)) {
    const methodId = methodOf.get(rungId ?? '');
    if (kind !== 'done' || methodId === undefined || !plannedMinutes || actualMinutes === null) continue;
    const list = ratios.get(methodId);
    if (list) list.push(actualMinutes / plannedMinutes);
    else ratios.set(methodId, [actualMinutes / plannedMinutes]);
  }
  return Object.fromEntries(
    [...ratios].map(([methodId, list]) => {
      const mean = list.reduce((sum, ratio) => sum + ratio, 0) / list.length;
      const squares = list.reduce((sum, ratio) => sum + (ratio - mean) ** 2, 0);
      return [methodId, { count: list.length, mean, deviation: list.length > 1 ? Math.sqrt(squares / (list.length - 1)) : 0 }];
    }),
  );
}
