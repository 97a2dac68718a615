import type { PlayTables } from '../playTables';

/** The windows of a problem's calendars as a play goes along them: what lies behind is not looked at again. */
export class PlayCalendars {
  private readonly pointers: Int32Array;

  constructor(private readonly tables: PlayTables) {
    this.pointers = new Int32Array(tables.windowsFrom.length - 1);
  }

  reset(): void {
    this.pointers.fill(0);
  }

  /** The window of a calendar that is open at a minute or comes next; those the weather took are passed over. */
  current(calendar: number, now: number, isLost: Uint8Array | null): number {
    const { windowsFrom, windowEnd } = this.tables;
    const from = windowsFrom[calendar] ?? 0;
    const until = windowsFrom[calendar + 1] ?? 0;
    let at = from + (this.pointers[calendar] ?? 0);
    while (at < until && ((windowEnd[at] ?? 0) <= now || isLost?.[at])) at += 1;
    this.pointers[calendar] = at - from;
    return at;
  }

  /** The first window of a calendar that may still matter. */
  first(calendar: number): number {
    return (this.tables.windowsFrom[calendar] ?? 0) + (this.pointers[calendar] ?? 0);
  }

  /** The first start at or after a minute with so much room in a calendar. */
  slotFrom(calendar: number, from: number, minutes: number): number {
    if (calendar < 0) return from;
    const { windowsFrom, windowStart, windowEnd } = this.tables;
    const until = windowsFrom[calendar + 1] ?? 0;
    for (let at = this.first(calendar); at < until; at += 1) {
      const start = Math.max(from, windowStart[at] ?? 0);
      if (start + minutes <= (windowEnd[at] ?? 0)) return start;
    }
    return Infinity;
  }

  /** When work that is set down between windows ends; Infinity where they do not hold it. */
  endOfSplit(calendar: number, start: number, minutes: number): number {
    if (calendar < 0) return start + minutes;
    const { windowsFrom, windowStart, windowEnd } = this.tables;
    const until = windowsFrom[calendar + 1] ?? 0;
    let left = minutes;
    for (let at = this.first(calendar); at < until; at += 1) {
      const begin = Math.max(start, windowStart[at] ?? 0);
      const room = (windowEnd[at] ?? 0) - begin;
      if (room <= 0) continue;
      if (left <= room) return begin + left;
      left -= room;
    }
    return Infinity;
  }
}
