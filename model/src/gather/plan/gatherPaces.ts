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
  // A log of tens of thousands of entries is gone through once, not once for each method.
  const byMethod = new Map<string, TimedRung[]>();
  for (const entry of timed) {
    const known = byMethod.get(entry.methodId);
    if (known) known.push(entry);
    else byMethod.set(entry.methodId, [entry]);
  }
  return new Map([...byMethod].map(([methodId, own]) => [methodId, zonedRate(methodId, zones, own)]));
}
