import { TZDate } from '@date-fns/tz';

/** A moment as a date-and-time input shows it, in the shop's zone: `2026-05-28T18:40`. */
export function toLocalInput(ms: number | null, timeZone: string): string {
  if (ms === null) return '';
  const local = new TZDate(ms, timeZone);
  const two = (value: number): string => String(value).padStart(2, '0');
  return `${local.getFullYear()}-${two(local.getMonth() + 1)}-${two(local.getDate())}T${two(local.getHours())}:${two(local.getMinutes())}`;
}

/** The moment a date-and-time input means in the shop's zone; null when it is empty or not a date. */
export function fromLocalInput(text: string, timeZone: string): number | null {
  const match = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})/u.exec(text);
  if (!match) return null;
  const [year = 0, month = 1, day = 1, hour = 0, minute = 0] = match.slice(1).map(Number);
  const ms = new TZDate(year, month - 1, day, hour, minute, timeZone).getTime();
  return Number.isNaN(ms) ? null : ms;
}
