import { TZDate } from '@date-fns/tz';

const CLOCK = '(?:[T ,]+(\\d{1,2})[:.](\\d{2})(?::\\d{2})?)?';
const FORMS: readonly (readonly [
  form: RegExp,
  order: readonly ['year' | 'month' | 'day', 'year' | 'month' | 'day', 'year' | 'month' | 'day'],
])[] = [
  [new RegExp(`^(\\d{4})-(\\d{1,2})-(\\d{1,2})${CLOCK}$`, 'u'), ['year', 'month', 'day']],
  [new RegExp(`^(\\d{1,2})\\.(\\d{1,2})\\.(\\d{4})${CLOCK}$`, 'u'), ['day', 'month', 'year']],
  [new RegExp(`^(\\d{1,2})/(\\d{1,2})/(\\d{4})${CLOCK}$`, 'u'), ['month', 'day', 'year']],
];

/** `2026-05-28`, `28.5.2026` or `5/28/2026`, with `18:40` after it or not: a moment of local time, noon where no time is said; null: none that is. */
export function readMoment(text: string, timeZone: string): number | null {
  for (const [form, order] of FORMS) {
    const found = form.exec(text.trim());
    if (!found) continue;
    const part = { year: 0, month: 0, day: 0 };
    for (const [at, name] of order.entries()) part[name] = Number(found[at + 1]);
    const [hour, minute] = found[4] === undefined ? [12, 0] : [Number(found[4]), Number(found[5])];
    const date = new TZDate(part.year, part.month - 1, part.day, hour, minute, timeZone);
    const isReal = date.getMonth() === part.month - 1 && date.getDate() === part.day && hour < 24 && minute < 60;
    return isReal && part.year >= 2000 && part.year < 2100 ? date.getTime() : null;
  }
  return null;
}
