import { TABLE_NAMES } from '@zinc-ladder/model/file/tableNames';
import type { Store } from './store';

/** Empties the database as one edit, so that undo brings everything back. */
export async function wipeEverything(store: Store): Promise<void> {
  await store.edit(
    'Empty the shop',
    async (edit) => {
      for (const table of [...TABLE_NAMES, 'attachments'] as const)
        for (const id of (await edit.whole(table)).keys()) await edit.drop(table, id);
    },
    'none',
  );
}
