import { flawedCoat } from '@zinc-ladder/model/gather/grow/mendingRungs';
import { cautionsOfRung } from '@zinc-ladder/model/rungs/cautionsOfRung';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { useState } from 'react';
import { useClock, useNow } from '../../clock/ClockContext';
import { correctTimer, finishRung, noteOnRung, setDown } from '../../data/changes/ladder/benchChanges';
import { useEdit } from '../../features/edit/useEdit';
import type { ShopIndex } from '../../data/useShopIndex';
import { rungPartLabel, workedMs } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { useNotices } from '../../features/notices/Notices';
import { ownWork } from '../../data/changes/prop/pictureChanges';
import { useArrivingPicture } from '../../features/pictures/useArrivingPicture';
import { useKeepPicture } from '../../features/pictures/useKeepPicture';
import { FilePick } from '../../ui/fields/FilePick';
import { Button } from '../../ui/Button';
import { Cautions } from '../../ui/Cautions';
import { checkNumber, InlineNumber } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';
import { counted } from '../../base/counted';
import { formatSpan, formatTimer } from '../../base/formats';
import { useFormats } from '../../features/formats/useFormats';
import { ForgottenTimer } from './timers/ForgottenTimer';
import { GapNotice } from './gap/GapNotice';
import { NoteForm } from './NoteForm';
import { RungHead } from './next/RungHead';
import { DoneEarlier } from '../../features/rung/DoneEarlier';
import { useBenchMoment } from '../../features/rung/useBenchMoment';
import { useMend } from '../../features/mend/useMend';
import { useOwnMinutes } from '../../features/rung/useOwnMinutes';
import { useWakeLock } from './timers/useWakeLock';

/** A rung that is in hand for longer than any day's work was left running. */
const FORGOTTEN_MS = 16 * 3_600_000;

/** What is in hand: what to do, its figures, the timer, and how to be done with it. */
export function InHand({ rung, index }: { readonly rung: Rung; readonly index: ShopIndex }) {
  const now = useNow(1000);
  const formats = useFormats();
  const edit = useEdit();
  const { tell } = useNotices();
  const moment = useBenchMoment();
  const mend = useMend(index);
  const [open, setOpen] = useState<'nothing' | 'note' | 'correct'>('nothing');
  const ownMinutes = useOwnMinutes();
  const clock = useClock();
  const part = index.partOf(rung);
  useWakeLock(true);
  const keepPicture = useKeepPicture();
  const photograph = (file: File): void => {
    if (part)
      void keepPicture(file, ownWork(null, part.id, clock.now()), (change, id) =>
        noteOnRung(change, rung.id, 'note', { text: '', pictureIds: [id] }, moment()),
      );
  };
  const arriving = useArrivingPicture(photograph);
  if (!part) return null;
  const worked = workedMs(rung, now);
  const minutes = Math.round(worked / 60_000);
  const isForgotten = worked > FORGOTTEN_MS;
  const planned = ownMinutes.of(rung);
  const share = planned > 0 ? Math.min(1, worked / 60_000 / planned) : 1;
  const done = async (): Promise<void> => {
    if (await edit(`Log ${rung.name}`, (change) => finishRung(change, rung.id, null, '', moment(), 'inHand')))
      tell(`${rungPartLabel(rung, part)}: ${rung.name} logged`, `${formatSpan(minutes)}. Undo takes it back.`);
  };
  return (
    <Sheet isActive className="flex flex-col p-5" label="In hand" {...arriving}>
      <RungHead label="In hand" rung={rung} part={part} index={index} formats={formats} />
      {isForgotten ? (
        <>
          <ForgottenTimer
            ranMinutes={minutes}
            plannedMinutes={planned}
            onSay={(said) => void edit('Say how long it really was', (change) => correctTimer(change, rung.id, said, moment()))}
          />
          <div className="mb-3 grid min-w-0 grid-cols-1 gap-2">
            <p className="label">Or it was done then</p>
            <DoneEarlier
              rung={rung}
              part={part}
              index={index}
              guessedEndMs={Math.min(now, (rung.startedAtMs ?? now) + Math.max(1, planned - rung.workedMs / 60_000) * 60_000)}
            />
          </div>
        </>
      ) : (
        <GapNotice rung={rung} formats={formats} />
      )}
      {!isForgotten && (
        <>
          <p
            role="timer"
            aria-label={`${counted(minutes, 'minute')} in hand`}
            className="figure my-3 text-[clamp(3rem,12vw,4.75rem)] leading-none font-medium"
          >
            {formatTimer(worked)}
          </p>
          <svg className="mb-4 block h-2 w-full" aria-hidden="true" preserveAspectRatio="none" viewBox="0 0 100 1">
            <rect width="100" height="1" fill="var(--color-line)" />
            <rect width={share * 100} height="1" fill={share < 1 ? 'var(--color-lime)' : 'var(--color-oxide)'} />
          </svg>
        </>
      )}
      <div className="bg-sheet mb-3 grid grid-cols-[2fr_1fr] gap-3 max-[22.4rem]:grid-cols-2 max-md:sticky max-md:bottom-12 max-md:z-10 max-md:-mx-2 max-md:p-2">
        <Button look="primary" isLarge shortcut="d" disabled={isForgotten} onClick={() => void done()}>
          {isForgotten ? 'Done' : `Done: log ${formatSpan(minutes)}`}
        </Button>
        <Button
          isLarge
          shortcut="s"
          disabled={isForgotten}
          onClick={() => void edit(`Set ${rung.name} down`, (change) => setDown(change, rung.id, moment()))}
        >
          Set down
        </Button>
        <div className="flex gap-3 max-[22.4rem]:contents">
          <Button
            isLarge
            className="flex-1"
            shortcut="n"
            aria-expanded={open === 'note'}
            onClick={() => setOpen(open === 'note' ? 'nothing' : 'note')}
          >
            Note
          </Button>
          <FilePick isLarge accept="image/jpeg,image/png,image/webp" capture="environment" onPick={photograph}>
            Photograph
          </FilePick>
        </div>
        <Button isLarge aria-expanded={open === 'correct'} onClick={() => setOpen(open === 'correct' ? 'nothing' : 'correct')}>
          Correct
        </Button>
      </div>
      {open === 'correct' && (
        <div className="grid min-w-0 grid-cols-1 gap-3">
          <InlineNumber
            label="Minutes so far"
            value={minutes}
            min={0}
            max={6000}
            onKeep={(value) => {
              setOpen('nothing');
              if (value !== null && checkNumber(String(value), { min: 0, max: 6000 }) === null) {
                void edit('Correct the timer', (change) => correctTimer(change, rung.id, value, moment()));
              }
            }}
          />
          <p className="label">Or it is done since</p>
          <DoneEarlier rung={rung} part={part} index={index} onDone={() => setOpen('nothing')} />
        </div>
      )}
      {open === 'note' && (
        <NoteForm
          coat={flawedCoat(index.rungsOf(part.id))}
          index={index}
          onMend={(coat, wrong, said) => void mend(coat, wrong, said).then((isDone) => (isDone ? setOpen('nothing') : undefined))}
          onClose={() => setOpen('nothing')}
          onKeep={(kind, said) => {
            setOpen('nothing');
            void edit('Keep a note', (change) => noteOnRung(change, rung.id, kind, said, moment()));
          }}
        />
      )}
      <div className="mt-auto pt-3">
        <Cautions ids={cautionsOfRung(rung, index.products.get(rung.productId ?? '') ?? null, part.materialId)} />
      </div>
    </Sheet>
  );
}
