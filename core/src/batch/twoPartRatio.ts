/** Parts A : B of a two-part product, by volume or by weight. */
export interface TwoPartRatio {
  readonly partsA: number;
  readonly partsB: number;
}

/**
 * Volume ratio to weight ratio: each part times its density. The result is scaled so that B is what it was.
 *
 * @param densityA kg/l
 * @throws RangeError unless all values are above 0
 */
export function weightRatio(byVolume: TwoPartRatio, densityA: number, densityB: number): TwoPartRatio {
  requirePositive(byVolume.partsA, byVolume.partsB, densityA, densityB);
  return { partsA: (byVolume.partsA * densityA) / densityB, partsB: byVolume.partsB };
}

/** Weight ratio to volume ratio; the inverse of {@link weightRatio}. */
export function volumeRatio(byWeight: TwoPartRatio, densityA: number, densityB: number): TwoPartRatio {
  requirePositive(byWeight.partsA, byWeight.partsB, densityA, densityB);
  return { partsA: (byWeight.partsA * densityB) / densityA, partsB: byWeight.partsB };
}

/** Splits a total amount into its two parts, in the unit of the total. */
export function splitBatch(total: number, ratio: TwoPartRatio): { readonly amountA: number; readonly amountB: number } {
  requirePositive(total, ratio.partsA, ratio.partsB);
  const amountA = (total * ratio.partsA) / (ratio.partsA + ratio.partsB);
  return { amountA, amountB: total - amountA };
}

/** How much can be mixed of what is there of each part: the scarcer one decides. In the unit of both. */
export function mixedFrom(amountA: number, amountB: number, ratio: TwoPartRatio): number {
  requirePositive(ratio.partsA, ratio.partsB);
  return Math.max(0, Math.min(amountA / ratio.partsA, amountB / ratio.partsB) * (ratio.partsA + ratio.partsB));
}

function requirePositive(...values: number[]): void {
  for (const value of values)
    if (!(value > 0 && Number.isFinite(value))) throw new RangeError(`ratios, densities and amounts must be above 0, got ${value}`);
}
