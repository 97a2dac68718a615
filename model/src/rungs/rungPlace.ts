import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import type { WorkPlace } from '@zinc-ladder/core/plan/shop/sprayPlace';
import { sprayPlace } from '@zinc-ladder/core/plan/shop/sprayPlace';
import type { Rung } from '../records/ladder/rung';
import type { Product } from '../records/shop/product';
import type { Shop } from '../records/shop/shop';

/** Where a rung is worked on, by its product and by where the shop keeps its airbrush. */
export function rungPlace(
  shop: Pick<Shop, 'airbrushesInside'>,
  { methodId }: Pick<Rung, 'methodId'>,
  product: Pick<Product, 'classId'> | undefined,
): WorkPlace {
  return sprayPlace(shop, methodId, product ? findProductClass(product.classId).application : null);
}
