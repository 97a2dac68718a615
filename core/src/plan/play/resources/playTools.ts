import { wholeSetup } from '../../place/toolTimeline';
import type { Family } from '../../problem/problem';
import type { PlayTables } from '../playTables';

/** The tools of a play: what each was last used with, until when, and since when without a cleaning in between. */
export class PlayTools {
  /** times a tool was got ready */
  setups = 0;
  private readonly family: (Family | undefined)[];
  private readonly end: Float64Array;
  private readonly session: Float64Array;
  /** whether the task that was asked about last goes on in the session before it */
  private goesOn = false;

  constructor(private readonly tables: PlayTables) {
    const { tools } = tables.prepared.problem;
    this.family = tools.map(() => undefined);
    this.end = new Float64Array(tools.length);
    this.session = new Float64Array(tools.length);
  }

  reset(): void {
    this.setups = 0;
    this.family.fill(undefined);
    this.end.fill(Number.NEGATIVE_INFINITY);
  }

  /**
   * Minutes of getting ready; −1 while the tool is in use.
   *
   * @param earliest before which the work itself does not begin
   */
  setupFor(index: number, now: number, earliest: number): number {
    const { tables } = this;
    const tool = tables.tool[index] ?? -1;
    const family = tables.families[index];
    if (tool < 0 || !family) return 0;
    const end = this.end[tool] ?? Number.NEGATIVE_INFINITY;
    if (end > now) return -1;
    const before = this.family[tool];
    const start = Math.max(now, earliest);
    this.goesOn =
      before?.id === family.id &&
      start - end <= family.keepMinutes &&
      (family.mostMinutes === null || start + (tables.minutes[index] ?? 0) - (this.session[tool] ?? 0) <= family.mostMinutes);
    const kind = tables.prepared.problem.tools[tool];
    return this.goesOn || !kind ? 0 : wholeSetup(kind, before, family);
  }

  /** Uses the tool of the task that was asked about last, from when it is ready to when it is done. */
  use(index: number, start: number, end: number, setup: number): void {
    const tool = this.tables.tool[index] ?? -1;
    if (tool < 0) return;
    if (!this.goesOn) this.session[tool] = start;
    if (setup > 0) this.setups += 1;
    this.family[tool] = this.tables.families[index];
    this.end[tool] = end;
  }
}
