import type { Objective } from '../problem/objective';
import type { PreparedProblem } from '../problem/preparedProblem';
import type { Plan, Placement } from '../problem/problem';
import { findTaskGroups } from '../problem/taskGroups';
import type { TaskGroups } from '../problem/taskGroups';

/** What is planned tonight, to be kept unless it must move: starts of the plan before, by task index. */
export interface KeptStarts {
  readonly starts: ReadonlyMap<number, number>;
  /** starts before this minute are kept */
  readonly untilMinute: number;
}

/** A plan measured. Times in minutes. */
export interface PlanMeasure {
  readonly unplaced: number;
  /** Σ weight × minutes late, over groups */
  readonly lateness: number;
  /** the last end; the problem's start where nothing is left to do */
  readonly readyMinute: number;
  /** the last end of each group, by group index; -Infinity where nothing of it is left to do */
  readonly ready: readonly number[];
  /** days on which hands do something */
  readonly evenings: number;
  /** times a tool is got ready */
  readonly setups: number;
  /** tasks planned tonight that moved by more than a quarter of an hour */
  readonly moved: number;
  /** one number to compare by, hours: smaller is better */
  readonly cost: number;
}

/** Kept in hand before each date where it can be had; guessed. */
const MARGIN_MINUTES = 2 * 1440;
const MOVED_MINUTES = 15;
/** What a setup counts beside the ready time: more than its own minutes, since cleaning is disliked; tried on the bench’s instances. */
const SETUP_HOURS = 1;
/** What a setup counts more that even work without a plan would not have; guessed, a day. */
const EXTRA_SETUP_HOURS = 24;

/** Measures plans of one problem for one objective. */
export class PlanMeter {
  readonly groups: TaskGroups;
  private readonly indexOf: ReadonlyMap<string, number>;

  /**
   * @param usualSetups setups when simply whatever can be done first is done; more than these cost extra
   */
  constructor(
    private readonly prepared: PreparedProblem,
    private readonly objective: Objective,
    private readonly keptStarts: KeptStarts | null = null,
    private readonly usualSetups = Infinity,
  ) {
    this.indexOf = new Map(prepared.tasks.map((task, index) => [task.id, index]));
    this.groups = findTaskGroups(prepared.tasks);
  }

  /** Measures a plan. */
  measure(plan: Plan): PlanMeasure {
    const { prepared, groups } = this;
    const ready = new Array<number>(groups.due.length).fill(Number.NEGATIVE_INFINITY);
    let readyMinute = prepared.problem.fromMinute;
    let setups = 0;
    let moved = 0;
    const evenings = new Set<number>();
    for (const placement of plan.placements) {
      const index = this.indexOf.get(placement.taskId) ?? -1;
      const settled = prepared.tasks[index]?.fixed;
      if (settled && settled.end <= prepared.problem.fromMinute) continue;
      const group = groups.of[index] ?? 0;
      if (placement.end > (ready[group] ?? 0)) ready[group] = placement.end;
      if (placement.end > readyMinute) readyMinute = placement.end;
      if (placement.setupMinutes > 0) setups += 1;
      // What goes on by day and night, a print, is nobody's evening.
      if (prepared.tasks[index]?.calendarId !== null || prepared.widest === null) noteEvenings(prepared.eveningOf, placement, evenings);
      if (this.isMoved(index, placement)) moved += 1;
    }
    let lateness = 0;
    let marginLateness = 0;
    let readySum = 0;
    let open = 0;
    ready.forEach((end, group) => {
      if (!Number.isFinite(end)) return;
      const late = end - (groups.due[group] ?? Infinity);
      const weight = groups.weight[group] ?? 1;
      lateness += weight * Math.max(0, late);
      marginLateness += weight * Math.max(0, late + MARGIN_MINUTES);
      readySum += end - prepared.problem.fromMinute;
      open += 1;
    });
    const readyHours = (readyMinute - prepared.problem.fromMinute + readySum / Math.max(1, open)) / 120;
    const wanted =
      this.objective === 'readyFirst' || this.objective === 'surest'
        ? readyHours + setups * SETUP_HOURS
        : this.objective === 'fewestEvenings'
          ? evenings.size * 24 + readyHours * 0.1
          : setups * 12 + readyHours * 0.1;
    const unplaced = plan.unplaced.length;
    const extraSetups = Math.max(0, setups - this.usualSetups);
    const cost = unplaced * 1e7 + (lateness / 60) * 1e3 + (marginLateness / 60) * 2 + moved * 2 + extraSetups * EXTRA_SETUP_HOURS + wanted;
    return { unplaced, lateness, readyMinute, ready, evenings: evenings.size, setups, moved, cost };
  }

  private isMoved(index: number, { start }: Placement): boolean {
    const before = this.keptStarts?.starts.get(index);
    return before !== undefined && before < (this.keptStarts?.untilMinute ?? 0) && Math.abs(start - before) > MOVED_MINUTES;
  }
}

function noteEvenings(eveningOf: (minute: number) => number, { chunks }: Placement, into: Set<number>): void {
  for (const chunk of chunks) if (chunk.end > chunk.start) into.add(eveningOf(chunk.start));
}
