import { Board } from '../board';
import { placeInOrder } from '../placeInOrder';
import { findPlace } from '../placeTask';
import type { PreparedProblem } from '../preparedProblem';
import { prepareProblem } from '../preparedProblem';
import type { Plan } from '../problem';

/**
 * What a finisher does without a plan: always the work that can be begun first. Windows that close are left aside while choosing and put
 * right when the choice is decoded, so that the outcome keeps every rule.
 */
export function firstStartable(prepared: PreparedProblem): Plan {
  const withoutCloses = prepareProblem({
    ...prepared.problem,
    arcs: prepared.problem.arcs.map((arc) => ({ ...arc, pieces: [{ lo: arc.pieces[0]?.lo ?? 0, hi: null }] })),
  });
  const board = new Board(withoutCloses);
  const order: number[] = [];
  const open = new Set(prepared.tasks.map((_, index) => index));
  while (open.size > 0) {
    let best: { index: number; answer: Extract<ReturnType<typeof findPlace>, { kind: 'placed' }> } | null = null;
    for (const index of open) {
      if (withoutCloses.incoming[index]?.some((arc) => open.has(arc.from))) continue;
      const answer = findPlace(board, index, prepared.problem.fromMinute, { pieces: new Map(), mayShare: true });
      if (answer.kind === 'placed' && (!best || answer.placement.start < best.answer.placement.start)) best = { index, answer };
    }
    if (!best) break;
    board.keep(best.index, best.answer.placement, best.answer.holdEnds);
    order.push(best.index);
    open.delete(best.index);
  }
  return placeInOrder(prepared, { order: [...order, ...open] });
}
