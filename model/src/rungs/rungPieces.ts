import type { Part } from '../records/prop/part';
import type { Rung } from '../records/ladder/rung';

/** What says on how many pieces a rung is done. */
export type RungOfPieces = Pick<Rung, 'pieces'> & Partial<Pick<Rung, 'state'>>;

/**
 * Pieces of a set that a rung is done on: as many as it says, and never more than there are. What is done was done on as many as it says, though the set
 * may have lost some since.
 */
export function rungPieces({ pieces, state }: RungOfPieces, { count }: Pick<Part, 'count'>): number {
  if (pieces === null) return count;
  return state === 'done' ? pieces : Math.min(pieces, count);
}
