import { SUPPLY_KINDS } from '@zinc-ladder/core/shelf/supplyKinds';
import type { SupplyKind } from '@zinc-ladder/core/shelf/supplyKinds';
import type { Ladder } from '../../records/ladder/ladder';
import type { Rung } from '../../records/ladder/rung';
import type { Part } from '../../records/prop/part';
import type { Supply } from '../../records/shelf/supply';
import type { Product } from '../../records/shop/product';
import { rungMillilitres, supplyWork } from './rungTakes';
import { groupOf, supplyTakes } from './shelfThing';

/** A product that ladders take. */
export interface KitProduct {
  readonly product: Product;
  readonly millilitres: number;
  readonly coats: number;
}

/** Something beside products that ladders take. */
export interface KitSupply {
  readonly kind: SupplyKind;
  readonly grit: number | null;
  /** in the kind's unit */
  readonly amount: number;
  /** null: it is not on the shelf's list */
  readonly kept: Supply | null;
}

/** All that ladders take from the first rung to the last, done or not; two props that share a can share it here. */
export interface Kit {
  readonly products: readonly KitProduct[];
  readonly supplies: readonly KitSupply[];
  /** names of rungs that lay a film of which no product is chosen */
  readonly unchosen: readonly string[];
}

/** What the ladders of some parts take. Rungs that were left out take nothing. */
export function gatherKit(
  parts: readonly Part[],
  {
    ladders,
    rungs,
    products,
    supplies,
  }: {
    readonly ladders: readonly Ladder[];
    readonly rungs: readonly Rung[];
    readonly products: readonly Product[];
    readonly supplies: readonly Supply[];
  },
): Kit {
  const partById = new Map(parts.map((part) => [part.id, part]));
  const partOf = new Map(ladders.map((ladder) => [ladder.id, partById.get(ladder.partId)]));
  const byId = new Map(products.map((product) => [product.id, product]));
  const kept = new Map(supplies.map((supply) => [groupOf(supply), supply]));
  const amounts = new Map<string, { millilitres: number; coats: number }>();
  const used = new Map<string, { readonly kind: SupplyKind; readonly grit: number | null; amount: number }>();
  const unchosen: string[] = [];
  for (const rung of rungs) {
    const part = partOf.get(rung.ladderId);
    if (!part || rung.state === 'leftOut') continue;
    const product = byId.get(rung.productId ?? '');
    const millilitres = rungMillilitres(rung, part, product);
    if (product && millilitres !== null) {
      const sum = amounts.get(product.id) ?? { millilitres: 0, coats: 0 };
      amounts.set(product.id, { millilitres: sum.millilitres + millilitres, coats: sum.coats + 1 });
    } else if (!product && rung.role !== null) unchosen.push(rung.name);
    for (const { group, amount, ...take } of supplyTakes(supplyWork(rung, part, product), SUPPLY_KINDS)) {
      const sum = used.get(group);
      if (sum) sum.amount += amount;
      else used.set(group, { ...take, amount });
    }
  }
  const order = new Map(SUPPLY_KINDS.map(({ id }, at) => [id, at]));
  const found = [...amounts].flatMap(([id, sum]) => {
    const product = byId.get(id);
    return product ? [{ product, ...sum }] : [];
  });
  return {
    products: found.toSorted((a, b) => b.millilitres - a.millilitres),
    supplies: [...used]
      .map(([key, { kind, grit, amount }]) => ({ kind, grit, amount, kept: kept.get(key) ?? null }))
      .toSorted((a, b) => (order.get(a.kind.id) ?? 0) - (order.get(b.kind.id) ?? 0) || (a.grit ?? 0) - (b.grit ?? 0)),
    unchosen: [...new Set(unchosen)],
  };
}
