import { usualPotMillilitres } from '@zinc-ladder/core/batch/potSizes';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { Edit } from '../../edits/edit';

/** Puts a full pot of a product on the shelf, of the size its class usually comes in. */
export async function haveCan(edit: Edit, product: Pick<Product, 'id' | 'classId'>, id: string): Promise<void> {
  const millilitres = usualPotMillilitres(product.classId);
  await edit.put('cans', {
    id,
    revision: 0,
    productId: product.id,
    sizeMillilitres: millilitres,
    leftMillilitres: millilitres,
    openedAtMs: null,
    emptyGrams: null,
    note: '',
  });
}
