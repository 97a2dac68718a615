import type { Table } from 'dexie';
import { isBucketed } from './buckets/bucketedTables';
import type { BucketRow, Kept } from './buckets/bucketRow';
import { recordsOf } from './buckets/bucketRow';
import type { ShopDatabase, StoredTable } from './database';

/** Records that are copied out of the database in one go: some ten milliseconds in which a page does nothing else. */
const PIECE_RECORDS = 1500;
const FIRST_ROWS = 16;

/** Reads a whole table, ordered by id, in pieces so small that the page stays free; all of one state. */
export async function readInPieces(db: ShopDatabase, name: StoredTable): Promise<Kept[]> {
  if (!isBucketed(name)) return [...(await db.stored(name).toArray())];
  const pieces: Kept[] = [];
  await db.transaction('r', db.table(name), async (transaction) => {
    const table = transaction.table(name) as Table<BucketRow, string>;
    let size = FIRST_ROWS;
    let last: string | null = null;
    for (;;) {
      const rows: BucketRow[] = await (last === null ? table.orderBy('id') : table.where('id').above(last)).limit(size).toArray();
      const records = recordsOf(rows);
      for (const record of records) pieces.push(record);
      last = rows.at(-1)?.id ?? null;
      if (rows.length < size) return;
      size = Math.max(1, Math.round((size * PIECE_RECORDS) / records.length));
    }
  });
  // Pieces are ordered already: putting them together takes a third of sorting anew.
  return pieces.sort((a, b) => (a.id < b.id ? -1 : 1));
}
