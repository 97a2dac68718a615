import type { Can } from '../../records/shelf/can';
import type { Purchase } from '../../records/shelf/purchase';
import type { Ladder } from '../../records/ladder/ladder';
import type { Rung } from '../../records/ladder/rung';
import type { Part } from '../../records/prop/part';
import type { Prop } from '../../records/prop/prop';
import type { Product } from '../../records/shop/product';
import { toArrival } from './gatherNeeds';
import { rungMillilitres } from './rungTakes';
import type { LoggedUse } from './loggedUses';
import { groupCans, stockNow } from './stockNow';
import { ownUseOf } from '../../products/ownUse';

/** What is read to tell which rungs wait for what was ordered. */
export interface AwaitingRecords {
  readonly props: readonly Pick<Prop, 'id' | 'dueMs' | 'position'>[];
  readonly parts: readonly Part[];
  readonly ladders: readonly Ladder[];
  readonly rungs: readonly Rung[];
  readonly products: readonly Product[];
  readonly cans: readonly Can[];
  readonly purchases: readonly Pick<Purchase, 'productId' | 'amount' | 'count' | 'dueAtMs' | 'arrivedAtMs'>[];
}

/**
 * Rungs that cannot begin before something ordered has come, with when that is. Stock is given to rungs by due date, then by their order on
 * the board. A rung for which the stock is too small waits for the parcel that covers it; if no parcel does, it waits for the last one.
 *
 * @param uses what was logged of each product, by its id
 */
export function arrivalWaits(
  { props, parts, ladders, rungs, products, cans, purchases }: AwaitingRecords,
  uses: ReadonlyMap<string, readonly LoggedUse[]>,
): ReadonlyMap<string, number> {
  const waits = new Map<string, number>();
  const awaited = purchases.filter(({ arrivedAtMs, productId }) => arrivedAtMs === null && productId !== null);
  if (awaited.length === 0) return waits;
  const rungById = new Map(rungs.map((rung) => [rung.id, rung]));
  const ladderOf = new Map(ladders.map((ladder) => [ladder.partId, ladder]));
  const propOf = new Map(props.map((prop) => [prop.id, prop]));
  const due = (part: Part): number => propOf.get(part.propId)?.dueMs ?? Infinity;
  const place = (part: Part): number => propOf.get(part.propId)?.position ?? 0;
  const inOrder = parts.toSorted(
    (a, b) => compare(due(a), due(b)) || place(a) - place(b) || a.position - b.position || compare(a.id, b.id),
  );
  const cansOf = groupCans(cans);
  for (const product of products) {
    const arrivals = awaited.filter(({ productId }) => productId === product.id).map(toArrival);
    if (arrivals.length === 0) continue;
    const { millilitres, look } = stockNow(product, cansOf.get(product.id) ?? [], uses.get(product.id) ?? []);
    if (look === 'enough') continue;
    const { factor } = ownUseOf(product);
    const steps = arrivals.toSorted((a, b) => a.atMs - b.atMs);
    let needed = 0;
    for (const part of inOrder)
      for (const id of ladderOf.get(part.id)?.rungIds ?? []) {
        const rung = rungById.get(id);
        if (!rung || rung.productId !== product.id || rung.state !== 'open') continue;
        needed += (rungMillilitres(rung, part, product) ?? 0) * factor;
        let there = millilitres;
        if (needed <= there) continue;
        let atMs = steps[0]?.atMs ?? 0;
        for (const step of steps) {
          if (needed <= there) break;
          there += step.amount;
          ({ atMs } = step);
        }
        waits.set(id, atMs);
      }
  }
  return waits;
}

function compare<Value extends number | string>(a: Value, b: Value): number {
  return a < b ? -1 : a > b ? 1 : 0;
}
