import type { Interval } from '../../time/interval';
import type { PartialPlan } from './partialPlan';
import type { PreparedDoer, PreparedProblem } from '../problem/preparedProblem';
import { arcSpans } from '../problem/preparedProblem';
import type { Certificate, Placement, PlanTask } from '../problem/problem';
import type { UsageProfile } from './usageProfile';
import { firstFit, firstWindowAfter } from '../problem/windowSearch';

/** Which pieces of two-piece arcs may be used: all, or only the first. Keyed by arc index. */
export type PieceChoice = ReadonlyMap<number, 'early' | 'late'>;

/** How a place is looked for. */
export interface PlaceOptions {
  readonly pieces: PieceChoice;
  /** false: every task of a session brings its whole setup */
  readonly mayShare: boolean;
  /** true: what the arcs into the task ask is left aside */
  readonly ignoresArcs?: boolean;
}

/** A free place for a task, or what is in the way. */
export type PlaceAnswer =
  | { readonly kind: 'placed'; readonly placement: Placement; readonly holdEnds: readonly number[]; readonly latePieceOf: number | null }
  | { readonly kind: 'pastWindow'; readonly arcIndex: number; readonly start: number }
  | { readonly kind: 'impossible'; readonly cause: Certificate['cause'] };

/** How often the constraints of one task are gone round before giving up: each turn moves the start later, so this is never met in practice. */
const MOST_TURNS = 5_000;

interface ArcSpans {
  readonly arcIndex: number;
  readonly spans: readonly Interval[];
}

/**
 * The earliest start of a task, at or after `notBefore`, that keeps all its constraints and fits between the tasks already placed. Of the
 * people who can do it, the one who finishes first is taken; of equals, the first listed.
 */
export function findPlace(partial: PartialPlan, index: number, notBefore: number, options: PlaceOptions): PlaceAnswer {
  let best: PlaceAnswer | null = null;
  for (const doer of partial.prepared.doers[index] ?? []) {
    const answer = findPlaceWith(partial, index, notBefore, options, doer);
    if (!best || isSooner(answer, best)) best = answer;
  }
  return best ?? findPlaceWith(partial, index, notBefore, options, null);
}

function isSooner(answer: PlaceAnswer, best: PlaceAnswer): boolean {
  if (answer.kind === 'placed') return best.kind !== 'placed' || answer.placement.end < best.placement.end;
  return answer.kind === 'pastWindow' && (best.kind === 'impossible' || (best.kind === 'pastWindow' && answer.start < best.start));
}

/** The same with one doer. Every constraint only moves the start later, so going round them until none moves it gives the least one. */
function findPlaceWith(
  partial: PartialPlan,
  index: number,
  notBefore: number,
  options: PlaceOptions,
  doer: PreparedDoer | null,
): PlaceAnswer {
  const { prepared } = partial;
  const task = prepared.tasks[index];
  if (!task) throw new RangeError(`no task ${index}`);
  const windows = doer?.windows ?? prepared.windows[index] ?? null;
  const arcs = options.ignoresArcs ? [] : gatherArcs(partial, index, options.pieces);
  if (!Array.isArray(arcs)) return arcs;
  const tooMuch = prepared.tooMuch[index];
  if (tooMuch) return { kind: 'impossible', cause: tooMuch };
  const horizon: Certificate['cause'] = { kind: 'beyondHorizon', horizonMinute: prepared.problem.horizonMinute };
  let start = notBefore;
  for (let turn = 0; turn < MOST_TURNS; turn += 1) {
    const before = start;
    let latePieceOf: number | null = null;
    for (const { arcIndex, spans } of arcs) {
      const piece = spans.findIndex((span) => start <= span.end);
      const span = spans[piece];
      if (!span) return { kind: 'pastWindow', arcIndex, start };
      if (piece > 0) latePieceOf = arcIndex;
      if (span.start > start) start = span.start;
    }
    if (!Number.isFinite(start)) return { kind: 'impossible', cause: neverReady(partial, index) };
    const body = fitBody(partial, index, task, { windows, doer }, start, options.mayShare);
    if (body.kind !== 'fits') return body;
    start = body.chunks[0]?.start ?? start;
    const end = body.chunks.at(-1)?.end ?? start;
    if (end > prepared.problem.horizonMinute) return { kind: 'impossible', cause: horizon };
    const holds = fitHolds(partial, index, task, end);
    if (holds.kind === 'shift') {
      if (!Number.isFinite(holds.minutes)) return { kind: 'impossible', cause: horizon };
      start += Math.max(1, holds.minutes);
    }
    if (start === before && holds.kind === 'fits') {
      const placement = { taskId: task.id, start, end, setupMinutes: body.setup, chunks: body.chunks, ...(doer && { doerId: doer.id }) };
      return { kind: 'placed', placement, holdEnds: holds.ends, latePieceOf };
    }
  }
  return { kind: 'impossible', cause: horizon };
}

/** The spans each arc into a task allows, read from its clocks once; or what is still missing. */
function gatherArcs(partial: PartialPlan, index: number, pieces: PieceChoice): ArcSpans[] | Extract<PlaceAnswer, { kind: 'impossible' }> {
  const { prepared, placements } = partial;
  const arcs: ArcSpans[] = [];
  for (const arc of prepared.incoming[index] ?? []) {
    const from = placements[arc.from];
    if (!from) return { kind: 'impossible', cause: { kind: 'waitsFor', taskId: prepared.tasks[arc.from]?.id ?? '' } };
    const spans = arcSpans(arc, from.end);
    arcs.push({ arcIndex: arc.index, spans: pieces.get(arc.index) === 'early' ? spans.slice(0, 1) : spans });
  }
  return arcs;
}

function neverReady({ prepared, placements }: PartialPlan, index: number): Certificate['cause'] {
  const arc = prepared.incoming[index]?.find(({ pieces, from }) => {
    const end = placements[from]?.end ?? 0;
    return !Number.isFinite(arcSpans({ pieces, keepsLabelTime: false }, end)[0]?.start ?? 0);
  });
  return { kind: 'neverReady', fromTaskId: prepared.tasks[arc?.from ?? -1]?.id ?? '' };
}

type BodyAnswer =
  | { readonly kind: 'fits'; readonly chunks: readonly Interval[]; readonly setup: number }
  | { readonly kind: 'impossible'; readonly cause: Certificate['cause'] };

function fitBody(
  partial: PartialPlan,
  index: number,
  task: PlanTask,
  { windows, doer }: { readonly windows: readonly Interval[] | null; readonly doer: PreparedDoer | null },
  from: number,
  mayShare: boolean,
): BodyAnswer {
  const { prepared } = partial;
  const loaded = prepared.toolOf[index];
  const tool = loaded ? partial.tools[loaded.tool] : undefined;
  if (task.minutes === 0 && !tool) return { kind: 'fits', chunks: [{ start: from, end: from }], setup: 0 };
  const used = (prepared.demands[index] ?? []).map(({ resource, amount }) => ({ profile: partial.profiles[resource], amount }));
  if (doer) used.push({ profile: partial.profiles[doer.resource], amount: 1 });
  if (task.leastChunkMinutes !== null) return fitChunks(prepared, task, windows, from, used);
  const begunIn = prepared.begunIn[index];
  let start = from;
  let setup = 0;
  for (let before = -1; before !== start;) {
    before = start;
    if (tool && loaded) {
      const fit = tool.firstFit(start, task.minutes, loaded.family, mayShare);
      setup = fit.setup;
      // Getting ready takes its time too when nothing stood before.
      start = Math.max(fit.start, prepared.problem.fromMinute + setup);
    }
    const whole = setup + task.minutes;
    if (begunIn) start = firstFit(begunIn, start, 1);
    if (begunIn && !Number.isFinite(start)) return noWindow(task, begunIn, prepared, 1);
    start = firstFit(windows, start - setup, whole) + setup;
    for (const { profile, amount } of used)
      if (profile && Number.isFinite(start)) start = profile.firstFree(start - setup, whole, amount) + setup;
    if (!Number.isFinite(start)) return noWindow(task, windows, prepared, whole);
  }
  return { kind: 'fits', chunks: [{ start, end: start + task.minutes }], setup };
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
    if (!span || at > prepared.problem.horizonMinute) return noWindow(task, windows, prepared, task.minutes);
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
  return { kind: 'fits', chunks, setup: 0 };
}

type HoldAnswer = { readonly kind: 'fits'; readonly ends: readonly number[] } | { readonly kind: 'shift'; readonly minutes: number };

function fitHolds(partial: PartialPlan, index: number, task: PlanTask, end: number): HoldAnswer {
  if (task.holds.length === 0) return NO_HOLDS;
  const ends = partial.holdEndsOf(index, end);
  const free = partial.firstRoomToHold(index, end, ends);
  return free > end ? { kind: 'shift', minutes: free - end } : { kind: 'fits', ends };
}

const NO_HOLDS: HoldAnswer = { kind: 'fits', ends: [] };

function noWindow(task: PlanTask, windows: readonly Interval[] | null, prepared: PreparedProblem, neededMinutes: number): BodyAnswer {
  const longestMinutes = windows?.reduce((most, span) => Math.max(most, span.end - span.start), 0) ?? Infinity;
  // Work that may be set down must still find a stretch that is worth taking it up for.
  const inOneGo = Math.min(neededMinutes, task.leastChunkMinutes ?? neededMinutes);
  if (longestMinutes < inOneGo) {
    const calendarId = task.calendarId ?? task.begunInCalendarId ?? null;
    return { kind: 'impossible', cause: { kind: 'noWindow', calendarId, neededMinutes: inOneGo, longestMinutes } };
  }
  return { kind: 'impossible', cause: { kind: 'beyondHorizon', horizonMinute: prepared.problem.horizonMinute } };
}
