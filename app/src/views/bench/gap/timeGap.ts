/** A stretch in which nobody looked, or a clock that was turned back. */
export type TimeGap =
  { readonly kind: 'away'; readonly fromMs: number; readonly toMs: number } | { readonly kind: 'turnedBack'; readonly byMs: number };

/** Longer than this without a tick is an absence: the machine slept, or the page was closed. Hidden pages still tick each minute. */
const AWAY_AFTER_MS = 5 * 60_000;
/** A clock that goes back by less is only being kept in step. */
const TURNED_BACK_MS = 2000;

/** What lies between two looks at the clock; null when nothing does. */
export function findTimeGap(lastSeenMs: number | null, nowMs: number): TimeGap | null {
  if (lastSeenMs === null) return null;
  if (nowMs < lastSeenMs - TURNED_BACK_MS) return { kind: 'turnedBack', byMs: lastSeenMs - nowMs };
  if (nowMs - lastSeenMs > AWAY_AFTER_MS) return { kind: 'away', fromMs: lastSeenMs, toMs: nowMs };
  return null;
}
