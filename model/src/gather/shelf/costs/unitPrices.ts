import type { Pack } from '../../../records/shelf/pack';
import type { Purchase } from '../../../records/shelf/purchase';
import type { Can } from '../../../records/shelf/can';
import type { ShelfThing } from '../shelfThing';
import { isFor } from '../shelfThing';

/** What prices are known from. */
export interface PriceRecords {
  readonly packs: readonly Pack[];
  readonly purchases: readonly Purchase[];
  readonly cans: readonly Can[];
}

/** A price of one unit of a thing, and what it is from. */
export interface UnitPrice {
  readonly price: number;
  readonly origin: 'paid for a can' | 'ordered last' | 'cheapest pack';
}

/** What one unit of a thing costs: by what was paid last, for a can or an order, else by the cheapest pack; null where no price is known. */
export function unitPrice(thing: ShelfThing, { packs, purchases, cans }: PriceRecords): UnitPrice | null {
  const paid = cans
    .filter((can) => can.productId === thing.product?.id && can.paid !== null)
    .map((can) => ({
      atMs: can.boughtAtMs ?? 0,
      price: (can.paid ?? 0) / can.sizeMillilitres,
      origin: 'paid for a can' as const,
    }));
  const ordered = purchases
    .filter((one) => isFor(thing, one) && one.price !== null)
    .map(({ orderedAtMs, price, amount }) => ({ atMs: orderedAtMs, price: (price ?? 0) / amount, origin: 'ordered last' as const }));
  const last = [...paid, ...ordered].toSorted((a, b) => b.atMs - a.atMs)[0];
  if (last) return { price: last.price, origin: last.origin };
  const offered = packs.filter((pack) => isFor(thing, pack) && pack.price !== null).map(({ price, amount }) => (price ?? 0) / amount);
  return offered.length === 0 ? null : { price: Math.min(...offered), origin: 'cheapest pack' };
}
