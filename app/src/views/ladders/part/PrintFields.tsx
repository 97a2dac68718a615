import { bedOffMs, piecesOnBed } from '@zinc-ladder/core/plan/shop/partPrints';
import { pieceMinutesOf } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useClock, useNow } from '../../../clock/ClockContext';
import { beginBed, putOnPrinter, takeOffBed, takeOffPrinter } from '../../../data/changes/prop/printChanges';
import { useEdit } from '../../../features/edit/useEdit';
import { usePlan } from '../../../features/plan/usePlan';
import { Button } from '../../../ui/Button';
import { aOrCounted, counted } from '../../../base/counted';
import { InlineNumber } from '../../../ui/fields/fields';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';

/** What of a part is still on the printer: how many pieces, how long each takes, how often one fails, and when the plan has it printed. */
export function PrintFields({ part }: { readonly part: Part }) {
  const edit = useEdit();
  const clock = useClock();
  const now = useNow(60_000);
  const formats = useFormats();
  const { plan } = usePlan();
  const { print } = part;
  if (!print)
    return (
      <div>
        <Button onClick={() => void edit(`Put ${part.name} on the printer`, (change) => putOnPrinter(change, part))}>
          It is still to be printed
        </Button>
      </div>
    );
  const beds = plan?.kind === 'planned' ? plan.prints.filter((entry) => entry.partId === part.id) : [];
  const [time, last] = [beds[0], beds.at(-1)];
  const onBed = piecesOnBed(print);
  const pieceMinutes = pieceMinutesOf(part);
  const offMs = bedOffMs({ ...print, pieceMinutes });
  const patch = (what: string, fields: Partial<Part>): void =>
    void edit(`Change ${what} of ${part.name}`, (change) => change.patch('parts', part.id, fields, part));
  return (
    <section aria-label="On the printer" className="border-line grid gap-3 border-t pt-3">
      <h3 className="label">On the printer</h3>
      <p>
        {counted(print.piecesLeft, 'piece')} to come, {formatSpan(Math.round(pieceMinutes))}
        {print.piecesLeft > 1 && ' each'}
        {part.printHours === null && ', guessed from its skin and height'}.{' '}
        {print.startedAtMs === null || offMs === null
          ? 'Nothing is on the bed.'
          : `${counted(onBed, 'piece')} on the bed, begun ${formats.moment(print.startedAtMs, now)}; off by ${formats.moment(offMs, now)}.`}
      </p>
      {time && last && (
        <p>
          {print.startedAtMs === null
            ? `By the plan it prints from ${formats.moment(time.startMs, now)}${beds.length > 1 ? `, in ${beds.length} beds that somebody begins` : ''}, and the last piece is off ${formats.moment(last.lastOffMs, now)}.`
            : `By the plan the last piece is off ${formats.moment(last.lastOffMs, now)}, if none fails.`}
        </p>
      )}
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
        <InlineNumber
          label="Pieces to come"
          value={print.piecesLeft}
          min={1}
          max={part.count}
          isWhole
          onKeep={(piecesLeft) => piecesLeft !== null && patch('the pieces to come', { print: { ...print, piecesLeft } })}
        />
        <InlineNumber
          label="On one bed"
          value={print.bedPieces}
          min={1}
          max={part.count}
          isWhole
          onKeep={(bedPieces) => bedPieces !== null && patch('the pieces on a bed', { print: { ...print, bedPieces } })}
        />
        <InlineNumber
          label="A piece prints"
          unit="h"
          value={part.printHours}
          min={0.01}
          max={2000}
          mayBeEmpty
          onKeep={(printHours) => patch('the print hours', { printHours })}
        />
        <InlineNumber
          label="Of 100 fail"
          value={Math.round(print.failureShare * 100)}
          min={0}
          max={90}
          isWhole
          onKeep={(percent) => percent !== null && patch('the failures', { print: { ...print, failureShare: percent / 100 } })}
        />
      </div>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => void edit(`Begin to print ${part.name}`, (change) => beginBed(change, part, clock.now()))}>
          {print.startedAtMs === null ? `${aOrCounted(onBed, 'piece', 'A')} ${onBed === 1 ? 'is' : 'are'} begun` : 'It failed: begun again'}
        </Button>
        <Button
          onClick={() =>
            void edit(`Take ${aOrCounted(onBed, 'piece')} of ${part.name} off the printer`, (change) => takeOffBed(change, part))
          }
        >
          {`${aOrCounted(onBed, 'piece', 'A')} ${onBed === 1 ? 'is' : 'are'} off`}
        </Button>
        {onBed > 1 && print.startedAtMs !== null && (
          <Button
            onClick={() =>
              void edit(`Take ${aOrCounted(onBed - 1, 'piece')} of ${part.name} off the printer`, (change) => takeOffBed(change, part, 1))
            }
          >
            One failed, the rest {onBed === 2 ? 'is' : 'are'} off
          </Button>
        )}
        <Button onClick={() => void edit(`Take ${part.name} off the printer`, (change) => takeOffPrinter(change, part))}>
          All of it is here
        </Button>
      </div>
    </section>
  );
}
