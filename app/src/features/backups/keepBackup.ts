import { packProjectFile } from '../../workers/files/packProjectFile';
import type { ShopDatabase } from '../../data/tables/database';
import type { BackupPlace, BackupReason } from './backupPlace';
import { backupName, backupsToDrop } from './backupPlace';

const DAY_MS = 86_400_000;

/** Backups are kept one after another: two at once would pack the same shop twice. */
let last: Promise<unknown> = Promise.resolve();

/** A shop that is packed while something else is waited for. Nothing of it is kept until a backup is asked for. */
export interface PackedAhead {
  /** the file, when it holds the shop as it is in some state; null when it does not, or could not be made */
  readonly of: (state: string) => Promise<Blob | null>;
  /** ends it: the file is not wanted any more */
  readonly stop: () => void;
}

/** Begins to pack the shop, unless it is kept as it is already. */
export function packAhead(db: ShopDatabase, place: BackupPlace, nowMs: number): PackedAhead {
  const stop = new AbortController();
  const pack = async (): Promise<{ readonly state: string; readonly blob: Blob } | null> => {
    const state = await stateOfShop(db);
    if (await isKept(db, place, state)) return null;
    const { blob } = await packProjectFile(db.name, Math.round(nowMs), 'zip', stop.signal);
    return { state, blob };
  };
  // Whoever keeps the backup packs it then, and is told what is wrong.
  const packed = pack().catch(() => null);
  return {
    of: async (state) => {
      const own = await packed;
      return own?.state === state ? own.blob : null;
    },
    stop: () => stop.abort(new DOMException('not wanted any more', 'AbortError')),
  };
}

/** How a backup is kept. */
export interface BackupOptions {
  readonly signal?: AbortSignal;
  /** what was packed already, or is about to be */
  readonly ahead?: PackedAhead | null;
}

/**
 * Packs the shop and keeps it in a place; older backups give way once it is there. Where one was kept since the last edit, that one stands.
 *
 * @returns the name of what was kept; null when there was one already
 * @throws the signal's reason when it was stopped; nothing is kept then
 */
export function keepBackup(
  db: ShopDatabase,
  place: BackupPlace,
  reason: BackupReason,
  nowMs: number,
  { signal, ahead = null }: BackupOptions = {},
): Promise<string | null> {
  const run = async (): Promise<string | null> => {
    const state = await stateOfShop(db);
    if (await isKept(db, place, state)) return null;
    const stopAhead = (): void => ahead?.stop();
    signal?.addEventListener('abort', stopAhead);
    const ready = await ahead?.of(state).finally(() => signal?.removeEventListener('abort', stopAhead));
    signal?.throwIfAborted();
    const blob = ready ?? (await packProjectFile(db.name, Math.round(nowMs), 'zip', signal)).blob;
    signal?.throwIfAborted();
    const name = backupName(nowMs, reason);
    await place.write(name, blob);
    await db.meta.put({ key: 'backedUp', value: `${state} ${name}` });
    for (const file of backupsToDrop(await place.list())) await place.remove(file.name);
    return name;
  };
  const kept = last.then(run, run);
  last = kept;
  return kept;
}

/** Whether the shop is kept in some state already. */
async function isKept(db: ShopDatabase, place: BackupPlace, state: string): Promise<boolean> {
  const known = (await db.meta.get('backedUp'))?.value;
  return typeof known === 'string' && (await place.list()).some(({ name }) => known === `${state} ${name}`);
}

/** Names the state of the shop by its edits: the last, and how many are undone. What a sensor writes is none. */
async function stateOfShop(db: ShopDatabase): Promise<string> {
  const newest = (await db.history.orderBy('seq').last())?.seq ?? 0;
  return `${newest}-${await db.history.where('isUndone').equals(1).count()}`;
}

/** Whether a daily backup is due: none for a day, and something was done since the last. */
export async function isBackupDue(db: ShopDatabase, place: BackupPlace, nowMs: number): Promise<boolean> {
  const [last] = (await place.list()).filter((file) => file.reason === 'daily');
  const changed = (await db.history.orderBy('seq').last())?.atMs ?? null;
  if ((await db.records('shop').count()) === 0 || changed === null) return false;
  return last === undefined || (nowMs - last.atMs >= DAY_MS && changed > last.atMs);
}
