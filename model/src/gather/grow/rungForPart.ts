import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { gatherCautions } from '@zinc-ladder/core/ladder/growLadder';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { RungMinutes } from '@zinc-ladder/core/ladder/rungMinutes';
import { estimateRungMinutes } from '@zinc-ladder/core/ladder/rungMinutes';
import { productDrying } from '../../products/productDrying';
import type { Part } from '../../records/prop/part';
import type { Product } from '../../records/shop/product';
import type { Rung } from '../../records/ladder/rung';
import { NEW_RUNG } from './growRungs';

/** What a part says of every rung on its ladder. */
export type RungPart = Pick<Part, 'materialId' | 'count' | 'areaSquareCentimetres'>;

/**
 * The method's minutes of a rung on a part, for all pieces.
 *
 * @param region surface of one piece it is done on, cm², where that is a region of it; null: the method's minutes for the whole piece
 * @throws RangeError for an unknown method
 */
export function usualMinutes(methodId: string, region: number | null, part: Pick<Part, 'areaSquareCentimetres' | 'count'>): RungMinutes {
  return estimateRungMinutes(findMethod(methodId), region ?? part.areaSquareCentimetres, part.count);
}

/**
 * A rung for a method and a product on a part, wherever it is put on from: minutes for all pieces, the product's usual coat, and the cautions of
 * method, product and material.
 *
 * @param product null: none, or not known yet
 * @param region surface of one piece it is done on, cm², where that is a region of it
 * @throws RangeError for an unknown method
 */
export function rungForPart(
  methodId: string,
  product: Product | null,
  part: RungPart,
  region: number | null = null,
): Omit<Rung, 'id' | 'ladderId'> {
  const method = findMethod(methodId);
  const { minutes, formula } = usualMinutes(method.id, region, part);
  return {
    ...NEW_RUNG,
    name: method.name.toLowerCase(),
    methodId: method.id,
    band: method.band,
    productId: product?.id ?? null,
    coatMicrometres: method.laysFilm && product ? productDrying(product).coatMicrometres : null,
    minutes,
    minutesFormula: formula,
    areaSquareCentimetres: region,
    cautionIds: gatherCautions(method, product ? findProductClass(product.classId).cautions : [], part.materialId),
  };
}
