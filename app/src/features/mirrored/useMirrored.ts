import type { BoundMirrored } from '@zinc-ladder/core/colour/mirroredBound';
import { boundMirrored } from '@zinc-ladder/core/colour/mirroredBound';
import { labOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { useShop, useTable } from '../../data/queries';

/** Several views ask at once, and again at each redraw; a shelf that stays the same is looked through once. */
const known = new WeakMap<readonly Product[], Map<number, BoundMirrored>>();

/** What surfaces mirror into readings: the shop's setting, as far as the darkest of its paints allows it. */
export function useMirrored(): BoundMirrored {
  const products = useTable('products');
  const wanted = useShop()?.mirroredShare ?? 0;
  const ofShelf = known.get(products) ?? new Map<number, BoundMirrored>();
  known.set(products, ofShelf);
  const found = ofShelf.get(wanted) ?? boundFor(products, wanted);
  ofShelf.set(wanted, found);
  return found;
}

function boundFor(products: readonly Product[], wanted: number): BoundMirrored {
  return boundMirrored(
    wanted,
    products.flatMap((product) => {
      const lab = labOfProduct(product);
      return lab && product.effect === 'none' ? [{ id: product.id, lab }] : [];
    }),
  );
}
