import type { ShelfAge } from '@zinc-ladder/core/shelf/shelfLife';
import { canAge } from '@zinc-ladder/model/gather/shelf/shelfThing';
import { groupCans } from '@zinc-ladder/model/gather/shelf/stockNow';
import { useMemo } from 'react';
import { useTable } from '../../data/queries';
import { useStocks } from './useStocks';

/** Products of which every can that holds any is past its time, with how the best of them stands; by id. */
export function usePastTime(nowMs: number): ReadonlyMap<string, ShelfAge> {
  const products = useTable('products');
  const cans = useTable('cans');
  const stocks = useStocks();
  return useMemo(() => {
    const cansOf = groupCans(cans);
    return new Map(
      products.flatMap((product) => {
        const stock = stocks.get(product.id);
        const ages = (cansOf.get(product.id) ?? [])
          .filter(({ id, level }) => (level === null ? (stock?.leftIn.get(id) ?? 0) > 0 : level !== 'out'))
          .map((can) => canAge(can, product, stock?.openedAtMs.get(can.id) ?? null, nowMs));
        const best = ages.toSorted((a, b) => (b.endsMs ?? Infinity) - (a.endsMs ?? Infinity))[0];
        return best && ages.every(({ state }) => state === 'past') ? [[product.id, best] as const] : [];
      }),
    );
  }, [products, cans, stocks, nowMs]);
}
