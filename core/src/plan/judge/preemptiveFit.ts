import type { Interval } from '../../time/interval';

/** Work that may be broken off: not before its release, done by its deadline. Minutes. */
export interface PreemptiveJob {
  readonly release: number;
  readonly deadline: number;
  readonly minutes: number;
}

/**
 * Whether work that may be broken off at will fits into windows by its deadlines: earliest deadline first is best when anything is
 * (Jackson 1955, with release dates Horn 1974; both from memory). Several hands are taken as one that is as many times as fast,
 * which only makes it easier.
 *
 * @param windows sorted and disjoint; null: always
 */
export function fitsPreemptively(jobs: readonly PreemptiveJob[], windows: readonly Interval[] | null, capacity: number): boolean {
  const sorted = jobs.filter((job) => job.minutes > 0).sort((a, b) => a.release - b.release);
  if (sorted.length === 0) return true;
  const heap = new DeadlineHeap();
  let next = 0;
  const spans = windows ?? [{ start: sorted[0]?.release ?? 0, end: Infinity }];
  for (const span of spans) {
    let now = span.start;
    while (now < span.end) {
      for (let job = sorted[next]; job && job.release <= now; job = sorted[next]) {
        heap.push({ deadline: job.deadline, left: job.minutes / capacity });
        next += 1;
      }
      const first = heap.first();
      const release = sorted[next]?.release ?? Infinity;
      if (!first) {
        if (release >= span.end) break;
        now = release;
        continue;
      }
      const until = Math.min(span.end, release, now + first.left);
      first.left -= until - now;
      now = until;
      if (first.left > 1e-9) {
        if (now > first.deadline) return false;
        continue;
      }
      if (now > first.deadline + 1e-6) return false;
      heap.pop();
    }
    const waiting = heap.first();
    if (waiting && waiting.deadline < now) return false;
    if (!waiting && next >= sorted.length) return true;
  }
  return false;
}

interface Waiting {
  readonly deadline: number;
  left: number;
}

/** A binary heap of jobs by deadline. */
class DeadlineHeap {
  private readonly items: Waiting[] = [];

  first(): Waiting | undefined {
    return this.items[0];
  }

  push(item: Waiting): void {
    const { items } = this;
    let at = items.push(item) - 1;
    while (at > 0) {
      const parent = (at - 1) >> 1;
      if ((items[parent]?.deadline ?? 0) <= item.deadline) break;
      items[at] = items[parent] as Waiting;
      at = parent;
    }
    items[at] = item;
  }

  pop(): void {
    const { items } = this;
    const last = items.pop();
    if (!last || items.length === 0) return;
    let at = 0;
    for (;;) {
      let child = 2 * at + 1;
      if (child >= items.length) break;
      if (child + 1 < items.length && (items[child + 1]?.deadline ?? 0) < (items[child]?.deadline ?? 0)) child += 1;
      if ((items[child]?.deadline ?? 0) >= last.deadline) break;
      items[at] = items[child] as Waiting;
      at = child;
    }
    items[at] = last;
  }
}
