import type { Interval } from '../time/interval';
import { mergeIntervals } from '../time/interval';
import type { AirTimeline } from './airTimeline';
import { airAt, FADED_AFTER_MS, windAt } from './airTimeline';
import type { SprayLimits } from './sprayVerdict';
import { judgeSpraying } from './sprayVerdict';

/** Windows are found on this grid; a shorter dry spell is not worth unpacking the cans for. */
const STEP_MS = 10 * 60_000;
const DAY_MS = 86_400_000;

/**
 * When one can spray: the shop's spraying hours cut to the times the air allows.
 *
 * @param hours when spraying is allowed at all, sorted, epoch ms
 * @returns sorted, disjoint intervals in epoch ms
 */
export function findSprayWindows(hours: readonly Interval[], air: AirTimeline, limits: SprayLimits): Interval[] {
  return findAirWindows(hours, air, (atMs) => isWithinLimits(air, limits, atMs));
}

/**
 * Hours cut to the times at which the air is fit for something.
 *
 * @param hours sorted, epoch ms
 * @param isFit asked of a moment; it may look ahead, never back
 */
export function findAirWindows(hours: readonly Interval[], air: AirTimeline, isFit: (atMs: number) => boolean): Interval[] {
  const open: Interval[] = [];
  const lastKnownMs = (air.samples.at(-1)?.atMs ?? Number.NEGATIVE_INFINITY) + FADED_AFTER_MS;
  // Where only the typical day is left, every day is alike: each time of day is judged once.
  const typical = new Map<number, boolean>();
  for (const span of hours) {
    for (let at = Math.floor(span.start / STEP_MS) * STEP_MS; at < span.end; at += STEP_MS) {
      const timeOfDay = at % DAY_MS;
      let isOpen = at > lastKnownMs ? typical.get(timeOfDay) : undefined;
      if (isOpen === undefined) {
        isOpen = isFit(at + STEP_MS / 2);
        if (at > lastKnownMs) typical.set(timeOfDay, isOpen);
      }
      if (isOpen) open.push({ start: Math.max(at, span.start), end: Math.min(at + STEP_MS, span.end) });
    }
  }
  return mergeIntervals(open);
}

/** Whether the air of a moment keeps limits; a part's temperature is taken as the air's: parts wait in the same room. */
export function isWithinLimits(air: AirTimeline, limits: SprayLimits, atMs: number): boolean {
  const here = airAt(air, atMs);
  return judgeSpraying(here, limits, here.temperatureCelsius, windAt(air, atMs)).isOpen;
}
