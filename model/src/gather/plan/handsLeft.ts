import type { Rung } from '../../records/ladder/rung';
import { workedMs } from './gatherPlan';

/**
 * Minutes of hands that rungs still ask for: their planned minutes, less what was worked on those that are begun. Each counts its own getting ready,
 * as if it were done alone, so that the figure does not depend on the plan; a plan that shares getting ready needs less.
 *
 * @param minutesOf planned minutes of a rung
 */
export function handsLeft<Climbed extends Pick<Rung, 'state' | 'workedMs' | 'startedAtMs'>>(
  rungs: readonly Climbed[],
  minutesOf: (rung: Climbed) => number,
  nowMs: number,
): number {
  return rungs
    .filter(({ state }) => state !== 'done' && state !== 'leftOut')
    .reduce((sum, rung) => sum + Math.max(0, minutesOf(rung) - workedMs(rung, nowMs) / 60_000), 0);
}
