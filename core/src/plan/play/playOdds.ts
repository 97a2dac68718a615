import type { MethodPace } from './pace';
import type { TaskSpread } from './taskSpread';

/** What is uncertain about a problem. */
export interface PlayOdds {
  /** the spread of each task's minutes, by index */
  readonly spreads?: readonly TaskSpread[];
  /** instead of spreads, where the finisher's own pace is known or guessed */
  readonly paces?: PlayPaces;
  /** calendars whose windows the weather may take away, with the chance of each window of theirs; by calendar id */
  readonly losses?: Readonly<Record<string, readonly number[]>>;
  /** deviation of the logarithm of how long a film really takes to dry, by its name; 0 where none is named */
  readonly dryingSpreads?: Readonly<Record<string, number>>;
}

/** Pieces of a bed that may fail on the printer. */
export interface PrintOdds {
  readonly pieces: number;
  readonly failureShare: number;
}

/** Paces of a problem's tasks. */
export interface PlayPaces {
  readonly finisherDeviation: number;
  /** by index; null: as planned */
  readonly byTask: readonly (MethodPace | null)[];
  /** by index: pieces that are printed, some of which fail; null: no print */
  readonly prints?: readonly (PrintOdds | null)[];
}
