import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { renameForProduct } from '@zinc-ladder/model/gather/grow/growRungs';
import { statedDrying } from '@zinc-ladder/model/products/productDrying';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { Edit } from '../../edits/edit';

/**
 * Changes a product, and with it what open rungs took from it: their name, the film of one usual coat, by which dry times and paint are reckoned, and
 * the cautions of its class. A film or a name that was typed stays, and so does what is done.
 *
 * @param seen the product as the finisher saw it
 */
export async function changeProduct(edit: Edit, seen: Product, fields: Partial<Product>): Promise<void> {
  const before = await edit.need('products', seen.id);
  await edit.patch('products', seen.id, fields, seen);
  const after = await edit.need('products', seen.id);
  const [coatBefore, coatAfter] = [before, after].map((product) => statedDrying(product).coatMicrometres) as [number, number];
  const isNamedAsBefore = before.name === after.name && before.sheen === after.sheen;
  if (coatBefore === coatAfter && before.classId === after.classId && isNamedAsBefore) return;
  const gone = new Set(before.classId === after.classId ? [] : findProductClass(before.classId).cautions);
  for (const rung of await edit.find('rungs', 'productId', seen.id)) {
    if (rung.state === 'done') continue;
    const ofMethod = findMethod(rung.methodId).cautions;
    const next: Partial<Rung> = {
      name: renameForProduct(rung, before, after),
      coatMicrometres: rung.coatMicrometres === coatBefore ? coatAfter : rung.coatMicrometres,
      cautionIds: rung.cautionIds.filter((id) => !gone.has(id) || ofMethod.includes(id)),
    };
    await edit.patch('rungs', rung.id, next);
  }
}
