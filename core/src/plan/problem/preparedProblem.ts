import type { ClockTable } from '../../cure/clockTable';
import { minuteAtProgress, progressAt } from '../../cure/clockTable';
import { closesByLabel, reopensByLabel } from '../../cure/labelTime';
import type { Interval } from '../../time/interval';
import { mergeIntervals } from '../../time/interval';
import { firstWindowAfter } from './windowSearch';
import type { ArcPiece, Certificate, Family, PlanArc, PlanProblem, PlanTask } from './problem';

/** A piece of an arc with its clock looked up. */
export interface PreparedPiece extends ArcPiece {
  readonly clock: ClockTable;
  /** the clock runs with the wall's: sums are enough */
  readonly isWall: boolean;
}

/** An arc with its ends and clocks looked up. */
export interface PreparedArc {
  readonly index: number;
  readonly from: number;
  readonly to: number;
  /** of every piece that closes, and of the first */
  readonly clock: ClockTable;
  readonly isWall: boolean;
  readonly pieces: readonly PreparedPiece[];
  readonly keepsLabelTime: boolean;
  readonly arc: PlanArc;
}

/** Somebody who can do a task, looked up. */
export interface PreparedDoer {
  readonly id: string;
  readonly resource: number;
  readonly windows: readonly Interval[];
}

/** A problem with numbers for names, for the decoder. */
export interface PreparedProblem {
  readonly problem: PlanProblem;
  readonly tasks: readonly PlanTask[];
  readonly windows: readonly (readonly Interval[] | null)[];
  /** when each task can be begun, where that is all it asks of hours; null: at any minute its windows allow */
  readonly begunIn: readonly (readonly Interval[] | null)[];
  readonly arcs: readonly PreparedArc[];
  readonly incoming: readonly (readonly PreparedArc[])[];
  readonly outgoing: readonly (readonly PreparedArc[])[];
  readonly clocks: ReadonlyMap<string, ClockTable>;
  /** what each task uses while it is worked on */
  readonly demands: readonly (readonly { readonly resource: number; readonly amount: number }[])[];
  readonly resourceIndex: ReadonlyMap<string, number>;
  /** who can do each task; empty where there is nobody to choose from */
  readonly doers: readonly (readonly PreparedDoer[])[];
  /** whose each place is that a task holds, as a number for each of its holds; −1 where nobody else can keep it there */
  readonly holdOwners: readonly (readonly number[])[];
  /** when each resource is asked for at all: the windows of all tasks that use it, where all have some; null: at any time */
  readonly openOf: readonly (readonly Interval[] | null)[];
  /** what a task uses or holds of a resource beyond all there is of it; null where there is enough */
  readonly tooMuch: readonly (Certificate['cause'] | null)[];
  /** family and tool of each task; null where it has none */
  readonly toolOf: readonly ({ readonly family: Family; readonly tool: number } | null)[];
  /** tasks that come before all others: what is under way, then what a laid film waits for in a window that will close, then what a locked time waits for */
  readonly first: readonly number[];
  /** open tasks of each family */
  readonly ofFamily: ReadonlyMap<string, readonly number[]>;
  /** the windows of the calendar with the most hours; null where there is none */
  readonly widest: readonly Interval[] | null;
  /** which stretch of hands a minute lies in, as a number: an evening, a Saturday */
  readonly eveningOf: (minute: number) => number;
  /** tasks in an order where predecessors come first */
  readonly topological: readonly number[];
}

/** Looks everything up once. The problem must be free of faults. */
export function prepareProblem(problem: PlanProblem): PreparedProblem {
  const taskIndex = new Map(problem.tasks.map((task, index) => [task.id, index]));
  const clocks = new Map(problem.clocks.map((clock) => [clock.id, clock.table]));
  const calendars = new Map(problem.calendars.map((calendar) => [calendar.id, calendar.windows]));
  const families = new Map(problem.families.map((family) => [family.id, family]));
  const toolIndex = new Map(problem.tools.map((tool, index) => [tool.id, index]));
  const resourceIndex = new Map(problem.resources.map((resource, index) => [resource.id, index]));
  const ofFamily = new Map<string, number[]>(problem.families.map((family) => [family.id, []]));
  problem.tasks.forEach((task, index) => {
    if (task.familyId !== null && !task.fixed) ofFamily.get(task.familyId)?.push(index);
  });
  const incoming: PreparedArc[][] = problem.tasks.map(() => []);
  const outgoing: PreparedArc[][] = problem.tasks.map(() => []);
  const arcs = problem.arcs.map((arc, index): PreparedArc => {
    const clock = lookUp(clocks, arc.clockId);
    const prepared: PreparedArc = {
      index,
      from: lookUp(taskIndex, arc.from),
      to: lookUp(taskIndex, arc.to),
      clock,
      isWall: isEven(clock),
      pieces: arc.pieces.map((piece) => {
        const own = piece.clockId === undefined ? clock : lookUp(clocks, piece.clockId);
        return { ...piece, clock: own, isWall: isEven(own) };
      }),
      keepsLabelTime: arc.keepsLabelTime ?? false,
      arc,
    };
    outgoing[prepared.from]?.push(prepared);
    incoming[prepared.to]?.push(prepared);
    return prepared;
  });
  const capacities = new Map(problem.resources.map(({ id, capacity }) => [id, capacity]));
  const widest = findWidest(problem);
  const owners = new Map<string, number>();
  const ownerOf = (key: string): number => {
    const known = owners.get(key) ?? owners.size;
    owners.set(key, known);
    return known;
  };
  return {
    problem,
    tasks: problem.tasks,
    windows: problem.tasks.map((task) => (task.calendarId === null ? null : lookUp(calendars, task.calendarId))),
    begunIn: problem.tasks.map(({ begunInCalendarId }) => (begunInCalendarId === undefined ? null : lookUp(calendars, begunInCalendarId))),
    arcs,
    incoming,
    outgoing,
    clocks,
    demands: problem.tasks.map((task) =>
      task.demands.map(({ resourceId, amount }) => ({ resource: lookUp(resourceIndex, resourceId), amount })),
    ),
    resourceIndex,
    doers: problem.tasks.map(({ doers }) =>
      (doers ?? []).map(({ resourceId, calendarId }) => ({
        id: resourceId,
        resource: lookUp(resourceIndex, resourceId),
        windows: lookUp(calendars, calendarId),
      })),
    ),
    holdOwners: problem.tasks.map(({ holds }) =>
      holds.map(({ ownerId, resourceId }) => (ownerId === null ? -1 : ownerOf(`${resourceId} ${ownerId}`))),
    ),
    openOf: findOpen(problem, calendars),
    tooMuch: problem.tasks.map((task) => findTooMuch(capacities, task)),
    toolOf: problem.tasks.map((task) => {
      if (task.familyId === null) return null;
      const family = lookUp(families, task.familyId);
      return { family, tool: lookUp(toolIndex, family.toolId) };
    }),
    first: findFirst(problem, arcs),
    ofFamily,
    widest,
    eveningOf: countEvenings(widest),
    topological: sortTopologically(problem.tasks.length, incoming, outgoing),
  };
}

/**
 * The spans of starts an arc allows after its predecessor's end, whole minutes, soonest first; `end` is Infinity where a span stays open.
 * A span whole minutes cannot meet is left out.
 */
export function arcSpans({ pieces, keepsLabelTime }: Pick<PreparedArc, 'pieces' | 'keepsLabelTime'>, fromEnd: number): Interval[] {
  const spans: Interval[] = [];
  for (const [nth, { lo, hi, clock, isWall }] of pieces.entries()) {
    const base = isWall ? fromEnd : progressAt(clock, fromEnd);
    const opensByFilm = lo <= 0 ? fromEnd : isWall ? base + lo : minuteAtProgress(clock, base + lo);
    const closesByFilm = hi === null ? Infinity : isWall ? base + hi : minuteAtProgress(clock, base + hi);
    const opens = keepsLabelTime && nth > 0 ? reopensByLabel(opensByFilm, fromEnd, lo) : opensByFilm;
    const closes = keepsLabelTime && hi !== null ? closesByLabel(closesByFilm, fromEnd, hi) : closesByFilm;
    // What is done may end within a minute; where nothing has to dry, what comes next need not wait for the next one.
    const start = lo <= 0 ? fromEnd : Math.max(fromEnd, Math.ceil(opens - 1e-6));
    const end = Math.floor(closes + 1e-6);
    // A window that is over before the film is fit for it is passed over where another opens.
    const isOver = keepsLabelTime && closes < opens && nth < pieces.length - 1;
    if (start <= end || (spans.length === 0 && !isOver)) spans.push({ start, end: Math.max(start, end) });
  }
  return spans;
}

/** The earliest end of the predecessor from which a successor at `start` still falls into the arc's piece. */
export function leastEndFor(arc: PreparedArc, start: number, piece: number): number {
  const hi = arc.pieces[piece]?.hi ?? null;
  if (hi === null) return Number.NEGATIVE_INFINITY;
  const byFilm = minuteAtProgress(arc.clock, progressAt(arc.clock, start) - hi);
  return Math.ceil((arc.keepsLabelTime ? Math.max(byFilm, start - hi) : byFilm) - 1e-6);
}

function findWidest({ calendars }: PlanProblem): readonly Interval[] | null {
  const total = (windows: readonly Interval[]): number => windows.reduce((sum, span) => sum + span.end - span.start, 0);
  return calendars.map((calendar) => calendar.windows).sort((a, b) => total(b) - total(a))[0] ?? null;
}

/** Evenings are the windows of the widest calendar; days where there is none. */
function countEvenings(widest: readonly Interval[] | null): (minute: number) => number {
  return widest ? (minute) => firstWindowAfter(widest, minute) : (minute) => Math.floor(minute / 1440);
}

function findFirst({ tasks, fromMinute }: PlanProblem, arcs: readonly PreparedArc[]): number[] {
  const underWay = tasks.flatMap((task, index) => (task.isUnderWay && !task.fixed ? [index] : []));
  const urgent = arcs.flatMap((arc) => {
    const hi = arc.pieces[0]?.hi ?? null;
    const laid = tasks[arc.from]?.fixed;
    if (hi === null || !laid || tasks[arc.to]?.fixed) return [];
    const closes = arcSpans(arc, laid.end)[0]?.end ?? Infinity;
    return closes > fromMinute && closes < Infinity ? [arc.to] : [];
  });
  const lockedStart = (arc: PreparedArc): number => tasks[arc.to]?.fixed?.start ?? -Infinity;
  const beforeLocked = arcs
    .filter((arc) => lockedStart(arc) >= fromMinute && !tasks[arc.from]?.fixed)
    .sort((a, b) => lockedStart(a) - lockedStart(b))
    .map((arc) => arc.from);
  return [...new Set([...underWay, ...urgent, ...beforeLocked])];
}

/** When each resource is asked for at all, by resource; null: at any time, or never. */
function findOpen({ tasks, resources }: PlanProblem, calendars: ReadonlyMap<string, readonly Interval[]>): (readonly Interval[] | null)[] {
  const askedIn = new Map<string, Set<string>>();
  const isAlways = new Set<string>();
  const ask = (resourceId: string, calendarId: string | null): void => {
    if (calendarId === null) isAlways.add(resourceId);
    else {
      const known = askedIn.get(resourceId);
      if (known) known.add(calendarId);
      else askedIn.set(resourceId, new Set([calendarId]));
    }
  };
  for (const task of tasks) {
    for (const { resourceId } of task.demands) ask(resourceId, task.calendarId);
    for (const { resourceId, calendarId } of task.doers ?? []) ask(resourceId, calendarId);
    // What is held is held through the night.
    for (const { resourceId } of task.holds) isAlways.add(resourceId);
  }
  return resources.map(({ id }) => {
    const used = isAlways.has(id) ? undefined : askedIn.get(id);
    return used ? mergeIntervals([...used].flatMap((calendarId) => calendars.get(calendarId) ?? [])) : null;
  });
}

function findTooMuch(capacities: ReadonlyMap<string, number>, { demands, holds }: PlanTask): Certificate['cause'] | null {
  for (const list of [demands, holds])
    for (const { resourceId } of list) {
      const capacity = capacities.get(resourceId) ?? 0;
      const needed = list.reduce((sum, other) => sum + (other.resourceId === resourceId ? other.amount : 0), 0);
      if (needed > capacity) return { kind: 'tooMuch', resourceId, needed, capacity };
    }
  return null;
}

/** Whether a clock runs at the wall's rate throughout. */
function isEven({ cumulative, stepMinutes }: ClockTable): boolean {
  return cumulative.every((progress, step) => progress === step * stepMinutes);
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
