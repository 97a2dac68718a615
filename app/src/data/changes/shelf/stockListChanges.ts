import { findSupplyKind } from '@zinc-ladder/core/shelf/supplyKinds';
import type { StockEffect } from '@zinc-ladder/model/gather/shelf/lists/matchStock';
import type { Edit } from '../../edits/edit';
import { ShopError } from '../../edits/shopError';
import { haveCan } from './canChanges';
import { newSupplier } from './buyChanges';
import { newSupply } from './supplyChanges';

/**
 * Takes in a stock list, all of its usable rows or none: what a row says stands on the shelf from now on, what it says of pack, price and supplier is kept as a
 * pack that is sold.
 *
 * @throws ShopError `nothingToDo` where no row can be taken
 */
export async function takeStockList(edit: Edit, effects: readonly StockEffect[], nowMs: number, makeId: () => string): Promise<void> {
  const usable = effects.filter((effect) => effect.kind !== 'skip');
  if (usable.length === 0) throw new ShopError('nothingToDo');
  const suppliers = new Map((await edit.list('suppliers')).map(({ id, name }) => [name.trim().toLowerCase(), id]));
  const supplierOf = async (name: string): Promise<string> => {
    const known = suppliers.get(name.trim().toLowerCase());
    if (known !== undefined) return known;
    const id = makeId();
    await edit.put('suppliers', newSupplier(name, id));
    suppliers.set(name.trim().toLowerCase(), id);
    return id;
  };
  for (const effect of usable) {
    const { row, facts } = effect;
    const isSold = row.supplier !== '' && (facts.pack ?? 0) > 0;
    const said = {
      level: null,
      countedAtMs: Math.round(nowMs),
      ...(facts.openedAtMs === null ? {} : { openedAtMs: facts.openedAtMs }),
      ...(row.lot === '' ? {} : { lot: row.lot }),
      ...(row.place === '' ? {} : { place: row.place }),
      ...(row.note === '' ? {} : { note: row.note }),
      ...(facts.price === null || isSold ? {} : { paid: facts.price }),
    };
    let bought: { productId: string | null; supplyId: string | null };
    if (effect.kind === 'can') {
      const size = Math.max(0.1, facts.pack ?? 0, effect.can?.sizeMillilitres ?? 0, facts.amount);
      const can = { sizeMillilitres: size, leftMillilitres: facts.amount, ...said };
      if (effect.can) await edit.put('cans', { ...effect.can, ...can }, effect.can);
      else await haveCan(edit, effect.product, makeId(), nowMs, can);
      bought = { productId: effect.product.id, supplyId: null };
    } else {
      const id = effect.supply?.id ?? makeId();
      const before = effect.supply ?? { ...newSupply(findSupplyKind(effect.kindId), effect.grit, id, nowMs), name: row.name };
      await edit.put('supplies', { ...before, left: facts.amount, ...said }, effect.supply ?? undefined);
      bought = { productId: null, supplyId: id };
    }
    if (!isSold) continue;
    const sold = { ...bought, supplierId: await supplierOf(row.supplier), amount: facts.pack ?? 1 };
    const known = (await edit.list('packs')).find((pack) =>
      (Object.keys(sold) as (keyof typeof sold)[]).every((field) => pack[field] === sold[field]),
    );
    if (known) await edit.put('packs', { ...known, price: facts.price ?? known.price }, known);
    else await edit.put('packs', { id: makeId(), revision: 0, ...sold, price: facts.price });
  }
}
