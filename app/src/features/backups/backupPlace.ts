/** A file of a backup: a saved shop the application kept by itself. */
export interface BackupFile {
  readonly name: string;
  readonly atMs: number;
  readonly reason: BackupReason;
  readonly bytes: number;
}

/** Why a backup was kept. */
export type BackupReason = 'daily' | 'before-replace' | 'before-empty' | 'before-demo' | 'before-upgrade';

/** Somewhere backups are kept: the browser's own file store, or a folder of the finisher's. */
export interface BackupPlace {
  readonly list: () => Promise<readonly BackupFile[]>;
  readonly write: (name: string, blob: Blob) => Promise<void>;
  readonly read: (name: string) => Promise<Blob>;
  readonly remove: (name: string) => Promise<void>;
}

const NAME = /^zinc-ladder-(\d{4}-\d\d-\d\d)T(\d\d)-(\d\d)-(\d\d)\.(\d{3})Z-(daily|before-(?:replace|empty|demo|upgrade))\.zip$/u;

/** The name a backup is kept under; it tells when and why. */
export function backupName(atMs: number, reason: BackupReason): string {
  return `zinc-ladder-${new Date(atMs).toISOString().replaceAll(':', '-')}-${reason}.zip`;
}

/** When and why by its name; null for a file that is no backup. */
export function readBackupName(name: string): Pick<BackupFile, 'name' | 'atMs' | 'reason'> | null {
  const [, day, hour, minute, second, part, reason] = NAME.exec(name) ?? [];
  if (!day) return null;
  return { name, atMs: Date.parse(`${day}T${hour}:${minute}:${second}.${part}Z`), reason: reason as BackupReason };
}

/** Daily ones kept. */
export const DAILY_KEPT = 7;
/** Ones kept from before something large was done. */
export const BEFORE_KEPT = 5;

/** Which backups give way: all but the newest seven daily ones and the newest five from before something large. */
export function backupsToDrop(files: readonly BackupFile[]): readonly BackupFile[] {
  const newest = [...files].sort((a, b) => b.atMs - a.atMs);
  const daily = newest.filter((file) => file.reason === 'daily');
  const before = newest.filter((file) => file.reason !== 'daily');
  return [...daily.slice(DAILY_KEPT), ...before.slice(BEFORE_KEPT)];
}
