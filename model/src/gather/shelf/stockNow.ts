import { mixedFrom } from '@zinc-ladder/core/batch/twoPartRatio';
import { ownUseOf } from '../../products/ownUse';
import type { Can } from '../../records/shelf/can';
import type { Level } from '../../records/shelf/kept';
import type { Product } from '../../records/shop/product';
import type { LoggedUse } from './loggedUses';

/** What of a product stands there. */
export interface ProductStock {
  /** ready for use, ml; of halves what can be mixed of them */
  readonly millilitres: number;
  /** the best that a look at its cans says; null: all were counted */
  readonly look: Level | null;
  /** what is left in every can, ml, by its id */
  readonly leftIn: ReadonlyMap<string, number>;
  /** since when each can is open, by its id: as it was noted, else from the first coat the log takes from it; null: closed */
  readonly openedAtMs: ReadonlyMap<string, number | null>;
}

const RANK: Readonly<Record<Level, number>> = { enough: 2, low: 1, out: 0 };

/**
 * What is left of a product now: each can as it was counted, less what was logged since. A use is taken from the can that was open then, the one opened first
 * before others; what a can holds that was counted later is counted without it already.
 */
export function stockNow(product: Pick<Product, 'weighings' | 'mixParts'>, cans: readonly Can[], uses: readonly LoggedUse[]): ProductStock {
  const state = {
    leftIn: new Map(cans.map((can) => [can.id, can.leftMillilitres])),
    openedAtMs: new Map(cans.map((can) => [can.id, can.openedAtMs])),
  };
  const { leftIn } = state;
  const counted = cans.filter(({ level }) => level === null);
  const { factor } = ownUseOf(product);
  const ratio = product.mixParts;
  const whole = counted.filter(({ half }) => half === null || ratio === null);
  const halves = (['a', 'b'] as const).map((half) => (ratio === null ? [] : counted.filter((can) => can.half === half)));
  const parts = ratio ? ratio.partsA + ratio.partsB : 1;
  for (const { atMs, millilitres } of uses) {
    const amount = millilitres * factor;
    if (whole.length > 0) takeFrom(whole, state, atMs, amount);
    else if (ratio) halves.forEach((own, nth) => takeFrom(own, state, atMs, (amount * (nth === 0 ? ratio.partsA : ratio.partsB)) / parts));
  }
  const sum = (list: readonly Can[]): number => list.reduce((total, { id }) => total + (leftIn.get(id) ?? 0), 0);
  const mixed = ratio && halves.some((own) => own.length > 0) ? mixedFrom(sum(halves[0] ?? []), sum(halves[1] ?? []), ratio) : 0;
  return { millilitres: sum(whole) + mixed, look: bestLook(cans), ...state };
}

/** What stands there of every product, by its id. */
export function stocksOf(
  products: readonly Product[],
  cans: readonly Can[],
  uses: ReadonlyMap<string, readonly LoggedUse[]>,
): ReadonlyMap<string, ProductStock> {
  const cansOf = groupCans(cans);
  return new Map(
    products.flatMap((product) => {
      const own = cansOf.get(product.id);
      return own ? [[product.id, stockNow(product, own, uses.get(product.id) ?? [])] as const] : [];
    }),
  );
}

/** Products of which there is any, by number or by a look. */
export function onShelf(stocks: ReadonlyMap<string, ProductStock>): ReadonlySet<string> {
  return new Set([...stocks].flatMap(([id, { millilitres, look }]) => (millilitres > 0 || (look !== null && look !== 'out') ? [id] : [])));
}

/** Cans by their product. */
export function groupCans(cans: readonly Can[]): ReadonlyMap<string, readonly Can[]> {
  const groups = new Map<string, Can[]>();
  for (const can of cans) {
    const own = groups.get(can.productId);
    if (own) own.push(can);
    else groups.set(can.productId, [can]);
  }
  return groups;
}

/** The best that a look says of several things; null where all were counted. */
export function bestLook(things: readonly { readonly level: Level | null }[]): Level | null {
  return things.reduce<Level | null>((best, { level }) => (level && (!best || RANK[level] > RANK[best]) ? level : best), null);
}

function takeFrom(
  cans: readonly Can[],
  { leftIn, openedAtMs }: { readonly leftIn: Map<string, number>; readonly openedAtMs: Map<string, number | null> },
  atMs: number,
  amount: number,
): void {
  let missing = amount;
  const openFirst = ({ id }: Can): number => {
    const opened = openedAtMs.get(id) ?? null;
    return opened !== null && opened <= atMs ? opened : Infinity;
  };
  const order = cans.toSorted((a, b) => openFirst(a) - openFirst(b) || (a.id < b.id ? -1 : 1));
  for (const can of order) {
    const left = leftIn.get(can.id) ?? 0;
    if (left <= 0 || missing <= 0) continue;
    if (can.countedAtMs !== null && can.countedAtMs >= atMs) return;
    const taken = Math.min(left, missing);
    leftIn.set(can.id, left - taken);
    openedAtMs.set(can.id, openedAtMs.get(can.id) ?? atMs);
    missing -= taken;
  }
}
