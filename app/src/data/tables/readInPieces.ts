import type { Table } from 'dexie';
import { isBucketed } from './buckets/bucketedTables';
import type { BucketRow, Kept } from './buckets/bucketRow';
import { recordsOf } from './buckets/bucketRow';
import type { ShopDatabase, StoredTable } from './database';

/** Records that are copied out of the database in one go: some ten milliseconds in which a page does nothing else. */
const PIECE_RECORDS = 1500;
const FIRST_ROWS = 16;

/** A table that was read. */
interface ReadTable {
  /** ordered by id */
  readonly records: Kept[];
  /** records by their row; null: each is a row of its own */
  readonly rows: Map<string, readonly Kept[]> | null;
}

/**
 * Reads a whole table in pieces so small that the page stays free; all of one state.
 *
 * @param isWanted asked between pieces: what is out of date is read no further
 * @returns null when it was not wanted any more
 */
export async function readInPieces(db: ShopDatabase, name: StoredTable, isWanted: () => boolean): Promise<ReadTable | null> {
  if (!isBucketed(name)) return { records: [...(await db.stored(name).toArray())], rows: null };
  const pieces: Kept[] = [];
  const byRow = new Map<string, readonly Kept[]>();
  const isWhole = await db.transaction('r', db.table(name), async (transaction) => {
    const table = transaction.table(name) as Table<BucketRow, string>;
    let size = FIRST_ROWS;
    let last: string | null = null;
    for (;;) {
      const rows: BucketRow[] = await (last === null ? table.orderBy('id') : table.where('id').above(last)).limit(size).toArray();
      for (const row of rows) byRow.set(row.id, row.records);
      const records = recordsOf(rows);
      for (const record of records) pieces.push(record);
      last = rows.at(-1)?.id ?? null;
      if (rows.length < size) return true;
      if (!isWanted()) return false;
      size = Math.max(1, Math.round((size * PIECE_RECORDS) / records.length));
    }
  });
  if (!isWhole) return null;
  // Pieces are ordered already: putting them together takes a third of sorting anew.
  return { records: pieces.sort((a, b) => (a.id < b.id ? -1 : 1)), rows: byRow };
}
