import type { CureOutlook } from '../../cure/cureClock';
import type { Interval } from '../../time/interval';
import type { Violation } from '../judge/checkPlan';
import type { PlacementReasons } from '../judge/explainPlacement';
import type { RungSession } from '../judge/sessions';
import type { Objective } from '../problem/objective';
import type { Certificate } from '../problem/problem';
import type { ProblemFault } from '../problem/problemFaults';
import type { ShopProblem } from '../shop/buildShopProblem';
import type { OwnPaces } from '../shop/ownMinutes';
import type { PlanNote } from './planNotes';

/** A rung's place in the plan, epoch ms. */
export interface RungTime {
  readonly rungId: string;
  readonly partId: string;
  /** when hands begin, with getting ready */
  readonly startMs: number;
  readonly endMs: number;
  /** who does it; null where the shop has one finisher */
  readonly personId: string | null;
  /** getting ready within it, at its beginning; 0 where a session goes on */
  readonly setupMinutes: number;
  /** minutes it may begin later with nothing else moved */
  readonly slackMinutes: number;
  /** on the chain that decides when all is ready */
  readonly isCritical: boolean;
  /** may be set down and taken up again */
  readonly isSplittable: boolean;
  /** whether the finisher locked it to this time */
  readonly isLocked: boolean;
  /** the session it is part of: what the tool is loaded with and for how many rungs; null where it shares none */
  readonly session: RungSession | null;
  /** stretches of hands, the first with getting ready */
  readonly chunks: readonly Interval[];
  readonly reasons: PlacementReasons | null;
  /** when the recoat window this rung must meet closes; null where none does */
  readonly windowClosesMs: number | null;
  /** how the film it lays will dry; null where it lays none */
  readonly outlook: CureOutlook | null;
  /** its place in the order work is chosen by: of what can be begun, the least goes first */
  readonly key: number;
}

/** When a bed of what is still to be printed is printed, if nothing fails. */
export interface PrintTime {
  readonly taskId: string;
  readonly partId: string;
  /** that are on it and off together */
  readonly pieces: number;
  readonly startMs: number;
  /** when its first rung may begin as far as this bed goes: it may still be printing, and comes in time */
  readonly endMs: number;
  readonly lastOffMs: number;
  readonly key: number;
}

/** When spraying is open, and how sure that is while it is only forecast, 0–1. */
export interface SprayWindow extends Interval {
  readonly certainty: number;
}

/** When a prop is done. */
export interface PropReady {
  readonly propId: string;
  /** null when something of it could not be placed, or nothing is left to do */
  readonly readyMs: number | null;
  readonly dueMs: number | null;
  /** rungs that have no possible time as the shop is now */
  readonly unplacedRungs: number;
  /** rungs that come after the last day the plan looks at */
  readonly laterRungs: number;
}

/** A rung that was planned for tonight and now is not. */
export interface MovedRung {
  readonly rungId: string;
  /** when it was to begin before, epoch ms */
  readonly wasMs: number;
}

/** The shop's plan, or what is wrong with the ladders. */
export type ShopPlan =
  | {
      readonly kind: 'planned';
      readonly madeForMs: number;
      /** how far ahead windows were worked out */
      readonly horizonDays: number;
      readonly objective: Objective;
      /** the rule or search that found it */
      readonly foundBy: string;
      /** plans looked at to find it */
      readonly rounds: number;
      /** whether the search is over, or better ones may still come */
      readonly isFinal: boolean;
      readonly readyMs: number;
      /** how the shop's minutes compare with the methods'; empty where the plan goes by the methods' */
      readonly ownPaces: OwnPaces;
      /** evenings (days on which hands do something) and times a tool is got ready */
      readonly evenings: number;
      readonly setups: number;
      readonly rungs: readonly RungTime[];
      /** what is printed when, soonest first */
      readonly prints: readonly PrintTime[];
      readonly props: readonly PropReady[];
      readonly unplaced: readonly Certificate[];
      /** what should be said beside it */
      readonly notes: readonly PlanNote[];
      readonly moved: readonly MovedRung[];
      /** rules that what the finisher locked breaks; empty in a plan without locks */
      readonly broken: readonly Violation[];
      /** hours in which anybody has hands */
      readonly handsWindows: readonly Interval[];
      /** those of each person; one without an id where the shop has one finisher */
      readonly handsByPerson: ShopProblem['handsByPerson'];
      readonly sprayWindows: readonly SprayWindow[];
      /** of an airbrush that stays inside; null: it goes where the cans go */
      readonly airbrushWindows: readonly SprayWindow[] | null;
    }
  | { readonly kind: 'faulty'; readonly faults: readonly ProblemFault[] };
