import { daylight } from '../../climate/daylight';
import { findSprayWindows } from '../../climate/sprayWindows';
import type { Interval } from '../../time/interval';
import { intersectIntervals } from '../../time/interval';
import { expandWorkingHours } from '../../time/workingHours';
import type { ShopPlanInput } from './shopPlanInput';
import type { WorkPlace } from './sprayPlace';
import { airOfPlace } from './sprayPlace';

/** What spraying goes by beside hands. */
export type SprayCircumstances = Pick<
  ShopPlanInput,
  'nowMs' | 'timeZone' | 'daylightAt' | 'sprayHours' | 'sprayLimits' | 'air' | 'yardAir'
>;

/** When it may be sprayed, epoch ms, whoever is there: by the hours that allow it and the light, and what of these the air leaves. */
export interface SprayHours {
  readonly lit: readonly Interval[];
  readonly windows: readonly Interval[];
}

/**
 * The hours of spraying from now on.
 *
 * @param place where cans are sprayed, or inside, where daylight has no say
 */
export function sprayHoursUntil(shop: SprayCircumstances, untilMs: number, place: WorkPlace = 'out'): SprayHours {
  const allowed = expandWorkingHours(shop.sprayHours, [], shop.timeZone, shop.nowMs, untilMs);
  const sun = place === 'out' ? shop.daylightAt : null;
  const lit = sun ? intersectIntervals(allowed, daylight(sun, shop.nowMs, untilMs)) : allowed;
  return { lit, windows: findSprayWindows(lit, airOfPlace(shop, place), shop.sprayLimits) };
}
