import type { TimedRung } from '@zinc-ladder/core/log/personalRate';
import type { LogEntry } from '../../records/ladder/logEntry';
import type { Rung } from '../../records/ladder/rung';
import type { SurfacePass } from '../../records/prop/surfacePass';

/** The method whose pace passes over one zone tell of; passes over the whole part are logged as rungs already. */
const PASS_METHOD = 'primeSand';

/**
 * All work that was timed against what was planned: done rungs and passes over single zones.
 *
 * @param standing the log as it stands, corrections in place of what they correct
 */
export function timedRungs(
  standing: readonly LogEntry[],
  rungs: readonly Pick<Rung, 'id' | 'methodId'>[],
  passes: readonly SurfacePass[],
): TimedRung[] {
  const methodOf = new Map(rungs.map((rung) => [rung.id, rung.methodId]));
  const timed: TimedRung[] = [];
  for (const { kind, rungId, plannedMinutes, actualMinutes } of standing) {
    const methodId = methodOf.get(rungId ?? '');
    if (kind !== 'done' || methodId === undefined || !plannedMinutes || !actualMinutes) continue;
    timed.push({ methodId, zone: null, plannedMinutes, actualMinutes });
  }
  for (const { zone, plannedMinutes, minutes } of passes)
    if (zone !== null && plannedMinutes && minutes) timed.push({ methodId: PASS_METHOD, zone, plannedMinutes, actualMinutes: minutes });
  return timed;
}
