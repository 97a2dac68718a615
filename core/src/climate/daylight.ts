import SunCalc from 'suncalc';
import type { Interval } from '../time/interval';
import { mergeIntervals } from '../time/interval';

const DAY_MS = 86_400_000;
/** Solar noon comes up to half a minute earlier or later from day to day: days without a night reach into each other by more than that. */
const SLACK_MS = 60_000;

/** A place on the earth, degrees. */
export interface GeoPosition {
  readonly latitude: number;
  readonly longitude: number;
}

/**
 * When it is day at a place, sunrise to sunset, by the library suncalc. Where the sun does not rise there is none, and where it does not
 * set all of the day is.
 *
 * @returns sorted, disjoint intervals in epoch ms, cut to [fromMs, toMs]
 */
export function daylight({ latitude, longitude }: GeoPosition, fromMs: number, toMs: number): Interval[] {
  const found: Interval[] = [];
  for (let at = fromMs - DAY_MS; at <= toMs + DAY_MS; at += DAY_MS) {
    const { sunrise, sunset, solarNoon } = SunCalc.getTimes(new Date(at), latitude, longitude);
    const noon = solarNoon.getTime();
    const [start, end] = Number.isNaN(sunrise.getTime())
      ? SunCalc.getPosition(new Date(noon), latitude, longitude).altitude > 0
        ? [noon - DAY_MS / 2 - SLACK_MS, noon + DAY_MS / 2 + SLACK_MS]
        : [noon, noon]
      : [sunrise.getTime(), sunset.getTime()];
    const cut = { start: Math.max(start, fromMs), end: Math.min(end, toMs) };
    if (cut.end > cut.start) found.push(cut);
  }
  return mergeIntervals(found);
}

/** The daylight there is, or the next there will be within a day; null where the sun stays down, or up so long that no end is in sight. */
export function nextDaylight(place: GeoPosition, atMs: number): Interval | null {
  const around = daylight(place, atMs - DAY_MS, atMs + 2 * DAY_MS);
  const next = around.find(({ end }) => end > atMs);
  return next && next.start < atMs + DAY_MS && next.end < atMs + 2 * DAY_MS ? next : null;
}
