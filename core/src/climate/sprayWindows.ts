import type { Interval } from '../time/interval';
import { mergeIntervals } from '../time/interval';
import type { AirTimeline } from './airTimeline';
import { airAt, FADED_AFTER_MS, windAt } from './airTimeline';
import type { SprayLimits } from './sprayVerdict';
import { judgeSpraying } from './sprayVerdict';

/** Windows are found on this grid; a shorter dry spell is not worth unpacking the cans for. */
const STEP_MS = 10 * 60_000;
const MINUTE_MS = 60_000;
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
  const isFitAt = judgedOnce(air, isFit);
  for (const span of hours)
    for (let at = Math.floor(span.start / STEP_MS) * STEP_MS; at < span.end; at += STEP_MS)
      if (isFitAt(at + STEP_MS / 2)) open.push({ start: Math.max(at, span.start), end: Math.min(at + STEP_MS, span.end) });
  return mergeIntervals(open);
}

/**
 * Hours cut to the times at which something may be begun or ended at any minute: looked at on the same grid, and to the minute where it changes.
 *
 * @param hours sorted, whole minutes of epoch ms
 * @param isFit asked of a moment; it may look ahead, never back
 */
export function findFitMinutes(hours: readonly Interval[], air: AirTimeline, isFit: (atMs: number) => boolean): Interval[] {
  const open: Interval[] = [];
  const isFitAt = judgedOnce(air, isFit);
  for (const span of hours)
    for (let at = Math.floor(span.start / STEP_MS) * STEP_MS; at < span.end; at += STEP_MS) {
      const [start, end] = [Math.max(at, span.start), Math.min(at + STEP_MS, span.end)];
      const [atStart, atEnd] = [isFitAt(start), isFitAt(end)];
      if (atStart && atEnd) open.push({ start, end });
      else if (atStart || atEnd) {
        const last = lastMinute(start, end, (ms) => isFitAt(ms) === atStart);
        open.push(atStart ? { start, end: last } : { start: last + MINUTE_MS, end });
      }
    }
  return mergeIntervals(open);
}

/** The last minute from a start on that holds what the start does and the end does not. */
function lastMinute(startMs: number, endMs: number, holds: (atMs: number) => boolean): number {
  let [low, high] = [0, Math.ceil((endMs - startMs) / MINUTE_MS)];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (holds(startMs + middle * MINUTE_MS)) low = middle;
    else high = middle;
  }
  return startMs + low * MINUTE_MS;
}

/** A question about moments, asked once for each time of day where only the typical day is left: every day is alike there. */
function judgedOnce(air: AirTimeline, isFit: (atMs: number) => boolean): (atMs: number) => boolean {
  const lastKnownMs = (air.samples.at(-1)?.atMs ?? Number.NEGATIVE_INFINITY) + FADED_AFTER_MS;
  const typical = new Map<number, boolean>();
  return (atMs) => {
    const timeOfDay = atMs % DAY_MS;
    const known = atMs > lastKnownMs ? typical.get(timeOfDay) : undefined;
    if (known !== undefined) return known;
    const fit = isFit(atMs);
    if (atMs > lastKnownMs) typical.set(timeOfDay, fit);
    return fit;
  };
}

/** Whether the air of a moment keeps limits; a part's temperature is taken as the air's: parts wait in the same room. */
export function isWithinLimits(air: AirTimeline, limits: SprayLimits, atMs: number): boolean {
  const here = airAt(air, atMs);
  return judgeSpraying(here, limits, here.temperatureCelsius, windAt(air, atMs)).isOpen;
}
