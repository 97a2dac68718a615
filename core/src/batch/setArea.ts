/**
 * Surface of a set of identical pieces, cm²: one piece × pieces.
 *
 * @throws RangeError unless the area is at least 0 and the pieces a whole number from 1
 */
export function setArea(pieceSquareCentimetres: number, pieces: number): number {
  if (!(pieceSquareCentimetres >= 0 && Number.isFinite(pieceSquareCentimetres)))
    throw new RangeError(`area must be at least 0, got ${pieceSquareCentimetres}`);
  if (!(Number.isInteger(pieces) && pieces >= 1)) throw new RangeError(`pieces must be a whole number from 1, got ${pieces}`);
  return pieceSquareCentimetres * pieces;
}
