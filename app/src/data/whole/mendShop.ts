import type { Mend } from '@zinc-ladder/model/rules/mendProject';
import { gatherRecords, putWhole, readWhole } from './projectTransfer';
import type { Store } from '../edits/store';
import { isLookDue, rememberLook } from './rulesVersion';

/**
 * Looks once through a shop that an older version of the program kept, and mends what contradicts itself, as one edit that can be undone.
 *
 * @returns what was mended
 */
export async function mendShop(store: Store, nowMs: number): Promise<readonly Mend[]> {
  const { db } = store;
  if (!(await isLookDue(db))) return [];
  const { isSound, mendProject } = await import('@zinc-ladder/model/rules/mendProject');
  const before = await gatherRecords(db, nowMs);
  const mends = isSound(before, new Set(await db.attachments.toCollection().primaryKeys()))
    ? []
    : await store.edit('Mend the shop', async (edit) => {
        // Read again within the transaction: another edit may have come in between.
        const here = await readWhole(edit, before);
        if (!here) return [];
        const mended = mendProject(here, await edit.keys('attachments'));
        await putWhole(edit, mended.project);
        return mended.mends;
      });
  await rememberLook(db);
  return mends;
}
