import { FORMAT_NAME } from '@zinc-ladder/model/file/fileFormat';
import Dexie from 'dexie';
import type { ProjectBundle } from '@zinc-ladder/model/file/zipProject';
import type { TableName } from '@zinc-ladder/model/file/tableNames';
import { TABLE_NAMES } from '@zinc-ladder/model/file/tableNames';
import type { BucketRow } from '../../data/tables/buckets/bucketRow';
import { recordsOf } from '../../data/tables/buckets/bucketRow';
import { isBucketed } from '../../data/tables/buckets/bucketedTables';
import { DATABASE_VERSION } from '../../data/tables/database';
import type { BackupPlace } from './backupPlace';
import { backupName } from './backupPlace';

/** The version of the format that each version of the database holds, from the first on: the sixth only laid rows out anew. */
export const FORMAT_OF_DATABASE: readonly number[] = [1, 2, 3, 4, 5, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19];
/** From this version on some tables keep many records in a row. */
const FIRST_WITH_ROWS = 6;

/**
 * Before a database of an older version is upgraded, saves it as a project file of that version, which can be read like any other.
 *
 * @returns the backup's name; null when there was nothing to keep
 */
export async function backUpBeforeUpgrade(databaseName: string, place: BackupPlace, nowMs: number): Promise<string | null> {
  if (!(await Dexie.exists(databaseName))) return null;
  // Without versions declared it is opened as it is.
  const old = new Dexie(databaseName);
  try {
    await old.open();
    if (old.verno >= DATABASE_VERSION) return null;
    const tables = new Map(old.tables.map((table) => [table.name, table]));
    const shop: unknown = await tables.get('shop')?.toCollection().first();
    if (!shop) return null;
    const lists = await Promise.all(
      TABLE_NAMES.filter((name) => name !== 'shop' && tables.has(name)).map(async (name) => [name, await readTable(old, name)] as const),
    );
    const { zipBundle } = await import('@zinc-ladder/model/file/zipProject');
    const rows = (await tables.get('attachments')?.toArray()) ?? [];
    const attachments = new Map<string, Uint8Array>();
    for (const { id, blob, bytes } of rows as { id: string; blob?: Blob; bytes?: Uint8Array }[]) {
      const read = bytes ?? (blob && new Uint8Array(await blob.arrayBuffer()));
      if (read) attachments.set(id, read);
    }
    const project = {
      format: FORMAT_NAME,
      version: FORMAT_OF_DATABASE[old.verno - 1],
      savedAtMs: Math.round(nowMs),
      shop,
      ...Object.fromEntries(lists),
    };
    const packed = await zipBundle({ project, attachments } as unknown as ProjectBundle);
    const name = backupName(nowMs, 'before-upgrade');
    await place.write(name, new Blob([packed]));
    return name;
  } finally {
    old.close();
  }
}

/** The records of a table, whichever way the version laid them out. */
async function readTable(old: Dexie, name: TableName): Promise<unknown[]> {
  const rows = (await old.table(name).toArray()) as unknown[];
  return old.verno >= FIRST_WITH_ROWS && isBucketed(name) ? recordsOf(rows as BucketRow[]) : rows;
}
