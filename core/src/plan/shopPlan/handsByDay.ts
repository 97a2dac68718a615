import { localDay } from '../../time/workingHours';
import type { Interval } from '../../time/interval';
import { handsMinutes } from './handsMinutes';

/** A stretch of hands on one day. Moments are epoch ms. */
export interface DayStretch<Time> {
  readonly time: Time;
  readonly startMs: number;
  readonly endMs: number;
  /** false: the rung was begun before */
  readonly isFirst: boolean;
}

/** What hands do on one day. */
export interface HandsDay<Time> {
  /** in the order of the day */
  readonly stretches: readonly DayStretch<Time>[];
  readonly minutes: number;
}

/**
 * What hands do by local date (`YYYY-MM-DD`); a stretch belongs to the day it begins on, however its rung began.
 *
 * @throws RangeError for an unknown time zone
 */
export function handsByDay<Time extends { readonly chunks: readonly Interval[] }>(
  times: readonly Time[],
  timeZone: string,
): ReadonlyMap<string, HandsDay<Time>> {
  const byDate = new Map<string, DayStretch<Time>[]>();
  const all = times.flatMap((time) =>
    time.chunks.map((chunk, order): DayStretch<Time> => ({ time, startMs: chunk.start, endMs: chunk.end, isFirst: order === 0 })),
  );
  for (const stretch of all.toSorted((a, b) => a.startMs - b.startMs || a.endMs - b.endMs)) {
    const { date } = localDay(stretch.startMs, timeZone);
    const list = byDate.get(date);
    if (list) list.push(stretch);
    else byDate.set(date, [stretch]);
  }
  return new Map(
    [...byDate].map(([date, stretches]) => [
      date,
      { stretches, minutes: handsMinutes(stretches.map(({ startMs, endMs }) => ({ chunks: [{ start: startMs, end: endMs }] }))) },
    ]),
  );
}
