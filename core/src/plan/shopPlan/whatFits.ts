import type { RungTime } from './shopPlan';
import type { Interval } from '../../time/interval';

/** What is asked of the time at hand. */
export interface FitsQuestion {
  readonly nowMs: number;
  readonly minutes: number;
  /** when a rung that needs dry air and light has them; null: it needs none */
  readonly sprayWindowsOf: (rungId: string) => readonly Interval[] | null;
}

/** A rung that fits, with the minutes it takes hands. */
export interface FittingRung {
  readonly rungId: string;
  readonly minutes: number;
  /** only a stretch of it fits; it may be set down */
  readonly isPart: boolean;
}

/**
 * What can be begun now and is over, or can be set down, within the time at hand: in the order of the plan, each after the one before.
 * What waits for a film or for other work is not offered, however short it is.
 */
export function whatFits(rungs: readonly RungTime[], { nowMs, minutes, sprayWindowsOf }: FitsQuestion): FittingRung[] {
  const planned = new Set(rungs.map((time) => time.rungId));
  const fitting: FittingRung[] = [];
  let used = 0;
  for (const time of rungs) {
    const left = minutes - used;
    if (left < 1) break;
    // Waiting for a rung that is itself only planned, or for a minute that is still to come, is no work for now.
    const waits = time.reasons?.waits ?? [];
    const isReady = waits.every(
      ({ minute, cause }) => minute * 60_000 <= nowMs + 60_000 && (cause.kind !== 'arc' || !planned.has(cause.fromTaskId)),
    );
    if (!isReady) continue;
    const own = Math.round(time.chunks.reduce((sum, chunk) => sum + chunk.end - chunk.start, 0) / 60_000);
    const startMs = nowMs + used * 60_000;
    const windows = sprayWindowsOf(time.rungId);
    if (windows && !windows.some((span) => span.start <= startMs && startMs + own * 60_000 <= span.end)) continue;
    const isSplit = time.isSplittable && own > left;
    if (own > left && !isSplit) continue;
    fitting.push({ rungId: time.rungId, minutes: Math.min(own, left), isPart: own > left });
    used += Math.min(own, left);
  }
  return fitting;
}
