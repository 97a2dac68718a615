import type { Family, Tool } from '../problem/problem';

/** A task on a tool: its work, and the setup right before it. */
export interface ToolUse {
  readonly index: number;
  readonly family: Family;
  /** minutes of setup right before `start`; 0 continues the session before it */
  readonly setup: number;
  readonly start: number;
  readonly end: number;
  /** when the session this use belongs to began its work */
  readonly sessionStart: number;
}

/** Where a task fits on a tool. */
export interface ToolFit {
  readonly start: number;
  readonly setup: number;
}

/** What a tool is loaded with along time: sessions of one family each, cleaned and set up in between. */
export class ToolTimeline {
  /** sorted by start; setups and work never overlap */
  private readonly uses: ToolUse[] = [];

  constructor(private readonly tool: Tool) {}

  /**
   * The least start at or after `from` for work of a family, with the setup it needs there. A place before another use is taken only
   * where that use stays sound with the setup it has.
   *
   * @param mayShare false: always with a whole setup, whatever stands before, so that nothing depends on what it follows
   */
  firstFit(from: number, minutes: number, family: Family, mayShare: boolean): ToolFit {
    let position = this.positionAfter(from);
    for (;;) {
      const before = this.uses[position - 1];
      const after = this.uses[position];
      const fit = this.fitAfter(before, from, minutes, family, mayShare);
      if (!after || (fit.start + minutes <= after.start - after.setup && this.staysSound(after, family, fit.start, fit.start + minutes)))
        return fit;
      position += 1;
    }
  }

  /** When the tool is next got ready for something else, after a minute; Infinity when it never is. */
  freeUntil(minute: number): number {
    const next = this.uses[this.positionAfter(minute)];
    return next ? next.start - next.setup : Infinity;
  }

  /** Puts a use in; it must fit. */
  add(index: number, family: Family, setup: number, start: number, end: number): void {
    let position = this.positionAfter(start);
    // Work without length at this very minute comes first.
    while (this.uses[position]?.start === start && this.uses[position]?.end === start && end > start) position += 1;
    const before = this.uses[position - 1];
    const isNew = setup >= wholeSetup(this.tool, before?.family, family);
    this.uses.splice(position, 0, { index, family, setup, start, end, sessionStart: isNew || !before ? start : before.sessionStart });
  }

  /** Takes a use out. Returns the following use of the tool if that use depends on the setup of this one, else null. */
  remove(index: number): number | null {
    const position = this.uses.findIndex((use) => use.index === index);
    if (position < 0) return null;
    this.uses.splice(position, 1);
    const before = this.uses[position - 1];
    const after = this.uses[position];
    if (!after || after.setup >= wholeSetup(this.tool, before?.family, after.family)) return null;
    return before && continues(before, after.family, after.start, after.end) ? null : after.index;
  }

  private fitAfter(before: ToolUse | undefined, from: number, minutes: number, family: Family, mayShare: boolean): ToolFit {
    if (before && mayShare) {
      const start = Math.max(from, before.end);
      if (continues(before, family, start, start + minutes)) return { start, setup: 0 };
    }
    const setup = mayShare ? wholeSetup(this.tool, before?.family, family) : family.setupMinutes + this.tool.darkToLightMinutes;
    return { start: before ? Math.max(from, before.end + setup) : from, setup };
  }

  private staysSound(after: ToolUse, family: Family, start: number, end: number): boolean {
    if (after.setup >= wholeSetup(this.tool, family, after.family)) return true;
    // A batch that has a life of its own is not made older by work put before it.
    if (family.mostMinutes !== null) return false;
    return continues({ family, end, sessionStart: start }, after.family, after.start, after.end);
  }

  /** Index of the first use that starts at or after a minute. */
  private positionAfter(minute: number): number {
    let low = 0;
    let high = this.uses.length;
    while (low < high) {
      const middle = (low + high) >>> 1;
      if ((this.uses[middle]?.start ?? Infinity) < minute) low = middle + 1;
      else high = middle;
    }
    return low;
  }
}

/** Setup that owes nothing to what stood before: getting ready, and cleaning where a lighter colour follows a darker one. */
export function wholeSetup(tool: Tool, before: Family | undefined, family: Family): number {
  const isLighter =
    before !== undefined &&
    before.id !== family.id &&
    before.lightness !== null &&
    family.lightness !== null &&
    family.lightness > before.lightness;
  return family.setupMinutes + (isLighter ? tool.darkToLightMinutes : 0);
}

function continues(before: Pick<ToolUse, 'family' | 'end' | 'sessionStart'>, family: Family, start: number, end: number): boolean {
  return (
    before.family.id === family.id &&
    start - before.end <= family.keepMinutes &&
    (family.mostMinutes === null || end - before.sessionStart <= family.mostMinutes)
  );
}
