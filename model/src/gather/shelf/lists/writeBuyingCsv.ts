import { harmlessCell } from '@zinc-ladder/core/csv/harmlessCell';
import Papa from 'papaparse';

/** A line of a buying list with names in place of ids. */
export interface BuyingRow {
  readonly supplier: string;
  readonly product: string;
  readonly packs: number;
  /** what a pack holds */
  readonly pack: number;
  readonly unit: string;
  /** of one pack; null: not known */
  readonly price: number | null;
}

/** A buying list as a CSV table (RFC 4180). Cells that a spreadsheet would run as a formula are written as text. */
export function writeBuyingCsv(rows: readonly BuyingRow[], currency: string | null): string {
  const fields = ['supplier', 'product', 'packs', 'pack', 'unit', 'price', 'currency'];
  const data = rows.map(({ supplier, product, packs, pack, unit, price }) => [
    harmlessCell(supplier),
    harmlessCell(product),
    packs,
    pack,
    harmlessCell(unit),
    price ?? '',
    price === null ? '' : (currency ?? ''),
  ]);
  return Papa.unparse({ fields, data }, { newline: '\r\n' });
}
