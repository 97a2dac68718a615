import type { ShelfAge } from '@zinc-ladder/core/shelf/shelfLife';
import type { SupplyUnit } from '@zinc-ladder/core/shelf/supplyKinds';
import { findSupplyKind } from '@zinc-ladder/core/shelf/supplyKinds';
import { canAge, supplyAge } from '@zinc-ladder/model/gather/shelf/shelfThing';
import type { ProductStock } from '@zinc-ladder/model/gather/shelf/stockNow';
import type { Can } from '@zinc-ladder/model/records/shelf/can';
import type { Supply } from '@zinc-ladder/model/records/shelf/supply';
import type { Product } from '@zinc-ladder/model/records/shop/product';

/** Rows that are drawn at first. */
export const SHOWN_FIRST = 60;

/** A can or a supply as the shelf shows it. */
export type KeptThing = {
  readonly name: string;
  readonly unit: SupplyUnit;
  /** now, in its unit */
  readonly left: number;
  readonly age: ShelfAge;
  /** null: closed */
  readonly openedAtMs: number | null;
} & (
  | { readonly kind: 'can'; readonly record: Can; readonly product: Product }
  | { readonly kind: 'supply'; readonly record: Supply; readonly product: null }
);

/** Everything that stands there: what is past its time first, then by name. */
export function keptThings(
  {
    products,
    cans,
    supplies,
    stocks,
    left,
  }: {
    readonly products: readonly Product[];
    readonly cans: readonly Can[];
    readonly supplies: readonly Supply[];
    readonly stocks: ReadonlyMap<string, ProductStock>;
    /** of supplies, by id */
    readonly left: ReadonlyMap<string, number>;
  },
  nowMs: number,
): readonly KeptThing[] {
  const byId = new Map(products.map((product) => [product.id, product]));
  const ofCans = cans.flatMap((can): KeptThing[] => {
    const product = byId.get(can.productId);
    if (!product) return [];
    const stock = stocks.get(product.id);
    const openedAtMs = stock?.openedAtMs.get(can.id) ?? null;
    return [
      {
        kind: 'can',
        record: can,
        product,
        name: product.name,
        unit: 'ml',
        left: stock?.leftIn.get(can.id) ?? 0,
        age: canAge(can, product, openedAtMs, nowMs),
        openedAtMs,
      },
    ];
  });
  const ofSupplies = supplies.map((supply): KeptThing => {
    const { unit } = findSupplyKind(supply.kindId);
    return {
      kind: 'supply',
      record: supply,
      product: null,
      name: supply.name,
      unit,
      left: left.get(supply.id) ?? supply.left,
      age: supplyAge(supply, nowMs),
      openedAtMs: supply.openedAtMs,
    };
  });
  return [...ofCans, ...ofSupplies].toSorted(
    (a, b) =>
      Number(b.age.state === 'past') - Number(a.age.state === 'past') ||
      a.name.localeCompare(b.name) ||
      (a.record.id < b.record.id ? -1 : 1),
  );
}
