/** Minutes after midnight as a shop writes them: `18:30`; the end of the day is `24:00`. */
export function writeDayMinutes(minutes: number): string {
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
}

/** Minutes after midnight as people type them: `18:30`, `1830`, `18`, `6:30 pm`, `24:00`. Null when it is not a time. */
export function readDayMinutes(text: string): number | null {
  const match = /^(\d{1,2})(?:[:.h]?(\d{2}))?\s*(am|pm)?$/iu.exec(text.trim());
  if (!match) return null;
  const [, hourText = '', minuteText = '0', half = ''] = match;
  let hours = Number(hourText);
  const minutes = Number(minuteText);
  if (half) {
    if (hours < 1 || hours > 12) return null;
    hours = (hours % 12) + (half.toLowerCase() === 'pm' ? 12 : 0);
  }
  const total = hours * 60 + minutes;
  return minutes < 60 && total <= 1440 ? total : null;
}
