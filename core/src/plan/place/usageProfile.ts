import type { Interval } from '../../time/interval';

/** How much of a resource is in use along time: a step function that only grows. */
export class UsageProfile {
  /** breakpoints; `levels[i]` holds from `times[i]` to `times[i + 1]` */
  private readonly times: number[];
  private readonly levels: number[];

  /**
   * @param open when the resource is there at all, sorted and disjoint; null: always. Outside the window the profile counts as full, so
   * that one search finds time that is both open and free.
   */
  constructor(
    private readonly capacity: number,
    open: readonly Interval[] | null = null,
  ) {
    this.times = [Number.NEGATIVE_INFINITY];
    this.levels = [open ? capacity : 0];
    for (const { start, end } of open ?? []) {
      this.times.push(start, end);
      this.levels.push(0, capacity);
    }
  }

  /** The first minute at or after `from` where `amount` is free for `minutes`; Infinity when it never is. */
  firstFree(from: number, minutes: number, amount: number): number {
    if (amount > this.capacity) return Infinity;
    let start = from;
    for (let i = this.indexAt(from); i < this.times.length; i += 1) {
      const begins = this.times[i] ?? Infinity;
      if (begins >= start + minutes && begins > from) break;
      if ((this.levels[i] ?? 0) + amount > this.capacity) start = Math.max(start, this.times[i + 1] ?? Infinity);
    }
    return start;
  }

  /** The end of the free stretch that begins at `from`; `from` itself when it is not free. */
  freeUntil(from: number, amount: number): number {
    for (let i = this.indexAt(from); i < this.times.length; i += 1) {
      if ((this.levels[i] ?? 0) + amount > this.capacity) return Math.max(from, this.times[i] ?? from);
    }
    return Infinity;
  }

  /** Takes (or with a negative amount gives back) `amount` over [start, end). */
  add(start: number, end: number, amount: number): void {
    if (end <= start) return;
    const first = this.breakAt(start);
    const last = this.breakAt(end);
    for (let i = first; i < last; i += 1) this.levels[i] = (this.levels[i] ?? 0) + amount;
    this.join(last);
    this.join(first);
  }

  private indexAt(time: number): number {
    let low = 0;
    let high = this.times.length - 1;
    while (low < high) {
      const middle = (low + high + 1) >>> 1;
      if ((this.times[middle] ?? Infinity) <= time) low = middle;
      else high = middle - 1;
    }
    return low;
  }

  private breakAt(time: number): number {
    const index = this.indexAt(time);
    if (this.times[index] === time) return index;
    this.times.splice(index + 1, 0, time);
    this.levels.splice(index + 1, 0, this.levels[index] ?? 0);
    return index + 1;
  }

  private join(index: number): void {
    if (index > 0 && this.levels[index] === this.levels[index - 1]) {
      this.times.splice(index, 1);
      this.levels.splice(index, 1);
    }
  }
}
