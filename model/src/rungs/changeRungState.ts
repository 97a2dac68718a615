import { workedMs } from '../gather/plan/gatherPlan';
import type { Rung, RungState } from '../records/ladder/rung';

/** Work on one rung that is longer than this was never meant: a timer was forgotten. */
export const LONGEST_WORK_MS = 100 * 3_600_000;

/** The states a rung may go to from each. */
export const RUNG_MOVES: Readonly<Record<RungState, readonly RungState[]>> = {
  open: ['inHand', 'done', 'leftOut'],
  inHand: ['setDown', 'done', 'leftOut'],
  setDown: ['inHand', 'done', 'leftOut', 'open'],
  done: ['open'],
  leftOut: ['open', 'inHand', 'done'],
};

/** The fields of a rung that go with its state. */
export type RungStateFields = Pick<Rung, 'state' | 'startedAtMs' | 'workedMs' | 'doneAtMs'>;

/** What comes of a wish to bring a rung into another state. */
export type RungStateChange =
  | { readonly kind: 'changed'; readonly fields: RungStateFields }
  /** its present state does not lead to the wanted one, for example because it has it already */
  | { readonly kind: 'nothingToDo' }
  /** the timer ran longer than any work: how long it really was has to be said */
  | { readonly kind: 'tooLong'; readonly workedMs: number };

/**
 * Brings a rung into another state, with the moments that go with it. The one place that knows which those are.
 *
 * @param nowMs the moment of the change
 * @param saidMs the work as the finisher tells it; null: what the timer says
 */
export function changeRungState(
  rung: Pick<Rung, 'state' | 'startedAtMs' | 'workedMs' | 'doneAtMs'>,
  to: RungState,
  nowMs: number,
  saidMs: number | null = null,
): RungStateChange {
  if (!RUNG_MOVES[rung.state].includes(to)) return { kind: 'nothingToDo' };
  // What was left out and is put back in keeps the work it had; what has to be done again begins anew.
  const kept = rung.state === 'leftOut' ? rung.workedMs : 0;
  if (to === 'open') return { kind: 'changed', fields: { state: to, startedAtMs: null, workedMs: kept, doneAtMs: null } };
  const worked = Math.round(saidMs ?? workedMs(rung, nowMs));
  if (worked > LONGEST_WORK_MS) return { kind: 'tooLong', workedMs: worked };
  const at = Math.round(nowMs);
  return {
    kind: 'changed',
    fields: { state: to, startedAtMs: to === 'inHand' ? at : null, workedMs: worked, doneAtMs: to === 'done' ? at : null },
  };
}
