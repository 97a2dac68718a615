import type { AgeId } from '../ages';
import type { BandId } from '../bands';
import type { FinishId } from '../finishes';
import type { MaterialId } from '../materials';
import type { JoiningId, SealingId, SmoothingId } from '../schools';

/** What a film is for; the shop's product for a role is chosen when a ladder grows. */
export type ColourRole =
  | 'glue'
  | 'filler'
  | 'primer'
  | 'undercoat'
  | 'colour'
  | 'metal'
  | 'accent'
  | 'tint'
  | 'wash'
  | 'verdigris'
  | 'soot'
  | 'highlight'
  | 'clear'
  | 'mask';

/** When a row belongs to a ladder; every condition given must hold, a list means any of them. */
export interface RowCondition {
  readonly material?: readonly MaterialId[];
  readonly notMaterial?: readonly MaterialId[];
  readonly finish?: readonly FinishId[];
  readonly notFinish?: readonly FinishId[];
  readonly age?: readonly AgeId[];
  readonly smoothing?: readonly SmoothingId[];
  readonly joining?: readonly JoiningId[];
  readonly sealing?: readonly SealingId[];
}

/** One row of the route table: a rung that grows where its condition holds. */
export interface RouteRow {
  readonly name: string;
  readonly method: string;
  /** overrides the method's band */
  readonly band?: BandId;
  readonly productClass?: string;
  readonly role?: ColourRole;
  /** `P220`, or `last` for the finish's last grit */
  readonly grit?: string;
  /**
   * words that mark a paint as fitting by its name; when there are none, the finish's words for its colour count, and without those any
   * paint of the class fits
   */
  readonly paintWords?: readonly string[];
  /** a clear that takes the sheen of the finish, and its name */
  readonly sheen?: 'finish';
  /** rows of a loop are repeated as often as the forecast says */
  readonly isLooped?: boolean;
  readonly when: RowCondition;
  readonly why: string;
}
