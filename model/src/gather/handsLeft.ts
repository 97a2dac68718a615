import type { Rung } from '../records/rung';
import { workedMs } from './gatherPlan';

/**
 * Minutes of hands that rungs still ask for: their own minutes, less what was worked on those that are begun. Getting ready is no part of it, for
 * that is shared by what is done together; so the figure does not depend on the plan.
 */
export function handsLeft(rungs: readonly Pick<Rung, 'state' | 'minutes' | 'workedMs' | 'startedAtMs'>[], nowMs: number): number {
  return rungs
    .filter(({ state }) => state !== 'done' && state !== 'leftOut')
    .reduce((sum, rung) => sum + Math.max(0, rung.minutes - workedMs(rung, nowMs) / 60_000), 0);
}
