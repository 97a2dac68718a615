import { ShopDatabase } from '../data/tables/database';
import { Store } from '../data/edits/store';
import { wipeEverything } from '../data/whole/wipe';

/** Edits of thousands of records without a worker. Stands in for `largeEdits` where there are none. */
export async function emptyShop(databaseName: string, nowMs: number): Promise<void> {
  const db = new ShopDatabase(databaseName);
  await wipeEverything(new Store(db, () => nowMs));
  db.close();
}
