import type { ShelfAge } from '@zinc-ladder/core/shelf/shelfLife';
import { shelfAge, usualShelfLife } from '@zinc-ladder/core/shelf/shelfLife';
import type { SupplyKind, SupplyUnit, SupplyWork } from '@zinc-ladder/core/shelf/supplyKinds';
import { findSupplyKind } from '@zinc-ladder/core/shelf/supplyKinds';
import type { Bought } from '../../records/shelf/bought';
import type { Can } from '../../records/shelf/can';
import type { Supply } from '../../records/shelf/supply';
import type { Product } from '../../records/shop/product';

/** What the shelf counts together: a product with all its cans, or supplies of one kind that stand in for each other. */
export interface ShelfThing {
  readonly id: string;
  readonly name: string;
  readonly unit: SupplyUnit;
  /** null: supplies */
  readonly product: Product | null;
  readonly supplies: readonly Supply[];
}

/** A product as a thing of the shelf. */
export function productThing(product: Product): ShelfThing {
  return { id: product.id, name: product.name, unit: 'ml', product, supplies: [] };
}

/** Supplies by what stands in for what: paper of one grit, tape of any width; what no rung uses up stands by itself. */
export function supplyThings(supplies: readonly Supply[]): readonly ShelfThing[] {
  const groups = new Map<string, Supply[]>();
  for (const supply of supplies) {
    const key = groupOf(supply);
    groups.set(key, [...(groups.get(key) ?? []), supply]);
  }
  return [...groups].map(([id, own]) => {
    const [first] = own as [Supply, ...Supply[]];
    const kind = findSupplyKind(first.kindId);
    const name = own.length === 1 ? first.name : `${kind.name}${first.grit === null ? '' : ` P${first.grit}`}`;
    return { id, name, unit: kind.unit, product: null, supplies: own };
  });
}

/** Whether what takes of a thing says how many: nothing about it is reckoned by area or minutes. */
export function isCounted({ supplies: [first] }: ShelfThing): boolean {
  return first !== undefined && findSupplyKind(first.kindId).isCounted;
}

/** What a supply is counted with: the same for all that stand in for it. */
export function groupOf({ kindId, grit, name }: Pick<Supply, 'kindId' | 'grit' | 'name'>): string {
  return `${kindId}|${grit ?? ''}|${findSupplyKind(kindId).isCounted ? name.trim().toLowerCase() : ''}`;
}

/** What a rung uses up of a kind of supply. */
export interface SupplyTake {
  readonly kind: SupplyKind;
  readonly grit: number | null;
  /** the group it is counted with */
  readonly group: string;
  /** in the kind's unit, above nothing */
  readonly amount: number;
}

/** What a rung uses up beside its product, kind by kind. */
export function supplyTakes(work: SupplyWork, kinds: readonly SupplyKind[]): readonly SupplyTake[] {
  return kinds.flatMap((kind) => {
    const amount = kind.takes(work);
    if (amount === 0) return [];
    const grit = kind.isGritted ? work.grit : null;
    return [{ kind, grit, group: groupOf({ kindId: kind.id, grit, name: '' }), amount }];
  });
}

/** Whether something bought is for a thing. */
export function isFor(thing: ShelfThing, { productId, supplyId }: Pick<Bought, 'productId' | 'supplyId'>): boolean {
  return thing.product ? thing.product.id === productId : thing.supplies.some(({ id }) => id === supplyId);
}

/**
 * How old a can of a product is against what such products keep.
 *
 * @param openedAtMs since when it is open, by note or by the log; null: closed
 */
export function canAge(
  can: Can,
  product: Pick<Product, 'classId' | 'closedMonths' | 'openedMonths'>,
  openedAtMs: number | null,
  nowMs: number,
): ShelfAge {
  const usual = usualShelfLife(product.classId);
  return shelfAge(
    { ...can, openedAtMs },
    { closedMonths: product.closedMonths ?? usual.closedMonths, openedMonths: product.openedMonths ?? usual.openedMonths },
    nowMs,
  );
}

/** How old a supply is against what its kind keeps. */
export function supplyAge(supply: Supply, nowMs: number): ShelfAge {
  const kind = findSupplyKind(supply.kindId);
  return shelfAge(
    supply,
    { closedMonths: supply.closedMonths ?? kind.closedMonths, openedMonths: supply.openedMonths ?? kind.openedMonths },
    nowMs,
  );
}
