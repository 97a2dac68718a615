/** Minutes after midnight as a time input shows them; the end of the day as 23:59, which inputs know. */
export function toTimeInput(minutes: number): string {
  const shown = Math.min(minutes, 1439);
  return `${String(Math.floor(shown / 60)).padStart(2, '0')}:${String(shown % 60).padStart(2, '0')}`;
}

/** Minutes after midnight of a time input; 23:59 means the end of the day. Null when it is not a time. */
export function fromTimeInput(text: string): number | null {
  const match = /^(\d{2}):(\d{2})/u.exec(text);
  if (!match) return null;
  const minutes = Number(match[1]) * 60 + Number(match[2]);
  return minutes === 1439 ? 1440 : minutes;
}
