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
  const rows: BucketRow[] = [];
  await db.transaction('r', db.table(name), async (transaction) => {
    const table = transaction.table(name) as Table<BucketRow, string>;
    let size = FIRST_ROWS;
    for (;;) {
      const last = rows.at(-1);
      const piece = await (last ? table.where('id').above(last.id) : table.orderBy('id')).limit(size).toArray();
      rows.push(...piece);
      if (piece.length < size) return;
      const records = piece.reduce((sum, row) => sum + row.records.length, 0);
      size = Math.max(1, Math.round((size * PIECE_RECORDS) / records));
    }
  });
  return recordsOf(rows);
}
