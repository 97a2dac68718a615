import { ShopDatabase } from '../data/database';
import { Store } from '../data/store';
import { wipeEverything } from '../data/wipe';

/** Edits of thousands of records without a worker. Stands in for `largeEdits` where there are none. */
export async function emptyShop(databaseName: string, nowMs: number): Promise<void> {
  const db = new ShopDatabase(databaseName);
  await wipeEverything(new Store(db, () => nowMs));
  db.close();
}
