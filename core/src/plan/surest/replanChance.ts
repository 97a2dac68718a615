import type { Interval } from '../../time/interval';
import type { GroupChance } from '../play/chance';
import { chanceSeed } from '../play/chance';
import { drawFortune } from '../play/fortune';
import type { Fortune } from '../play/fortune';
import type { PlayedStretch } from '../play/orderPlayer';
import { OrderPlayer } from '../play/orderPlayer';
import type { PlayOdds } from '../play/playOdds';
import { readPlayTables } from '../play/playTables';
import type { PreparedProblem } from '../problem/preparedProblem';
import { prepareProblem } from '../problem/preparedProblem';
import type { PlanProblem, PlanTask } from '../problem/problem';
import { searchSurest } from './searchSurest';

/** How plays are played that are planned anew each evening. */
export interface ReplanOptions {
  readonly odds: PlayOdds;
  readonly runs: number;
  readonly seed: number;
  /** plays each new plan may take */
  readonly playsAnEvening: number;
}

/**
 * Plays an order as {@link playChance} does, against the same fortunes, but at the end of every evening what is left is planned anew by what is
 * known then: what was done, what is begun, what was missed. Luck stays what it was: no order changes it.
 */
export function replanChance(prepared: PreparedProblem, keys: Float64Array, options: ReplanOptions): readonly GroupChance[] {
  const { tasks, problem } = prepared;
  const tables = readPlayTables(prepared);
  const groups = [...new Set(tasks.flatMap((task, index) => (tables.isFact[index] ? [] : [task.groupId])))];
  const ready = groups.map(() => new Float64Array(options.runs));
  for (let run = 0; run < options.runs; run += 1) {
    const seed = chanceSeed(options.seed, run);
    const ends = playReplanned(prepared, keys, drawFortune(tables, options.odds, seed), { ...options, seed });
    tasks.forEach((task, index) => {
      if (tables.isFact[index]) return;
      const group = ready[groups.indexOf(task.groupId)];
      if (group) group[run] = Math.max(group[run] ?? 0, ends[index] ?? problem.horizonMinute);
    });
  }
  return groups.map((groupId, at) => ({ groupId, readyMinutes: (ready[at] ?? new Float64Array()).sort() }));
}

/** One play, planned anew whenever hands are put down; when each task ended. */
function playReplanned(first: PreparedProblem, firstKeys: Float64Array, luck: Fortune, options: ReplanOptions): Float64Array {
  let prepared = first;
  let keys = firstKeys;
  let fortune = luck;
  for (const { end: evening } of first.widest ?? []) {
    if (evening <= first.problem.fromMinute) continue;
    const player = new OrderPlayer(readPlayTables(prepared));
    const stretches: PlayedStretch[] = [];
    player.play(keys, fortune, null, stretches);
    const known = knownAt(prepared.problem, stretches, player.ends, evening);
    if (known.tasks.every(({ fixed }) => fixed !== null)) return player.ends;
    const left = Float64Array.from(known.tasks, (task, index) => {
      const planned = prepared.tasks[index]?.minutes ?? 0;
      return planned > 0 ? ((fortune.minutes[index] ?? 0) * task.minutes) / planned : (fortune.minutes[index] ?? 0);
    });
    fortune = { ...fortune, minutes: left };
    prepared = prepareProblem(known);
    keys = bestKeys(prepared, keys, options);
  }
  const player = new OrderPlayer(readPlayTables(prepared));
  player.play(keys, fortune);
  return player.ends;
}

function bestKeys(prepared: PreparedProblem, startKeys: Float64Array, { odds, playsAnEvening, seed }: ReplanOptions): Float64Array {
  const search = searchSurest(prepared, { seed, odds, mostPlays: playsAnEvening, startKeys });
  for (;;) {
    const step = search.next();
    if (step.done) return step.value.keys;
  }
}

/** What is done has nobody to choose from any more. */
function settle(task: PlanTask, fixed: Interval): PlanTask {
  const { doers, ...done } = task;
  return doers ? { ...done, fixed } : { ...task, fixed };
}

/** The problem at one minute of a play: finished tasks are facts, and of tasks that were begun only the remaining minutes are left. */
function knownAt(problem: PlanProblem, stretches: readonly PlayedStretch[], ends: Float64Array, minute: number): PlanProblem {
  const worked = new Map<number, { start: number; minutes: number; all: number }>();
  for (const { task, start, end } of stretches) {
    if (start >= minute) continue;
    const before = worked.get(task);
    const done = Math.min(end, minute) - start;
    worked.set(task, { start: before?.start ?? start, minutes: (before?.minutes ?? 0) + done, all: 0 });
  }
  for (const { task, start, end } of stretches) {
    const entry = worked.get(task);
    if (entry) entry.all += end - start;
  }
  // What runs over its evening is finished first.
  let from = minute;
  for (const [index, { start }] of worked)
    if (problem.tasks[index]?.leastChunkMinutes === null && start < minute) from = Math.max(from, ends[index] ?? minute);
  const fromMinute = Math.ceil(from);
  const tasks = problem.tasks.map((task, index): PlanTask => {
    const entry = worked.get(index);
    if (task.fixed && task.fixed.end <= problem.fromMinute) return task;
    if (!entry) return task;
    const end = ends[index] ?? Infinity;
    if (end <= fromMinute) return settle(task, { start: entry.start, end });
    const share = entry.all > 0 ? entry.minutes / entry.all : 0;
    return { ...task, minutes: Math.max(1, Math.round(task.minutes * (1 - share))), isUnderWay: false };
  });
  return { ...problem, fromMinute, tasks };
}
