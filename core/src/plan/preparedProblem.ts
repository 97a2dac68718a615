import type { ClockTable } from '../cure/clockTable';
import { minuteAtProgress, progressAt } from '../cure/clockTable';
import type { Interval } from '../time/interval';
import type { ArcPiece, PlanArc, PlanProblem, PlanTask } from './problem';

/** An arc with its ends and clock looked up. */
export interface PreparedArc {
  readonly index: number;
  readonly from: number;
  readonly to: number;
  readonly clock: ClockTable;
  readonly pieces: readonly ArcPiece[];
  readonly arc: PlanArc;
}

/** A problem with numbers for names, for the decoder. */
export interface PreparedProblem {
  readonly problem: PlanProblem;
  readonly tasks: readonly PlanTask[];
  readonly windows: readonly (readonly Interval[] | null)[];
  readonly arcs: readonly PreparedArc[];
  readonly incoming: readonly (readonly PreparedArc[])[];
  readonly outgoing: readonly (readonly PreparedArc[])[];
  readonly clocks: ReadonlyMap<string, ClockTable>;
  readonly resourceIndex: ReadonlyMap<string, number>;
  /** tasks in an order where predecessors come first */
  readonly topological: readonly number[];
}

/** Looks everything up once. The problem must be free of faults. */
export function prepareProblem(problem: PlanProblem): PreparedProblem {
  const taskIndex = new Map(problem.tasks.map((task, index) => [task.id, index]));
  const clocks = new Map(problem.clocks.map((clock) => [clock.id, clock.table]));
  const calendars = new Map(problem.calendars.map((calendar) => [calendar.id, calendar.windows]));
  const incoming: PreparedArc[][] = problem.tasks.map(() => []);
  const outgoing: PreparedArc[][] = problem.tasks.map(() => []);
  const arcs = problem.arcs.map((arc, index): PreparedArc => {
    const prepared = {
      index,
      from: lookUp(taskIndex, arc.from),
      to: lookUp(taskIndex, arc.to),
      clock: lookUp(clocks, arc.clockId),
      pieces: arc.pieces,
      arc,
    };
    outgoing[prepared.from]?.push(prepared);
    incoming[prepared.to]?.push(prepared);
    return prepared;
  });
  return {
    problem,
    tasks: problem.tasks,
    windows: problem.tasks.map((task) => (task.calendarId === null ? null : lookUp(calendars, task.calendarId))),
    arcs,
    incoming,
    outgoing,
    clocks,
    resourceIndex: new Map(problem.resources.map((resource, index) => [resource.id, index])),
    topological: sortTopologically(problem.tasks.length, incoming, outgoing),
  };
}

/** Where a successor may start, minutes: the earliest allowed at or after `start`, and in which piece; null past all pieces. */
export function allowedStart(
  arc: PreparedArc,
  fromEnd: number,
  start: number,
  useLatePiece: boolean,
): { readonly start: number; readonly piece: number } | null {
  const base = progressAt(arc.clock, fromEnd);
  for (let piece = 0; piece < arc.pieces.length; piece += 1) {
    if (piece > 0 && !useLatePiece) break;
    const span = arc.pieces[piece];
    if (!span) break;
    const opens = span.lo <= 0 ? fromEnd : Math.ceil(minuteAtProgress(arc.clock, base + span.lo) - 1e-6);
    const closes = span.hi === null ? Infinity : Math.floor(minuteAtProgress(arc.clock, base + span.hi) + 1e-6);
    const at = Math.max(start, fromEnd, opens);
    if (at <= closes) return { start: at, piece };
  }
  return null;
}

/** The earliest end of the predecessor from which a successor at `start` still falls into the arc's piece. */
export function leastEndFor(arc: PreparedArc, start: number, piece: number): number {
  const hi = arc.pieces[piece]?.hi ?? null;
  if (hi === null) return Number.NEGATIVE_INFINITY;
  return Math.ceil(minuteAtProgress(arc.clock, progressAt(arc.clock, start) - hi) - 1e-6);
}

function sortTopologically(
  count: number,
  incoming: readonly (readonly PreparedArc[])[],
  outgoing: readonly (readonly PreparedArc[])[],
): number[] {
  const open = incoming.map((arcs) => arcs.length);
  const order: number[] = [];
  for (let index = 0; index < count; index += 1) if (open[index] === 0) order.push(index);
  for (let head = 0; head < order.length; head += 1) {
    for (const arc of outgoing[order[head] ?? -1] ?? []) {
      const left = (open[arc.to] ?? 0) - 1;
      open[arc.to] = left;
      if (left === 0) order.push(arc.to);
    }
  }
  return order;
}

function lookUp<K, V>(map: ReadonlyMap<K, V>, key: K): V {
  const value = map.get(key);
  if (value === undefined) throw new RangeError(`the problem names ${String(key)}, which it does not hold`);
  return value;
}
