import { useQuery } from '@tanstack/react-query';
import { useClock, useNow } from '../../../clock/ClockContext';
import { useBackups } from '../../../features/backups/BackupContext';
import { loadDemo, moveToToday, setClock } from '../../../features/transfer/demo';
import { tableKey } from '../../../data/tables/liveTables';
import { useStore } from '../../../data/StoreContext';
import { useNotices } from '../../../features/notices/Notices';
import { Button } from '../../../ui/Button';
import { ConfirmLoss } from '../../../features/edit/ConfirmLoss';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';

/** The demo's clock: what moment the shop is at, and how to come to today. */
export function DemoClock() {
  const store = useStore();
  const backups = useBackups();
  const clock = useClock();
  const now = useNow(1000);
  const formats = useFormats();
  const { tell, tellError } = useNotices();
  const meta = useQuery({ queryKey: tableKey('meta'), queryFn: () => store.db.meta.toArray(), staleTime: Infinity, networkMode: 'always' });
  const isDemo = meta.data?.some((row) => row.key === 'isDemo' && row.value === true) ?? false;
  const isShifted = clock.offsetMs() !== 0;
  const run = async (work: () => Promise<void>, told: string): Promise<void> => {
    try {
      await work();
      tell(told);
    } catch (error) {
      tellError(error);
    }
  };
  return (
    <Sheet className="grid gap-3 p-4" label="Clock and demo">
      <h2 className="font-label text-xl font-semibold">Clock and demo</h2>
      <p>
        The shop's clock says <span className="figure">{formats.full(now)}</span>
        {isShifted ? ', the demo’s moment and on from there.' : ', the time of this machine.'}
      </p>
      {isShifted && (
        <div className="flex flex-wrap gap-3">
          {isDemo && (
            <Button onClick={() => void run(() => moveToToday(store, clock), 'The demo now plays today')}>Bring the demo to today</Button>
          )}
          <Button onClick={() => void run(() => setClock(store, clock, null), 'The clock shows this machine’s time')}>
            Only set the clock to today
          </Button>
        </div>
      )}
      <ConfirmLoss
        trigger={<Button className="justify-self-start">{isDemo ? 'Start the demo again' : 'Load the demo'}</Button>}
        title={isDemo ? 'Start the demo again?' : 'Load the demo in place of your shop?'}
        detail="What is here now goes, and undo does not reach behind it. A backup is kept where the browser has a file store; a saved file is safer."
        act={isDemo ? 'Start again' : 'Load the demo'}
        onConfirm={() =>
          void run(async () => {
            await backups.keep('before-demo');
            await loadDemo(store, clock);
          }, 'The demo is loaded')
        }
      />
    </Sheet>
  );
}
