import { harmlessCell } from '@zinc-ladder/core/csv/harmlessCell';
import { findSupplyKind } from '@zinc-ladder/core/shelf/supplyKinds';
import { localDay } from '@zinc-ladder/core/time/workingHours';
import Papa from 'papaparse';
import type { Can } from '../../../records/shelf/can';
import type { Supply } from '../../../records/shelf/supply';
import type { Product } from '../../../records/shop/product';
import type { Shop } from '../../../records/shop/shop';
import type { LoggedUse } from '../loggedUses';
import { stockNow } from '../stockNow';

/** What stands on the shelf, for a stock list. */
export interface StockRecords {
  readonly shop: Pick<Shop, 'currency' | 'timeZone'>;
  readonly products: readonly Product[];
  readonly cans: readonly Can[];
  readonly supplies: readonly Supply[];
  /** what is left of each supply, by id */
  readonly left: ReadonlyMap<string, number>;
}

const HEADER = ['product', 'left', 'unit', 'size', 'price', 'currency', 'lot', 'place', 'opened', 'note'];

/**
 * What stands on the shelf as a CSV table that can be read in again: one row a can or supply, as much as is left now.
 *
 * @param uses what was logged of each product, by its id
 */
export function writeStockCsv(
  { shop, products, cans, supplies, left }: StockRecords,
  uses: ReadonlyMap<string, readonly LoggedUse[]>,
): string {
  const opened = (openedAtMs: number | null): string => (openedAtMs === null ? '' : localDay(openedAtMs, shop.timeZone).date);
  const words = (text: string): string => harmlessCell(text);
  const priced = (paid: number | null): readonly string[] =>
    paid === null || shop.currency === null ? ['', ''] : [String(paid), shop.currency];
  const ofCans = products.flatMap((product) => {
    const own = cans.filter(({ productId }) => productId === product.id);
    const { leftIn, openedAtMs } = stockNow(product, own, uses.get(product.id) ?? []);
    return own.map((can) => [
      words(product.name),
      String(round(leftIn.get(can.id) ?? 0)),
      'ml',
      String(can.sizeMillilitres),
      ...priced(can.paid),
      words(can.lot),
      words(can.place),
      opened(openedAtMs.get(can.id) ?? null),
      words(can.note),
    ]);
  });
  const ofSupplies = supplies.map((supply) => [
    words(supply.name),
    String(round(left.get(supply.id) ?? supply.left)),
    findSupplyKind(supply.kindId).unit,
    '',
    ...priced(supply.paid),
    words(supply.lot),
    words(supply.place),
    opened(supply.openedAtMs),
    words(supply.note),
  ]);
  return Papa.unparse({ fields: HEADER, data: [...ofCans, ...ofSupplies] }, { newline: '\r\n' });
}

function round(amount: number): number {
  return Math.round(amount * 10) / 10;
}
