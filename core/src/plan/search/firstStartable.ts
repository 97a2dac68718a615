import type { DispatchWeights } from './dispatchOrder';
import { dispatchOrder, dispatchSteps } from './dispatchOrder';
import type { PlanGenes } from '../place/placeInOrder';
import type { PreparedProblem } from '../problem/preparedProblem';

const NO_WEIGHTS: DispatchWeights = { urgency: 0, setup: 0 };

/**
 * What a finisher does without a plan: always the work that can be begun first, without waiting for what could share a session. Windows
 * that close are left aside while choosing and put right when the choice is decoded, so that the outcome keeps every rule.
 *
 * @param open the problem without closes (see withoutCloses)
 */
export function firstStartable(open: PreparedProblem): PlanGenes {
  return { order: dispatchOrder(open, [], NO_WEIGHTS), takesAsItComes: true };
}

/** The same, with pauses (see {@link dispatchSteps}). */
export function* firstStartableSteps(open: PreparedProblem): Generator<undefined, PlanGenes> {
  return { order: yield* dispatchSteps(open, [], NO_WEIGHTS), takesAsItComes: true };
}
