import type { ClockTable } from '../../cure/clockTable';
import type { Interval } from '../../time/interval';

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
  readonly tools: readonly Tool[];
  readonly families: readonly Family[];
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

/** Something that is loaded with one thing at a time: an airbrush, a can, a cup of mixed epoxy. */
export interface Tool {
  readonly id: string;
  readonly name: string;
  /** minutes of cleaning more when a lighter family follows a darker one */
  readonly darkToLightMinutes: number;
}

/**
 * Work a tool is loaded for: one product. A task that follows another of its family on the tool closely enough continues that session
 * and needs no setup; any other has a whole setup right before it, on the same resources and in the same window.
 */
export interface Family {
  readonly id: string;
  readonly name: string;
  readonly toolId: string;
  /** minutes to get ready and to clean up, once a session */
  readonly setupMinutes: number;
  /** longest pause within a session */
  readonly keepMinutes: number;
  /** longest from the start of a session's first work to the end of its last (pot life); null: no limit */
  readonly mostMinutes: number | null;
  /** CIE L* of the colour, for cleaning between; null where it does not matter */
  readonly lightness: number | null;
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
  /** somebody must be there to begin it, in the hours of this calendar, though it takes no hands and goes on by itself; left out: nobody need be */
  readonly begunInCalendarId?: string;
  /** what a tool must be loaded with for it; such a task is done in one go */
  readonly familyId: string | null;
  /** resources used while the work is done */
  readonly demands: readonly Demand[];
  /**
   * one of these does it, from its start to its end, in hours of their own; who comes first is taken where it makes no difference. Left out: its
   * demands and calendar are all it asks. The calendar then holds the hours of all of them.
   */
  readonly doers?: readonly Doer[];
  /** places taken from the end of the work for a time on a clock */
  readonly holds: readonly Hold[];
  /** null: done in one go; else the shortest stretch worth taking up */
  readonly leastChunkMinutes: number | null;
  readonly notBeforeMinute: number | null;
  /** that is when something it needs arrives; left out: it is a wish */
  readonly isAwaited?: boolean;
  /** what is ready together: tasks of one group are finished with the last of them; null: all that have none are one group */
  readonly groupId: string | null;
  /** due time of what this task is part of; drives priority, never feasibility */
  readonly dueMinute: number | null;
  /** weight of being late, above 0 */
  readonly weight: number;
  /** being worked on right now: placed before anything else */
  readonly isUnderWay: boolean;
  /** when it is settled: by a fact, or (from the problem's start on) by the finisher's word. It takes part in arcs and holds but is not moved */
  readonly fixed: Interval | null;
}

/** Somebody who can do a task, one thing at a time. */
export interface Doer {
  /** a resource of capacity 1 */
  readonly resourceId: string;
  readonly calendarId: string;
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
  /** holds of one owner are the same thing in the same place, however many coats keep it there; null: each is a thing of its own */
  readonly ownerId: string | null;
}

/** A span of progress in which a successor may start; `hi` null: open. */
export interface ArcPiece {
  readonly lo: number;
  readonly hi: number | null;
  /** another clock than the arc's own; only a later piece that stays open has one */
  readonly clockId?: string;
}

/** The start of `to`, measured on the clock from the end of `from`, lies in one of the pieces (sorted, disjoint). */
export interface PlanArc {
  readonly from: string;
  readonly to: string;
  readonly clockId: string;
  readonly pieces: readonly ArcPiece[];
  /** what closes closes by the wall's minutes too where those come first, and what opens again waits for them too: a label's recoat window */
  readonly keepsLabelTime?: boolean;
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
  /** minutes of setup right before `start`, on the resources of the task; 0 where a session goes on or none is needed */
  readonly setupMinutes: number;
  /** stretches of active work, sorted; the setup is not among them */
  readonly chunks: readonly Interval[];
  /** resource of the doer; only where the task has some to choose from */
  readonly doerId?: string;
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
