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
  for (let at = fromMs - DAY_MS; at <= toMs + DAY_MS; at += DAY_MS) {
    const day = localDay(at, timeZone);
    const spans = byDate.get(day.date) ?? weekly.filter((span) => span.weekday === day.weekday);
    if (spans.length === 0) continue;
    const midnight = localMoment(day, 0, timeZone);
    // Zone arithmetic is slow; on all but two days of a year the local clock runs evenly and plain addition will do.
    const isEven = localMoment(day, 1440, timeZone) - midnight === DAY_MS;
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
  const year = local.getFullYear();
  if (Number.isNaN(year)) throw new RangeError(`unknown time zone: ${timeZone}`);
  const month = local.getMonth();
  const day = local.getDate();
  const date = `${year}-${String(month + 1).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
  return { year, month, day, weekday: local.getDay() || 7, date };
}

function localMoment(day: LocalDay, minute: number, timeZone: string): number {
  return new TZDate(day.year, day.month, day.day, Math.floor(minute / 60), minute % 60, timeZone).getTime();
}

/** Minutes the zone's clock is ahead of UTC at a moment. */
export function utcOffsetMinutes(timeZone: string, atMs: number): number {
  return -new TZDate(atMs, timeZone).getTimezoneOffset();
}
