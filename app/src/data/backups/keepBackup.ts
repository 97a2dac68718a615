import { packProjectFile } from '../../engine/packProjectFile';
import type { ShopDatabase } from '../database';
import type { BackupPlace, BackupReason } from './backupPlace';
import { backupName, backupsToDrop } from './backupPlace';

const DAY_MS = 86_400_000;

/**
 * Packs the shop and keeps it in a place; older backups give way once it is there.
 *
 * @returns its name
 */
export async function keepBackup(db: ShopDatabase, place: BackupPlace, reason: BackupReason, nowMs: number): Promise<string> {
  const { blob } = await packProjectFile(db.name, Math.round(nowMs), 'zip');
  const name = backupName(nowMs, reason);
  await place.write(name, blob);
  for (const file of backupsToDrop(await place.list())) await place.remove(file.name);
  return name;
}

/** Whether a daily backup is due: none for a day, and something was done since the last. */
export async function isBackupDue(db: ShopDatabase, place: BackupPlace, nowMs: number): Promise<boolean> {
  const [last] = (await place.list()).filter((file) => file.reason === 'daily');
  const changed = (await db.history.orderBy('seq').last())?.atMs ?? null;
  if ((await db.records('shop').count()) === 0 || changed === null) return false;
  return last === undefined || (nowMs - last.atMs >= DAY_MS && changed > last.atMs);
}
