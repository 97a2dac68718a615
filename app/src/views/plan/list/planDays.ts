import { toLocalInput } from '../../../base/localInput';

/** The local date of a moment, `YYYY-MM-DD`. */
export function localDate(ms: number, timeZone: string): string {
  return toLocalInput(ms, timeZone).slice(0, 10);
}

/** So many dates from one on, by the calendar. */
export function datesFrom(date: string, count: number): string[] {
  const first = Date.parse(`${date}T12:00:00Z`);
  return Array.from({ length: count }, (_, day) => new Date(first + day * 86_400_000).toISOString().slice(0, 10));
}
