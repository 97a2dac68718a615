import { suppliesLeft } from '@zinc-ladder/model/gather/shelf/gatherTakes';
import type { ProductStock } from '@zinc-ladder/model/gather/shelf/stockNow';
import type { LoggedUses } from '@zinc-ladder/model/gather/shelf/loggedUses';
import { onShelf, stocksOf } from '@zinc-ladder/model/gather/shelf/stockNow';
import { usesAfter, usesOf } from '@zinc-ladder/model/gather/shelf/loggedUses';
import { useMemo } from 'react';
import { useOfLog, useTable } from '../../data/queries';

/** What the log says was taken of every product. */
export function useUses(): LoggedUses {
  return useOfLog(usesOf, usesAfter);
}

/** What stands there of every product, by its id: as it was counted, less what was logged since. */
export function useStocks(): ReadonlyMap<string, ProductStock> {
  const products = useTable('products');
  const cans = useTable('cans');
  const uses = useUses();
  return useMemo(() => stocksOf(products, cans, uses), [products, cans, uses]);
}

/** Ids of products of which there is any. */
export function useOnShelf(): ReadonlySet<string> {
  const stocks = useStocks();
  return useMemo(() => onShelf(stocks), [stocks]);
}

/** What is left of every supply that was counted, by its id. */
export function useSuppliesLeft(): ReadonlyMap<string, number> {
  const parts = useTable('parts');
  const ladders = useTable('ladders');
  const rungs = useTable('rungs');
  const products = useTable('products');
  const supplies = useTable('supplies');
  const lightPlans = useTable('lightPlans');
  return useMemo(
    () => suppliesLeft({ parts, ladders, rungs, products, supplies, lightPlans }),
    [parts, ladders, rungs, products, supplies, lightPlans],
  );
}
