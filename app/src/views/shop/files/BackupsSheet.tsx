import type { BackupFile, BackupReason } from '../../../features/backups/backupPlace';
import { BEFORE_KEPT, DAILY_KEPT } from '../../../features/backups/backupPlace';
import { useBackups } from '../../../features/backups/BackupContext';
import { useStore } from '../../../data/StoreContext';
import { useNotices } from '../../../features/notices/Notices';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';

const REASON_WORDS: Readonly<Record<BackupReason, string>> = {
  daily: 'of the day',
  'before-replace': 'before a file took its place',
  'before-empty': 'before it was emptied',
  'before-demo': 'before the demo was loaded',
  'before-upgrade': 'before a new version of the program',
};

type DirectoryPicker = (options: { readonly mode: 'readwrite' }) => Promise<FileSystemDirectoryHandle>;

/** Backups kept by themselves: which there are, one to look at and bring back, and a folder of one's own for them. */
export function BackupsSheet({ onOpen }: { readonly onOpen: (file: File) => void }) {
  const { place, files, keep, refresh } = useBackups();
  const store = useStore();
  const formats = useFormats();
  const { tell, tellError } = useNotices();
  const picker = (window as unknown as { showDirectoryPicker?: DirectoryPicker }).showDirectoryPicker;
  const open = async ({ name }: BackupFile): Promise<void> => {
    try {
      const blob = await place?.read(name);
      if (blob) onOpen(new File([blob], name));
    } catch (error) {
      tellError(error);
    }
  };
  const chooseFolder = async (): Promise<void> => {
    try {
      const folder = await picker?.call(window, { mode: 'readwrite' });
      if (!folder) return;
      await store.db.meta.put({ key: 'backupFolder', value: folder });
      await refresh();
      tell('Backups go to that folder now', folder.name);
    } catch (error) {
      // Leaving the picker without a choice is no failure.
      if (!(error instanceof DOMException && error.name === 'AbortError')) tellError(error);
    }
  };
  return (
    <Sheet className="grid gap-3 p-4" label="Backups">
      <h2 className="font-label text-xl font-semibold">Backups by themselves</h2>
      {place ? (
        <p className="text-dim">
          Kept once a day when something was done, and before a file, the demo or emptying takes its place: the last {DAILY_KEPT} days and
          the last {BEFORE_KEPT} of the others. They lie in this browser, so they go with it: save a file elsewhere from time to time.
        </p>
      ) : (
        <p className="text-dim">This browser has no file store, so nothing is kept by itself. Save a file from time to time.</p>
      )}
      {place && files.length === 0 && <p>None yet.</p>}
      {files.length > 0 && (
        <ul aria-label="Backups">
          {files.map((file) => (
            <li key={file.name} className="border-line flex flex-wrap items-center gap-x-4 border-t py-1.5">
              <span className="figure">{formats.full(file.atMs)}</span>
              <span className="text-dim mr-auto">
                {REASON_WORDS[file.reason]}, {Math.max(1, Math.round(file.bytes / 1024))} kB
              </span>
              <Button look="quiet" aria-label={`Look at it: the backup of ${formats.full(file.atMs)}`} onClick={() => void open(file)}>
                Look at it
              </Button>
            </li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap gap-3">
        {place && (
          <Button onClick={() => void keep('daily').then((isKept) => tell(isKept ? 'A backup is kept' : 'No backup could be kept'))}>
            Keep one now
          </Button>
        )}
        {picker && <Button onClick={() => void chooseFolder()}>Keep them in a folder</Button>}
      </div>
    </Sheet>
  );
}
