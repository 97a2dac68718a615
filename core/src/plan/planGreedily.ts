import { minuteAfter } from '../cure/clockTable';
import { placeInOrder } from './placeInOrder';
import type { PreparedProblem } from './preparedProblem';
import { prepareProblem } from './preparedProblem';
import type { Plan, PlanProblem } from './problem';

/** Kept in hand before each date where it can be had; guessed. */
const MARGIN_MINUTES = 2 * 1440;

/** A plan with the rule that found it. */
export interface RatedPlan {
  readonly plan: Plan;
  readonly rule: string;
  /** end of the last task, minutes; the problem's start where there is none */
  readonly readyMinute: number;
  /** Σ weight × minutes late */
  readonly lateness: number;
}

/**
 * The best of a few greedy plans, each a serial placement after one priority rule: least slack to the date, longest work left,
 * soonest startable, and one ladder after another as listed. Fewer unplaced tasks wins, then lateness,
 * then lateness against dates two days earlier (something always overruns), then the ready times of all dates added up, then the last ready time.
 * The problem must be free of faults (see `findProblemFaults`).
 */
export function planGreedily(problem: PlanProblem): RatedPlan {
  const prepared = prepareProblem(problem);
  const heads = measureHeads(prepared);
  const tails = measureTails(prepared);
  const count = problem.tasks.length;
  const urgent = findUrgent(prepared);
  const rank = (index: number): number => (problem.tasks[index]?.isUnderWay ? 0 : urgent.has(index) ? 1 : 2);
  const due = problem.tasks.map((task) => task.dueMinute ?? problem.horizonMinute);
  const rules: readonly (readonly [string, (index: number) => number])[] = [
    ['least slack', (i) => (due[i] ?? 0) - (tails[i] ?? 0)],
    ['longest work left', (i) => -(tails[i] ?? 0)],
    ['soonest startable', (i) => heads[i] ?? 0],
    ['as listed', (i) => i],
  ];
  let best: { rated: RatedPlan; score: readonly number[] } | null = null;
  for (const [rule, key] of rules) {
    const order = Array.from({ length: count }, (_, i) => i).sort((a, b) => rank(a) - rank(b) || key(a) - key(b) || a - b);
    const rated = ratePlan(problem, placeInOrder(prepared, { order }), rule);
    const score = [
      rated.plan.unplaced.length,
      rated.lateness,
      latenessAt(problem, rated.plan, MARGIN_MINUTES),
      sumOfReady(problem, rated.plan),
      rated.readyMinute,
    ];
    if (!best || isLess(score, best.score)) best = { rated, score };
  }
  return best?.rated ?? ratePlan(problem, { placements: [], unplaced: [] }, 'nothing to do');
}

/** Tasks that a film already laid waits for in a window that will close: under every rule they go first, what is real must not be missed. */
function findUrgent(prepared: PreparedProblem): ReadonlySet<number> {
  const urgent = new Set<number>();
  for (const arc of prepared.arcs) {
    const hi = arc.pieces[0]?.hi ?? null;
    const laid = prepared.tasks[arc.from]?.fixed;
    if (hi !== null && laid && minuteAfter(arc.clock, laid.end, hi) > prepared.problem.fromMinute) urgent.add(arc.to);
  }
  return urgent;
}

function ratePlan(problem: PlanProblem, plan: Plan, rule: string): RatedPlan {
  const facts = new Set(problem.tasks.filter((task) => task.fixed).map((task) => task.id));
  const readyMinute = plan.placements.reduce(
    (latest, { taskId, end }) => (facts.has(taskId) ? latest : Math.max(latest, end)),
    problem.fromMinute,
  );
  return { plan, rule, readyMinute, lateness: latenessAt(problem, plan, 0) };
}

/** Weighted minutes late against dates that much earlier. */
function latenessAt(problem: PlanProblem, plan: Plan, marginMinutes: number): number {
  const tasks = new Map(problem.tasks.map((task) => [task.id, task]));
  return plan.placements.reduce((sum, { taskId, end }) => {
    const task = tasks.get(taskId);
    if (!task || task.fixed || task.dueMinute === null) return sum;
    return sum + task.weight * Math.max(0, end - task.dueMinute + marginMinutes);
  }, 0);
}

/** Earliest starts by order and waits alone, hands and windows left aside. */
function measureHeads(prepared: PreparedProblem): number[] {
  const heads = prepared.tasks.map((task) => task.fixed?.start ?? Math.max(prepared.problem.fromMinute, task.notBeforeMinute ?? 0));
  for (const index of prepared.topological) {
    const task = prepared.tasks[index];
    const end = task?.fixed?.end ?? (heads[index] ?? 0) + (task?.minutes ?? 0);
    for (const arc of prepared.outgoing[index] ?? []) {
      heads[arc.to] = Math.max(
        heads[arc.to] ?? 0,
        Math.min(minuteAfter(arc.clock, end, arc.pieces[0]?.lo ?? 0), prepared.problem.horizonMinute),
      );
    }
  }
  return heads;
}

/** Work and waiting from the start of a task to the end of what follows it; waits are taken at the clock's label speed. */
function measureTails(prepared: PreparedProblem): number[] {
  const tails = prepared.tasks.map((task) => task.minutes);
  for (const index of [...prepared.topological].reverse()) {
    const own = prepared.tasks[index]?.minutes ?? 0;
    for (const arc of prepared.outgoing[index] ?? []) {
      tails[index] = Math.max(tails[index] ?? 0, own + (arc.pieces[0]?.lo ?? 0) + (tails[arc.to] ?? 0));
    }
  }
  return tails;
}

/** When each group of one date is done, added up: finishing one prop early is worth as much as finishing another. */
function sumOfReady(problem: PlanProblem, plan: Plan): number {
  const dueOf = new Map(problem.tasks.map((task) => [task.id, task.dueMinute]));
  const ready = new Map<number | null, number>();
  for (const { taskId, end } of plan.placements) {
    const due = dueOf.get(taskId) ?? null;
    ready.set(due, Math.max(ready.get(due) ?? 0, end));
  }
  return [...ready.values()].reduce((sum, end) => sum + end, 0);
}

function isLess(left: readonly number[], right: readonly number[]): boolean {
  for (let i = 0; i < left.length; i += 1) {
    const difference = (left[i] ?? 0) - (right[i] ?? 0);
    if (difference !== 0) return difference < 0;
  }
  return false;
}
