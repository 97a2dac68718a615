import type { BenchTimer } from '@zinc-ladder/model/records/ladder/benchTimer';
import { useNow } from '../../../clock/ClockContext';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';
import { formatTimer } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';

/** Timers of mixed cups and trim windows, the next to end first. Nothing is shown where there are none. */
export function Timers() {
  const timers = useTable('timers');
  if (timers.length === 0) return null;
  return (
    <Sheet className="p-4" isActive label="Timers">
      <h2 className="label">Mixed and running</h2>
      <ul>
        {timers
          .toSorted((a, b) => a.endsAtMs - b.endsAtMs)
          .map((timer) => (
            <TimerRow key={timer.id} timer={timer} />
          ))}
      </ul>
    </Sheet>
  );
}

function TimerRow({ timer }: { readonly timer: BenchTimer }) {
  const now = useNow();
  const edit = useEdit();
  const formats = useFormats();
  const left = timer.endsAtMs - now;
  return (
    <li className="border-line flex items-center justify-between gap-3 border-b py-1.5">
      <span className="min-w-0">
        <b>{timer.name}</b>
        <span className="text-dim block text-sm">{left > 0 ? `ends ${formats.time(timer.endsAtMs)}` : timer.note || 'over'}</span>
      </span>
      <span className={`figure text-xl ${left > 0 ? '' : 'text-oxide'}`} role="timer">
        {left > 0 ? formatTimer(left) : 'over'}
      </span>
      <Button
        isLarge
        aria-label={`Done with ${timer.name}`}
        onClick={() => void edit(`Put ${timer.name} away`, (change) => change.remove('timers', timer.id))}
      >
        Done
      </Button>
    </li>
  );
}
