import { useTableQuery } from '../../data/queries';
import { usePlanTables } from './usePlanRecords';

/**
 * Whether all a plan is made from is read, and a name for this state of it: a plan is of one state. What stands in the database when the page opens is
 * called `first`, also while the page still reads it: workers read it themselves and need not wait.
 */
export function usePlanVersion(): { readonly isRead: boolean; readonly version: string } {
  const all = [...Object.values(usePlanTables()), useTableQuery('climateReadings'), useTableQuery('purchases'), useTableQuery('cans')];
  const isFirst = all.every((query) => !query.isError && query.version <= 1);
  return { isRead: all.every((query) => query.isSuccess), version: isFirst ? 'first' : all.map((query) => query.version).join('.') };
}
