import type { CostItem, CostSum } from '@zinc-ladder/core/shelf/costs';
import { sumCosts } from '@zinc-ladder/core/shelf/costs';
import { SUPPLY_KINDS } from '@zinc-ladder/core/shelf/supplyKinds';
import type { ProjectFile } from '../../../file/projectFile';
import type { LogEntry } from '../../../records/ladder/logEntry';
import type { CostKind } from './costKinds';
import { rungMillilitres, supplyWork } from '../rungTakes';
import { productThing, supplyTakes, supplyThings } from '../shelfThing';
import { groupCans } from '../stockNow';
import { ownUseOf } from '../../../products/ownUse';
import { unitPrice } from './unitPrices';

/** What a prop costs so far and still will, by kind. */
export interface PropCost {
  readonly propId: string;
  readonly sum: CostSum;
  readonly byKind: ReadonlyMap<CostKind, CostSum>;
}

type CostList = 'props' | 'parts' | 'ladders' | 'rungs' | 'products' | 'cans' | 'supplies' | 'packs' | 'purchases';
/** What costs are reckoned from, with the log as it stands. */
export type CostRecords = { readonly [List in CostList]: readonly ProjectFile[List][number][] } & {
  readonly shop: Pick<ProjectFile['shop'], 'hourPrice'>;
  readonly standing: readonly LogEntry[];
};

/**
 * What every prop costs: done rungs by what the log says they took, open ones by film and area; paper, tape and the like by area where a price is kept; hours
 * where an hour has a price. What has no price is counted.
 */
export function gatherCosts(records: CostRecords): { readonly all: CostSum; readonly props: readonly PropCost[] } {
  const items = costItems(records);
  const { all, byGroup } = sumCosts(items);
  const kinds = new Map<string, Map<CostKind, CostSum>>();
  for (const [group, sum] of byGroup) {
    const [propId, kind] = group.split('|');
    if (propId === undefined || kind === undefined) continue;
    const own = kinds.get(propId) ?? new Map<CostKind, CostSum>();
    own.set(kind as CostKind, sum);
    kinds.set(propId, own);
  }
  const props = records.props
    .toSorted((a, b) => a.position - b.position)
    .map(({ id }) => ({
      propId: id,
      sum: byGroup.get(id) ?? { soFar: 0, toCome: 0, unpriced: 0 },
      byKind: kinds.get(id) ?? new Map<CostKind, CostSum>(),
    }));
  return { all, props };
}

function costItems(records: CostRecords): CostItem[] {
  const { parts, ladders, rungs, products, shop, standing } = records;
  const partById = new Map(parts.map((part) => [part.id, part]));
  const partOf = new Map(ladders.map((ladder) => [ladder.id, partById.get(ladder.partId)]));
  const byId = new Map(products.map((product) => [product.id, product]));
  const cansOf = groupCans(records.cans);
  const prices = new Map(
    products.map((product) => {
      const price = unitPrice(productThing(product), { ...records, cans: cansOf.get(product.id) ?? [] });
      return [product.id, { unit: price?.price ?? null, factor: ownUseOf(product).factor }] as const;
    }),
  );
  const priced = new Map(
    supplyThings(records.supplies).flatMap((thing) => {
      const price = unitPrice(thing, records);
      return price ? [[thing.id, price.price] as const] : [];
    }),
  );
  const kinds = SUPPLY_KINDS.filter(({ id }) => records.supplies.some(({ kindId }) => kindId === id));
  const items: CostItem[] = [];
  const logged = new Map<string, { took: number; minutes: number }>();
  for (const { kind, rungId, tookMillilitres, actualMinutes } of standing) {
    if (kind !== 'done' || rungId === null) continue;
    const sum = logged.get(rungId) ?? { took: 0, minutes: 0 };
    logged.set(rungId, { took: sum.took + (tookMillilitres ?? 0), minutes: sum.minutes + (actualMinutes ?? 0) });
  }
  for (const rung of rungs) {
    const part = partOf.get(rung.ladderId);
    if (!part || rung.state === 'leftOut') continue;
    const add = (kind: CostKind, amount: number, price: number | null, isDone: boolean): void =>
      void items.push({ groups: [part.propId, `${part.propId}|${kind}`], amount, unitPrice: price, isDone });
    const product = byId.get(rung.productId ?? '');
    const isDone = rung.state === 'done';
    const { took, minutes } = logged.get(rung.id) ?? { took: 0, minutes: 0 };
    const reckoned = rungMillilitres(rung, part, product) ?? 0;
    const own = prices.get(product?.id ?? '');
    if (product && own) {
      // A coat that was sprayed twice, as its rung was opened again, was paid for twice.
      const used = isDone && took === 0 ? reckoned : took;
      if (used > 0) add(rung.band, used * own.factor, own.unit, true);
      if (!isDone && reckoned > 0) add(rung.band, reckoned * own.factor, own.unit, false);
    }
    if (priced.size > 0)
      for (const { group, amount } of supplyTakes(supplyWork(rung, part, product), kinds)) {
        const price = priced.get(group);
        if (price !== undefined) add('supplies', amount, price, isDone);
      }
    if (shop.hourPrice !== null) {
      if (minutes > 0) add('hours', minutes / 60, shop.hourPrice, true);
      if (!isDone) add('hours', rung.minutes / 60, shop.hourPrice, false);
    }
  }
  return items;
}
