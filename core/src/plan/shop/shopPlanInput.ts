import type { AirTimeline } from '../../climate/airTimeline';
import type { GeoPosition } from '../../climate/daylight';
import type { LayLimits } from '../../climate/layLimits';
import type { SprayLimits } from '../../climate/sprayVerdict';
import type { DryingData } from '../../cure/dryingData';
import type { Application } from '../../cure/productClasses';
import type { RungSide } from '../../ladder/faces';
import type { WorkKindId } from '../../ladder/workKinds';
import type { Interval } from '../../time/interval';
import type { DayException, WeeklySpan } from '../../time/workingHours';

import type { LoggedPace } from '../play/pace';

/** All the planner needs to know of a shop, as plain data. Moments are epoch ms. */
export interface ShopPlanInput {
  readonly nowMs: number;
  readonly timeZone: string;
  readonly hours: readonly WeeklySpan[];
  readonly exceptions: readonly DayException[];
  /** appointments: hands do nothing in them */
  readonly busy: readonly Interval[];
  /** where one sprays in daylight only; null: light does not matter */
  readonly daylightAt: GeoPosition | null;
  /** when spraying is allowed at all: neighbours, fumes */
  readonly sprayHours: readonly WeeklySpan[];
  /** when nothing loud is done: power tools rest */
  readonly quietHours: readonly WeeklySpan[];
  readonly sprayLimits: SprayLimits;
  readonly air: AirTimeline;
  /** the air out of doors, where it is sprayed there and dried in the shop; null: it is sprayed in the shop's own */
  readonly yardAir: AirTimeline | null;
  /** the airbrush stays in the shop, with its air and its lamps, whatever cans do */
  readonly airbrushesInside: boolean;
  /** whether work is planned at the finisher's own pace or by the methods' minutes */
  readonly goesByOwnPace: boolean;
  /** how actual minutes compare with planned ones by method, from the shop's own log */
  readonly ownPace: Readonly<Record<string, LoggedPace>>;
  /** the same of each person, by id: what one alone does goes by it; left out where nobody is named */
  readonly ownPaceOf?: Readonly<Record<string, Readonly<Record<string, LoggedPace>>>>;
  /** those who work in the shop; none: one finisher, with the shop's hours, who does everything */
  readonly persons: readonly PlanPerson[];
  readonly boothPlaces: number;
  readonly rackPlaces: number;
  /** beds that are printed at once */
  readonly printers: number;
  readonly props: readonly PlanProp[];
  readonly parts: readonly PlanPart[];
  readonly joins: readonly PlanJoin[];
}

/** The shop's air, that out of doors where it is sprayed there, and what is not sprayed there all the same. */
export type ShopAirs = Pick<ShopPlanInput, 'air' | 'yardAir' | 'airbrushesInside'>;

/** Somebody with a pair of hands. */
export interface PlanPerson {
  readonly id: string;
  readonly name: string;
  /** null: the shop's, with its dates and appointments */
  readonly hours: readonly WeeklySpan[] | null;
  /** dates with other hours, or none: away */
  readonly exceptions: readonly DayException[];
  /** taken by something else: no hands in it */
  readonly busy: readonly Interval[];
  /** kinds of work left to others */
  readonly refuses: readonly WorkKindId[];
}

/** A prop with its date. */
export interface PlanProp {
  readonly id: string;
  readonly name: string;
  readonly dueMs: number | null;
  /** weight of being late, above 0 */
  readonly weight: number;
}

/** A part with its rungs, bottom first. */
export interface PlanPart {
  readonly id: string;
  readonly propId: string;
  readonly name: string;
  /** places the whole set takes on the rack while it dries */
  readonly rackPlaces: number;
  /** identical pieces of the set */
  readonly pieces: number;
  /** what of it is still on a printer; null: all is here */
  readonly print: PlanPrint | null;
  readonly rungs: readonly PlanRung[];
}

/** Printing that is not done. */
export interface PlanPrint {
  /** that are not off the printer, those on the bed among them; at least 1 */
  readonly piecesLeft: number;
  /** that lie on one bed and are off together, at least 1 */
  readonly bedPieces: number;
  /** one piece, above 0 */
  readonly pieceMinutes: number;
  /** when what is on the bed was begun; null: nothing was */
  readonly startedAtMs: number | null;
  /** share of pieces that fail and are printed again, 0–0.9 */
  readonly failureShare: number;
}

/** A rung as the planner sees it. */
export interface PlanRung {
  readonly id: string;
  readonly name: string;
  readonly methodId: string;
  /** hands minutes as the method has them, whole */
  readonly minutes: number;
  readonly side: RungSide;
  /** the film it lays; null where none, or where the product is not known yet */
  readonly film: PlanFilm | null;
  readonly notBeforeMs: number | null;
  /** that is when something ordered for it has come, and no wish; left out: it is a wish */
  readonly isAwaited?: boolean;
  /** places on the rack for the pieces it is done on, where these are not all of its part; left out: its part's */
  readonly rackPlaces?: number;
  /** its part holds the water of a washing in itself; left out: it does not */
  readonly soaks?: boolean;
  /** an earlier rung of its part whose film must be hard first; null: what its method needs is enough */
  readonly hardRungId: string | null;
  /** when its work begins whatever else says; null: where the plan puts it */
  readonly lockedAtMs: number | null;
  /** ids of what is to be heeded at it: some is not for everybody */
  readonly cautions: readonly string[];
  /** who is to do it; null: anybody who can */
  readonly personId: string | null;
  readonly status: RungProgress;
}

/** A film a rung lays. */
export interface PlanFilm {
  readonly productId: string;
  readonly name: string;
  readonly drying: DryingData;
  /** what it is laid on with: work with one of these can share a session */
  readonly application: Application;
  /** how long a mixed batch can be used at 23 °C; null where it has no such end */
  readonly potLifeMinutes: number | null;
  /** the air it can be laid on in */
  readonly limits: LayLimits;
  /** CIE L*; null where the product has no colour */
  readonly lightness: number | null;
  /** minutes after which it must be off again; null: it stays */
  readonly removeWithinMinutes: number | null;
  /** dry film of this coat */
  readonly coatMicrometres: number;
}

/** How far a rung is. */
export type RungProgress =
  | { readonly kind: 'open' }
  /** begun: the minutes already worked, whether it is in hand right now or was set down, and in whose hands; null: not said */
  | { readonly kind: 'begun'; readonly workedMinutes: number; readonly isInHand: boolean; readonly doerId: string | null }
  | { readonly kind: 'done'; readonly endMs: number }
  | { readonly kind: 'leftOut' };

/** Two ladders that meet: the guest's rungs up to `guestRungId` (all, when null) come before the host's rung, the rest after it. */
export interface PlanJoin {
  readonly id: string;
  readonly hostPartId: string;
  readonly hostRungId: string;
  readonly guestPartId: string;
  readonly guestRungId: string | null;
  /** the guest's rung is left out because the host's does its work on both, joined as they are before; left out: it is not so */
  readonly isShared?: boolean;
}
