import type { Method } from './methods';

/** Minutes of a rung with the sum that gave them. */
export interface RungMinutes {
  readonly minutes: number;
  readonly formula: string;
}

/**
 * Hands minutes of a rung: getting ready once, then each piece its handling and its surface. Rounded up to whole minutes.
 *
 * @param areaSquareCentimetres surface of one piece
 * @param pieces identical pieces in the set
 * @throws RangeError unless area is at least 0 and pieces a whole number from 1
 */
export function estimateRungMinutes(method: Method, areaSquareCentimetres: number, pieces: number): RungMinutes {
  if (!(areaSquareCentimetres >= 0 && Number.isFinite(areaSquareCentimetres)))
    throw new RangeError(`area must be at least 0, got ${areaSquareCentimetres}`);
  if (!(Number.isInteger(pieces) && pieces >= 1)) throw new RangeError(`pieces must be a whole number from 1, got ${pieces}`);
  const { setupMinutes, pieceMinutes, areaMinutes } = method;
  const exact = setupMinutes + pieces * (pieceMinutes + (areaMinutes * areaSquareCentimetres) / 100);
  return {
    minutes: Math.max(1, Math.ceil(exact)),
    formula: `${setupMinutes} min ready + ${pieces} × (${pieceMinutes} min handling + ${areaMinutes} min per 100 cm² × ${Math.round(areaSquareCentimetres)} cm²)`,
  };
}

/**
 * Hands minutes of work that was planned on two parts and is done once, on the joined piece: both, less the getting ready that is done once.
 *
 * @param hostMinutes minutes of the part it is done on
 * @param guestMinutes minutes of the part that joined it
 * @param guestName for the formula
 */
export function joinedRungMinutes(method: Method, hostMinutes: number, guestMinutes: number, guestName: string): RungMinutes {
  const once = Math.min(guestMinutes, method.setupMinutes);
  return {
    minutes: hostMinutes + Math.ceil(guestMinutes - once),
    formula: `${hostMinutes} min + ${guestMinutes} min of ${guestName} − ${once} min getting ready once`,
  };
}
