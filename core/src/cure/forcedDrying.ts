import type { ClockTable } from './clockTable';
import type { DryingData } from './dryingData';
import { dryingKind } from './dryingKind';

/** What a hair dryer makes of the rate of a thin film (about 6 on thin acrylic, common practice). */
export const DRYER_FACTOR = 6;
/** Thicker films skin over and trap what is under them (guessed from the coats practice speaks of). */
const THIN_MICROMETRES = 15;

/** Whether warm air helps a film: thin, and of a kind that gains by it. */
export function gainsByDryer({ kind }: DryingData, filmMicrometres: number): boolean {
  return dryingKind(kind).gainsByWarmAir && filmMicrometres <= THIN_MICROMETRES;
}

/**
 * Progress that minutes of warm air add at the least, label minutes: the clock is taken at its slowest, since it is not known yet when they come.
 *
 * @param minutes of warm air
 */
export function leastDryerGain(table: ClockTable, minutes: number): number {
  let slowest = Infinity;
  for (let step = 1; step < table.cumulative.length; step += 1)
    slowest = Math.min(slowest, ((table.cumulative[step] ?? 0) - (table.cumulative[step - 1] ?? 0)) / table.stepMinutes);
  return Number.isFinite(slowest) ? (DRYER_FACTOR - 1) * minutes * slowest : 0;
}
