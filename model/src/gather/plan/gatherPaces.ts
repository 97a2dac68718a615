import type { PersonalRate, TimedRung } from '@zinc-ladder/core/log/personalRate';
import type { ZoneShare } from '@zinc-ladder/core/log/zonedRate';
import { zonedRate } from '@zinc-ladder/core/log/zonedRate';

/**
 * The finisher's own rates by method for one part.
 *
 * @param timed what was timed so far
 * @param zones how the part in question is shared among zones; empty where that is not known
 */
export function gatherPaces(timed: readonly TimedRung[], zones: readonly ZoneShare[]): Map<string, PersonalRate> {
  const methods = new Set(timed.map((entry) => entry.methodId));
  return new Map([...methods].map((methodId) => [methodId, zonedRate(methodId, zones, timed)]));
}
