import type { Interval } from '../../time/interval';
import type { PlanProblem } from './problem';

/** Whether what is settled lies behind: it takes part in waits and held places, but nothing of it is left to do. */
export function isFact({ problem }: { readonly problem: Pick<PlanProblem, 'fromMinute'> }, fixed: Interval | null): boolean {
  return fixed !== null && fixed.end <= problem.fromMinute;
}
