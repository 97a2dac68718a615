import type { ClockTable } from '../../cure/clockTable';
import { progressAt } from '../../cure/clockTable';
import type { Placement, Plan, PlanProblem } from '../problem/problem';

/** One broken rule of a plan, in words with its numbers. */
export interface Violation {
  readonly taskId: string;
  readonly rule: 'minutes' | 'calendar' | 'resource' | 'arc' | 'notBefore' | 'fact' | 'chunk' | 'session' | 'doer';
  readonly detail: string;
}

/**
 * Checks a plan against the problem statement alone: it shares no code with the engine but the types and the clock's reading.
 * A film may be a minute short of a clock demand by rounding of whole minutes; more is a violation.
 */
export function checkPlan(problem: PlanProblem, plan: Plan): Violation[] {
  const violations: Violation[] = [];
  const placed = new Map(plan.placements.map((placement) => [placement.taskId, placement]));
  const clocks = new Map(problem.clocks.map((clock) => [clock.id, clock.table]));
  const calendars = new Map(problem.calendars.map((calendar) => [calendar.id, calendar.windows]));
  const loads = new Map(problem.resources.map((resource) => [resource.id, [] as LoadStep[]]));
  const held: HeldPlace[] = [];
  const use = ({ resourceId, start, end, amount, isFact }: Omit<HeldPlace, 'owner'>): void =>
    void loads.get(resourceId)?.push({ minute: start, change: amount, isFact }, { minute: end, change: -amount, isFact });
  for (const task of problem.tasks) {
    const at = placed.get(task.id);
    if (!at) continue;
    const say = (rule: Violation['rule'], detail: string): void => void violations.push({ taskId: task.id, rule, detail });
    for (const demand of task.demands)
      for (const chunk of [{ start: at.start - at.setupMinutes, end: at.start }, ...at.chunks])
        if (chunk.end > chunk.start) use({ resourceId: demand.resourceId, amount: demand.amount, ...chunk, isFact: false });
    const doer = task.doers?.find(({ resourceId }) => resourceId === at.doerId);
    if (task.doers && !doer) say('doer', `nobody of those who can do it, but ${at.doerId ?? 'nobody'}`);
    if (doer)
      for (const [order, { start, end }] of at.chunks.entries())
        use({ resourceId: doer.resourceId, amount: 1, start: order === 0 ? start - at.setupMinutes : start, end, isFact: false });
    for (const hold of task.holds) {
      const until = firstMinuteWith(clocks.get(hold.clockId), at.end, hold.progress, problem.horizonMinute);
      held.push({
        resourceId: hold.resourceId,
        owner: `${hold.resourceId} ${hold.ownerId === null ? `task ${task.id}` : `owner ${hold.ownerId}`}`,
        amount: hold.amount,
        start: at.end,
        end: Math.max(until, at.end),
        isFact: task.fixed !== null && task.fixed.end <= problem.fromMinute,
      });
    }
    if (task.fixed) {
      if (at.start !== task.fixed.start || at.end !== task.fixed.end) say('fact', 'a fact was moved');
      if (task.fixed.end <= problem.fromMinute) continue;
    }
    const worked = at.chunks.reduce((sum, chunk) => sum + chunk.end - chunk.start, 0);
    if (worked !== task.minutes) say('minutes', `${worked} of ${task.minutes} min`);
    if (at.start < Math.max(problem.fromMinute, task.notBeforeMinute ?? problem.fromMinute)) say('notBefore', `starts ${at.start}`);
    if (at.start - at.setupMinutes < problem.fromMinute) say('notBefore', `is set up from ${at.start - at.setupMinutes}`);
    if (task.familyId === null && at.setupMinutes > 0) say('session', 'a setup for what needs none');
    if (task.leastChunkMinutes === null && at.chunks.length > 1) say('chunk', 'split though it may not be');
    const begunIn = calendars.get(task.begunInCalendarId ?? '');
    if (begunIn && !begunIn.some((span) => span.start <= at.start && at.start < span.end))
      say('calendar', `begun at ${at.start} outside ${task.begunInCalendarId}`);
    const calendarId = doer?.calendarId ?? task.calendarId;
    const windows = calendarId === null ? null : calendars.get(calendarId);
    for (const [order, { start, end }] of at.chunks.entries()) {
      const chunk = { start: order === 0 ? start - at.setupMinutes : start, end };
      if (windows && chunk.end > chunk.start && !windows.some((span) => span.start <= chunk.start && chunk.end <= span.end))
        say('calendar', `${chunk.start}–${chunk.end} outside ${calendarId}`);
    }
  }
  mergeHeld(held).forEach(use);
  for (const tool of problem.tools) checkSessions(problem, tool.id, placed, violations);
  for (const arc of problem.arcs) checkArc(arc, placed, clocks, violations);
  for (const resource of problem.resources) checkLoad(resource, loads.get(resource.id) ?? [], problem, violations);
  return violations;
}

interface HeldPlace {
  readonly resourceId: string;
  readonly owner: string;
  readonly amount: number;
  readonly start: number;
  readonly end: number;
  /** by what was done before the plan begins */
  readonly isFact: boolean;
}

/** More or less of a resource in use from a minute on. */
interface LoadStep {
  readonly minute: number;
  readonly change: number;
  readonly isFact: boolean;
}

/** Stretches in which a thing is in its place, counted once where several works keep it there. */
function mergeHeld(held: readonly HeldPlace[]): HeldPlace[] {
  const merged: HeldPlace[] = [];
  const sorted = held.toSorted((a, b) => (a.owner === b.owner ? a.start - b.start : a.owner < b.owner ? -1 : 1));
  for (const place of sorted) {
    const last = merged.at(-1);
    if (last?.owner === place.owner && place.start <= last.end) merged[merged.length - 1] = { ...last, end: Math.max(last.end, place.end) };
    else merged.push(place);
  }
  return merged;
}

function checkArc(
  arc: PlanProblem['arcs'][number],
  placed: ReadonlyMap<string, Placement>,
  clocks: ReadonlyMap<string, ClockTable>,
  violations: Violation[],
): void {
  const from = placed.get(arc.from);
  const to = placed.get(arc.to);
  const clock = clocks.get(arc.clockId);
  if (!to || !clock) return;
  if (!from) {
    violations.push({ taskId: arc.to, rule: 'arc', detail: `placed without ${arc.from}` });
    return;
  }
  const gapOn = (hand: ClockTable): number => progressAt(hand, to.start) - progressAt(hand, from.end);
  const gap = gapOn(clock);
  const slack = Math.max(1, progressAt(clock, to.start + 1) - progressAt(clock, to.start)) + 1e-6;
  const isFar = (piece: PlanProblem['arcs'][number]['pieces'][number]): boolean =>
    gapOn(clocks.get(piece.clockId ?? arc.clockId) ?? clock) >= piece.lo - 1e-3;
  const minutes = to.start - from.end;
  const isByLabel = (piece: PlanProblem['arcs'][number]['pieces'][number], nth: number): boolean => {
    if (!arc.keepsLabelTime) return true;
    if (nth > 0 && minutes < piece.lo - 1e-3) return false;
    if (piece.hi === null || minutes <= piece.hi + 1) return true;
    // A window the cold has passed over is met at the very minute the film is fit for it, where none opens again.
    return nth === arc.pieces.length - 1 && gap <= piece.lo + slack;
  };
  const isAllowed =
    to.start >= from.end &&
    arc.pieces.some((piece, nth) => isFar(piece) && (piece.hi === null || gap <= piece.hi + slack) && isByLabel(piece, nth));
  if (!isAllowed)
    violations.push({
      taskId: arc.to,
      rule: 'arc',
      detail: `${gap.toFixed(1)} after ${arc.from}, wanted ${arc.pieces.map((piece) => `${piece.lo}–${piece.hi ?? '∞'}`).join(' or ')}`,
    });
}

/** Goes along a tool: what does not continue the session before it must bring a whole setup. */
function checkSessions(problem: PlanProblem, toolId: string, placed: ReadonlyMap<string, Placement>, violations: Violation[]): void {
  const families = new Map(problem.families.filter((family) => family.toolId === toolId).map((family) => [family.id, family]));
  const extra = problem.tools.find((tool) => tool.id === toolId)?.darkToLightMinutes ?? 0;
  const uses = problem.tasks
    .flatMap((task) => {
      const family = families.get(task.familyId ?? '');
      const at = placed.get(task.id);
      return family && at ? [{ family, at }] : [];
    })
    .sort((a, b) => a.at.start - b.at.start || a.at.end - b.at.end);
  let sessionStart = 0;
  uses.forEach(({ family, at }, order) => {
    const before = uses[order - 1];
    const say = (detail: string): void => void violations.push({ taskId: at.taskId, rule: 'session', detail });
    if (before && at.start - at.setupMinutes < before.at.end) say(`the tool is still in use for ${before.at.taskId}`);
    const mustClean =
      before !== undefined && family.lightness !== null && before.family.lightness !== null && family.lightness > before.family.lightness;
    if (at.setupMinutes >= family.setupMinutes + (mustClean ? extra : 0)) {
      sessionStart = at.start;
      return;
    }
    if (before?.family.id !== family.id) say(`${at.setupMinutes} min of setup after another family`);
    else if (at.start - before.at.end > family.keepMinutes) say(`goes on after a pause of ${at.start - before.at.end} min`);
    else if (family.mostMinutes !== null && at.end - sessionStart > family.mostMinutes)
      say(`${at.end - sessionStart} min after the batch was mixed`);
  });
}

function checkLoad(resource: PlanProblem['resources'][number], steps: LoadStep[], problem: PlanProblem, violations: Violation[]): void {
  // Within one minute facts are counted before planned work, so that an excess is blamed on the plan.
  steps.sort((a, b) => a.minute - b.minute || Number(a.change > 0) - Number(b.change > 0) || Number(b.isFact) - Number(a.isFact));
  let load = 0;
  for (const { minute, change, isFact } of steps) {
    load += change;
    // What facts alone overfill (parts already on a full rack) the planner cannot help.
    if (change > 0 && !isFact && load > resource.capacity && minute >= problem.fromMinute)
      violations.push({ taskId: '', rule: 'resource', detail: `${load} of ${resource.capacity} ${resource.id} at ${minute}` });
  }
}

function firstMinuteWith(clock: ClockTable | undefined, from: number, gain: number, horizon: number): number {
  if (!clock) return from;
  const goal = progressAt(clock, from) + gain;
  let low = from;
  let high = horizon;
  while (high - low > 1e-4) {
    const middle = (low + high) / 2;
    if (progressAt(clock, middle) >= goal) high = middle;
    else low = middle;
  }
  return Math.floor(high + 1e-3);
}
