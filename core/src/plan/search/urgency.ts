import type { RandomSource } from '../../random/seededRandom';
import { earliestTimes } from '../judge/earliestTimes';
import { latestTimes } from '../judge/latestTimes';
import type { PreparedProblem } from '../problem/preparedProblem';
import { workForward } from '../problem/fitIntoWindows';

/** How urgent work is taken to be. */
export interface UrgencyWeights {
  /** share of the plan's length by which work that only fits into half of the usual hours is taken to be more urgent */
  readonly scarcity: number;
  /** share of the plan's length by which each task's urgency is moved at random, up or down */
  readonly noise: number;
}

/**
 * How urgent each task is, by its latest start: waits, evenings and weather are counted back from its date or the plan's end. Tasks that
 * need scarce hours are more urgent, since a missed spraying evening does not come back.
 */
export class UrgencyMeter {
  private readonly soonestEnds: readonly number[];
  private readonly narrowness: readonly number[];
  /** when all may be done, guessed from waits and hours alone: to begin with, before there is a plan */
  readonly guessedFinish: number;

  constructor(private readonly prepared: PreparedProblem) {
    const { fromMinute, horizonMinute } = prepared.problem;
    this.soonestEnds = earliestTimes(prepared).map((head) => Math.min(head.end, horizonMinute));
    const open = prepared.tasks.flatMap((task) => (task.fixed ? [] : [task.minutes]));
    const work = open.reduce((sum, minutes) => sum + minutes, 0);
    const { end } = workForward(prepared.widest, fromMinute, work, true);
    const ends = this.soonestEnds.filter((_, index) => !prepared.tasks[index]?.fixed);
    this.guessedFinish = ends.reduce((latest, soonest) => Math.max(latest, soonest), Math.min(horizonMinute, end));
    this.narrowness = measureNarrowness(prepared, this.guessedFinish);
  }

  /**
   * Urgencies in minutes, by task index: the greater, the sooner it should be begun. Only their differences count.
   *
   * @param finishOf when each task is to be done at the latest, minutes
   * @param span the plan's length, minutes
   */
  measure(finishOf: (index: number) => number, span: number, weights: UrgencyWeights, random: RandomSource): number[] {
    const { tasks } = this.prepared;
    // Never asks for what cannot be: a time that is out of reach would make all before it the same.
    const { starts } = latestTimes(this.prepared, (index) => Math.max(this.soonestEnds[index] ?? 0, finishOf(index)));
    return starts.map((start, index) => {
      if (tasks[index]?.fixed) return 0;
      const scarce = 2 * weights.scarcity * (this.narrowness[index] ?? 0);
      const moved = weights.noise === 0 ? 0 : weights.noise * (2 * random() - 1);
      return span * (scarce + moved) - start;
    });
  }
}

/** The share of the usual hours, up to a minute, in which each task cannot be done. */
function measureNarrowness({ problem, tasks, windows, widest }: PreparedProblem, until: number): number[] {
  const openMinutes = (spans: PreparedProblem['widest']): number =>
    spans === null
      ? until - problem.fromMinute
      : spans.reduce((sum, { start, end }) => sum + Math.max(0, Math.min(end, until) - Math.max(start, problem.fromMinute)), 0);
  const usual = openMinutes(widest);
  const byWindows = new Map(windows.map((own) => [own, usual > 0 ? Math.max(0, 1 - openMinutes(own) / usual) : 0]));
  return tasks.map((_, index) => byWindows.get(windows[index] ?? null) ?? 0);
}
