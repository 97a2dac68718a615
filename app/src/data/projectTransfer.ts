import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import type { RecordList } from '@zinc-ladder/model/file/projectFile';
import type { ProjectBundle } from '@zinc-ladder/model/file/zipProject';
import type { ShopDatabase } from './database';
import { ShopError } from './shopError';
import type { Store } from './store';

/** How a file comes in: beside what is there (records of one id are replaced), or instead of it. */
export type ImportMode = 'merge' | 'replace';

/** What an import would do, told before it is done. */
export interface ImportPreview {
  readonly added: number;
  readonly replaced: number;
  readonly removed: number;
}

/** Everything in the database as one project. */
export async function gatherProject(db: ShopDatabase, savedAtMs: number): Promise<ProjectBundle> {
  const { FORMAT_NAME, FORMAT_VERSION, RECORD_LISTS } = await import('@zinc-ladder/model/file/projectFile');
  const { project, kept } = await db.transaction('r', db.tables, async () => {
    const shop = await db.records('shop').toCollection().first();
    if (!shop) throw new ShopError('missing');
    const lists = await Promise.all(RECORD_LISTS.map(async (list) => [list, await db.stored(list).orderBy('id').toArray()] as const));
    const found = {
      format: FORMAT_NAME,
      version: FORMAT_VERSION,
      savedAtMs,
      shop,
      ...Object.fromEntries(lists),
    } as unknown as ProjectFile;
    return { project: found, kept: await db.attachments.toArray() };
  });
  // What a blob holds is read outside of the transaction: waiting for it would end that.
  const attachments = new Map(await Promise.all(kept.map(async ({ id, blob }) => [id, new Uint8Array(await blob.arrayBuffer())] as const)));
  return { project, attachments };
}

/** Counts what an import would change. */
export async function previewImport(db: ShopDatabase, { project }: ProjectBundle, mode: ImportMode): Promise<ImportPreview> {
  const { RECORD_LISTS } = await import('@zinc-ladder/model/file/projectFile');
  let added = 0;
  let replaced = 0;
  let kept = 0;
  for (const list of RECORD_LISTS) {
    const here = new Set(await db.stored(list).toCollection().primaryKeys());
    const there = new Set(project[list].map((record) => record.id));
    for (const id of there)
      if (here.has(id)) replaced += 1;
      else added += 1;
    for (const id of here) if (!there.has(id)) kept += 1;
  }
  return { added, replaced, removed: mode === 'replace' ? kept : 0 };
}

/**
 * Takes a validated project in, as one edit that undo takes back.
 *
 * @throws FileFaultsError when a merge would leave records that contradict each other
 */
export async function importProject(store: Store, bundle: ProjectBundle, mode: ImportMode): Promise<void> {
  const { RECORD_LISTS } = await import('@zinc-ladder/model/file/projectFile');
  const { findReferenceFaults } = await import('@zinc-ladder/model/file/references');
  const { FileFaultsError } = await import('@zinc-ladder/model/file/faults');
  const { db } = store;
  const hasShop = (await db.records('shop').count()) > 0;
  const isReplacing = mode === 'replace' || !hasShop;
  const outcome = isReplacing ? bundle.project : await overlay(db, bundle.project, RECORD_LISTS);
  const faults = isReplacing ? [] : findReferenceFaults(outcome);
  if (faults.length > 0) throw new FileFaultsError(faults);
  await store.edit(isReplacing ? 'Replace everything by a file' : 'Merge a file', async (edit) => {
    for (const list of RECORD_LISTS) {
      const kept = new Set(outcome[list].map((record) => record.id));
      for (const id of await db.stored(list).toCollection().primaryKeys()) if (!kept.has(id)) await edit.remove(list, id);
      for (const record of isReplacing ? outcome[list] : bundle.project[list]) await edit.restore(list, record);
    }
    if (isReplacing) {
      for (const shop of await db.records('shop').toArray()) if (shop.id !== outcome.shop.id) await edit.remove('shop', shop.id);
      await edit.restore('shop', outcome.shop);
      for (const id of await db.attachments.toCollection().primaryKeys())
        if (!bundle.attachments.has(id)) await edit.remove('attachments', id);
    }
    for (const [id, bytes] of bundle.attachments) await edit.attach({ id, blob: new Blob([bytes as Uint8Array<ArrayBuffer>]) });
  });
}

/** What is here with the file's records over it. A ladder from the file takes its part's ladder's place, rungs and all. */
async function overlay(db: ShopDatabase, incoming: ProjectFile, lists: readonly RecordList[]): Promise<ProjectFile> {
  const { project: here } = await gatherProject(db, incoming.savedAtMs);
  const partsWithNewLadder = new Set(incoming.ladders.map((ladder) => ladder.partId));
  const replacedLadders = new Set(here.ladders.filter((ladder) => partsWithNewLadder.has(ladder.partId)).map((ladder) => ladder.id));
  const survives = (list: RecordList, record: { id: string; ladderId?: string }): boolean =>
    !(list === 'ladders' && replacedLadders.has(record.id)) && !(list === 'rungs' && replacedLadders.has(record.ladderId ?? ''));
  const merged = lists.map((list) => {
    const fromFile = new Set(incoming[list].map((record) => record.id));
    const own = (here[list] as { id: string; ladderId?: string }[]).filter((record) => !fromFile.has(record.id) && survives(list, record));
    return [list, [...own, ...incoming[list]]] as const;
  });
  return { ...here, ...Object.fromEntries(merged) } as ProjectFile;
}
