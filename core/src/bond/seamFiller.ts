/** A seam that is filled over. Lengths in mm. */
export interface Seam {
  readonly lengthMillimetres: number;
  readonly gapMillimetres: number;
  /** how deep the filler goes in */
  readonly depthMillimetres: number;
  /** one side stands higher than the other by this */
  readonly stepMillimetres: number;
}

/** Filler for a seam. */
export interface SeamFiller {
  readonly millilitres: number;
  /** width in mm over which the filler is feathered so that the step cannot be felt */
  readonly featherMillimetres: number;
  readonly formula: string;
}

/** A step is drawn out over twenty times its height, so that no eye and no nail finds it (common practice). */
const FEATHER = 20;
/** Drawn out on both sides of a seam without a step, mm (common practice). */
const LEAST_FEATHER = 6;
/** Skin left over the seam before it is sanded flush, mm (guessed). */
const SKIN = 0.2;
/** What stays on knife and board (guessed). */
const LOSS = 1.25;

/**
 * Filler a seam takes: the gap itself, the wedge that draws the step out, and a skin over both.
 *
 * @throws RangeError for a length below 0
 */
export function seamFiller({ lengthMillimetres, gapMillimetres, depthMillimetres, stepMillimetres }: Seam): SeamFiller {
  for (const value of [lengthMillimetres, gapMillimetres, depthMillimetres, stepMillimetres])
    if (!(value >= 0 && Number.isFinite(value))) throw new RangeError(`a seam's lengths must be at least 0, got ${value}`);
  const featherMillimetres = Math.max(LEAST_FEATHER, FEATHER * stepMillimetres);
  const section = gapMillimetres * depthMillimetres + (stepMillimetres * featherMillimetres) / 2 + featherMillimetres * SKIN;
  return {
    millilitres: lengthMillimetres === 0 ? 0 : (lengthMillimetres * section * LOSS) / 1000,
    featherMillimetres,
    formula: `length × (gap × depth + step × feather / 2 + feather × ${SKIN} mm skin) × ${LOSS} for what stays on the knife`,
  };
}
