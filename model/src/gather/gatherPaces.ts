import type { PersonalRate, TimedRung } from '@zinc-ladder/core/log/personalRate';
import type { ZoneShare } from '@zinc-ladder/core/log/zonedRate';
import { zonedRate } from '@zinc-ladder/core/log/zonedRate';
import { standingEntries } from '../log/standingLog';
import type { LogEntry } from '../records/logEntry';
import type { Rung } from '../records/rung';
import type { SurfacePass } from '../records/surfacePass';

/** The method whose pace passes over one zone tell of; passes over the whole part are logged as rungs already. */
const PASS_METHOD = 'primeSand';

/**
 * The finisher's own pace by method, from the log: done rungs with planned and real minutes, corrections in place of what they correct, and passes
 * over single zones.
 *
 * @param zones how the part in question is shared among zones; empty where that is not known
 */
export function gatherPaces(
  entries: readonly LogEntry[],
  rungs: readonly Pick<Rung, 'id' | 'methodId'>[],
  passes: readonly SurfacePass[],
  zones: readonly ZoneShare[],
): Map<string, PersonalRate> {
  const methodOf = new Map(rungs.map((rung) => [rung.id, rung.methodId]));
  const timed: TimedRung[] = [];
  for (const { kind, rungId, plannedMinutes, actualMinutes } of standingEntries(entries)) {
    const methodId = methodOf.get(rungId ?? '');
    if (kind !== 'done' || methodId === undefined || plannedMinutes === null || actualMinutes === null) continue;
    timed.push({ methodId, zone: null, plannedMinutes, actualMinutes });
  }
  for (const { zone, plannedMinutes, minutes } of passes)
    if (zone !== null && plannedMinutes !== null) timed.push({ methodId: PASS_METHOD, zone, plannedMinutes, actualMinutes: minutes });
  const methods = new Set(timed.map((entry) => entry.methodId));
  return new Map([...methods].map((methodId) => [methodId, zonedRate(methodId, zones, timed)]));
}
