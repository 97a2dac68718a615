import { TZDate } from '@date-fns/tz';
import type { Interval } from './interval';
import { mergeIntervals } from './interval';

/** A weekly span of local time. */
export interface WeeklySpan {
  /** ISO weekday: 1 Monday … 7 Sunday */
  readonly weekday: number;
  /** minutes after local midnight, 0–1440 */
  readonly startMinute: number;
  readonly endMinute: number;
}

/** A date whose spans replace the weekly ones; no spans means a day off. */
export interface DayException {
  /** `YYYY-MM-DD`, local */
  readonly date: string;
  readonly spans: readonly Omit<WeeklySpan, 'weekday'>[];
}

const DAY_MS = 86_400_000;

/**
 * Local weekly hours as moments. Daylight-saving changes are respected: spans are taken by the local clock.
 *
 * @param timeZone IANA name, such as `Europe/Copenhagen`
 * @throws RangeError for an unknown time zone
 * @returns sorted, disjoint intervals in epoch ms, cut to [fromMs, toMs]
 */
export function expandWorkingHours(
  weekly: readonly WeeklySpan[],
  exceptions: readonly DayException[],
  timeZone: string,
  fromMs: number,
  toMs: number,
): Interval[] {
  const byDate = new Map(exceptions.map((exception) => [exception.date, exception.spans]));
  const found: Interval[] = [];
  const first = localDay(fromMs - DAY_MS, timeZone);
  const last = localDay(toMs + DAY_MS, timeZone).date;
  for (let day = first; day.date <= last; day = calendarDay(Date.UTC(day.year, day.month, day.day + 1))) {
    const spans = byDate.get(day.date) ?? weekly.filter((span) => span.weekday === day.weekday);
    if (spans.length === 0) continue;
    const midnight = localMidnight(day, timeZone);
    // Zone arithmetic is slow; on all but two days of a year the local clock runs evenly and plain addition will do.
    const isEven = localMidnight(calendarDay(Date.UTC(day.year, day.month, day.day + 1)), timeZone) - midnight === DAY_MS;
    const momentOf = (minute: number): number => (isEven ? midnight + minute * 60_000 : localMoment(day, minute, timeZone));
    for (const span of spans) {
      const start = momentOf(span.startMinute);
      const end = momentOf(span.endMinute);
      if (start < end) found.push({ start: Math.max(start, fromMs), end: Math.min(end, toMs) });
    }
  }
  return mergeIntervals(found);
}

interface LocalDay {
  readonly year: number;
  readonly month: number;
  readonly day: number;
  readonly weekday: number;
  readonly date: string;
}

/** The local calendar day of a moment: its date as `YYYY-MM-DD` and ISO weekday. */
export function localDay(atMs: number, timeZone: string): LocalDay {
  const local = new TZDate(atMs, timeZone);
  if (Number.isNaN(local.getFullYear())) throw new RangeError(`unknown time zone: ${timeZone}`);
  return calendarDay(Date.UTC(local.getFullYear(), local.getMonth(), local.getDate()));
}

/** The day of a moment by UTC's calendar. */
function calendarDay(utcMs: number): LocalDay {
  const date = new Date(utcMs);
  return {
    year: date.getUTCFullYear(),
    month: date.getUTCMonth(),
    day: date.getUTCDate(),
    weekday: date.getUTCDay() || 7,
    date: date.toISOString().slice(0, 10),
  };
}

/** Midnights already worked out, by zone and date: zone rules do not change while a program runs. */
const midnights = new Map<string, number>();
const MOST_MIDNIGHTS = 4000;

function localMidnight(day: Pick<LocalDay, 'year' | 'month' | 'day'>, timeZone: string): number {
  const key = `${timeZone} ${day.year}-${day.month}-${day.day}`;
  const known = midnights.get(key);
  if (known !== undefined) return known;
  if (midnights.size >= MOST_MIDNIGHTS) midnights.clear();
  const moment = localMoment(day, 0, timeZone);
  midnights.set(key, moment);
  return moment;
}

function localMoment(day: Pick<LocalDay, 'year' | 'month' | 'day'>, minute: number, timeZone: string): number {
  return new TZDate(day.year, day.month, day.day, Math.floor(minute / 60), minute % 60, timeZone).getTime();
}

/** Minutes the zone's clock is ahead of UTC at a moment. */
export function utcOffsetMinutes(timeZone: string, atMs: number): number {
  return -new TZDate(atMs, timeZone).getTimezoneOffset();
}
