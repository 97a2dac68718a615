import type { PlayCalendars } from './playCalendars';
import type { PlayTables } from '../playTables';

/** Those whose hands a play has: who is there and free, and who would be missing where. */
export class PlayCrew {
  constructor(
    private readonly tables: PlayTables,
    private readonly calendars: PlayCalendars,
    private readonly usage: Float64Array,
  ) {}

  /**
   * Until when nobody is free: each who is there is at work, the others are away.
   *
   * @returns the minute somebody comes; Infinity where nobody does before work ends; -1: somebody is free now
   */
  busyUntil(now: number, isLost: Uint8Array | null): number {
    const { crew, windowStart, windowsFrom } = this.tables;
    if (crew.length === 0) return -1;
    let comes = Infinity;
    for (let at = 0; at < crew.length; at += 2) {
      if ((this.usage[crew[at] ?? 0] ?? 0) > 0) continue;
      const calendar = crew[at + 1] ?? -1;
      if (calendar < 0) return -1;
      const window = this.calendars.current(calendar, now, isLost);
      if (window >= (windowsFrom[calendar + 1] ?? 0)) continue;
      const opens = windowStart[window] ?? 0;
      if (opens <= now) return -1;
      if (opens < comes) comes = opens;
    }
    return comes;
  }

  /** Whether somebody who can do a task is free; true where there is nobody to choose from. */
  hasDoer(index: number): boolean {
    const doers = this.tables.doers[index] ?? NONE;
    for (let at = 0; at < doers.length; at += 2) if ((this.usage[doers[at] ?? 0] ?? 0) === 0) return true;
    return doers.length === 0;
  }

  /**
   * Whether whoever would do a task is then missing for another, which nobody else can begin in time.
   *
   * @param doer whom the task was given to; −1 where it has nobody to choose from
   * @param by the last minute the other can be begun
   */
  isMissed(index: number, doer: number, other: number, now: number, by: number, isLost: Uint8Array | null): boolean {
    if (doer >= 0 && this.asks(doer, other)) return true;
    const theirs = this.tables.doers[other] ?? NONE;
    let isAsked = false;
    for (let at = 0; at < theirs.length; at += 2) {
      const resource = theirs[at] ?? 0;
      if (resource === doer || this.asks(resource, index)) isAsked = true;
      else if ((this.usage[resource] ?? 0) === 0 && this.isThereBy(theirs[at + 1] ?? -1, other, now, by, isLost)) return false;
    }
    return isAsked;
  }

  private asks(resource: number, task: number): boolean {
    const demands = this.tables.demands[task] ?? NONE;
    for (let at = 0; at < demands.length; at += 2) if (demands[at] === resource) return true;
    return false;
  }

  /** Whether the hours of a calendar that come next let a task be begun by a minute, and hold it. */
  private isThereBy(calendar: number, index: number, now: number, by: number, isLost: Uint8Array | null): boolean {
    const { tables } = this;
    const at = this.calendars.current(calendar, now, isLost);
    if (at >= (tables.windowsFrom[calendar + 1] ?? 0)) return false;
    const chunk = tables.leastChunk[index] ?? -1;
    const minutes = tables.minutes[index] ?? 0;
    const begins = Math.max(now, tables.windowStart[at] ?? 0);
    const needed = (tables.setup[index] ?? 0) + (chunk >= 0 ? Math.min(chunk, minutes) : minutes);
    return begins <= by && begins + needed <= (tables.windowEnd[at] ?? 0);
  }
}

const NONE = new Int32Array(0);
