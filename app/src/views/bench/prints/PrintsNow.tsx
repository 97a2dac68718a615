import { partLabel, pieceMinutesOf } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { PrintTime } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import { Link } from 'react-router';
import { useClock, useNow } from '../../../clock/ClockContext';
import { beginBed, takeOffBed } from '../../../data/changes/prop/printChanges';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { aOrCounted } from '../../../base/counted';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { Button } from '../../../ui/Button';
import { printsNow } from './printsNow';

/** What the printers ask of hands now: nothing where they ask nothing. */
export function PrintsNow({ planned }: { readonly planned: readonly PrintTime[] }) {
  const edit = useEdit();
  const clock = useClock();
  const formats = useFormats();
  const now = useNow(15_000);
  const calls = printsNow(useTable('parts'), planned, now);
  if (calls.length === 0) return null;
  return (
    <ul aria-label="At the printer" className="border-ink my-2 border-l-4 pl-3">
      {calls.map(({ kind, part, pieces, atMs }) => (
        <li key={part.id} className="flex items-center justify-between gap-x-3 py-1">
          <span className="min-w-0">
            {kind === 'off' ? `${aOrCounted(pieces, 'piece', 'A')} should be off the printer: ` : 'Begin to print: '}
            <Link className="in-text underline underline-offset-4" to={`/ladders/${part.propId}/${part.id}`}>
              {partLabel(part)}
            </Link>
            <span className="text-dim">
              {kind === 'off'
                ? `, since ${formats.moment(atMs, now)}`
                : `, ${pieces === 1 ? '' : `${pieces} pieces together, `}${formatSpan(Math.round(pieces * pieceMinutesOf(part)))}`}
            </span>
          </span>
          <span className="shrink-0">
            <Button
              onClick={() =>
                kind === 'off'
                  ? void edit(`Take ${aOrCounted(pieces, 'piece')} of ${part.name} off the printer`, (change) => takeOffBed(change, part))
                  : void edit(`Begin to print ${part.name}`, (change) => beginBed(change, part, clock.now()))
              }
            >
              {kind === 'off' ? (pieces === 1 ? 'It is off' : 'They are off') : 'It is begun'}
            </Button>
          </span>
        </li>
      ))}
    </ul>
  );
}
