import { useQuery, useQueryClient } from '@tanstack/react-query';
import { createContext, useContext, useEffect } from 'react';
import type { ReactNode } from 'react';
import { useClock } from '../../clock/ClockContext';
import { useStore } from '../../data/StoreContext';
import type { BackupFile, BackupPlace, BackupReason } from './backupPlace';
import { browserPlace, folderPlace } from './folderPlace';
import type { BackupOptions, PackedAhead } from './keepBackup';
import { isBackupDue, keepBackup, packAhead } from './keepBackup';

const LOOK_EVERY_MS = 3_600_000;
/** The first look waits until the views are there: packing a large shop takes its time. */
const FIRST_LOOK_MS = 20_000;
const KEY = ['backups'] as const;

interface Backups {
  /** where they are kept; null: this browser has no file store */
  readonly place: BackupPlace | null;
  readonly files: readonly BackupFile[];
  /** keeps one now; resolves to whether it was kept, and rejects with the signal's reason when it was stopped */
  readonly keep: (reason: BackupReason, how?: BackupOptions) => Promise<boolean>;
  /** begins to pack the shop, so that a backup of it need only be written */
  readonly packAhead: () => PackedAhead | null;
  readonly refresh: () => Promise<void>;
}

const BackupContext = createContext<Backups>({
  place: null,
  files: [],
  keep: () => Promise.resolve(false),
  packAhead: () => null,
  refresh: () => Promise.resolve(),
});

/** Keeps a backup of the shop each day something was done, as long as the page is open, and gives the others. */
export function BackupProvider({ children }: { readonly children: ReactNode }) {
  const store = useStore();
  const clock = useClock();
  const client = useQueryClient();
  const query = useQuery({
    queryKey: KEY,
    queryFn: async () => {
      const folder = (await store.db.meta.get('backupFolder'))?.value;
      const place = folder instanceof Object ? folderPlace(folder) : await browserPlace();
      return { place, files: (await place?.list().catch(() => [])) ?? [] };
    },
    staleTime: Infinity,
    networkMode: 'always',
  });
  const place = query.data?.place ?? null;
  const refresh = (): Promise<void> => client.invalidateQueries({ queryKey: KEY });
  const wallMs = (): number => clock.now() - clock.offsetMs();
  const keep: Backups['keep'] = async (reason, how = {}) => {
    if (!place) return false;
    try {
      await keepBackup(store.db, place, reason, wallMs(), how);
      await refresh();
      return true;
    } catch (error) {
      how.signal?.throwIfAborted();
      // A backup is a second net: what it was to stand under goes on without it, and the Files page shows that there is none.
      console.warn(error);
      return false;
    }
  };
  const begin: Backups['packAhead'] = () => (place ? packAhead(store.db, place, wallMs()) : null);
  useEffect(() => {
    if (!place) return undefined;
    const look = async (): Promise<void> => {
      try {
        const wallMs = clock.now() - clock.offsetMs();
        if (!(await isBackupDue(store.db, place, wallMs))) return;
        await keepBackup(store.db, place, 'daily', wallMs);
        await client.invalidateQueries({ queryKey: KEY });
      } catch (error) {
        console.warn(error);
      }
    };
    const first = setTimeout(() => void look(), FIRST_LOOK_MS);
    const every = setInterval(() => void look(), LOOK_EVERY_MS);
    return () => {
      clearTimeout(first);
      clearInterval(every);
    };
  }, [place, store, clock, client]);
  return <BackupContext value={{ place, files: query.data?.files ?? [], keep, packAhead: begin, refresh }}>{children}</BackupContext>;
}

/** The backups there are, and how to keep one. */
export function useBackups(): Backups {
  return useContext(BackupContext);
}
