import type { LearnedUse } from '@zinc-ladder/core/shelf/learnUse';
import { learnUse } from '@zinc-ladder/core/shelf/learnUse';
import type { Product } from '../records/shop/product';
import type { ProductNeed } from './productNeed';
import { productNeed } from './productNeed';

/** How much of a product really goes against what film and area say, by its weighed cans. */
export function ownUseOf(product: Pick<Product, 'weighings'>): LearnedUse {
  return learnUse(product.weighings.map(({ reckonedMillilitres, usedMillilitres }) => ({ reckoned: reckonedMillilitres, used: usedMillilitres }))); // prettier-ignore
}

/** What to have at hand for a coat: by film and area, times what really goes here. */
export function ownNeed(
  product: Pick<Product, 'classId' | 'values' | 'weighings'>,
  coatMicrometres: number,
  areaSquareCentimetres: number,
): ProductNeed & { readonly ownUse: LearnedUse } {
  const need = productNeed(product, coatMicrometres, areaSquareCentimetres);
  const ownUse = ownUseOf(product);
  return { ...need, millilitres: need.millilitres * ownUse.factor, ownUse };
}
