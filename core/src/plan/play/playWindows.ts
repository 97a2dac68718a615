import { closesByLabel, reopensByLabel } from '../../cure/labelTime';
import type { Fortune } from './fortune';
import type { PlayTables } from './playTables';

/** Recoat windows of a play that have opened before tasks: when each closes, and when it opens again. */
export class PlayWindows {
  /** the last minute a task may be begun in its window; Infinity where none runs */
  readonly closes: Float64Array;
  /** the last minute hands can begin with what stands in a window that runs; Infinity where none runs */
  readonly urgentBy: Float64Array;
  /** tasks that are urgent, in the order they became so */
  readonly closers: number[] = [];
  private readonly reopens: Float64Array;

  constructor(
    private readonly tables: PlayTables,
    /** the last minute a task can be begun by anyone before a minute */
    private readonly lastChance: (task: number, closes: number) => number,
  ) {
    this.closes = new Float64Array(tables.count);
    this.urgentBy = new Float64Array(tables.count);
    this.reopens = new Float64Array(tables.count);
  }

  reset(): void {
    this.closes.fill(Infinity);
    this.urgentBy.fill(Infinity);
    this.closers.length = 0;
  }

  /** A window before a task was missed: it runs no more. When it opens again; Infinity: never by itself. */
  miss(index: number): number {
    this.closes[index] = Infinity;
    this.urgentBy[index] = Infinity;
    return this.reopens[index] ?? Infinity;
  }

  /** The minute after a moment at which the next window closes before a task that is not begun. */
  nextClosing(now: number, isBegun: Uint8Array): number {
    let soonest = Infinity;
    for (const index of this.closers) {
      const closes = (this.closes[index] ?? Infinity) + 1;
      if (!isBegun[index] && closes > now && closes < soonest) soonest = closes;
    }
    return soonest;
  }

  /** When a film has come as far as an arc asks before its task may be begun, on whole minutes. */
  opensAfter(arc: number, end: number, fortune: Fortune | null): number {
    const lo = this.tables.arcs.lo[arc] ?? 0;
    return lo <= 0 ? end : Math.max(end, Math.ceil(this.drawnAfter(arc, end, lo, fortune) - 1e-6));
  }

  /** A window that will close has opened before a task. */
  open(arc: number, to: number, end: number, opens: number, fortune: Fortune | null): void {
    const { arcs } = this.tables;
    const hi = arcs.hi[arc] ?? Infinity;
    const byFilm = arcs.closesWithFilm[arc] ? this.drawnAfter(arc, end, hi, fortune) : (arcs.clock[arc]?.minuteAfter(end, hi) ?? Infinity);
    const keepsLabel = arcs.keepsLabelTime[arc] === 1;
    const drawn = keepsLabel ? closesByLabel(byFilm, end, hi) : byFilm;
    const again = arcs.lo2[arc] ?? Infinity;
    // A window that is over before the film is fit for it is passed over where another opens.
    const isOver = keepsLabel && drawn < opens && again < Infinity;
    const closes = isOver ? end : Math.max(opens, Math.floor(drawn + 1e-6));
    const opensAgain = again < Infinity ? this.drawnAfter(arc, end, again, fortune, arcs.clock2) : Infinity;
    const reopens = Math.ceil((keepsLabel ? reopensByLabel(opensAgain, end, again) : opensAgain) - 1e-6);
    const known = this.closes[to] ?? Infinity;
    // Where two films bind one work, it waits until both are open again.
    this.reopens[to] = known === Infinity ? reopens : Math.max(this.reopens[to] ?? 0, reopens);
    if (closes >= known) return;
    if (known === Infinity) this.closers.push(to);
    this.closes[to] = closes;
    this.urgentBy[to] = this.lastChance(to, closes);
  }

  /** The minute at which a film reaches a stage, with the drying time drawn for this play. */
  private drawnAfter(arc: number, end: number, progress: number, fortune: Fortune | null, clocks = this.tables.arcs.clock): number {
    const film = this.tables.arcs.film[arc] ?? -1;
    const factor = film >= 0 && fortune ? (fortune.drying[film] ?? 1) : 1;
    return clocks[arc]?.minuteAfter(end, progress * factor) ?? Infinity;
  }
}
