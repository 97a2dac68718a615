import type { PlayOdds } from './playOdds';
import { drawFortune, emptyFortune } from './fortune';
import { OrderPlayer } from './orderPlayer';
import { readPlayTables } from './playTables';
import type { PreparedProblem } from '../problem/preparedProblem';
import type { Plan } from '../problem/problem';

/** How the chance of an order is reckoned. */
export interface ChanceOptions extends PlayOdds {
  readonly runs: number;
  readonly seed: number;
}

/** When one group of tasks is done, over all runs. Minutes, sorted. */
export interface GroupChance {
  readonly groupId: string | null;
  readonly readyMinutes: Float64Array;
}

/** A task that carries risk: the share of the ready time's variance that goes with its minutes. */
export interface TaskRisk {
  readonly taskId: string;
  readonly share: number;
}

/** What chance makes of a plan. */
export interface PlanChance {
  readonly runs: number;
  /** when everything is done in each run, sorted */
  readonly readyMinutes: Float64Array;
  readonly groups: readonly GroupChance[];
  /** the tasks that carry most of the risk, largest share first */
  readonly risks: readonly TaskRisk[];
  /** recoat windows missed for good, a run, on average */
  readonly missedWindows: number;
}

/** The order of a plan, as keys by task index: what begins first goes first. */
export function plannedKeys({ tasks, problem }: PreparedProblem, plan: Plan): Float64Array {
  const keys = new Float64Array(tasks.length).fill(problem.horizonMinute);
  const indexOf = new Map(tasks.map((task, index) => [task.id, index]));
  for (const { taskId, start, setupMinutes } of plan.placements) keys[indexOf.get(taskId) ?? -1] = start - setupMinutes;
  return keys;
}

/**
 * Plays an order so many times with minutes, passes, drying and weather drawn by chance. Work is chosen along time by what is known then (the
 * order and planned minutes): never by what is only drawn, which would make the outlook too good. What overruns its window is finished all
 * the same. The same seed draws the same fortunes, whatever the order.
 *
 * @param keys by task index; of what can be begun, the least goes first
 */
export function playChance(prepared: PreparedProblem, keys: ArrayLike<number>, options: ChanceOptions): PlanChance {
  const tables = readPlayTables(prepared);
  const player = new OrderPlayer(tables);
  const fortune = emptyFortune(tables);
  const { runs } = options;
  const open = prepared.tasks.flatMap((_, index) => (tables.isFact[index] ? [] : [index]));
  const groups = [...new Set(open.map((index) => prepared.tasks[index]?.groupId ?? null))];
  const groupOf = new Map(groups.map((group, at) => [group, at]));
  const readyMinutes = new Float64Array(runs);
  const byGroup = groups.map(() => new Float64Array(runs));
  const { count } = tables;
  const sums = { x: new Float64Array(count), xx: new Float64Array(count), xy: new Float64Array(count) };
  let readySum = 0;
  let readySquares = 0;
  let missed = 0;
  for (let run = 0; run < runs; run += 1) {
    player.play(keys, drawFortune(tables, options, chanceSeed(options.seed, run), fortune));
    let ready = prepared.problem.fromMinute;
    for (const index of open) {
      const end = player.ends[index] ?? 0;
      if (end > ready) ready = end;
      const group = byGroup[groupOf.get(prepared.tasks[index]?.groupId ?? null) ?? 0];
      if (group && end > (group[run] ?? 0)) group[run] = end;
    }
    readyMinutes[run] = ready;
    missed += player.missed;
    const y = ready - prepared.problem.fromMinute;
    readySum += y;
    readySquares += y * y;
    for (let index = 0; index < count; index += 1) {
      const x = fortune.minutes[index] ?? 0;
      sums.x[index] = (sums.x[index] ?? 0) + x;
      sums.xx[index] = (sums.xx[index] ?? 0) + x * x;
      sums.xy[index] = (sums.xy[index] ?? 0) + x * y;
    }
  }
  const variance = readySquares / runs - (readySum / runs) ** 2;
  const risks = prepared.tasks
    .map((task, index): TaskRisk => {
      const mean = (sums.x[index] ?? 0) / runs;
      const own = (sums.xx[index] ?? 0) / runs - mean * mean;
      const shared = (sums.xy[index] ?? 0) / runs - (mean * readySum) / runs;
      return { taskId: task.id, share: variance > 0 && own > 0 ? Math.max(0, (shared * shared) / own / variance) : 0 };
    })
    .filter((risk) => risk.share > 0.01)
    .sort((a, b) => b.share - a.share)
    .slice(0, 12);
  return {
    runs,
    readyMinutes: readyMinutes.sort(),
    groups: groups.map((groupId, at) => ({ groupId, readyMinutes: (byGroup[at] ?? new Float64Array()).sort() })),
    risks,
    missedWindows: missed / runs,
  };
}

/** The seed of a play's fortune: plays of another seed meet others. */
export function chanceSeed(seed: number, run: number): number {
  return seed * 1_000_003 + run;
}

/** Plays times tasks for a chance that is shown, half a second or so; never fewer and never more plays than these. */
const SHOWN_UNITS = 400_000;
const FEWEST_SHOWN = 400;
const MOST_SHOWN = 2000;

/** Plays for a chance that is shown: so many that it is good to a point or so, fewer where there are thousands of tasks. */
export function shownPlays(tasks: number): number {
  return Math.min(MOST_SHOWN, Math.max(FEWEST_SHOWN, Math.round(SHOWN_UNITS / Math.max(1, tasks))));
}

/**
 * The standard error of a chance found by so many plays: √(p (1 − p) ÷ n), the binomial's, with two plays more that kept the date and two that did not
 * (Agresti and Coull 1998, from memory). So a date that no play kept is not said to be known for sure.
 */
export function chanceError(chance: number, plays: number): number {
  const share = (chance * plays + 2) / (plays + 4);
  return Math.sqrt((share * (1 - share)) / (plays + 4));
}

/** The value below which a share of sorted values lies: the nearest rank, as textbooks take it. */
export function quantile(sorted: Float64Array, share: number): number {
  return sorted[Math.min(sorted.length - 1, Math.max(0, Math.ceil(share * sorted.length) - 1))] ?? Number.NaN;
}

/** The share of sorted values that are at or below a limit. */
export function shareWithin(sorted: Float64Array, limit: number): number {
  let low = 0;
  let high = sorted.length;
  while (low < high) {
    const middle = (low + high) >>> 1;
    if ((sorted[middle] ?? Infinity) <= limit) low = middle + 1;
    else high = middle;
  }
  return sorted.length === 0 ? Number.NaN : low / sorted.length;
}
