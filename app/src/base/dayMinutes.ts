/**
 * Minutes after midnight as a shop writes them: `18:30`, and `24:00` for the end of the day; by twelve hours `6:30p`, `6p` and `12a`, which is as short
 * as the fields for it are narrow.
 */
export function writeDayMinutes(minutes: number, isTwelveHour = false): string {
  const past = String(minutes % 60).padStart(2, '0');
  if (!isTwelveHour) return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${past}`;
  const hours = Math.floor(minutes / 60) % 24;
  return `${hours % 12 || 12}${past === '00' ? '' : `:${past}`}${hours < 12 ? 'a' : 'p'}`;
}

/** Minutes after midnight as people type them: `18:30`, `1830`, `18`, `6:30 pm`, `6p`, `24:00`. Null when it is not a time. */
export function readDayMinutes(text: string): number | null {
  const match = /^(\d{1,2})(?:[:.h]?(\d{2}))?\s*(?:([ap])\.?(?:m\.?)?)?$/iu.exec(text.trim());
  if (!match) return null;
  const [, hourText = '', minuteText = '0', half = ''] = match;
  let hours = Number(hourText);
  const minutes = Number(minuteText);
  if (half) {
    if (hours < 1 || hours > 12) return null;
    hours = (hours % 12) + (half.toLowerCase() === 'p' ? 12 : 0);
  }
  const total = hours * 60 + minutes;
  return minutes < 60 && total <= 1440 ? total : null;
}
