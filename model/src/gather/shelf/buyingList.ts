import type { BuyingList, Pack as SoldPack, Supplier as Seller } from '@zinc-ladder/core/shelf/buyPacks';
import type { Pack } from '../../records/shelf/pack';
import type { Supplier } from '../../records/shelf/supplier';
import type { ShelfLine } from './shelfLines';
import { isFor } from './shelfThing';

/** What is asked of the buying list: needs and packs by their things' ids. */
export interface BuyingQuestion {
  readonly needs: readonly { readonly product: string; readonly amount: number }[];
  readonly packs: readonly (SoldPack & { readonly packId: string })[];
  readonly suppliers: readonly Seller[];
  /** things that are missing and that nobody is known to sell */
  readonly unsold: readonly ShelfLine[];
  /** things of which no pack has a price: they are counted as costing nothing */
  readonly unpriced: readonly string[];
  /** things that nobody brings in time */
  readonly late: readonly string[];
}

/** A line of a buying list, with the pack it is of. */
export type BoughtPack = BuyingList['packs'][number] & { readonly packId: string };

/**
 * What is missing of the shelf as a question for the cheapest list. Of a thing with packs that have a price, those without are passed over, and of one that
 * somebody can bring in time, those that would come too late.
 *
 * @param arrivesMs when something ordered now is there, by the id of who sells it
 */
export function askWhatToBuy(
  lines: readonly ShelfLine[],
  packs: readonly Pack[],
  suppliers: readonly Supplier[],
  arrivesMs: ReadonlyMap<string, number> = new Map(),
): BuyingQuestion {
  const short = lines.filter(({ curve, look }) => curve.missing > 0 && look !== 'enough');
  const unsold: ShelfLine[] = [];
  const unpriced: string[] = [];
  const late: string[] = [];
  const sold: (SoldPack & { readonly packId: string })[] = [];
  const needs: { product: string; amount: number }[] = [];
  for (const line of short) {
    const offered = packs.filter((pack) => isFor(line.thing, pack));
    if (offered.length === 0) {
      unsold.push(line);
      continue;
    }
    const inTime = offered.filter(({ supplierId }) => (arrivesMs.get(supplierId) ?? 0) <= (line.curve.runsOutMs ?? Infinity));
    const near = inTime.length > 0 ? inTime : offered;
    if (inTime.length === 0) late.push(line.thing.id);
    const priced = near.filter(({ price }) => price !== null);
    if (priced.length === 0) unpriced.push(line.thing.id);
    needs.push({ product: line.thing.id, amount: line.curve.missing });
    for (const { id, supplierId, amount, price } of priced.length > 0 ? priced : near)
      sold.push({ packId: id, product: line.thing.id, supplier: supplierId, amount, price: price ?? 0 });
  }
  const named = new Set(sold.map(({ supplier }) => supplier));
  const sellers = suppliers.filter(({ id }) => named.has(id)).map(({ id, carriage, leastOrder }) => ({ id, carriage, least: leastOrder }));
  return { needs, packs: sold, suppliers: sellers, unsold, unpriced, late };
}

/** What is bought at one supplier. */
export interface SupplierBill {
  readonly supplierId: string;
  readonly supplier: Supplier | null;
  readonly packs: readonly (BoughtPack & { readonly cost: number })[];
  readonly carriage: number;
  /** packs and carriage */
  readonly cost: number;
}

/** A buying list told by who sells, each with what is paid there; all of them together are the list's cost. */
export function billsOf(bought: readonly BoughtPack[], suppliers: readonly Supplier[]): readonly SupplierBill[] {
  const byId = new Map(suppliers.map((supplier) => [supplier.id, supplier]));
  return [...new Set(bought.map(({ supplier }) => supplier))].map((supplierId) => {
    const packs = bought.filter(({ supplier }) => supplier === supplierId).map((pack) => ({ ...pack, cost: pack.price * pack.count }));
    const supplier = byId.get(supplierId) ?? null;
    const carriage = supplier?.carriage ?? 0;
    return { supplierId, supplier, packs, carriage, cost: packs.reduce((sum, { cost }) => sum + cost, carriage) };
  });
}
