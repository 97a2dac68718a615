import type { ShopDatabase } from '../../data/tables/database';
import type { ActTouched } from './writeFaultReport';

const MOST_ACTS = 8;

/** What the last edits touched, newest first; nothing of what they wrote. */
export async function lastActs(db: ShopDatabase): Promise<readonly ActTouched[]> {
  const rows = await db.history.orderBy('seq').reverse().limit(MOST_ACTS).toArray();
  const changes = await db.historyChanges.bulkGet(rows.map((row) => row.seq));
  return rows.map(({ atMs }, at) => {
    const touched: Record<string, number> = {};
    const kept = changes[at];
    for (const { table } of kept?.changes ?? []) touched[table] = (touched[table] ?? 0) + 1;
    if (kept?.packed) touched['thousands of records'] = 1;
    return { atMs, touched };
  });
}
