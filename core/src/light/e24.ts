/** The 24 values of a decade (IEC 60063). */
export const E24: readonly number[] = [
  1, 1.1, 1.2, 1.3, 1.5, 1.6, 1.8, 2, 2.2, 2.4, 2.7, 3, 3.3, 3.6, 3.9, 4.3, 4.7, 5.1, 5.6, 6.2, 6.8, 7.5, 8.2, 9.1,
];
/** What 64-bit sums are off by at most, as a share. */
const ROUNDING = 1e-9;

/**
 * The next value of E24 that is not below.
 *
 * @throws RangeError below 0.01 or above 10⁹ ohms
 */
export function nextE24(ohms: number): number {
  if (!(ohms >= 0.01 && ohms <= 1e9)) throw new RangeError(`no resistor is made for ${ohms} Ω`);
  const decade = 10 ** Math.floor(Math.log10(ohms) + ROUNDING);
  const value = E24.find((entry) => entry * decade >= ohms * (1 - ROUNDING));
  // Rounds to the decimals printed on the part; powers of ten in binary would add stray digits.
  return Number(((value ?? 10) * decade).toPrecision(3));
}

/** Powers resistors are made for, W (common practice). */
export const RATINGS: readonly number[] = [0.125, 0.25, 0.5, 1, 2, 3, 5, 10, 25, 50];

/** The next rating that is not below; null: beyond what is made as a plain resistor. */
export function nextRating(watts: number): number | null {
  return RATINGS.find((rating) => rating >= watts * (1 - ROUNDING)) ?? null;
}
