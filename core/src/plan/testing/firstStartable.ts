import { dispatchOrder, withoutCloses } from '../dispatchOrder';
import { placeInOrder } from '../placeInOrder';
import type { PreparedProblem } from '../preparedProblem';
import type { Plan } from '../problem';

/**
 * What a finisher does without a plan: always the work that can be begun first, without waiting for what could share a session. Windows that close are left aside while choosing and put
 * right when the choice is decoded, so that the outcome keeps every rule.
 */
export function firstStartable(prepared: PreparedProblem): Plan {
  const order = dispatchOrder(withoutCloses(prepared), [], { urgency: 0, setup: 0 });
  return placeInOrder(prepared, { order, takesAsItComes: true });
}
