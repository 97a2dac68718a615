import type { BackupFile, BackupPlace } from './backupPlace';
import { readBackupName } from './backupPlace';

/** A folder, in the browser's file store or on the disk, as a place for backups. Other files in it are left alone. */
export function folderPlace(folder: FileSystemDirectoryHandle): BackupPlace {
  return {
    list: async () => {
      const found: BackupFile[] = [];
      for await (const [name, handle] of folder.entries()) {
        const known = readBackupName(name);
        if (known && handle.kind === 'file') found.push({ ...known, bytes: (await (handle as FileSystemFileHandle).getFile()).size });
      }
      return found.sort((a, b) => b.atMs - a.atMs);
    },
    write: async (name, blob) => {
      const handle = await folder.getFileHandle(name, { create: true });
      const stream = await handle.createWritable();
      // Closed only when all of it is written: a backup is whole or it is not there.
      await stream.write(blob);
      await stream.close();
    },
    read: async (name) => (await folder.getFileHandle(name)).getFile(),
    remove: async (name) => folder.removeEntry(name),
  };
}

/** The browser's own file store; null where it has none. */
export async function browserPlace(): Promise<BackupPlace | null> {
  try {
    const root = await navigator.storage.getDirectory();
    return folderPlace(await root.getDirectoryHandle('backups', { create: true }));
  } catch {
    // Private windows and older browsers refuse it; the Files page says that there are no backups then.
    return null;
  }
}
