import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useClock } from '../../clock/ClockContext';
import { newShop, starterProducts } from '../../data/changes/shop/newShop';
import { leaveDemo, loadDemo } from '../../features/transfer/demo';
import { newId } from '../../base/newId';
import { useStore } from '../../data/StoreContext';
import { useEdit } from '../../features/edit/useEdit';
import { openProjectFile } from '../../workers/files/openProjectFile';
import { Button } from '../../ui/Button';
import { FilePick } from '../../ui/fields/FilePick';
import { useNotices } from '../../features/notices/Notices';
import { UndoOffer } from './UndoOffer';

/** The first screen of a new browser: start a shop, take a file in, or look at the demo. */
export function FirstRun() {
  const edit = useEdit();
  const navigate = useNavigate();
  const store = useStore();
  const clock = useClock();
  const { tellError } = useNotices();
  const [isBusy, setIsBusy] = useState(false);
  const [isFetching, setFetching] = useState(false);
  const run = async (work: () => Promise<unknown>): Promise<void> => {
    setIsBusy(true);
    try {
      await work();
    } catch (error) {
      tellError(error);
    } finally {
      setIsBusy(false);
    }
  };
  const fetchDemo = async (): Promise<void> => {
    setFetching(true);
    try {
      await loadDemo(store, clock);
    } finally {
      setFetching(false);
    }
  };
  const start = async (): Promise<void> => {
    await leaveDemo(store, clock);
    const isStarted = await edit('Start the shop', async (change) => {
      await change.put('shop', newShop(newId(), Intl.DateTimeFormat().resolvedOptions().timeZone, navigator.language));
      for (const product of starterProducts(newId)) await change.put('products', product);
    });
    // From now on it is counted how long the shop was not saved to a file.
    await store.db.meta.put({ key: 'savedAtMs', value: clock.now() });
    if (isStarted) void navigate('/start');
  };
  const openFile = async (file: File): Promise<void> => {
    const stop = new AbortController();
    const opened = await openProjectFile(store.db.name, file, stop.signal, () => undefined);
    try {
      await leaveDemo(store, clock);
      await opened.take('replace', Math.round(clock.now()), stop.signal);
    } finally {
      opened.close();
    }
    await store.tables.reload();
    await store.db.meta.put({ key: 'savedAtMs', value: clock.now() });
  };
  return (
    <main className="mx-auto max-w-2xl p-6 md:pt-24">
      <h1 className="font-label mb-2 text-5xl font-semibold">Zinc Ladder</h1>
      <p className="text-dim mb-8 text-lg">
        A finish is climbed, rung by rung. Describe a printed part and the finish it should get; the ladder, the plan around cure times and
        the bench follow from it. All of it stays in this browser and in the files you save.
      </p>
      <div className="flex flex-wrap gap-3">
        <Button look="primary" isLarge disabled={isBusy} onClick={() => void run(start)}>
          Start my shop
        </Button>
        <FilePick
          accept=".json,.zip,application/json,application/zip"
          isLarge
          disabled={isBusy}
          onPick={(file) => void run(() => openFile(file))}
        >
          Open a file
        </FilePick>
        <Button isLarge disabled={isBusy} onClick={() => void run(fetchDemo)}>
          Look at the demo
        </Button>
      </div>
      <p role="status" className="mt-4 min-h-6">
        {isFetching && 'Fetching the demo…'}
      </p>
      <UndoOffer />
    </main>
  );
}
