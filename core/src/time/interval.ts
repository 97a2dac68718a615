/** A half-open span [start, end) in any one unit. */
export interface Interval {
  readonly start: number;
  readonly end: number;
}

/** Overlap of two sorted, disjoint lists of intervals; sorted and disjoint itself. */
export function intersectIntervals(left: readonly Interval[], right: readonly Interval[]): Interval[] {
  const overlap: Interval[] = [];
  let i = 0;
  let j = 0;
  for (let a = left[i], b = right[j]; a && b; a = left[i], b = right[j]) {
    const start = Math.max(a.start, b.start);
    const end = Math.min(a.end, b.end);
    if (start < end) overlap.push({ start, end });
    if (a.end < b.end) i += 1;
    else j += 1;
  }
  return overlap;
}

/** Sorts intervals, drops empty ones and joins those that touch or overlap. */
export function mergeIntervals(intervals: readonly Interval[]): Interval[] {
  const merged: { start: number; end: number }[] = [];
  for (const { start, end } of [...intervals].filter((span) => span.end > span.start).sort((a, b) => a.start - b.start)) {
    const last = merged.at(-1);
    if (last && start <= last.end) last.end = Math.max(last.end, end);
    else merged.push({ start, end });
  }
  return merged;
}

/** What of sorted, disjoint intervals lies outside some others (in any order). */
export function withoutIntervals(from: readonly Interval[], taken: readonly Interval[]): Interval[] {
  const holes = mergeIntervals([...taken]);
  return from.flatMap((span) => {
    const left: Interval[] = [];
    let { start } = span;
    for (const hole of holes) {
      if (hole.end <= start || hole.start >= span.end) continue;
      if (hole.start > start) left.push({ start, end: hole.start });
      start = Math.max(start, hole.end);
    }
    if (start < span.end) left.push({ start, end: span.end });
    return left;
  });
}
