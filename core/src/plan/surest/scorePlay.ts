import type { OrderPlayer } from '../play/orderPlayer';
import type { TaskGroups } from '../problem/taskGroups';

/** What a date kept counts more where there is a day to spare, and what a late one takes away at most; tried on the demo and on random shops. */
const MARGIN = 0.05;
const LATE = 0.15;
const DAY = 1440;
/** Days within which most of that is taken away: each day more is told apart, and counts less than the one before. */
const FIRST_LATE_DAYS = 5;
/** What sooner, fewer cleanings and unbroken windows count where dates are equally sure; guessed, small beside a date. */
const READY_DAY = 0.001;
const SETUP = 0.0002;
const MISSED = 0.01;
const UNDONE = 0.02;

/** What a play was worth, and which dates it kept. */
export interface PlayScore {
  /** greater is better; a date that counts once is worth 1 ÷ all weights */
  readonly score: number;
  /** the share of weighted dates that were kept; 0 where there are none */
  readonly kept: number;
}

/** Reads what plays of a problem are worth: most weighted dates kept, then fewest days late, then a margin, then sooner. */
export class PlayScorer {
  /** when each group was done in the play that was scored last, minutes; -Infinity where nothing of it is left to do */
  readonly ready: Float64Array;
  private readonly weights: number;
  private readonly open: readonly number[];

  constructor(
    private readonly player: OrderPlayer,
    private readonly groups: TaskGroups,
  ) {
    const { isFact } = player.tables;
    this.ready = new Float64Array(groups.due.length);
    this.open = player.tables.prepared.tasks.flatMap((_, index) => (isFact[index] ? [] : [index]));
    const isOpen = new Set(this.open.map((index) => groups.of[index]));
    this.weights = groups.weight.reduce((sum, weight, at) => sum + (isOpen.has(at) && Number.isFinite(groups.due[at]) ? weight : 0), 0);
  }

  /** Whether any group that is open has a date. */
  get hasDates(): boolean {
    return this.weights > 0;
  }

  /** The worth of what the player has just played. */
  score(): PlayScore {
    const { player, groups, ready } = this;
    const { fromMinute } = player.tables.prepared.problem;
    ready.fill(Number.NEGATIVE_INFINITY);
    for (const index of this.open) {
      const group = groups.of[index] ?? 0;
      const end = player.ends[index] ?? 0;
      if (end > (ready[group] ?? 0)) ready[group] = end;
    }
    let worth = 0;
    let kept = 0;
    let sum = 0;
    let last = 0;
    let count = 0;
    ready.forEach((end, group) => {
      if (end === Number.NEGATIVE_INFINITY) return;
      sum += end - fromMinute;
      last = Math.max(last, end - fromMinute);
      count += 1;
      const due = groups.due[group] ?? Infinity;
      if (due === Infinity) return;
      const weight = groups.weight[group] ?? 1;
      const spare = (due - end) / DAY;
      if (spare >= 0) kept += weight;
      worth += weight * (spare >= 0 ? 1 + MARGIN * Math.min(1, spare) : -LATE * (1 - Math.exp(spare / FIRST_LATE_DAYS)));
    });
    const days = (last + sum / Math.max(1, count)) / (2 * DAY);
    const beside = READY_DAY * days + SETUP * player.setups + MISSED * player.missed + UNDONE * player.undone;
    return { score: (this.weights > 0 ? worth / this.weights : 0) - beside, kept: this.weights > 0 ? kept / this.weights : 0 };
  }
}
