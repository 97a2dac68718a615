/** A drop of a usual dropper bottle, ml: twenty make a millilitre (common practice; bottles differ by a third). */
export const DROP_MILLILITRES = 0.05;

/** What drops hold, ml. */
export function millilitresOfDrops(drops: number): number {
  return drops * DROP_MILLILITRES;
}

/**
 * Drops for an amount, a whole number of times a recipe, at least once.
 *
 * @param recipeParts drops of the recipe, above 0
 * @throws RangeError otherwise
 */
export function dropsForBatch(millilitres: number, recipeParts: number): number {
  if (!(recipeParts > 0) || !(millilitres >= 0)) throw new RangeError('a batch needs an amount and a recipe above 0');
  // A hair of rounding must not mix a whole recipe more.
  return Math.max(1, Math.ceil(millilitres / DROP_MILLILITRES / recipeParts - 1e-9)) * recipeParts;
}

/** Drops as they are measured out, kept to a thousandth. */
export function measureDrops(drops: number, unit: 'drops' | 'ml' | 'grams', densityKgPerLitre: number): number {
  if (unit === 'drops') return drops;
  const amount = millilitresOfDrops(drops) * (unit === 'grams' ? densityKgPerLitre : 1);
  return Math.max(0.001, Math.round(amount * 1000) / 1000);
}
