/** A shaft in its hole, as printed and as painted. Diameters in mm, films in µm on one face. */
export interface Fit {
  readonly holeMillimetres: number;
  readonly shaftMillimetres: number;
  readonly holeFilmMicrometres: number;
  readonly shaftFilmMicrometres: number;
  /** how much tighter the printer makes the pair, on the diameter; 0 where it was measured */
  readonly printErrorMillimetres: number;
}

/** How a pair goes together once it is painted. */
export interface FitVerdict {
  /** clearance on the diameter that is left; negative: it does not go in */
  readonly clearanceMillimetres: number;
  readonly paintMillimetres: number;
  readonly verdict: 'moves' | 'snug' | 'clashes';
  /** by how much the hole must be opened, or the shaft taken down, for it to move; 0 where it does */
  readonly openByMillimetres: number;
  /** whether masking the mating faces alone would make it move */
  readonly isMaskingEnough: boolean;
}

/** Clearance on the diameter at which a painted pair still moves (guessed; common practice speaks of a tenth to two). */
const MOVES_MILLIMETRES = 0.1;

/**
 * What is left between a shaft and its hole: designed − print error − 2 · (film on the shaft + film in the bore), since every film narrows
 * from both sides.
 */
export function fitClearance(fit: Fit): FitVerdict {
  const bare = fit.holeMillimetres - fit.shaftMillimetres - fit.printErrorMillimetres;
  const paintMillimetres = (2 * (fit.holeFilmMicrometres + fit.shaftFilmMicrometres)) / 1000;
  const clearanceMillimetres = bare - paintMillimetres;
  return {
    clearanceMillimetres,
    paintMillimetres,
    verdict: clearanceMillimetres >= MOVES_MILLIMETRES ? 'moves' : clearanceMillimetres >= 0 ? 'snug' : 'clashes',
    openByMillimetres: Math.max(0, MOVES_MILLIMETRES - clearanceMillimetres),
    isMaskingEnough: bare >= MOVES_MILLIMETRES,
  };
}
