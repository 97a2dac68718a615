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

/** Progress that warm air adds, label minutes. */
export interface DryerGain {
  readonly least: number;
  readonly most: number;
}

/**
 * Progress that minutes of warm air add, label minutes: by the clock at its slowest and at its fastest, since it is not known yet when they come.
 *
 * @param minutes of warm air
 */
export function dryerGain(table: ClockTable, minutes: number): DryerGain {
  let slowest = Infinity;
  let fastest = 0;
  for (let step = 1; step < table.cumulative.length; step += 1) {
    const rate = ((table.cumulative[step] ?? 0) - (table.cumulative[step - 1] ?? 0)) / table.stepMinutes;
    slowest = Math.min(slowest, rate);
    fastest = Math.max(fastest, rate);
  }
  const gained = (rate: number): number => (Number.isFinite(rate) ? (DRYER_FACTOR - 1) * minutes * rate : 0);
  return { least: gained(slowest), most: gained(fastest) };
}
