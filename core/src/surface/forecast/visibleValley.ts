import type { Finish } from '../../ladder/finishes';

/** Distance for which a finish says what it forgives: arm's length, m. */
export const ARMS_LENGTH_METRES = 0.6;
/** One minute of arc, what an eye of 6/6 separates (Snellen): 0.29 mm at 1 m. */
const ARC_MINUTE = Math.PI / 180 / 60;

/** What can be seen of a surface from where it is looked at. */
export interface Visibility {
  /** deepest valley that does not show, µm */
  readonly valleyMicrometres: number;
  /** smallest spot an eye separates there, mm */
  readonly spotMillimetres: number;
  readonly formula: string;
}

/**
 * What shows at a distance. A valley shows when its shadow or glint is at least as wide as the eye can separate. Wide flaws of one depth
 * have gentler slopes, so the depth that goes unseen grows with the distance; at arm's length it is the finish's own figure (gloss shows
 * what matt hides). The straight line is guessed; below arm's length nothing is demanded beyond the finish's own.
 *
 * @throws RangeError for a distance that is not above 0
 */
export function visibleValley(finish: Finish, metres: number): Visibility {
  if (!(metres > 0 && Number.isFinite(metres))) throw new RangeError(`a distance of ${metres} m is none`);
  const factor = Math.max(1, metres / ARMS_LENGTH_METRES);
  return {
    valleyMicrometres: finish.valleyForgivenMicrometres * factor,
    spotMillimetres: metres * 1000 * ARC_MINUTE,
    formula: `${finish.valleyForgivenMicrometres} µm forgiven at arm's length × max(1, ${metres} m ÷ ${ARMS_LENGTH_METRES} m)`,
  };
}
