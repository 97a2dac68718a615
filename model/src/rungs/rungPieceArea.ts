import { facesShare } from '@zinc-ladder/core/ladder/faces';
import type { Part } from '../records/prop/part';
import type { Rung } from '../records/ladder/rung';

/** Surface of one piece a rung is done on, cm²: its own region, else the faces it is done on. */
export function rungPieceArea(rung: Pick<Rung, 'side' | 'areaSquareCentimetres'>, part: Pick<Part, 'areaSquareCentimetres'>): number {
  return rung.areaSquareCentimetres ?? part.areaSquareCentimetres * facesShare(rung.side);
}
