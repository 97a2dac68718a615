import type { TwinRecords } from '@zinc-ladder/model/gather/twins/gatherTwin';
import { useMemo } from 'react';
import { useShop, useTable } from '../../data/queries';

/** What parts' records are read from; null before there is a shop. */
export function useTwinRecords(): TwinRecords | null {
  const shop = useShop();
  const parts = useTable('parts');
  const ladders = useTable('ladders');
  const rungs = useTable('rungs');
  const products = useTable('products');
  const logEntries = useTable('logEntries');
  return useMemo(
    () =>
      shop
        ? { shop, parts: [...parts], ladders: [...ladders], rungs: [...rungs], products: [...products], logEntries: [...logEntries] }
        : null,
    [shop, parts, ladders, rungs, products, logEntries],
  );
}
