import type { ClockTable } from '../../cure/clockTable';
import { minuteAtProgress, progressAt } from '../../cure/clockTable';

/**
 * A clock table that is read very often: where the hand stands after some progress is found from a grid of hints instead of by bisection. It
 * answers exactly as the table itself does.
 */
export class ClockReader {
  /** for each equal share of the total progress, the first step of the table that reaches it */
  private readonly hints: Int32Array;
  private readonly end: number;
  private readonly isWall: boolean;

  constructor(private readonly table: ClockTable) {
    const { cumulative, stepMinutes } = table;
    const steps = cumulative.length - 1;
    this.end = cumulative[steps] ?? 0;
    this.isWall = cumulative.every((progress, step) => progress === step * stepMinutes);
    this.hints = new Int32Array(steps + 1);
    for (let at = 0, step = 0; at <= steps; at += 1) {
      while (step < steps && (cumulative[step] ?? 0) < (this.end * at) / steps) step += 1;
      this.hints[at] = step;
    }
  }

  /** The first minute at which `progress` has been gained since `from`; Infinity when it never is. */
  minuteAfter(from: number, progress: number): number {
    if (progress <= 0) return from;
    if (this.isWall) return from + progress;
    const goal = progressAt(this.table, from) + progress;
    if (!(goal > 0) || goal >= this.end) return Math.max(from, minuteAtProgress(this.table, goal));
    const { cumulative, startMinute, stepMinutes } = this.table;
    let step = this.hints[Math.floor((goal / this.end) * (this.hints.length - 1))] ?? 0;
    // The hint may lie a rounding too far.
    while (step > 1 && (cumulative[step - 1] ?? 0) >= goal) step -= 1;
    while ((cumulative[step] ?? 0) < goal) step += 1;
    const below = cumulative[step - 1] ?? 0;
    const gain = (cumulative[step] ?? 0) - below;
    return Math.max(from, startMinute + (step - 1 + (goal - below) / gain) * stepMinutes);
  }
}
