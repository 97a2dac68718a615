/** Things that happen at some minute, the soonest first; grows by itself and is emptied at once. */
export class TimeHeap {
  private times = new Float64Array(64);
  private items = new Int32Array(64);
  size = 0;

  /** The minute of the soonest; Infinity where there is none. */
  soonest(): number {
    return this.size > 0 ? (this.times[0] ?? Infinity) : Infinity;
  }

  /** The minute of one of them, in no order; `at` below {@link size}. */
  timeAt(at: number): number {
    return this.times[at] ?? Infinity;
  }

  /** The one at this place. */
  itemAt(at: number): number {
    return this.items[at] ?? -1;
  }

  clear(): void {
    this.size = 0;
  }

  push(time: number, item: number): void {
    if (this.size === this.times.length) this.grow();
    const { times, items } = this;
    let at = this.size;
    this.size += 1;
    while (at > 0) {
      const above = (at - 1) >> 1;
      const other = times[above] ?? 0;
      if (other <= time) break;
      times[at] = other;
      items[at] = items[above] ?? 0;
      at = above;
    }
    times[at] = time;
    items[at] = item;
  }

  /** Takes the soonest out; −1 where there is none. */
  pop(): number {
    if (this.size === 0) return -1;
    const { times, items } = this;
    const first = items[0] ?? -1;
    this.size -= 1;
    const { size } = this;
    const time = times[size] ?? 0;
    const item = items[size] ?? 0;
    let at = 0;
    for (;;) {
      let below = 2 * at + 1;
      if (below >= size) break;
      if (below + 1 < size && (times[below + 1] ?? 0) < (times[below] ?? 0)) below += 1;
      if ((times[below] ?? 0) >= time) break;
      times[at] = times[below] ?? 0;
      items[at] = items[below] ?? 0;
      at = below;
    }
    times[at] = time;
    items[at] = item;
    return first;
  }

  private grow(): void {
    const times = new Float64Array(2 * this.times.length);
    const items = new Int32Array(2 * this.items.length);
    times.set(this.times);
    items.set(this.items);
    this.times = times;
    this.items = items;
  }
}
