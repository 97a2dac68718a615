import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useEffect, useRef, useState } from 'react';
import { VERSION } from '../../../base/version';
import { useClock } from '../../../clock/ClockContext';
import type { ImportMode } from '../../../data/whole/projectTransfer';
import type { PackedAhead } from '../../../features/backups/keepBackup';
import { useBackups } from '../../../features/backups/BackupContext';
import { useStore } from '../../../data/StoreContext';
import { packProjectFile } from '../../../workers/files/packProjectFile';
import type { OpenedFile } from '../../../workers/files/openProjectFile';
import { emptyShop } from '../../../workers/files/largeEdits';
import { openProjectFile } from '../../../workers/files/openProjectFile';
import { getPlanWorker } from '../../../workers/plan/planClient';
import { useNotices } from '../../../features/notices/Notices';
import { Button } from '../../../ui/Button';
import { FilePick } from '../../../ui/fields/FilePick';
import { ConfirmLoss } from '../../../features/edit/ConfirmLoss';
import { toLocalInput } from '../../../base/localInput';
import { Sheet } from '../../../ui/Sheet';
import { download, fileName } from '../../../base/download';
import { BackupsSheet } from './BackupsSheet';
import { DemoClock } from './DemoClock';
import { ImportChoice } from './ImportChoice';
import { StorageSheet } from './StorageSheet';

interface Waiting {
  readonly name: string;
  readonly file: OpenedFile;
  /** the shop as it is, being packed for the backup before it is replaced */
  readonly ahead: PackedAhead | null;
}

/** What is being worked at, and how it is stopped. */
interface Working {
  readonly words: string;
  readonly stop: AbortController | null;
}

const TAKING = 'Taking it in: until it is there, all of it is as it was…';

function close(waiting: Waiting | null): void {
  waiting?.file.close();
  waiting?.ahead?.stop();
}

/** Stops the search for a plan, or lets it go on. A worker that is gone searches no more either. */
async function holdSearch(isHolding: boolean): Promise<void> {
  await getPlanWorker()
    .hold(isHolding)
    .catch(() => undefined);
}

/** Files out and in, backups, the room the browser gives, and the demo's clock. */
export function FilesSection({ shop }: { readonly shop: Shop }) {
  const store = useStore();
  const clock = useClock();
  const backups = useBackups();
  const { tell, tellError, tellList } = useNotices();
  const [waiting, setWaiting] = useState<Waiting | null>(null);
  const [working, setWorking] = useState<Working | null>(null);
  const isTaking = useRef(false);
  useEffect(
    () => () => {
      // A file that nobody can take in any more must not stay in memory; one that is being taken in is let go of then.
      if (!isTaking.current) close(waiting);
    },
    [waiting],
  );
  const guard = async (words: string, stop: AbortController | null, work: () => Promise<void>): Promise<void> => {
    setWorking({ words, stop });
    try {
      await work();
    } catch (error) {
      if (!stop?.signal.aborted) tellError(error);
    } finally {
      setWorking(null);
    }
  };
  const letGo = (): void => {
    close(waiting);
    setWaiting(null);
  };
  const save = (as: 'zip' | 'json'): Promise<void> => {
    const stop = new AbortController();
    return guard('Packing and reading back…', stop, async () => {
      const nowMs = Math.round(clock.now());
      const { blob } = await packProjectFile(store.db.name, nowMs, as, stop.signal);
      const date = toLocalInput(nowMs, shop.timeZone).slice(0, 10);
      download(blob, fileName(shop.name, date, as), blob.type);
      // The records alone are no whole copy.
      if (as === 'zip') await store.db.meta.put({ key: 'savedAtMs', value: nowMs });
    });
  };
  const open = (file: File): Promise<void> => {
    const stop = new AbortController();
    letGo();
    return guard(`Reading and checking ${file.name}…`, stop, async () => {
      const compare = (): void => setWorking({ words: `${file.name} is sound; holding it against the shop…`, stop });
      void holdSearch(true);
      // Packing takes as long as reading, and whoever opens a file is likely to replace everything by it.
      const ahead = backups.packAhead();
      try {
        setWaiting({ name: file.name, file: await openProjectFile(store.db.name, file, stop.signal, compare), ahead });
      } catch (error) {
        ahead?.stop();
        throw error;
      }
    }).finally(() => void holdSearch(false));
  };
  const take = (mode: ImportMode): Promise<void> => {
    const stop = new AbortController();
    return guard(mode === 'replace' ? 'Keeping a backup of what is here…' : TAKING, stop, async () => {
      if (!waiting) return;
      isTaking.current = true;
      // What is planned meanwhile is of a shop that is about to be another.
      void holdSearch(true);
      if (mode === 'replace') await backups.keep('before-replace', { signal: stop.signal, ahead: waiting.ahead });
      setWorking({ words: TAKING, stop });
      const lastEdit = async (): Promise<number | undefined> => (await store.db.history.orderBy('seq').last())?.seq;
      const before = await lastEdit();
      const mends = await waiting.file.take(mode, Math.round(clock.now()), stop.signal);
      letGo();
      await store.tables.reload();
      // A file that holds what is here already leaves nothing to undo: undo would take back what was done before it.
      const isChanged = (await lastEdit()) !== before;
      tell(
        mode === 'merge' ? 'Merged' : 'Replaced',
        isChanged ? 'Undo takes it back.' : 'It holds what is here already: nothing was changed.',
      );
      if (mends.length > 0)
        tellList(
          'Mended on the way',
          '',
          mends.map(({ list, name, what }) => ({ path: name || list, message: what })),
        );
    }).finally(() => {
      isTaking.current = false;
      void holdSearch(false);
    });
  };
  const empty = (): Promise<void> =>
    guard('Emptying…', null, async () => {
      await backups.keep('before-empty');
      await emptyShop(store.db.name, Math.round(clock.now()));
      await store.tables.reload();
    });
  return (
    <div className="grid items-start gap-4 md:grid-cols-2">
      {working && (
        <p role="status" className="border-lime bg-sheet flex min-h-11 items-center gap-3 border-l-4 px-4 md:col-span-2">
          {working.words}
          {working.stop && <Button onClick={() => working.stop?.abort(new DOMException('stopped', 'AbortError'))}>Stop</Button>}
        </p>
      )}
      <Sheet className="grid gap-3 p-4" label="Take it away">
        <h2 className="font-label text-xl font-semibold">Take it away</h2>
        <p className="text-dim">
          The zip holds everything: the project as one JSON file, with pictures and meshes beside it. The JSON alone is without those.
          Either is read back before it is given out.
        </p>
        <div className="flex flex-wrap gap-3">
          <Button look="primary" isLarge disabled={working !== null} onClick={() => void save('zip')}>
            Save everything (zip)
          </Button>
          <Button isLarge disabled={working !== null} onClick={() => void save('json')}>
            Save records (JSON)
          </Button>
        </div>
      </Sheet>
      <Sheet className="grid gap-3 p-4" label="Bring it in">
        <h2 className="font-label text-xl font-semibold">Bring it in</h2>
        <p className="text-dim">A file is read whole and checked before anything here is touched.</p>
        <FilePick accept=".json,.zip,application/json,application/zip" isLarge onPick={(file) => void open(file)}>
          Open a file
        </FilePick>
        {waiting && (
          <div role="status" className="border-lime border-l-4 pl-4">
            <p className="font-semibold">{waiting.name} is sound.</p>
            <div className="mt-2 grid gap-2 sm:grid-cols-2">
              <ImportChoice act="Merge" preview={waiting.file.merge} isBusy={working !== null} onTake={() => void take('merge')} />
              <ImportChoice
                act="Replace everything"
                preview={waiting.file.replace}
                isBusy={working !== null}
                onTake={() => void take('replace')}
              />
            </div>
            <Button look="quiet" className="mt-2" onClick={letGo}>
              Leave it
            </Button>
          </div>
        )}
      </Sheet>
      <BackupsSheet onOpen={(file) => void open(file)} />
      <StorageSheet />
      <DemoClock />
      <Sheet className="grid gap-3 p-4" label="Start over">
        <h2 className="font-label text-xl font-semibold">Start over</h2>
        <p className="text-dim">Empties this browser's copy. Undo on the first screen brings it back; a saved file is safer.</p>
        <ConfirmLoss
          trigger={
            <Button look="danger" className="justify-self-start">
              Empty the shop
            </Button>
          }
          title="Empty the shop?"
          detail="Every prop, ladder, card, product and log entry goes. Undo brings them back as long as nothing else is done; save a file first to be sure."
          act="Empty it"
          onConfirm={() => void empty()}
        />
      </Sheet>
      <p className="text-dim md:col-span-2">
        Zinc Ladder <span className="figure">{VERSION}</span> ·{' '}
        <a href="/third-party.txt" target="_blank" rel="noreferrer" className="underline">
          Packages and fonts in it, and their licences
        </a>
      </p>
    </div>
  );
}
