import { hashName } from '../../random/hashName';
import { isFact } from '../problem/isFact';
import type { PreparedArc, PreparedProblem } from '../problem/preparedProblem';
import type { Family } from '../problem/problem';
import { isWithin } from '../problem/windowSearch';
import { ClockReader } from './clockReader';

/** Arcs as the player reads them: those out of task t from `from[t]` to `from[t + 1]`. */
export interface PlayArcs {
  readonly from: Int32Array;
  readonly to: Int32Array;
  readonly clock: readonly ClockReader[];
  /** of the second piece */
  readonly clock2: readonly ClockReader[];
  readonly lo: Float64Array;
  /** Infinity where the window does not close */
  readonly hi: Float64Array;
  /** when it opens again; Infinity where it never does */
  readonly lo2: Float64Array;
  /** index of the film whose drying decides it; −1 where none does */
  readonly film: Int32Array;
  /** 1 where it closes with the film's own drying, not with the label's time */
  readonly closesWithFilm: Uint8Array;
  /** 1 where it closes by the wall's minutes too, and opens again no sooner than by them */
  readonly keepsLabelTime: Uint8Array;
}

/** A place held after the work. */
export interface PlayHold {
  readonly resource: number;
  readonly amount: number;
  readonly clock: ClockReader;
  readonly progress: number;
  readonly film: number;
  /** holds of one owner are one place, however often it is taken up anew */
  readonly owner: number;
}

/** Windows that must not be missed: all between their opener and the last work in them, predecessors first. */
export interface PlayWindow {
  readonly between: readonly number[];
  /** what the work in the window waits for besides, which therefore comes before the opener */
  readonly besides: readonly number[];
}

/** A problem in flat lists, made to be played thousands of times. Index is the task's throughout. */
export interface PlayTables {
  readonly prepared: PreparedProblem;
  readonly count: number;
  readonly isFact: Uint8Array;
  /** facts that something open still waits for, or that still keep a place */
  readonly tellingFacts: readonly number[];
  readonly minutes: Float64Array;
  /** the name of each task as a number, from which its luck is drawn */
  readonly taskNames: Float64Array;
  /** shortest stretch worth taking up; −1 where work is done in one go */
  readonly leastChunk: Float64Array;
  /** index of the calendar, −1 where none */
  readonly calendar: Int32Array;
  /** index of the calendar in whose hours somebody must begin it; −1 where nobody need */
  readonly begunIn: Int32Array;
  /** windows of all calendars in a row: those of calendar c from `windowsFrom[c]` to `windowsFrom[c + 1]` */
  readonly windowStart: Float64Array;
  readonly windowEnd: Float64Array;
  readonly windowsFrom: Int32Array;
  readonly arcs: PlayArcs;
  readonly predecessors: Int32Array;
  readonly notBefore: Float64Array;
  /** the tool each task needs; −1 where none, and getting it ready for the task's family */
  readonly tool: Int32Array;
  readonly families: readonly (Family | undefined)[];
  readonly setup: Float64Array;
  /** 1 for what is locked to a time that is still to come */
  readonly isLocked: Uint8Array;
  /** what each task uses: pairs of resource and amount */
  readonly demands: readonly Int32Array[];
  /**
   * the part of that use which the task's own hold does not already reserve; a hold is reserved when the work begins, so that it is there
   * when the work ends
   */
  readonly takes: readonly Int32Array[];
  /** who can do each task: pairs of resource and calendar, the first preferred; empty where there is nobody to choose from */
  readonly doers: readonly Int32Array[];
  readonly holds: readonly (readonly PlayHold[])[];
  readonly owners: number;
  /** what must follow each task in time; null where nothing must */
  readonly windows: readonly (PlayWindow | null)[];
  /** tasks that are being worked on right now */
  readonly underWay: readonly number[];
  /** tasks locked to a time that is still to come, soonest first */
  readonly locked: readonly number[];
  /** the resource that all open tasks use but a few, hands; −1 where there is none */
  readonly bottleneck: number;
  /** open tasks that can begin although the resource is used up or nobody is there: tasks that do not use it, and tasks locked to a time */
  readonly others: readonly number[];
  /** those whose hands there are: pairs of resource and the widest calendar; empty where nobody is named */
  readonly crew: Int32Array;
  readonly films: readonly string[];
}

/** Reads a problem for the player. */
export function readPlayTables(prepared: PreparedProblem): PlayTables {
  const { problem, tasks } = prepared;
  const clocks = new Map([...prepared.clocks].map(([id, table]) => [id, new ClockReader(table)]));
  const calendarIds = problem.calendars.map((calendar) => calendar.id);
  const windows = problem.calendars.flatMap((calendar) => calendar.windows);
  const windowsFrom = new Int32Array(problem.calendars.length + 1);
  problem.calendars.forEach((calendar, at) => (windowsFrom[at + 1] = (windowsFrom[at] ?? 0) + calendar.windows.length));
  const films: string[] = [];
  const reader = (id: string): ClockReader => {
    const found = clocks.get(id);
    if (!found) throw new RangeError(`the problem names the clock ${id}, which it does not hold`);
    return found;
  };
  const arcs = readArcs(prepared, reader, films);
  // What nobody else can keep in its place is an owner of its own, after those that are shared.
  let owners = 1 + Math.max(-1, ...prepared.holdOwners.flat());
  const shared = (index: number, at: number): number | null => {
    const owner = prepared.holdOwners[index]?.[at] ?? -1;
    return owner < 0 ? null : owner;
  };
  const holds = tasks.map((task, index) =>
    task.holds.map((hold, at): PlayHold => ({
      resource: prepared.resourceIndex.get(hold.resourceId) ?? 0,
      amount: hold.amount,
      clock: reader(hold.clockId),
      progress: hold.progress,
      film: arcs.film.subarray(arcs.from[index], arcs.from[index + 1]).find((film) => film >= 0) ?? -1,
      owner: shared(index, at) ?? owners++,
    })),
  );
  const facts = Uint8Array.from(tasks, (task) => (isFact(prepared, task.fixed) ? 1 : 0));
  const { bottleneck, others } = findBottleneck(prepared, facts);
  const locked = tasks
    .flatMap((task, index) => (task.fixed && !facts[index] ? [index] : []))
    .sort((a, b) => (tasks[a]?.fixed?.start ?? 0) - (tasks[b]?.fixed?.start ?? 0));
  return {
    prepared,
    count: tasks.length,
    isFact: facts,
    tellingFacts: tasks.flatMap((task, index) =>
      facts[index] && (task.holds.length > 0 || (prepared.outgoing[index] ?? []).some((arc) => !facts[arc.to])) ? [index] : [],
    ),
    minutes: Float64Array.from(tasks, (task) => task.minutes),
    taskNames: Float64Array.from(tasks, (task) => hashName(task.id)),
    leastChunk: Float64Array.from(tasks, (task) => task.leastChunkMinutes ?? -1),
    calendar: Int32Array.from(tasks, (task) => (task.calendarId === null ? -1 : calendarIds.indexOf(task.calendarId))),
    begunIn: Int32Array.from(tasks, ({ begunInCalendarId: id }) => (id === undefined ? -1 : calendarIds.indexOf(id))),
    windowStart: Float64Array.from(windows, ({ start }) => start),
    windowEnd: Float64Array.from(windows, ({ end }) => end),
    windowsFrom,
    arcs,
    predecessors: Int32Array.from(prepared.incoming, (arcs) => arcs.length),
    notBefore: Float64Array.from(tasks, (task) => Math.max(problem.fromMinute, task.notBeforeMinute ?? problem.fromMinute)),
    tool: Int32Array.from(prepared.toolOf, (loaded) => loaded?.tool ?? -1),
    families: prepared.toolOf.map((loaded) => loaded?.family),
    setup: Float64Array.from(prepared.toolOf, (loaded) => loaded?.family.setupMinutes ?? 0),
    isLocked: Uint8Array.from(tasks, (task, index) => (task.fixed && !facts[index] ? 1 : 0)),
    demands: prepared.demands.map((demands) => Int32Array.from(demands.flatMap(({ resource, amount }) => [resource, amount]))),
    takes: prepared.demands.map((demands, index) =>
      Int32Array.from(
        demands.flatMap(({ resource, amount }) => {
          // What is set down keeps nothing until it is done.
          const held = tasks[index]?.leastChunkMinutes === null ? heldOf(holds[index] ?? [], resource) : 0;
          return amount > held ? [resource, amount - held] : [];
        }),
      ),
    ),
    doers: tasks.map(({ doers }) =>
      Int32Array.from(
        (doers ?? []).flatMap(({ resourceId, calendarId }) => [
          prepared.resourceIndex.get(resourceId) ?? 0,
          calendarIds.indexOf(calendarId),
        ]),
      ),
    ),
    holds,
    owners,
    windows: findWindows(prepared),
    underWay: tasks.flatMap(({ isUnderWay, fixed }, index) => (isUnderWay && !fixed ? [index] : [])),
    locked,
    bottleneck,
    // What is locked is begun whether hands are there or not.
    others: [...others, ...locked],
    crew: findCrew(prepared, calendarIds, bottleneck),
    films,
  };
}

function heldOf(holds: readonly PlayHold[], resource: number): number {
  return holds.reduce((sum, hold) => sum + (hold.resource === resource ? hold.amount : 0), 0);
}

function readArcs(prepared: PreparedProblem, reader: (id: string) => ClockReader, films: string[]): PlayArcs {
  const all = prepared.outgoing.flat();
  const from = new Int32Array(prepared.tasks.length + 1);
  prepared.outgoing.forEach((arcs, index) => (from[index + 1] = (from[index] ?? 0) + arcs.length));
  const filmOf = ({ arc: { reason } }: PreparedArc): number => {
    if (reason.kind !== 'film' && reason.kind !== 'missedWindow') return -1;
    if (!films.includes(reason.filmName)) films.push(reason.filmName);
    return films.indexOf(reason.filmName);
  };
  return {
    from,
    to: Int32Array.from(all, (arc) => arc.to),
    clock: all.map((arc) => reader(arc.arc.clockId)),
    clock2: all.map((arc) => reader(arc.arc.pieces[1]?.clockId ?? arc.arc.clockId)),
    lo: Float64Array.from(all, (arc) => arc.pieces[0]?.lo ?? 0),
    hi: Float64Array.from(all, (arc) => arc.pieces[0]?.hi ?? Infinity),
    lo2: Float64Array.from(all, (arc) => arc.pieces[1]?.lo ?? Infinity),
    film: Int32Array.from(all, filmOf),
    keepsLabelTime: Uint8Array.from(all, (arc) => (arc.keepsLabelTime ? 1 : 0)),
    closesWithFilm: Uint8Array.from(all, ({ arc: { reason } }) => (reason.kind === 'film' && reason.milestone === 'pull' ? 1 : 0)),
  };
}

/** For each task that opens a window which closes for good: all that must follow in time, window upon window. */
function findWindows(prepared: PreparedProblem): (PlayWindow | null)[] {
  const place = new Int32Array(prepared.tasks.length);
  prepared.topological.forEach((index, at) => (place[index] = at));
  const closersOf = prepared.outgoing.map((arcs) =>
    arcs.flatMap((arc) => (arc.pieces.length === 1 && arc.pieces[0]?.hi != null && !prepared.tasks[arc.to]?.fixed ? [arc.to] : [])),
  );
  return closersOf.map((closers, opener): PlayWindow | null => {
    if (closers.length === 0 || prepared.tasks[opener]?.fixed) return null;
    const inTime = reach(opener, (index) => closersOf[index] ?? []);
    const after = reach(opener, (index) => prepared.outgoing[index]?.map((next) => next.to) ?? []);
    const before = new Set(
      [...inTime].flatMap((last) => [...reach(last, (index) => prepared.incoming[index]?.map((next) => next.from) ?? [])]),
    );
    const between = [...after].filter((index) => before.has(index) && index !== opener).sort((a, b) => (place[a] ?? 0) - (place[b] ?? 0));
    const besides = new Set(
      between.flatMap((index) => (prepared.incoming[index] ?? []).flatMap((next) => (after.has(next.from) ? [] : [next.from]))),
    );
    return { between, besides: [...besides].filter((index) => !prepared.tasks[index]?.fixed) };
  });
}

function reach(from: number, next: (index: number) => readonly number[]): Set<number> {
  const found = new Set([from]);
  for (const index of found) for (const other of next(index)) found.add(other);
  return found;
}

/** More tasks than this that do without it, and there is nothing nearly all need. */
const MOST_OTHERS = 32;

function findBottleneck({ problem, demands, tasks }: PreparedProblem, facts: Uint8Array): Pick<PlayTables, 'bottleneck' | 'others'> {
  const others = problem.resources.map((_, resource) =>
    tasks.flatMap((task, index) =>
      facts[index] || task.fixed || (demands[index] ?? []).some((demand) => demand.resource === resource) ? [] : [index],
    ),
  );
  const fewest = Math.min(MOST_OTHERS, ...others.map((list) => list.length));
  const bottleneck = others.findIndex((list) => list.length === fewest);
  return bottleneck < 0 || fewest * 4 > tasks.length ? { bottleneck: -1, others: [] } : { bottleneck, others: others[bottleneck] ?? [] };
}

/** Each who does tasks, with a calendar that holds all the hours of theirs; empty where not all hands there are belong to somebody known. */
function findCrew({ tasks, problem, resourceIndex }: PreparedProblem, calendarIds: readonly string[], bottleneck: number): Int32Array {
  const named = new Set(tasks.flatMap(({ doers }) => (doers ?? []).map(({ resourceId }) => resourceId)));
  if (named.size !== (problem.resources[bottleneck]?.capacity ?? 0)) return new Int32Array(0);
  return Int32Array.from(
    [...named].flatMap((resourceId) => {
      const used = new Set(
        tasks.flatMap((task) => [
          ...(task.doers ?? []).filter((doer) => doer.resourceId === resourceId).map(({ calendarId }) => calendarId),
          ...(task.demands.some((demand) => demand.resourceId === resourceId) && task.calendarId !== null ? [task.calendarId] : []),
        ]),
      );
      const calendars = problem.calendars.filter(({ id }) => used.has(id));
      const around = calendars.find((outer) => calendars.every((inner) => inner.windows.every((span) => isWithin(span, outer.windows))));
      return [resourceIndex.get(resourceId) ?? 0, calendarIds.indexOf(around?.id ?? '')];
    }),
  );
}
