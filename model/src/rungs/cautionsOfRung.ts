import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { cautionOn, gatherCautions } from '@zinc-ladder/core/ladder/growLadder';
import type { MaterialId } from '@zinc-ladder/core/ladder/materials';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { Rung } from '../records/ladder/rung';
import type { Product } from '../records/shop/product';

/**
 * Ids of what is to be heeded at a rung: what its method and its product ask for as they are now, and what the rung says itself, on the material of its
 * part. A product that is classed otherwise, or a part of another material, must not leave a rung with the cautions of before.
 *
 * @param product what the rung lays or uses; null: none is chosen
 */
export function cautionsOfRung(
  rung: Pick<Rung, 'methodId' | 'cautionIds'>,
  product: Pick<Product, 'classId'> | null,
  materialId: MaterialId,
): string[] {
  const ofProduct = product ? findProductClass(product.classId).cautions : [];
  const own = rung.cautionIds.map((id) => cautionOn(id, materialId));
  return [...new Set([...gatherCautions(findMethod(rung.methodId), ofProduct, materialId), ...own])];
}
