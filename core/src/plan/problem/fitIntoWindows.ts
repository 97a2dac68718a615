import type { Interval } from '../../time/interval';
import { firstWindowAfter } from './windowSearch';

/** The earliest that work fits from a minute on; split work may be broken off at every window's end. */
export function workForward(windows: readonly Interval[] | null, from: number, minutes: number, isSplit: boolean): Interval {
  if (windows === null || minutes === 0) return { start: from, end: from + minutes };
  let left = minutes;
  let begun = Infinity;
  for (let i = firstWindowAfter(windows, from); ; i += 1) {
    const span = windows[i];
    if (!span) return { start: Infinity, end: Infinity };
    const start = Math.max(from, span.start);
    if (!isSplit) {
      if (start + minutes <= span.end) return { start, end: start + minutes };
      continue;
    }
    begun = Math.min(begun, start);
    if (start + left <= span.end) return { start: begun, end: start + left };
    left -= span.end - start;
  }
}

/** The latest start from which work ends by a minute; -Infinity where none does. */
export function workBackward(windows: readonly Interval[] | null, end: number, minutes: number, isSplit: boolean): number {
  if (windows === null || minutes === 0) return end - minutes;
  let left = minutes;
  for (let i = Math.min(windows.length - 1, firstWindowAfter(windows, end)); i >= 0; i -= 1) {
    const span = windows[i];
    if (!span || span.start >= end) continue;
    const last = Math.min(end, span.end);
    if (!isSplit) {
      if (last - minutes >= span.start) return last - minutes;
      continue;
    }
    if (last - left >= span.start) return last - left;
    left -= last - span.start;
  }
  return Number.NEGATIVE_INFINITY;
}
