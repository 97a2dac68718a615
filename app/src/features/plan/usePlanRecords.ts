import { useMemo } from 'react';
import { useTableQuery } from '../../data/queries';
import type { PlanRecords } from '@zinc-ladder/model/gather/plan/gatherPlan';

const NOTHING: readonly never[] = [];

/** The tables that plans and films are computed from, beside the air. */
export function usePlanTables() {
  return {
    shops: useTableQuery('shop'),
    props: useTableQuery('props'),
    parts: useTableQuery('parts'),
    joins: useTableQuery('joins'),
    persons: useTableQuery('persons'),
    ladders: useTableQuery('ladders'),
    rungs: useTableQuery('rungs'),
    products: useTableQuery('products'),
  };
}

/** The records plans and films are computed from, live; null before there is a shop. `version` names this state of them. */
export function usePlanRecords(): { readonly records: PlanRecords | null; readonly version: string } {
  const { shops, props, parts, joins, persons, ladders, rungs, products } = usePlanTables();
  const all = [shops, props, parts, joins, persons, ladders, rungs, products];
  const isRead = all.every((query) => query.isSuccess);
  const version = all.map((query) => query.version).join('.');
  const shop = shops.data?.[0];
  const records = useMemo(
    () =>
      shop && isRead
        ? {
            shop,
            props: props.data ?? NOTHING,
            parts: parts.data ?? NOTHING,
            joins: joins.data ?? NOTHING,
            persons: persons.data ?? NOTHING,
            ladders: ladders.data ?? NOTHING,
            rungs: rungs.data ?? NOTHING,
            products: products.data ?? NOTHING,
          }
        : null,
    [shop, isRead, props.data, parts.data, joins.data, persons.data, ladders.data, rungs.data, products.data],
  );
  return { records, version };
}
