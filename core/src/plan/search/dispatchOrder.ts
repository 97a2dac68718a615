import { PartialPlan } from '../place/partialPlan';
import { findPlace } from '../place/placeTask';
import type { PreparedProblem } from '../problem/preparedProblem';
import { prepareProblem } from '../problem/preparedProblem';

/** How work is chosen while a plan is laid out along time. */
export interface DispatchWeights {
  /** minutes a task may start later for each minute it is more urgent */
  readonly urgency: number;
  /** minutes a task may start later for each minute of setup it saves */
  readonly setup: number;
}

/** The problem with every window left open: what closes is put right when an order is decoded. */
export function withoutCloses({ problem }: PreparedProblem): PreparedProblem {
  return prepareProblem({
    ...problem,
    arcs: problem.arcs.map((arc) => ({ ...arc, pieces: [{ lo: arc.pieces[0]?.lo ?? 0, hi: null }] })),
  });
}

/**
 * An order made along time: of what could be begun, always the task that is cheapest by its start, less its urgency, more its setup.
 * With no weights it is "whatever can be begun first".
 *
 * @param open the problem without closes (see {@link withoutCloses})
 * @param urgencies minutes, by task index: greater where it should be begun sooner (UrgencyMeter measures them)
 */
export function dispatchOrder(open: PreparedProblem, urgencies: readonly number[], weights: DispatchWeights): number[] {
  const steps = dispatchSteps(open, urgencies, weights);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** Tasks placed between two pauses: some twenty milliseconds with thousands of tasks. */
const PAUSE_TASKS = 64;

/** The same, with pauses in which whoever asked may answer something else, or give up. */
export function* dispatchSteps(
  open: PreparedProblem,
  urgencies: readonly number[],
  weights: DispatchWeights,
): Generator<undefined, number[]> {
  const partial = new PartialPlan(open);
  const order: number[] = [];
  const waitsFor = open.incoming.map((arcs) => arcs.filter((arc) => !open.tasks[arc.from]?.fixed).length);
  open.tasks.forEach((task, index) => {
    if (!task.fixed) return;
    const { start, end } = task.fixed;
    const setupMinutes = end > open.problem.fromMinute ? (open.toolOf[index]?.family.setupMinutes ?? 0) : 0;
    partial.keep(index, { taskId: task.id, start, end, setupMinutes, chunks: [{ start, end }] }, partial.holdEndsOf(index, end));
    order.push(index);
  });
  const ready = new Map<number, number>();
  const scoreOf = (index: number): { score: number; place: ReturnType<typeof place> } => {
    const found = place(index);
    const score =
      found.kind === 'placed'
        ? found.placement.start - weights.urgency * (urgencies[index] ?? 0) + weights.setup * found.placement.setupMinutes
        : Infinity;
    return { score, place: found };
  };
  const place = (index: number) =>
    findPlace(partial, index, Math.max(open.problem.fromMinute, open.tasks[index]?.notBeforeMinute ?? 0), {
      pieces: new Map(),
      mayShare: true,
    });
  open.tasks.forEach((task, index) => {
    if (!task.fixed && waitsFor[index] === 0) ready.set(index, scoreOf(index).score);
  });
  while (ready.size > 0) {
    // What is placed only delays the rest, so a score that was worked out before is at most too low: the least is worked out anew.
    let best = least(ready);
    let current = scoreOf(best);
    while (current.score > (ready.get(best) ?? 0) + 1e-9) {
      ready.set(best, current.score);
      best = least(ready);
      current = scoreOf(best);
    }
    ready.delete(best);
    order.push(best);
    if (order.length % PAUSE_TASKS === 0) yield;
    if (current.place.kind !== 'placed') continue;
    partial.keep(best, current.place.placement, current.place.holdEnds);
    for (const arc of open.outgoing[best] ?? []) {
      const left = (waitsFor[arc.to] ?? 1) - 1;
      waitsFor[arc.to] = left;
      if (left === 0) ready.set(arc.to, scoreOf(arc.to).score);
    }
    // A session that is open now makes its own family cheaper.
    const family = open.tasks[best]?.familyId;
    if (weights.setup > 0 && family != null)
      for (const index of open.ofFamily.get(family) ?? []) if (ready.has(index)) ready.set(index, scoreOf(index).score);
  }
  const listed = new Set(order);
  return [...order, ...open.tasks.flatMap((_, index) => (listed.has(index) ? [] : [index]))];
}

function least(scores: ReadonlyMap<number, number>): number {
  let best = -1;
  let lowest = Infinity;
  for (const [index, score] of scores) {
    if (best >= 0 && score >= lowest) continue;
    best = index;
    lowest = score;
  }
  return best;
}
