import { TZDate } from '@date-fns/tz';

/** A moment in the shop's zone as it sorts and as files are named: `2026-05-28T18:40`. */
export function toLocalInput(ms: number | null, timeZone: string): string {
  if (ms === null) return '';
  const local = new TZDate(ms, timeZone);
  const two = (value: number): string => String(value).padStart(2, '0');
  return `${local.getFullYear()}-${two(local.getMonth() + 1)}-${two(local.getDate())}T${two(local.getHours())}:${two(local.getMinutes())}`;
}
