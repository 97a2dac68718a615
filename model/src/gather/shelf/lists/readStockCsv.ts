import { readTable } from '@zinc-ladder/core/csv/readTable';

/** What a column of a stock list holds. */
export const STOCK_COLUMNS = ['name', 'amount', 'unit', 'price', 'currency', 'supplier', 'pack', 'lot', 'place', 'opened', 'note'] as const;
export type StockColumn = (typeof STOCK_COLUMNS)[number];

/** A row of a stock list. */
export interface StockRow {
  /** line in the file, the header is 1 */
  readonly line: number;
  readonly name: string;
  readonly amount: number;
  readonly unit: string;
  readonly price: number | null;
  readonly currency: string;
  readonly supplier: string;
  readonly pack: number | null;
  readonly lot: string;
  readonly place: string;
  readonly opened: string;
  readonly note: string;
}

/** A stock list as it was read. */
export interface StockList {
  readonly rows: readonly StockRow[];
  readonly columns: Readonly<Partial<Record<StockColumn, string>>>;
  /** every column of the file as it is called there */
  readonly header: readonly string[];
  readonly faults: readonly { readonly line: number; readonly message: string }[];
}

/** Names that columns go by, in small letters. */
const COLUMN_NAMES: Readonly<Record<StockColumn, readonly string[]>> = {
  name: ['name', 'product', 'item', 'article', 'what'],
  amount: ['amount', 'left', 'quantity', 'qty', 'stock', 'count', 'on hand'],
  unit: ['unit', 'units', 'uom'],
  price: ['price', 'cost', 'unit price'],
  currency: ['currency', 'cur'],
  supplier: ['supplier', 'shop', 'vendor', 'from'],
  pack: ['pack', 'pack size', 'size', 'contents'],
  lot: ['lot', 'batch'],
  place: ['place', 'shelf', 'where', 'location'],
  opened: ['opened', 'open since', 'opened on'],
  note: ['note', 'notes', 'comment'],
};
/** Thousands that are parted by the one sign. */
const COMMAS = /^[+-]?\d{1,3}(?:,\d{3})+$/u;
const POINTS = /^[+-]?\d{1,3}(?:\.\d{3})+$/u;
const MOST_ROWS = 20_000;
const MOST_BYTES = 16 * 1024 * 1024;
const MOST_AMOUNT = 1e7;
const MOST_TEXT = 200;

/**
 * Reads a spreadsheet of stock: a CSV with a header, with whatever separator, commas or points in its numbers. Rows that cannot be taken are told by their
 * line; nothing of them is guessed.
 *
 * @param chosen what a column is called in the file, where the finisher says so; null: it is not there
 */
export function readStockCsv(text: string, chosen: Readonly<Partial<Record<StockColumn, string | null>>> = {}): StockList {
  if (text.length > MOST_BYTES) return { rows: [], columns: {}, header: [], faults: [{ line: 1, message: 'it is larger than 16 MB' }] };
  const { columns, header, rows: given } = readTable(text, COLUMN_NAMES, chosen);
  if (columns.name === undefined || columns.amount === undefined)
    return {
      rows: [],
      columns,
      header,
      faults: [{ line: 1, message: 'it needs a header with a column for the name and one for the amount, such as “product” and “left”' }],
    };
  const rows: StockRow[] = [];
  const faults: { line: number; message: string }[] = [];
  for (const { line, cell } of given) {
    if (rows.length >= MOST_ROWS) {
      faults.push({ line, message: `only ${MOST_ROWS} rows are taken: split the file` });
      break;
    }
    const read = readRow((column) => cell(column).slice(0, MOST_TEXT));
    if (typeof read === 'string') faults.push({ line, message: read });
    else rows.push({ line, ...read });
  }
  return { rows, columns, header, faults };
}

function readRow(cell: (column: StockColumn) => string): Omit<StockRow, 'line'> | string {
  const name = cell('name');
  if (name === '') return 'it names no product';
  const [amount, ownUnit] = readAmount(cell('amount'));
  if (amount === null) return `“${cell('amount')}” is no amount`;
  if (amount < 0) return `the amount of ${name} is below nothing`;
  if (amount > MOST_AMOUNT) return `${amount} of ${name} is more than a shop can hold`;
  const [price, ownCurrency] = cell('price') === '' ? [null, ''] : readAmount(cell('price'));
  if (cell('price') !== '' && (price === null || price < 0)) return `“${cell('price')}” is no price`;
  const currency = cell('currency') || ownCurrency;
  if (price !== null && currency === '') return `the price of ${name} has no currency`;
  const [pack] = cell('pack') === '' ? [null] : readAmount(cell('pack'));
  if (cell('pack') !== '' && (pack === null || pack <= 0)) return `“${cell('pack')}” is no size of a pack`;
  return {
    name,
    amount,
    unit: cell('unit') || ownUnit,
    price,
    currency,
    supplier: cell('supplier'),
    pack,
    lot: cell('lot'),
    place: cell('place'),
    opened: cell('opened'),
    note: cell('note'),
  };
}

/** `400 ml`, `1.234,5`, `1,234.5`, `12,50 €`: a number and what stands beside it. Null: no number. */
function readAmount(text: string): [amount: number | null, beside: string] {
  const found = /^([^\d+-]*?)\s*([+-]?\d[\d.,\s]*)\s*([^\d]*)$/u.exec(text);
  if (!found) return [null, ''];
  const digits = (found[2] ?? '').replace(/\s/gu, '');
  const [comma, point] = [digits.lastIndexOf(','), digits.lastIndexOf('.')];
  // The later sign is the decimal one; a single sign before exactly three digits parts thousands, as nobody counts a can to a thousandth.
  const decimal = comma > point ? ',' : '.';
  const isThousands = (comma === -1 || point === -1) && (decimal === ',' ? COMMAS : POINTS).test(digits);
  const plain = isThousands ? digits.replaceAll(decimal, '') : digits.replaceAll(decimal === ',' ? '.' : ',', '').replace(decimal, '.');
  const amount = Number(plain);
  return [Number.isFinite(amount) ? amount : null, ((found[1] ?? '') + (found[3] ?? '')).trim()];
}
