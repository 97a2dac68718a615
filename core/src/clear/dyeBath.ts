/** A test strip that hung in the bath: how long, and the share of light it lets through beside an undyed one. */
export interface DyedStrip {
  readonly minutes: number;
  /** above 0, below 1 */
  readonly share: number;
}

/** What the strips say of the bath. */
export interface DyeBath {
  /** optical density won per square root of a minute */
  readonly rate: number;
  /** of the slowest and of the quickest strip */
  readonly slowest: number;
  readonly quickest: number;
}

/** When a piece comes out. */
export interface DyeTime {
  readonly minutes: number;
  /** by the quickest strip, to look at it first, and by the slowest */
  readonly earliest: number;
  readonly latest: number;
  /** more than 1.5 times as long as the longest test strip: test another strip first */
  readonly isBeyond: boolean;
}

/** Strips this far beyond the longest one are a guess (guess). */
const BEYOND = 1.5;

/**
 * A bath by its strips. Dye goes into plastic by diffusion, so that early on what was taken up grows with the square root of time (Crank, The
 * Mathematics of Diffusion; memory): optical density −log₁₀ share = rate · √minutes, fitted through nothing by least squares.
 *
 * @throws RangeError for fewer than two strips of different times, a time of nothing, or a share that is not between 0 and 1
 */
export function readBath(strips: readonly DyedStrip[]): DyeBath {
  if (new Set(strips.map(({ minutes }) => minutes)).size < 2)
    throw new RangeError('a bath is read by two strips of different times at least');
  for (const { minutes, share } of strips)
    if (!(minutes > 0 && share > 0 && share < 1))
      throw new RangeError('a strip hangs some minutes, and lets through a share between 0 and 1');
  const rates = strips.map(({ minutes, share }) => densityOf(share) / Math.sqrt(minutes));
  // With every density divided by its root of time, least squares through nothing weighs each rate by its minutes.
  const weighed = strips.reduce((sum, { minutes }, at) => sum + minutes * (rates[at] ?? 0), 0);
  return {
    rate: weighed / strips.reduce((sum, { minutes }) => sum + minutes, 0),
    slowest: Math.min(...rates),
    quickest: Math.max(...rates),
  };
}

/**
 * Minutes until a piece lets so much light through.
 *
 * @param share wanted, above 0 and below 1
 * @throws RangeError as {@link readBath}, and for a share that cannot be
 */
export function dyeTimeFor(strips: readonly DyedStrip[], share: number): DyeTime {
  if (!(share > 0 && share < 1)) throw new RangeError('what is to be let through is a share between 0 and 1');
  const { rate, slowest, quickest } = readBath(strips);
  const after = (speed: number): number => (densityOf(share) / speed) ** 2;
  const minutes = after(rate);
  return {
    minutes,
    earliest: after(quickest),
    latest: after(slowest),
    isBeyond: minutes > BEYOND * Math.max(...strips.map((strip) => strip.minutes)),
  };
}

function densityOf(share: number): number {
  return -Math.log10(share);
}
