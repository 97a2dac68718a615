import type { RecordOf, TableName } from '@zinc-ladder/model/file/validateRecord';
import type { Shop } from '@zinc-ladder/model/records/shop';
import type { UseQueryResult } from '@tanstack/react-query';
import { useQuery } from '@tanstack/react-query';
import type { HistoryState } from './store';
import { tableKey } from './liveTables';
import { useStore } from './StoreContext';

const EMPTY: readonly never[] = [];

/** All records of a table, live. */
export function useTableQuery<Name extends TableName>(name: Name): UseQueryResult<readonly RecordOf[Name][]> {
  const { db } = useStore();
  return useQuery({
    queryKey: tableKey(name),
    queryFn: () => db.stored(name).toArray() as unknown as Promise<RecordOf[Name][]>,
    staleTime: Infinity,
    networkMode: 'always',
  });
}

/** Whether the tables every view is drawn from are read. Only that is listened to, not what is in them. */
export function useIsShopRead(): boolean {
  const props = useTableQuery('props').isSuccess;
  const parts = useTableQuery('parts').isSuccess;
  const joins = useTableQuery('joins').isSuccess;
  const ladders = useTableQuery('ladders').isSuccess;
  const rungs = useTableQuery('rungs').isSuccess;
  const products = useTableQuery('products').isSuccess;
  return props && parts && joins && ladders && rungs && products;
}

/** All records of a table, live; empty until they are read. */
export function useTable<Name extends TableName>(name: Name): readonly RecordOf[Name][] {
  return useTableQuery(name).data ?? EMPTY;
}

/** The shop; undefined while it is read or before there is one. */
export function useShop(): Shop | undefined {
  return useTable('shop')[0];
}

/** What undo and redo would do. */
export function useHistoryState(): HistoryState {
  const store = useStore();
  const query = useQuery({
    queryKey: tableKey('history'),
    queryFn: () => store.historyState(),
    staleTime: Infinity,
    networkMode: 'always',
  });
  return query.data ?? { undoLabel: null, redoLabel: null };
}

/** A kept picture, or null. */
export function useAttachment(id: string | null): Blob | null {
  const { db } = useStore();
  const query = useQuery({
    queryKey: [...tableKey('attachments'), id],
    queryFn: async () => (id === null ? null : ((await db.attachments.get(id))?.blob ?? null)),
    staleTime: Infinity,
    networkMode: 'always',
  });
  return query.data ?? null;
}
