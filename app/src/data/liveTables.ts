import type { QueryClient } from '@tanstack/react-query';
import Dexie from 'dexie';
import type { ShopDatabase } from './database';

/** Query key of a table. */
export function tableKey(table: string): readonly string[] {
  return ['table', table];
}

/** Renews queries when a table changes, in this tab or another: Dexie tells of both. Returns how to stop. */
export function watchTables(db: ShopDatabase, client: QueryClient, onTable: (table: string) => void = () => undefined): () => void {
  const prefix = `idb://${db.name}/`;
  const onMutation = (parts: Record<string, unknown>): void => {
    const tables = new Set(
      Object.keys(parts)
        .filter((key) => key.startsWith(prefix))
        .map((key) => key.slice(prefix.length).split('/')[0] ?? ''),
    );
    for (const table of tables) {
      void client.invalidateQueries({ queryKey: tableKey(table) });
      onTable(table);
    }
  };
  Dexie.on('storagemutated', onMutation);
  return () => Dexie.on.storagemutated.unsubscribe(onMutation);
}
