import { minuteAfter } from '../cure/clockTable';
import type { Interval } from '../time/interval';
import type { PreparedProblem } from './preparedProblem';
import { allowedStart } from './preparedProblem';
import type { Certificate, Placement, PlanTask } from './problem';
import type { UsageProfile } from './usageProfile';
import { firstFit, firstWindowAfter } from './windowSearch';

/** Which pieces of two-piece arcs may be used: all, or only the first. Keyed by arc index. */
export type PieceChoice = ReadonlyMap<number, 'early' | 'late'>;

/** A free place for a task, or what is in the way. */
export type PlaceAnswer =
  | { readonly kind: 'placed'; readonly placement: Placement; readonly holdEnds: readonly number[]; readonly latePieceOf: number | null }
  | { readonly kind: 'pastWindow'; readonly arcIndex: number; readonly start: number }
  | { readonly kind: 'impossible'; readonly cause: Certificate['cause'] };

/** How often the constraints of one task are gone round before giving up: each turn moves the start later, so this is never met in practice. */
const MOST_TURNS = 5_000;

/**
 * The earliest start of a task, at or after `notBefore`, that all its constraints allow around what is placed. Every constraint only
 * moves the start later, so going round them until none moves it gives the least one.
 */
export function findPlace(
  prepared: PreparedProblem,
  index: number,
  notBefore: number,
  placements: readonly (Placement | undefined)[],
  profiles: readonly UsageProfile[],
  pieces: PieceChoice,
): PlaceAnswer {
  const task = prepared.tasks[index];
  if (!task) throw new RangeError(`no task ${index}`);
  const windows = prepared.windows[index] ?? null;
  let start = notBefore;
  for (let turn = 0; turn < MOST_TURNS; turn += 1) {
    const before = start;
    let latePieceOf: number | null = null;
    for (const arc of prepared.incoming[index] ?? []) {
      const from = placements[arc.from];
      if (!from) return { kind: 'impossible', cause: { kind: 'waitsFor', taskId: prepared.tasks[arc.from]?.id ?? '' } };
      const allowed = allowedStart(arc, from.end, start, pieces.get(arc.index) !== 'early');
      if (!allowed) return { kind: 'pastWindow', arcIndex: arc.index, start };
      if (!Number.isFinite(allowed.start)) return { kind: 'impossible', cause: { kind: 'neverReady', fromTaskId: from.taskId } };
      if (allowed.piece > 0) latePieceOf = arc.index;
      start = allowed.start;
    }
    const body = fitBody(prepared, task, windows, start, profiles);
    if (body.kind !== 'fits') return body;
    start = body.chunks[0]?.start ?? start;
    const end = body.chunks.at(-1)?.end ?? start;
    if (end > prepared.problem.horizonMinute)
      return { kind: 'impossible', cause: { kind: 'beyondHorizon', horizonMinute: prepared.problem.horizonMinute } };
    const holds = fitHolds(prepared, task, end, profiles);
    if (holds.kind === 'shift') {
      if (!Number.isFinite(holds.minutes))
        return { kind: 'impossible', cause: { kind: 'beyondHorizon', horizonMinute: prepared.problem.horizonMinute } };
      start += Math.max(1, holds.minutes);
    }
    if (start === before && holds.kind === 'fits') {
      return { kind: 'placed', placement: { taskId: task.id, start, end, chunks: body.chunks }, holdEnds: holds.ends, latePieceOf };
    }
  }
  return { kind: 'impossible', cause: { kind: 'beyondHorizon', horizonMinute: prepared.problem.horizonMinute } };
}

type BodyAnswer =
  { readonly kind: 'fits'; readonly chunks: readonly Interval[] } | { readonly kind: 'impossible'; readonly cause: Certificate['cause'] };

function fitBody(
  prepared: PreparedProblem,
  task: PlanTask,
  windows: readonly Interval[] | null,
  from: number,
  profiles: readonly UsageProfile[],
): BodyAnswer {
  for (const demand of task.demands) {
    const capacity = prepared.problem.resources[prepared.resourceIndex.get(demand.resourceId) ?? -1]?.capacity ?? 0;
    if (demand.amount > capacity)
      return { kind: 'impossible', cause: { kind: 'tooMuch', resourceId: demand.resourceId, needed: demand.amount, capacity } };
  }
  if (task.minutes === 0) return { kind: 'fits', chunks: [{ start: from, end: from }] };
  const used = task.demands.map((demand) => ({
    profile: profiles[prepared.resourceIndex.get(demand.resourceId) ?? -1],
    amount: demand.amount,
  }));
  if (task.leastChunkMinutes !== null) return fitChunks(prepared, task, windows, from, used);
  let start = from;
  for (let before = -1; before !== start;) {
    before = start;
    start = firstFit(windows, start, task.minutes);
    for (const { profile, amount } of used) if (profile && Number.isFinite(start)) start = profile.firstFree(start, task.minutes, amount);
    if (!Number.isFinite(start)) return noWindow(task, windows, prepared);
  }
  return { kind: 'fits', chunks: [{ start, end: start + task.minutes }] };
}

function fitChunks(
  prepared: PreparedProblem,
  task: PlanTask,
  windows: readonly Interval[] | null,
  from: number,
  used: readonly { readonly profile: UsageProfile | undefined; readonly amount: number }[],
): BodyAnswer {
  const chunks: Interval[] = [];
  let left = task.minutes;
  let at = from;
  for (let i = windows ? firstWindowAfter(windows, at) : 0; left > 0;) {
    const span = windows ? windows[i] : { start: at, end: Infinity };
    if (!span || at > prepared.problem.horizonMinute) return noWindow(task, windows, prepared);
    at = Math.max(at, span.start);
    const least = Math.min(left, task.leastChunkMinutes ?? left);
    let free = at;
    for (let before = -1; before !== free;) {
      before = free;
      for (const { profile, amount } of used) if (profile) free = profile.firstFree(free, least, amount);
    }
    const until = used.reduce(
      (soonest, { profile, amount }) => Math.min(soonest, profile?.freeUntil(free, amount) ?? Infinity),
      Math.min(span.end, free + left),
    );
    if (free >= span.end || until - free < least) {
      if (free < span.end && until < span.end) at = until;
      else if (windows) {
        i += 1;
        at = Math.max(at, span.end);
      } else at = until + 1;
      continue;
    }
    chunks.push({ start: free, end: until });
    left -= until - free;
    at = until;
    if (windows && until >= span.end) i += 1;
  }
  return { kind: 'fits', chunks };
}

type HoldAnswer = { readonly kind: 'fits'; readonly ends: readonly number[] } | { readonly kind: 'shift'; readonly minutes: number };

function fitHolds(prepared: PreparedProblem, task: PlanTask, end: number, profiles: readonly UsageProfile[]): HoldAnswer {
  const ends: number[] = [];
  for (const hold of task.holds) {
    const clock = prepared.clocks.get(hold.clockId);
    const profile = profiles[prepared.resourceIndex.get(hold.resourceId) ?? -1];
    if (!clock || !profile) return { kind: 'shift', minutes: Infinity };
    const until = Math.ceil(Math.min(minuteAfter(clock, end, hold.progress), prepared.problem.horizonMinute));
    const free = profile.firstFree(end, Math.max(1, until - end), hold.amount);
    if (free > end) return { kind: 'shift', minutes: free - end };
    ends.push(until);
  }
  return { kind: 'fits', ends };
}

function noWindow(task: PlanTask, windows: readonly Interval[] | null, prepared: PreparedProblem): BodyAnswer {
  const longest = windows?.reduce((most, span) => Math.max(most, span.end - span.start), 0) ?? Infinity;
  if (task.leastChunkMinutes === null ? longest < task.minutes : longest === 0) {
    return {
      kind: 'impossible',
      cause: { kind: 'noWindow', calendarId: task.calendarId, neededMinutes: task.minutes, longestMinutes: longest },
    };
  }
  return { kind: 'impossible', cause: { kind: 'beyondHorizon', horizonMinute: prepared.problem.horizonMinute } };
}
