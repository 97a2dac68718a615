import type { PersonalRate } from '@zinc-ladder/core/log/personalRate';
import type { ZoneShare } from '@zinc-ladder/core/log/zonedRate';
import { zonedRate } from '@zinc-ladder/core/log/zonedRate';
import type { LogEntry } from '../../records/ladder/logEntry';
import type { Rung } from '../../records/ladder/rung';
import type { SurfacePass } from '../../records/prop/surfacePass';
import { timedRungs } from './timedRungs';

/**
 * The finisher's own rates by method for one part, from the log.
 *
 * @param zones how the part in question is shared among zones; empty where that is not known
 */
export function gatherPaces(
  entries: readonly LogEntry[],
  rungs: readonly Pick<Rung, 'id' | 'methodId'>[],
  passes: readonly SurfacePass[],
  zones: readonly ZoneShare[],
): Map<string, PersonalRate> {
  const timed = timedRungs(entries, rungs, passes);
  const methods = new Set(timed.map((entry) => entry.methodId));
  return new Map([...methods].map((methodId) => [methodId, zonedRate(methodId, zones, timed)]));
}
