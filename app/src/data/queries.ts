import type { RecordOf } from '@zinc-ladder/model/file/recordClasses';
import type { TableName } from '@zinc-ladder/model/file/tableNames';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import { standingEntries, standingEntriesAfter } from '@zinc-ladder/model/log/standingLog';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useSyncExternalStore } from 'react';
import type { TableState } from './tables/liveTables';
import type { HistoryState } from './edits/store';
import { AWAITED_TABLES, tableKey } from './tables/liveTables';
import { useStore } from './StoreContext';

/** A table as views read it: its records once they are read, and a version that names this state of them. */
export interface TableRead<Kept> {
  readonly data: readonly Kept[] | undefined;
  readonly isSuccess: boolean;
  readonly isError: boolean;
  readonly error: unknown;
  readonly version: number;
}

const EMPTY: readonly never[] = [];

/** All records of a table, live, with whether they are read. */
export function useTableQuery<Name extends TableName>(name: Name): TableRead<RecordOf[Name]> {
  const { tables } = useStore();
  const subscribe = useCallback((listener: () => void) => tables.subscribe(name, listener), [tables, name]);
  const state = useSyncExternalStore<TableState<RecordOf[Name]>>(subscribe, () => tables.read(name));
  const isSuccess = state.status === 'ready';
  return {
    data: isSuccess ? state.records : undefined,
    isSuccess,
    isError: state.status === 'failed',
    error: state.error,
    version: state.version,
  };
}

/** Whether the tables every view is drawn from are read. Only that is listened to, not what is in them. */
export function useIsShopRead(): boolean {
  const { tables } = useStore();
  const subscribe = useCallback(
    (listener: () => void) => {
      const stops = AWAITED_TABLES.map((name) => tables.subscribe(name, listener));
      return () => stops.forEach((stop) => stop());
    },
    [tables],
  );
  return useSyncExternalStore(subscribe, () => AWAITED_TABLES.every((name) => tables.read(name).status === 'ready'));
}

/** All records of a table, live; empty until they are read. */
export function useTable<Name extends TableName>(name: Name): readonly RecordOf[Name][] {
  return useTableQuery(name).data ?? EMPTY;
}

/** Something computed from all records of a table, once for all who ask. `compute` must be the same function each time. */
export function useDerived<Name extends TableName, Result>(name: Name, compute: (records: readonly RecordOf[Name][]) => Result): Result {
  const { tables } = useStore();
  return tables.derive<Name, Result>(useTable(name), compute);
}

/** The log as it stands, newest first. */
export function useStandingEntries(): readonly LogEntry[] {
  const { tables } = useStore();
  return tables.deriveNext<LogEntry, readonly LogEntry[]>(useTable('logEntries'), standingEntries, standingEntriesAfter);
}

/** Something computed from the log as it stands by what came and went since, once for all who ask. Both must be the same functions each time. */
export function useOfLog<Result>(
  compute: (standing: readonly LogEntry[]) => Result,
  next: (last: Result, before: readonly LogEntry[], standing: readonly LogEntry[]) => Result,
): Result {
  const { tables } = useStore();
  return tables.deriveNext(useStandingEntries(), compute, next);
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
  return query.data ?? { undoLabel: null, redoLabel: null, firstAtMs: null, lastAtMs: null };
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
