import type { Part } from '../records/prop/part';
import type { RungOfPieces } from './rungPieces';
import { rungPieces } from './rungPieces';

/** Places on the rack that so many pieces of a set take; whole ones. */
export function placesOfPieces({ rackPlaces, count }: Pick<Part, 'rackPlaces' | 'count'>, pieces: number): number {
  return Math.ceil((rackPlaces * Math.min(pieces, count)) / count);
}

/** Places that the pieces a rung is done on take while they are wet. */
export function rungRackPlaces(rung: RungOfPieces, part: Pick<Part, 'rackPlaces' | 'count'>): number {
  return placesOfPieces(part, rungPieces(rung, part));
}
