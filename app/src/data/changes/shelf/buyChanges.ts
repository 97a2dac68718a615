import { orderArrives } from '@zinc-ladder/core/shelf/stockCurve';
import { sendsOn } from '@zinc-ladder/model/gather/shelf/shelfLines';
import type { Bought } from '@zinc-ladder/model/records/shelf/bought';
import type { Purchase } from '@zinc-ladder/model/records/shelf/purchase';
import type { Supplier } from '@zinc-ladder/model/records/shelf/supplier';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import type { Edit } from '../../edits/edit';
import { ShopError } from '../../edits/shopError';
import { haveCan } from './canChanges';

/** What is ordered: packs of a thing, from somebody or nobody in particular. */
export type Ordered = Pick<Bought, 'productId' | 'supplyId' | 'amount' | 'price'> & {
  readonly supplierId: string | null;
  readonly count: number;
};

/** A supplier of whom only the name is known. */
export function newSupplier(name: string, id: string): Supplier {
  return { id, revision: 0, name, days: 2, sendingWeekdays: [1, 2, 3, 4, 5], carriage: 0, leastOrder: 0, note: '' };
}

/** When something that is ordered now should be there: by its supplier's days, else by the shop's usual parcel. */
export function dueOf(supplier: Supplier | undefined, shop: Pick<Shop, 'parcelDays' | 'timeZone'>, nowMs: number): number {
  return supplier
    ? orderArrives(nowMs, supplier.days, shop.timeZone, (weekday) => !sendsOn(supplier, weekday))
    : orderArrives(nowMs, shop.parcelDays, shop.timeZone);
}

/** Notes what was ordered; the plan waits for it where the shelf does not do until then. */
export async function order(edit: Edit, packs: readonly Ordered[], nowMs: number, makeId: () => string): Promise<void> {
  if (packs.length === 0) throw new ShopError('nothingToDo');
  const suppliers = new Map((await edit.list('suppliers')).map((supplier) => [supplier.id, supplier]));
  const [shop] = await edit.list('shop');
  if (!shop) throw new ShopError('missing');
  for (const { productId, supplyId, amount, price, supplierId, count } of packs)
    await edit.put('purchases', {
      id: makeId(),
      revision: 0,
      productId,
      supplyId,
      supplierId,
      amount,
      count,
      price,
      orderedAtMs: Math.round(nowMs),
      dueAtMs: Math.round(dueOf(suppliers.get(supplierId ?? ''), shop, nowMs)),
      arrivedAtMs: null,
      note: '',
    });
}

/**
 * Checks off what has come: every pack of a product is a can on the shelf, a supply has so much more.
 *
 * @throws ShopError `nothingToDo` when it had come already
 */
export async function arrive(edit: Edit, purchaseId: string, nowMs: number, makeId: () => string): Promise<void> {
  const purchase = await edit.need('purchases', purchaseId);
  if (purchase.arrivedAtMs !== null) throw new ShopError('nothingToDo');
  const atMs = Math.round(nowMs);
  await edit.put('purchases', { ...purchase, arrivedAtMs: atMs }, purchase);
  if (purchase.productId !== null) await putCans(edit, purchase, atMs, makeId);
  if (purchase.supplyId !== null) {
    const supply = await edit.need('supplies', purchase.supplyId);
    const fresh = supply.level === null && supply.left > 0 ? {} : { boughtAtMs: atMs, openedAtMs: null, provedAtMs: null };
    // By a look it was out or low: what has come is all that is counted on.
    const left = (supply.level === null ? supply.left : 0) + purchase.amount * purchase.count;
    const countedAtMs = supply.level === null ? supply.countedAtMs : atMs;
    await edit.put('supplies', { ...supply, ...fresh, left, countedAtMs, level: supply.level === 'enough' ? 'enough' : null }, supply);
  }
}

/** A tin of more than this of one order is not kept as a can each. */
const MOST_CANS = 200;

async function putCans(edit: Edit, { productId, amount, count, price }: Purchase, atMs: number, makeId: () => string): Promise<void> {
  const product = await edit.need('products', productId ?? '');
  const cans = Math.min(count, MOST_CANS);
  const size = (amount * count) / cans;
  for (let nth = 0; nth < cans; nth += 1)
    await haveCan(edit, product, makeId(), atMs, {
      sizeMillilitres: size,
      leftMillilitres: size,
      boughtAtMs: atMs,
      paid: price === null ? null : Math.round(((price * count) / cans) * 100) / 100,
    });
}
