import type { PersonalRate, TimedRung } from '@zinc-ladder/core/log/personalRate';
import { personalRate } from '@zinc-ladder/core/log/personalRate';
import type { LogEntry } from '../records/logEntry';
import type { Rung } from '../records/rung';

/** The finisher's own pace by method, from the log: done rungs with planned and real minutes, corrections in place of what they correct. */
export function gatherPaces(entries: readonly LogEntry[], rungs: readonly Pick<Rung, 'id' | 'methodId'>[]): Map<string, PersonalRate> {
  const methodOf = new Map(rungs.map((rung) => [rung.id, rung.methodId]));
  const corrected = new Set(entries.flatMap((entry) => (entry.correctsId === null ? [] : [entry.correctsId])));
  const timed = entries.flatMap(({ id, kind, rungId, plannedMinutes, actualMinutes }): TimedRung[] => {
    const methodId = methodOf.get(rungId ?? '');
    if (kind !== 'done' || corrected.has(id) || methodId === undefined || plannedMinutes === null || actualMinutes === null) return [];
    return [{ methodId, zone: null, plannedMinutes, actualMinutes }];
  });
  const methods = new Set(timed.map((entry) => entry.methodId));
  return new Map([...methods].map((methodId) => [methodId, personalRate(methodId, null, timed)]));
}
