import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { gatherCautions } from '@zinc-ladder/core/ladder/growLadder';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { RungMinutes } from '@zinc-ladder/core/ladder/rungMinutes';
import { estimateRungMinutes } from '@zinc-ladder/core/ladder/rungMinutes';
import { productDrying } from '../../products/productDrying';
import type { Part } from '../../records/prop/part';
import type { Product } from '../../records/shop/product';
import type { Rung } from '../../records/ladder/rung';
import { MOST_MINUTES } from '../../records/ladder/rung';
import { rungPieceArea } from '../../rungs/rungPieceArea';
import type { RungOfPieces } from '../../rungs/rungPieces';
import { rungPieces } from '../../rungs/rungPieces';
import { NEW_RUNG } from './growRungs';

/** What a part says of every rung on its ladder. */
export type RungPart = Pick<Part, 'materialId' | 'count' | 'areaSquareCentimetres'>;

/** What a rung is done on: the faces it is done from, or a region of so many cm² of a piece; and of how many pieces. */
export type RungWhere = Pick<Rung, 'side' | 'areaSquareCentimetres'> & RungOfPieces;

/** All of every piece, or a region of it, cm². */
export function inRegion(areaSquareCentimetres: number | null): RungWhere {
  return { side: 'all', areaSquareCentimetres, pieces: null };
}

/**
 * The method's minutes of a rung on a part, for all pieces it is done on, by the same surface as its paint.
 *
 * @throws RangeError for an unknown method
 */
export function usualMinutes(methodId: string, where: RungWhere, part: Pick<Part, 'areaSquareCentimetres' | 'count'>): RungMinutes {
  const { minutes, formula } = estimateRungMinutes(findMethod(methodId), rungPieceArea(where, part), rungPieces(where, part));
  return { minutes: Math.min(MOST_MINUTES, minutes), formula };
}

/**
 * A rung for a method and a product on a part, wherever it is put on from: minutes for its pieces, the product's usual coat, and the cautions of
 * method, product and material.
 *
 * @param product null: none, or not known yet
 * @param where what of a piece it is done on
 * @throws RangeError for an unknown method
 */
export function rungForPart(
  methodId: string,
  product: Product | null,
  part: RungPart,
  where: RungWhere = inRegion(null),
): Omit<Rung, 'id' | 'ladderId'> {
  const method = findMethod(methodId);
  const { minutes, formula } = usualMinutes(method.id, where, part);
  return {
    ...NEW_RUNG,
    name: method.name.toLowerCase(),
    methodId: method.id,
    band: method.band,
    productId: product?.id ?? null,
    coatMicrometres: method.laysFilm && product ? productDrying(product).coatMicrometres : null,
    minutes,
    minutesFormula: formula,
    side: where.side,
    areaSquareCentimetres: where.areaSquareCentimetres,
    pieces: where.pieces,
    cautionIds: gatherCautions(method, product ? findProductClass(product.classId).cautions : [], part.materialId),
  };
}
