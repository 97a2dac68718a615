import { seededRandom } from '../random/seededRandom';

/** What is in a can by its weight. */
export interface CanContents {
  readonly millilitres: number;
  /** how far that may be off, ml: the scale's and the empty can's doubt */
  readonly doubtMillilitres: number;
}

/** Doubt of a kitchen scale, and of an empty weight that was not weighed, g (guessed). */
const SCALE_DOUBT = 1;
const TYPICAL_EMPTY_DOUBT = 12;
/** Usual weight of an empty container by what it holds, g a ml (guessed from tin and plastic of usual sizes). */
const EMPTY_PER_MILLILITRE: Readonly<Record<'aerosol' | 'airbrush' | 'brush' | 'spread', number>> = {
  aerosol: 0.24,
  airbrush: 0.3,
  brush: 0.3,
  spread: 0.2,
};

/** Usual weight of an empty container of that size, g; guessed. */
export function usualEmptyGrams(application: keyof typeof EMPTY_PER_MILLILITRE, sizeMillilitres: number): number {
  return Math.round(EMPTY_PER_MILLILITRE[application] * sizeMillilitres);
}

/**
 * Contents of a can: what it weighs less what it weighs empty, by the density.
 *
 * @param emptyGrams weighed empty; null: the usual weight of such a container
 * @throws RangeError where it weighs less than empty by more than the doubt, or more than full by a quarter
 */
export function contentsByWeight(
  grossGrams: number,
  emptyGrams: number | null,
  densityKgPerLitre: number,
  sizeMillilitres: number,
  application: keyof typeof EMPTY_PER_MILLILITRE,
): CanContents {
  const empty = emptyGrams ?? usualEmptyGrams(application, sizeMillilitres);
  const doubt = Math.hypot(SCALE_DOUBT, emptyGrams === null ? TYPICAL_EMPTY_DOUBT : SCALE_DOUBT) / densityKgPerLitre;
  const millilitres = (grossGrams - empty) / densityKgPerLitre;
  if (!(densityKgPerLitre > 0) || !Number.isFinite(millilitres)) throw new RangeError('weights and density must be numbers above 0');
  if (millilitres < -3 * doubt) throw new RangeError('it weighs less than an empty one: is the empty weight right?');
  if (millilitres > 1.25 * sizeMillilitres) throw new RangeError('it weighs more than a full one: is the size right?');
  return { millilitres: Math.max(0, millilitres), doubtMillilitres: doubt };
}

/** What a kitchen scale would show: 0.1 g steps, a little restless; the same for the same load and seed. */
export function simulateScale(trueGrams: number, seed: number): number {
  const random = seededRandom(seed);
  return Math.max(0, Math.round((trueGrams + (random() - 0.5) * 0.4) * 10) / 10);
}
