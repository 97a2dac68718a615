import { FORMAT_NAME, FORMAT_VERSION } from '@zinc-ladder/model/file/fileFormat';
import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import type { RecordList } from '@zinc-ladder/model/file/tableNames';
import type { ProjectBundle } from '@zinc-ladder/model/file/zipProject';
import type { Mend } from '@zinc-ladder/model/rules/mendProject';
import { RECORD_LISTS, TABLE_NAMES } from '@zinc-ladder/model/file/tableNames';
import type { Attachment, MetaRow, ShopDatabase } from '../tables/database';
import type { Edit } from '../edits/edit';
import { isLookDue, rememberLook } from './rulesVersion';
import { ShopError } from '../edits/shopError';
import type { Store } from '../edits/store';

/** How a file comes in: beside what is there (records of one id are replaced), or instead of it. */
export type ImportMode = 'merge' | 'replace';

/** What an import would do, told before it is done. */
export interface ImportPreview {
  readonly added: number;
  readonly replaced: number;
  readonly removed: number;
  /** pictures and meshes whose bytes the file does not hold and that are kept from here */
  readonly keptBytes: number;
  /** what is mended on the way, such as pictures whose bytes are nowhere */
  readonly mends: readonly Mend[];
}

/** The records of the whole shop as one project, without bytes. */
export async function gatherRecords(db: ShopDatabase, savedAtMs: number): Promise<ProjectFile> {
  return db.transaction('r', db.tables, async () => {
    const shop = await db.records('shop').toCollection().first();
    if (!shop) throw new ShopError('missing');
    const lists = await Promise.all(RECORD_LISTS.map(async (list) => [list, await db.stored(list).toArray()] as const));
    return { format: FORMAT_NAME, version: FORMAT_VERSION, savedAtMs, shop, ...Object.fromEntries(lists) } as unknown as ProjectFile;
  });
}

/** Everything in the database as one project. */
export async function gatherProject(db: ShopDatabase, savedAtMs: number): Promise<ProjectBundle> {
  const project = await gatherRecords(db, savedAtMs);
  const ids = [...project.pictures, ...project.meshes].map(({ id }) => id);
  const kept = await db.attachments.bulkGet(ids);
  return { project, attachments: await readBytes(kept.flatMap((entry) => entry ?? [])) };
}

/** The bytes of many pictures and meshes. Read as one: asking for each costs more than what is in it. Not within a transaction, which it would end. */
async function readBytes(kept: readonly Attachment[]): Promise<ReadonlyMap<string, Uint8Array>> {
  const whole = await new Blob(kept.map(({ blob }) => blob)).arrayBuffer();
  const attachments = new Map<string, Uint8Array>();
  let at = 0;
  for (const { id, blob } of kept) {
    attachments.set(id, new Uint8Array(whole, at, blob.size));
    at += blob.size;
  }
  return attachments;
}

/** What is here before an import: all records, null without a shop, and the ids that have bytes. */
interface Here {
  readonly project: ProjectFile | null;
  readonly bytes: readonly string[];
}

/** What the shop would be after an import, with what is mended for it. */
interface Outcome {
  readonly project: ProjectFile;
  readonly mends: readonly Mend[];
  readonly keptBytes: number;
}

async function loadForeseeing(): Promise<(here: Here, bundle: ProjectBundle, mode: ImportMode) => Outcome> {
  const { mendProject } = await import('@zinc-ladder/model/rules/mendProject');
  return (here, bundle, mode) => {
    const isWhole = [...bundle.project.pictures, ...bundle.project.meshes].every(({ id }) => bundle.attachments.has(id));
    // What was read from a file keeps all rules, and here it is all there will be.
    if (isWhole && (mode === 'replace' || !here.project)) return { project: bundle.project, mends: [], keptBytes: 0 };
    const wanted = mode === 'replace' || !here.project ? bundle.project : overlay(here.project, bundle.project, RECORD_LISTS);
    const { project, mends } = mendProject(wanted, new Set([...here.bytes, ...bundle.attachments.keys()]));
    const keptBytes = [...project.pictures, ...project.meshes].filter(({ id }) => !bundle.attachments.has(id)).length;
    return { project, mends, keptBytes };
  };
}

/** What each way of importing would change. */
export async function previewImports(db: ShopDatabase, bundle: ProjectBundle): Promise<{ readonly [Mode in ImportMode]: ImportPreview }> {
  const foresee = await loadForeseeing();
  const project = (await db.records('shop').count()) > 0 ? await gatherRecords(db, bundle.project.savedAtMs) : null;
  const here = { project, bytes: await db.attachments.toCollection().primaryKeys() };
  const preview = (mode: ImportMode): ImportPreview => countChanges(project, bundle.project, foresee(here, bundle, mode));
  return { merge: preview('merge'), replace: preview('replace') };
}

function countChanges(here: ProjectFile | null, incoming: ProjectFile, { project, mends, keptBytes }: Outcome): ImportPreview {
  let added = 0;
  let replaced = 0;
  let removed = 0;
  for (const list of RECORD_LISTS) {
    const before = new Set(here?.[list].map((record) => record.id));
    const after = new Set(project[list].map((record) => record.id));
    const fromFile = new Set(incoming[list].map((record) => record.id));
    for (const id of after)
      if (!before.has(id)) added += 1;
      else if (fromFile.has(id)) replaced += 1;
    for (const id of before) if (!after.has(id)) removed += 1;
  }
  return { added, replaced, removed, keptBytes, mends };
}

/**
 * Takes a validated project in, as one edit that undo takes back. What contradicts itself after a merge is mended and told.
 *
 * @param beside what is kept in the same transaction and is no record; no undo takes it back
 */
export async function importProject(
  store: Store,
  bundle: ProjectBundle,
  mode: ImportMode,
  beside: readonly MetaRow[] = [],
): Promise<readonly Mend[]> {
  const foresee = await loadForeseeing();
  const { db } = store;
  const isReplacing = mode === 'replace' || (await db.records('shop').count()) === 0;
  const wasLookDue = await isLookDue(db);
  const mends = await store.edit(
    isReplacing ? 'Replace everything by a file' : 'Merge a file',
    async (edit) => {
      // Read within the transaction: what another tab kept since the preview must not get lost.
      const bytes = [...(await edit.keys('attachments'))];
      // Bytes never change under their id: those of one size are the same, and writing thousands again would take most of the time.
      const sizes = new Map(
        [...(await edit.whole('attachments')).values()].map((entry) => [(entry as Attachment).id, (entry as Attachment).blob.size]),
      );
      const { project, mends } = foresee({ project: await readWhole(edit, bundle.project), bytes }, bundle, mode);
      await putWhole(edit, project);
      // Bytes whose record stays are kept: a JSON file names them and does not hold them.
      const withBytes = new Set([...project.pictures, ...project.meshes].map(({ id }) => id));
      for (const id of bytes) if (!withBytes.has(id)) await edit.drop('attachments', id);
      for (const [id, read] of bundle.attachments)
        if (withBytes.has(id) && sizes.get(id) !== read.length)
          await edit.attach({ id, blob: new Blob([read as Uint8Array<ArrayBuffer>]) });
      await edit.keepBeside(beside);
      return mends;
    },
    'none',
  );
  // All of it was checked as a file: the next start need not look through it, unless undo may bring back a shop that nobody looked through.
  if (isReplacing && !wasLookDue) await rememberLook(db);
  return mends;
}

/** All records as an edit sees them, in the frame of some project; null without a shop. */
export async function readWhole(edit: Edit, frame: Pick<ProjectFile, 'format' | 'version' | 'savedAtMs'>): Promise<ProjectFile | null> {
  const [shop] = await edit.list('shop');
  if (!shop) return null;
  const lists: [string, object[]][] = [];
  for (const table of TABLE_NAMES) if (table !== 'shop') lists.push([table, await edit.list(table)]);
  const { format, version, savedAtMs } = frame;
  return { format, version, savedAtMs, shop, ...Object.fromEntries(lists) } as unknown as ProjectFile;
}

/** Makes the records what a project says: others go, those that differ are put as they stand there. Bytes are the caller's. */
export async function putWhole(edit: Edit, project: ProjectFile): Promise<void> {
  for (const table of TABLE_NAMES) {
    const records = table === 'shop' ? [project.shop] : project[table];
    const kept = new Set(records.map((record) => record.id));
    for (const id of (await edit.whole(table)).keys()) if (!kept.has(id)) await edit.drop(table, id);
    for (const record of records) await edit.restore(table, record);
  }
}

/** What is here with the file's records over it. A ladder from the file takes its part's ladder's place, rungs and all. */
function overlay(here: ProjectFile, incoming: ProjectFile, lists: readonly RecordList[]): ProjectFile {
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
