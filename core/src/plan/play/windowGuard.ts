import { closesByLabel } from '../../cure/labelTime';
import type { PlayCalendars } from './resources/playCalendars';
import type { PlayTables, PlayWindow } from './playTables';
import type { PlayWindows } from './playWindows';

/** What of a play the guard reads, and where it marks what is urgent. */
export interface GuardedState {
  readonly earliest: Float64Array;
  readonly left: Float64Array;
  readonly isBegun: Uint8Array;
  readonly isDone: Uint8Array;
  readonly windows: Pick<PlayWindows, 'closes' | 'urgentBy' | 'closers'>;
}

/** How often a start is moved on for what must follow it in time before that is no longer looked at. */
const MOST_SHIFTS = 40;
/** What may be begun may be begun now; what may not and waits for nothing known is looked at again at the next event. */
export const NOW = -1;
export const LATER = -2;

/** Looks after windows that close: no coat is laid that has no chance of its next, and what stands in a window that runs is urgent. */
export class WindowGuard {
  private readonly likelyStart: Float64Array;
  private readonly likelyClose: Float64Array;

  constructor(
    private readonly tables: PlayTables,
    private readonly calendars: PlayCalendars,
    private readonly state: GuardedState,
  ) {
    this.likelyStart = new Float64Array(tables.count);
    this.likelyClose = new Float64Array(tables.count);
  }

  /** Whether what must follow in time can be there, were this begun now; else when it is worth looking again. */
  whenToOpen(index: number, now: number, setup: number): number {
    const window = this.tables.windows[index];
    if (!window) return NOW;
    for (const other of window.besides) if (!this.state.isDone[other]) return LATER;
    const work = setup + (this.state.isBegun[index] ? (this.state.left[index] ?? 0) : (this.tables.minutes[index] ?? 0));
    let begin = now;
    for (let shift = 0; shift < MOST_SHIFTS; shift += 1) {
      const late = this.lateBy(index, window, begin + work);
      if (late <= 0) return begin === now ? NOW : begin;
      begin = this.calendars.slotFrom(this.tables.calendar[index] ?? -1, begin + Math.max(1, Math.ceil(late)), work);
      // Its own window, or the end of time, comes first: then it is begun all the same.
      if (!(begin + setup <= Math.min(this.tables.prepared.problem.horizonMinute, this.state.windows.closes[index] ?? Infinity)))
        return NOW;
    }
    return NOW;
  }

  /** Minutes by which a window would be missed if its opener ended at a minute and hands were free; 0 or less: all are met. */
  private lateBy(opener: number, { between }: PlayWindow, end: number): number {
    const { tables } = this;
    for (const index of between) {
      this.likelyStart[index] = this.state.earliest[index] ?? 0;
      this.likelyClose[index] = this.state.windows.closes[index] ?? Infinity;
    }
    this.passOn(opener, end, between);
    let late = 0;
    for (const index of between) {
      const minutes = this.tables.minutes[index] ?? 0;
      const chunk = tables.leastChunk[index] ?? -1;
      const calendar = tables.calendar[index] ?? -1;
      const setup = tables.setup[index] ?? 0;
      const work = chunk >= 0 ? Math.min(minutes, chunk) : minutes;
      const start = this.calendars.slotFrom(calendar, (this.likelyStart[index] ?? 0) - setup, setup + work) + setup;
      if (start === Infinity) return Infinity;
      late = Math.max(late, start - (this.likelyClose[index] ?? Infinity));
      this.passOn(index, chunk >= 0 ? this.calendars.endOfSplit(calendar, start, minutes) : start + minutes, between);
    }
    return late;
  }

  /** What waits for a task that would end at a minute: when it could begin, and when its window would close. */
  private passOn(index: number, end: number, between: readonly number[]): void {
    const { arcs } = this.tables;
    const last = arcs.from[index + 1] ?? 0;
    for (let arc = arcs.from[index] ?? 0; arc < last; arc += 1) {
      const to = arcs.to[arc] ?? 0;
      const clock = arcs.clock[arc];
      if (!clock || !between.includes(to)) continue;
      const opens = Math.ceil(clock.minuteAfter(end, arcs.lo[arc] ?? 0) - 1e-6);
      if (opens > (this.likelyStart[to] ?? 0)) this.likelyStart[to] = opens;
      const hi = arcs.hi[arc] ?? Infinity;
      if (hi === Infinity || (arcs.lo2[arc] ?? Infinity) < Infinity) continue;
      const byFilm = clock.minuteAfter(end, hi);
      const closes = Math.max(opens, Math.floor((arcs.keepsLabelTime[arc] ? closesByLabel(byFilm, end, hi) : byFilm) + 1e-6));
      if (closes < (this.likelyClose[to] ?? Infinity)) this.likelyClose[to] = closes;
    }
  }

  /** The last minute hands can begin with a task whose window closes, with getting ready, in the calendar it is bound to. */
  lastChance(index: number, closes: number): number {
    const { tables } = this;
    const setup = tables.setup[index] ?? 0;
    const calendar = tables.calendar[index] ?? -1;
    if (calendar < 0) return closes - setup;
    const minutes = this.tables.minutes[index] ?? 0;
    let last = Number.NEGATIVE_INFINITY;
    for (let at = this.calendars.first(calendar); at < (tables.windowsFrom[calendar + 1] ?? 0); at += 1) {
      if ((tables.windowStart[at] ?? 0) > closes) break;
      last = Math.min(closes, (tables.windowEnd[at] ?? 0) - minutes) - setup;
    }
    return last;
  }

  /** What lies between an opener and its window must be out of the way in time. */
  hurryBetween({ between }: PlayWindow): void {
    const { tables } = this;
    for (let at = between.length - 1; at >= 0; at -= 1) {
      const index = between[at] ?? 0;
      let by = this.state.windows.urgentBy[index] ?? Infinity;
      const last = tables.arcs.from[index + 1] ?? 0;
      for (let arc = tables.arcs.from[index] ?? 0; arc < last; arc += 1) {
        const to = tables.arcs.to[arc] ?? 0;
        const next = this.state.windows.urgentBy[to] ?? Infinity;
        if (next < Infinity && between.includes(to))
          by = Math.min(by, next - (tables.arcs.lo[arc] ?? 0) - (this.tables.minutes[index] ?? 0));
      }
      if (by < (this.state.windows.urgentBy[index] ?? Infinity)) {
        if (this.state.windows.urgentBy[index] === Infinity) this.state.windows.closers.push(index);
        this.state.windows.urgentBy[index] = by;
      }
    }
  }
}
