import { useTableQuery } from '../data/queries';

/**
 * Whether all a plan is made from is read, and a name for this state of it: a plan is of one state. What stands in the database when the page opens is
 * called `first`, also while the page still reads it: workers read it themselves and need not wait.
 */
export function usePlanVersion(): { readonly isRead: boolean; readonly version: string } {
  const shops = useTableQuery('shop');
  const props = useTableQuery('props');
  const parts = useTableQuery('parts');
  const joins = useTableQuery('joins');
  const ladders = useTableQuery('ladders');
  const rungs = useTableQuery('rungs');
  const products = useTableQuery('products');
  const readings = useTableQuery('climateReadings');
  const all = [shops, props, parts, joins, ladders, rungs, products, readings];
  const isFirst = all.every((query) => !query.isError && query.version <= 1);
  return { isRead: all.every((query) => query.isSuccess), version: isFirst ? 'first' : all.map((query) => query.version).join('.') };
}
