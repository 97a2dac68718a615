import { TABLE_NAMES } from '@zinc-ladder/model/file/tableNames';
import type { Store } from '../edits/store';

const LABEL = 'Empty the shop';

/** Empties the database as one edit, so that undo brings everything back. Returns its label. */
export async function wipeEverything(store: Store): Promise<string> {
  await store.edit(
    LABEL,
    async (edit) => {
      for (const table of [...TABLE_NAMES, 'attachments'] as const)
        for (const id of (await edit.whole(table)).keys()) await edit.drop(table, id);
    },
    'none',
  );
  return LABEL;
}
