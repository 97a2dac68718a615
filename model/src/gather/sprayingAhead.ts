import { sprayHoursUntil } from '@zinc-ladder/core/plan/shop/sprayHours';
import { intersectIntervals } from '@zinc-ladder/core/time/interval';
import { expandWorkingHours } from '@zinc-ladder/core/time/workingHours';
import type { Shop } from '../records/shop/shop';
import { gatherAirs } from './gatherAirs';

/** What keeps a shop from spraying for as long as is looked ahead: in all hours somebody is there it is dark, or the air unfit; null: nothing. */
export type NoSpraying = 'dark' | 'unfit' | null;

/**
 * Whether a can could be sprayed at all in the time ahead, by the hours of hands and of spraying, the light where spraying keeps to it, and ordinary days.
 *
 * @param untilMs epoch ms, as `nowMs`
 */
export function sprayingAhead(shop: Shop, nowMs: number, untilMs: number): NoSpraying {
  const daylightAt = shop.spraysByDaylight ? shop.place : null;
  const { lit, windows } = sprayHoursUntil({ ...shop, nowMs, daylightAt, ...gatherAirs(shop, [], nowMs) }, untilMs);
  const hands = expandWorkingHours(shop.hours, [], shop.timeZone, nowMs, untilMs);
  if (intersectIntervals(hands, lit).length === 0) return 'dark';
  return intersectIntervals(hands, windows).length === 0 ? 'unfit' : null;
}
