import type { Finish } from '../ladder/finishes';
import { visibleValley } from '../surface/forecast/visibleValley';

/** How much a flaw shows. */
export type FlawSeverity = 'hidden' | 'shows' | 'jumpsOut';

/** Gloss makes a flaw as visible as one this much larger under matt; by the finish (guessed, weighed by sheen as valleys are). */
function sheenFactor(finish: Finish): number {
  return Math.min(2.5, Math.max(1, 25 / finish.valleyForgivenMicrometres));
}

/** A flaw jumps out from this many times the smallest visible size on (guessed). */
const JUMPS_OUT = 4;

/**
 * How much a flaw of some size shows at the distance: hidden when it is smaller than what the eye separates there (one minute of arc, Snellen),
 * weighed by sheen.
 *
 * @param sizeMillimetres its smaller extent, across
 */
export function flawSeverity(sizeMillimetres: number, finish: Finish, metres: number): FlawSeverity {
  const seen = (sizeMillimetres * sheenFactor(finish)) / visibleValley(finish, metres).spotMillimetres;
  return seen < 1 ? 'hidden' : seen < JUMPS_OUT ? 'shows' : 'jumpsOut';
}
