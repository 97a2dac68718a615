import type { ProjectBundle } from '@zinc-ladder/model/file/zipProject';
import type { Shop } from '@zinc-ladder/model/records/shop';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useClock } from '../../clock/ClockContext';
import type { ImportMode, ImportPreview } from '../../data/projectTransfer';
import { gatherProject, importProject, previewImport } from '../../data/projectTransfer';
import { useStore } from '../../data/StoreContext';
import { wipeEverything } from '../../data/wipe';
import { readProjectFile } from '../../engine/readProjectFile';
import { useNotices } from '../../shell/Notices';
import { Button } from '../../ui/Button';
import { FilePick } from '../../ui/FilePick';
import { ConfirmLoss } from '../../ui/ConfirmLoss';
import { toLocalInput } from '../../ui/localInput';
import { Sheet } from '../../ui/Sheet';
import { download, fileName } from '../../ui/download';
import { DemoClock } from './DemoClock';

interface Waiting {
  readonly name: string;
  readonly bundle: ProjectBundle;
  readonly merge: ImportPreview;
  readonly replace: ImportPreview;
}

/** Files out and in, the room the browser gives, and the demo's clock. */
export function FilesSection({ shop }: { readonly shop: Shop }) {
  const store = useStore();
  const clock = useClock();
  const { tell, tellError } = useNotices();
  const [waiting, setWaiting] = useState<Waiting | null>(null);
  const [reading, setReading] = useState<{ readonly name: string; readonly stop: AbortController } | null>(null);
  const guard = async (work: () => Promise<void>): Promise<void> => {
    try {
      await work();
    } catch (error) {
      tellError(error);
    }
  };
  const save = (as: 'zip' | 'json'): Promise<void> =>
    guard(async () => {
      const { writeProject, zipBundle } = await import('@zinc-ladder/model/file/zipProject');
      const bundle = await gatherProject(store.db, Math.round(clock.now()));
      const date = toLocalInput(clock.now(), shop.timeZone).slice(0, 10);
      if (as === 'zip') download(zipBundle(bundle) as Uint8Array<ArrayBuffer>, fileName(shop.name, date, 'zip'), 'application/zip');
      else download(writeProject(bundle.project), fileName(shop.name, date, 'json'), 'application/json');
    });
  const open = async (file: File): Promise<void> => {
    const stop = new AbortController();
    setReading({ name: file.name, stop });
    await guard(async () => {
      try {
        const bundle = await readProjectFile(file, stop.signal);
        setWaiting({
          name: file.name,
          bundle,
          merge: await previewImport(store.db, bundle, 'merge'),
          replace: await previewImport(store.db, bundle, 'replace'),
        });
      } catch (error) {
        if (!stop.signal.aborted) throw error;
      }
    });
    setReading(null);
  };
  const take = (mode: ImportMode): Promise<void> =>
    guard(async () => {
      if (!waiting) return;
      await importProject(store, waiting.bundle, mode);
      setWaiting(null);
      tell(mode === 'merge' ? 'Merged' : 'Replaced', 'Undo takes it back.');
    });
  return (
    <div className="grid items-start gap-4 md:grid-cols-2">
      <Sheet className="grid gap-3 p-4" label="Take it away">
        <h2 className="font-label text-xl font-semibold">Take it away</h2>
        <p className="text-dim">
          The zip holds everything: the project as one JSON file, with pictures and meshes beside it. The JSON alone is without those.
        </p>
        <div className="flex flex-wrap gap-3">
          <Button look="primary" isLarge onClick={() => void save('zip')}>
            Save everything (zip)
          </Button>
          <Button isLarge onClick={() => void save('json')}>
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
        {reading && (
          <p role="status" className="flex items-center gap-3">
            Reading {reading.name}…<Button onClick={() => reading.stop.abort()}>Stop</Button>
          </p>
        )}
        {waiting && (
          <div role="status" className="border-lime border-l-4 pl-4">
            <p className="font-semibold">{waiting.name} is sound.</p>
            <div className="mt-2 grid gap-2 sm:grid-cols-2">
              <Choice act="Merge" preview={waiting.merge} onTake={() => void take('merge')} />
              <Choice act="Replace everything" preview={waiting.replace} onTake={() => void take('replace')} />
            </div>
            <Button look="quiet" className="mt-2" onClick={() => setWaiting(null)}>
              Leave it
            </Button>
          </div>
        )}
      </Sheet>
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
          onConfirm={() => void guard(() => wipeEverything(store))}
        />
      </Sheet>
    </div>
  );
}

function Choice({ act, preview, onTake }: { readonly act: string; readonly preview: ImportPreview; readonly onTake: () => void }) {
  return (
    <div>
      <Button isLarge onClick={onTake}>
        {act}
      </Button>
      <p className="text-dim text-sm">
        {preview.added} added, {preview.replaced} overwritten, {preview.removed} taken away
      </p>
    </div>
  );
}

function StorageSheet() {
  const query = useQuery({
    queryKey: ['storage'],
    queryFn: async () => {
      const [estimate, isPersisted] = await Promise.all([navigator.storage.estimate(), navigator.storage.persisted()]);
      return { usage: estimate.usage ?? 0, quota: estimate.quota ?? 0, isPersisted };
    },
    networkMode: 'always',
  });
  const ask = async (): Promise<void> => {
    await navigator.storage.persist();
    await query.refetch();
  };
  if (!query.data) return null;
  const { usage, quota, isPersisted } = query.data;
  return (
    <Sheet className="grid gap-2 p-4" label="Room">
      <h2 className="font-label text-xl font-semibold">Room in this browser</h2>
      <p>
        <span className="figure">{(usage / 1024 / 1024).toFixed(1)} MB</span> of about{' '}
        <span className="figure">{Math.round(quota / 1024 / 1024)} MB</span> used.
      </p>
      <p className="text-dim">
        {isPersisted
          ? 'The browser has promised to keep it.'
          : 'The browser may clear it when the disk runs short; it has not promised to keep it.'}
      </p>
      {!isPersisted && (
        <Button className="justify-self-start" onClick={() => void ask()}>
          Ask it to keep the shop
        </Button>
      )}
    </Sheet>
  );
}
