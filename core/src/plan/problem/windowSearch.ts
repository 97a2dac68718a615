import type { Interval } from '../../time/interval';

/** Index of the first window that ends after a minute. */
export function firstWindowAfter(windows: readonly Interval[], minute: number): number {
  let low = 0;
  let high = windows.length;
  while (low < high) {
    const middle = (low + high) >>> 1;
    if ((windows[middle]?.end ?? Infinity) <= minute) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** The first minute at or after `from` at which `minutes` fit into one window; Infinity when none does. */
export function firstFit(windows: readonly Interval[] | null, from: number, minutes: number): number {
  if (windows === null) return from;
  for (let i = firstWindowAfter(windows, from); ; i += 1) {
    const span = windows[i];
    if (!span) return Infinity;
    const start = Math.max(from, span.start);
    if (start + minutes <= span.end) return start;
  }
}

/** The last whole minute at or before one at which a window is open; -Infinity where none is. */
export function lastOpenMinute(windows: readonly Interval[] | null, minute: number): number {
  if (windows === null || minute === Infinity) return minute;
  const at = firstWindowAfter(windows, minute);
  if ((windows[at]?.start ?? Infinity) <= minute) return minute;
  return (windows[at - 1]?.end ?? Number.NEGATIVE_INFINITY) - 1;
}

/** Whether one of sorted windows holds a span whole. */
export function isWithin({ start, end }: Interval, windows: readonly Interval[]): boolean {
  const around = windows[firstWindowAfter(windows, start)];
  return around !== undefined && around.start <= start && end <= around.end;
}
