import { paintNeeded } from '@zinc-ladder/core/batch/paintNeeded';
import type { Application } from '@zinc-ladder/core/cure/productClasses';
import { findProductClass, TRANSFER } from '@zinc-ladder/core/cure/productClasses';
import type { Product } from '../records/shop/product';
import type { OriginatedValue } from './productDrying';
import { productValue } from './productDrying';

/** How much of a product a coat takes, with what the sum went by. */
export interface ProductNeed {
  /** what must leave can or cup */
  readonly millilitres: number;
  /** share of the liquid that stays, and where it is from */
  readonly volumeSolids: OriginatedValue;
  readonly application: Application;
  /** share that lands on the part */
  readonly transfer: number;
}

/** One coat of a product on a surface: by its own volume solids, else its class's, and by how it is laid on. */
export function productNeed(
  product: Pick<Product, 'classId' | 'values'>,
  coatMicrometres: number,
  areaSquareCentimetres: number,
): ProductNeed {
  const entry = findProductClass(product.classId);
  const { application } = entry;
  const volumeSolids = productValue(product, 'volumeSolids');
  const transfer = TRANSFER[application];
  const { millilitres } = paintNeeded(areaSquareCentimetres, coatMicrometres, 1, volumeSolids.value ?? entry.volumeSolids, transfer);
  return { millilitres, volumeSolids, transfer, application };
}
