import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import { FORMAT_NAME, FORMAT_VERSION } from '@zinc-ladder/model/file/fileFormat';
import type { ShopDatabase } from '../tables/database';
import type { LiveTables } from '../tables/liveTables';

/**
 * The whole shop as this tab holds it in memory, without the bytes of pictures and meshes; null where it holds none.
 *
 * @param savedAtMs the moment it is told to be of
 */
export function holdShop(tables: LiveTables, savedAtMs: number): ProjectFile | null {
  const { shop = [], ...lists } = Object.fromEntries(tables.everything() ?? []);
  const [one] = shop;
  return one ? ({ format: FORMAT_NAME, version: FORMAT_VERSION, savedAtMs, shop: one, ...lists } as unknown as ProjectFile) : null;
}

/** While a browser clears a database it opens none; it is asked so often, so many ms apart. */
const TRIES = 10;
const APART_MS = 300;

/** Whether the database was cleared behind this tab's back: one that was only closed is opened again by itself, and one that cannot be read is another matter. */
export async function isCleared(db: ShopDatabase): Promise<boolean> {
  for (let nth = 0; nth < TRIES; nth += 1) {
    // Also at first: of the end it is told before the old connection is let go.
    await new Promise((resolve) => setTimeout(resolve, nth === 0 ? 0 : APART_MS));
    try {
      // An opening that the browser broke off is not tried again by itself.
      if (!db.isOpen()) await db.open();
      return (await db.records('shop').count()) === 0;
    } catch (error) {
      console.warn('the database does not answer', error);
    }
  }
  return false;
}
