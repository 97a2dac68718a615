import type { RungTime } from '@zinc-ladder/core/plan/planShop';
import { toLocalInput } from '../../ui/localInput';

/** A stretch of hands on one day. */
export interface DayStretch {
  readonly time: RungTime;
  readonly startMs: number;
  readonly endMs: number;
  /** false: it was begun on a day before, or earlier that day */
  readonly isFirst: boolean;
}

/** The local date of a moment, `YYYY-MM-DD`. */
export function localDate(ms: number, timeZone: string): string {
  return toLocalInput(ms, timeZone).slice(0, 10);
}

/** So many dates from one on, by the calendar. */
export function datesFrom(date: string, count: number): string[] {
  const first = Date.parse(`${date}T12:00:00Z`);
  return Array.from({ length: count }, (_, day) => new Date(first + day * 86_400_000).toISOString().slice(0, 10));
}

/** What hands do, by local date, in the order of the day. */
export function stretchesByDate(rungs: readonly RungTime[], timeZone: string): Map<string, DayStretch[]> {
  const days = new Map<string, DayStretch[]>();
  const all = rungs.flatMap((time) =>
    time.chunks.map((chunk, order): DayStretch => ({ time, startMs: chunk.start, endMs: chunk.end, isFirst: order === 0 })),
  );
  for (const stretch of all.toSorted((a, b) => a.startMs - b.startMs || a.endMs - b.endMs)) {
    const date = localDate(stretch.startMs, timeZone);
    const list = days.get(date);
    if (list) list.push(stretch);
    else days.set(date, [stretch]);
  }
  return days;
}
