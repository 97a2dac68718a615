import { readMoment } from '@zinc-ladder/core/csv/readMoment';
import type { SupplyKindId } from '@zinc-ladder/core/shelf/supplyKinds';
import { findSupplyKind, gritNumber } from '@zinc-ladder/core/shelf/supplyKinds';
import { productValue } from '../../../products/productDrying';
import type { Can } from '../../../records/shelf/can';
import type { Supplier } from '../../../records/shelf/supplier';
import type { Supply } from '../../../records/shelf/supply';
import type { Product } from '../../../records/shop/product';
import type { Shop } from '../../../records/shop/shop';
import type { StockRow } from './readStockCsv';

/** What of a row goes onto what stands on the shelf. */
export interface StockFacts {
  /** ml of a product, a supply in the unit of its kind */
  readonly amount: number;
  /** what a pack or can holds, in the same unit; null: not said */
  readonly pack: number | null;
  /** in the shop's currency; null: not said, or in another */
  readonly price: number | null;
  readonly openedAtMs: number | null;
  /** what of the row is left aside, in words */
  readonly leftAside: readonly string[];
}

/** What taking a row of a stock list in does. */
export type StockEffect =
  | { readonly kind: 'can'; readonly row: StockRow; readonly facts: StockFacts; readonly product: Product; readonly can: Can | null }
  | {
      readonly kind: 'supply';
      readonly row: StockRow;
      readonly facts: StockFacts;
      readonly kindId: SupplyKindId;
      readonly grit: number | null;
      readonly supply: Supply | null;
    }
  | { readonly kind: 'skip'; readonly row: StockRow; readonly why: string };

/** Where names of a stock list are looked up. */
export interface StockIndex {
  readonly shop: Pick<Shop, 'currency' | 'timeZone'>;
  readonly products: readonly Product[];
  readonly cans: readonly Can[];
  readonly supplies: readonly Supply[];
  readonly suppliers: readonly Supplier[];
}

/** ml in what else liquids are counted in. */
const MILLILITRES: Readonly<Record<string, number>> = {
  '': 1,
  ml: 1,
  cl: 10,
  dl: 100,
  l: 1000,
  'fl oz': 29.5735,
  floz: 29.5735,
  oz: 29.5735,
};
const GRAMS: Readonly<Record<string, number>> = { g: 1, kg: 1000 };
/** Signs that stand for one currency only. */
const CURRENCY_SIGNS: Readonly<Record<string, string>> = { '€': 'EUR', '£': 'GBP', '₹': 'INR', zł: 'PLN', '₺': 'TRY', '₩': 'KRW' };
/** What a name says of its kind; the first that fits is taken. */
const KIND_WORDS: readonly (readonly [words: RegExp, kindId: SupplyKindId])[] = [
  [/\bdiscs?\b|\bpads?\b/iu, 'abrasiveDisc'],
  [/\bP\d{2,5}\b|\bgrit\b|sand ?paper|abrasive|wet.and.dry/iu, 'abrasiveSheet'],
  [/masking film|foil/iu, 'maskingFilm'],
  [/\btape\b/iu, 'tape'],
  [/\bgloves?\b/iu, 'gloves'],
  [/cartridge|\bfilters?\b/iu, 'cartridge'],
  [/thinner|cleaner|alcohol|spirit/iu, 'thinner'],
  [/\bcups?\b/iu, 'cups'],
  [/\bmagnets?\b/iu, 'magnets'],
  [/\bleds?\b/iu, 'leds'],
  [/\bcells?\b|batter/iu, 'cells'],
];

/**
 * What each row of a stock list would do. A row of a product is one of its cans: the one of the same lot, else the next that no row named; what is over is a new
 * can. A row of a name nobody knows becomes a supply where its name says of what kind, else it is left aside: a product needs a class first.
 */
export function matchStock(rows: readonly StockRow[], index: StockIndex): readonly StockEffect[] {
  const named = new Set<string>();
  const lots = new Set(rows.map(({ lot }) => lot.trim().toLowerCase()));
  const same = (one: string, other: string): boolean => one.trim().toLowerCase() === other.trim().toLowerCase();
  return rows.map((row): StockEffect => {
    const product = index.products.find(({ name }) => same(name, row.name));
    if (product) {
      const factor = toMillilitres(row.unit, product);
      if (factor === null) return { kind: 'skip', row, why: `“${row.unit}” is no unit of a liquid` };
      const free = index.cans.filter((can) => can.productId === product.id && !named.has(can.id));
      // What another row names by its lot is left to it.
      const own = free.filter(({ lot }) => lot === '' || !lots.has(lot.toLowerCase()) || same(lot, row.lot));
      const can =
        (row.lot === '' ? undefined : own.find(({ lot }) => same(lot, row.lot))) ??
        own.find(({ lot }) => lot === '') ??
        (row.lot === '' ? own[0] : undefined) ??
        null;
      if (can) named.add(can.id);
      return { kind: 'can', row, facts: factsOf(row, factor, index), product, can };
    }
    const supply = index.supplies.find((one) => same(one.name, row.name) && !named.has(one.id));
    if (supply) {
      named.add(supply.id);
      const kindId = supply.kindId as SupplyKindId;
      return { kind: 'supply', row, facts: factsOf(row, toSupplyUnit(row.unit, kindId), index), kindId, grit: supply.grit, supply };
    }
    const kindId = KIND_WORDS.find(([words]) => words.test(row.name))?.[1];
    if (!kindId) return { kind: 'skip', row, why: 'no product is called so: add it under Shop → Products first' };
    const { isGritted } = findSupplyKind(kindId);
    const grit = isGritted ? gritNumber(/P?\s?(\d{2,5})/u.exec(row.name)?.[0] ?? null) : null;
    return { kind: 'supply', row, facts: factsOf(row, toSupplyUnit(row.unit, kindId), index), kindId, grit, supply: null };
  });
}

function factsOf(row: StockRow, factor: number, { shop }: StockIndex): StockFacts {
  const leftAside: string[] = [];
  const openedAtMs = row.opened === '' ? null : readMoment(row.opened, shop.timeZone);
  if (row.opened !== '' && openedAtMs === null) leftAside.push(`“${row.opened}” is no day`);
  const currency = currencyOf(row.currency);
  const isOurs = row.price !== null && shop.currency !== null && currency === shop.currency;
  if (row.price !== null && !isOurs)
    leftAside.push(
      shop.currency === null
        ? 'its price: choose the currency of the shop first'
        : `its price: it is in ${row.currency}, the shop counts in ${shop.currency}`,
    );
  return {
    amount: row.amount * factor,
    pack: row.pack === null ? null : row.pack * factor,
    price: isOurs ? row.price : null,
    openedAtMs,
    leftAside,
  };
}

/** ISO 4217 of what stands beside a price; a sign that several currencies share is none. */
function currencyOf(text: string): string {
  return CURRENCY_SIGNS[text.trim()] ?? text.trim().toUpperCase();
}

/** What one unit of a row is in ml; null: it is no unit of a liquid. */
function toMillilitres(unit: string, product: Product): number | null {
  const name = unit.trim().toLowerCase();
  const liquid = MILLILITRES[name];
  if (liquid !== undefined) return liquid;
  const grams = GRAMS[name];
  return grams === undefined ? null : grams / (productValue(product, 'densityKgPerLitre').value ?? 1);
}

/** Supplies are counted in one unit a kind; of liquids and lengths the usual multiples are known. */
function toSupplyUnit(unit: string, kindId: SupplyKindId): number {
  const name = unit.trim().toLowerCase();
  const kind = findSupplyKind(kindId).unit;
  if (kind === 'ml') return MILLILITRES[name] ?? 1;
  if (kind === 'metres') return { cm: 0.01, mm: 0.001, ft: 0.3048, yd: 0.9144 }[name] ?? 1;
  return 1;
}
