import type { ClockTable } from '../cure/clockTable';
import type { Interval } from '../time/interval';

/**
 * The planner's one problem type: tasks with resources, calendars and held places; arcs between them measured on clocks.
 * Time is whole minutes from any one origin the caller keeps to (the shop uses epoch minutes). Classical job-shop is the
 * special case of capacity 1, an open calendar and arcs of [0, ∞) on the wall clock.
 */
export interface PlanProblem {
  /** nothing new starts before this minute */
  readonly fromMinute: number;
  /** nothing ends after it */
  readonly horizonMinute: number;
  readonly resources: readonly Resource[];
  readonly calendars: readonly Calendar[];
  readonly clocks: readonly NamedClock[];
  readonly tasks: readonly PlanTask[];
  readonly arcs: readonly PlanArc[];
}

/** Something of which only so much is there: hands, a spray place, the rack. */
export interface Resource {
  readonly id: string;
  readonly name: string;
  readonly capacity: number;
}

/** When a kind of work can be done; sorted, disjoint intervals of minutes. */
export interface Calendar {
  readonly id: string;
  readonly name: string;
  readonly windows: readonly Interval[];
}

/** A clock arcs are measured on; the wall clock is one whose rate is 1. */
export interface NamedClock {
  readonly id: string;
  readonly table: ClockTable;
}

/** One piece of work. */
export interface PlanTask {
  readonly id: string;
  readonly name: string;
  /** active minutes, whole, at least 0 */
  readonly minutes: number;
  readonly calendarId: string | null;
  /** resources used while the work is done */
  readonly demands: readonly Demand[];
  /** places taken from the end of the work for a time on a clock */
  readonly holds: readonly Hold[];
  /** null: done in one go; else the shortest stretch worth taking up */
  readonly leastChunkMinutes: number | null;
  readonly notBeforeMinute: number | null;
  /** due time of what this task is part of; drives priority, never feasibility */
  readonly dueMinute: number | null;
  /** weight of being late, above 0 */
  readonly weight: number;
  /** being worked on right now: placed before anything else */
  readonly isUnderWay: boolean;
  /** when a fact has settled it: it takes part in arcs and holds but is not moved */
  readonly fixed: Interval | null;
}

/** An amount of a resource. */
export interface Demand {
  readonly resourceId: string;
  readonly amount: number;
}

/** A place held after the work: `progress` on the clock counts from the task's end. */
export interface Hold extends Demand {
  readonly clockId: string;
  readonly progress: number;
}

/** A span of progress in which a successor may start; `hi` null: open. */
export interface ArcPiece {
  readonly lo: number;
  readonly hi: number | null;
}

/** The start of `to`, measured on the clock from the end of `from`, lies in one of the pieces (sorted, disjoint). */
export interface PlanArc {
  readonly from: string;
  readonly to: string;
  readonly clockId: string;
  readonly pieces: readonly ArcPiece[];
  readonly reason: ArcReason;
}

/** What an arc stands for. */
export type ArcReason =
  | { readonly kind: 'order' }
  | { readonly kind: 'join' }
  | { readonly kind: 'film'; readonly milestone: string; readonly filmName: string }
  | { readonly kind: 'missedWindow'; readonly filmName: string };

/** A task in its place. */
export interface Placement {
  readonly taskId: string;
  readonly start: number;
  readonly end: number;
  /** stretches of active work, sorted */
  readonly chunks: readonly Interval[];
}

/** Why a task could not be placed. */
export interface Certificate {
  readonly taskId: string;
  readonly cause:
    | { readonly kind: 'noWindow'; readonly calendarId: string | null; readonly neededMinutes: number; readonly longestMinutes: number }
    | { readonly kind: 'tooMuch'; readonly resourceId: string; readonly needed: number; readonly capacity: number }
    | {
        readonly kind: 'windowCloses';
        readonly fromTaskId: string;
        readonly earliest: number;
        readonly latest: number;
        readonly calendarId: string | null;
      }
    | { readonly kind: 'neverReady'; readonly fromTaskId: string }
    | { readonly kind: 'beyondHorizon'; readonly horizonMinute: number }
    | { readonly kind: 'waitsFor'; readonly taskId: string };
}

/** A plan: everything that could be placed, and for the rest why not. */
export interface Plan {
  readonly placements: readonly Placement[];
  readonly unplaced: readonly Certificate[];
}
