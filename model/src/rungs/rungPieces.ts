import type { Part } from '../records/prop/part';
import type { Rung } from '../records/ladder/rung';

/** Pieces of a set that a rung is done on: as many as it says, and never more than there are. */
export function rungPieces(rung: Pick<Rung, 'pieces'>, part: Pick<Part, 'count'>): number {
  return Math.min(rung.pieces ?? part.count, part.count);
}
