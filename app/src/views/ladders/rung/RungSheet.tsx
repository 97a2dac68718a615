import { cautionsOfRung } from '@zinc-ladder/model/rungs/cautionsOfRung';
import { useOwnMinutes } from '../../../features/rung/useOwnMinutes';
import { laterTasks } from '@zinc-ladder/core/plan/judge/laterTasks';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { NEW_RUNG } from '@zinc-ladder/model/gather/grow/growRungs';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { rungPieces } from '@zinc-ladder/model/rungs/rungPieces';
import { useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { useClock, useNow } from '../../../clock/ClockContext';
import { finishRung, reopenRung, takeInHand } from '../../../data/changes/ladder/benchChanges';
import { addRung, coatInTwoTurns, duplicateRung, moveRung, removeRung } from '../../../data/changes/ladder/rungChanges';
import { leaveOut, putBackIn } from '../../../data/changes/ladder/rungStateChanges';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';
import type { ShopIndex } from '../../../data/useShopIndex';
import { closingWords } from '../../../features/calls/calls';
import { certificateWords, reasonLines } from '../../../features/plan/reasonWords';
import { usePlan } from '../../../features/plan/usePlan';
import { Button } from '../../../ui/Button';
import { Cautions } from '../../../ui/Cautions';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { notesForRung } from '@zinc-ladder/model/log/nextTime';
import { NextTimeNotes } from '../../../features/rung/NextTimeNotes';
import { findLastTime } from '../../../features/rung/lastTime';
import { RungFacts } from '../../../features/rung/RungFacts';
import { useNewestByRung, useNotesForNextTime } from '../../../features/rung/useLogOfRung';
import { StartWarnings } from '../../../features/rung/StartWarnings';
import { asksDoneEarlier } from '../../../features/rung/askedAtOnce';
import { DoneEarlier } from '../../../features/rung/DoneEarlier';
import { MendPanel } from '../../../features/mend/MendPanel';
import { useStartWarnings } from '../../../features/rung/useStartWarnings';
import { useBenchMoment } from '../../../features/rung/useBenchMoment';
import { RungEditor } from './RungEditor';

const STATE_NAMES = { open: 'to do', inHand: 'in hand', setDown: 'set down', done: 'done', leftOut: 'left out' } as const;

/** One rung: why it is there, its figures, when and why not earlier, and every way to change it. */
export function RungSheet({
  rung,
  part,
  index,
  isNext,
}: {
  readonly rung: Rung;
  readonly part: Part;
  readonly index: ShopIndex;
  readonly isNext: boolean;
}) {
  const formats = useFormats();
  const notes = useNotesForNextTime();
  const newest = useNewestByRung();
  const [isEditing, setIsEditing] = useState(false);
  const own = index.rungsOf(part.id);
  const pieces = rungPieces(rung, part);
  const place = own.findIndex((other) => other.id === rung.id);
  return (
    <div className="grid gap-4">
      <div>
        <p className="label">
          Rung {place + 1} of {own.length} · {isNext && rung.state === 'open' ? 'next' : STATE_NAMES[rung.state]}
          {rung.doneAtMs !== null && ` ${formats.full(rung.doneAtMs)}`}
          {pieces < part.count && ` · on ${pieces} of ${part.count} pieces`}
        </p>
        <h2 className="font-label text-4xl leading-tight font-semibold">{rung.name}</h2>
        {rung.detail && <p className="text-dim">{rung.detail}</p>}
      </div>
      <WorkActions
        key={`work ${rung.id}`}
        rung={rung}
        part={part}
        index={index}
        isEditing={isEditing}
        onEdit={() => setIsEditing(!isEditing)}
      />
      {isEditing ? (
        <RungEditor key={rung.id} rung={rung} part={part} />
      ) : (
        <>
          <RungFacts
            rung={rung}
            part={part}
            product={index.products.get(rung.productId ?? '')}
            lastTime={findLastTime(rung, part, newest, index)}
            formats={formats}
          />
          {rung.state !== 'done' && <NextTimeNotes notes={notesForRung(notes, rung, part, index)} />}
          {rung.why && (
            <div>
              <h3 className="label">Why it is here</h3>
              <p>{rung.why}</p>
            </div>
          )}
        </>
      )}
      <WhenSheet rung={rung} index={index} />
      {rung.state === 'done' && findMethod(rung.methodId).laysFilm && <MendPanel key={`mend ${rung.id}`} coat={rung} index={index} />}
      <PlaceActions rung={rung} part={part} index={index} place={place} count={own.length} />
      <Cautions ids={cautionsOfRung(rung, index.products.get(rung.productId ?? '') ?? null, part.materialId)} />
    </div>
  );
}

function WhenSheet({ rung, index }: { readonly rung: Rung; readonly index: ShopIndex }) {
  const { plan } = usePlan();
  const now = useNow(60_000);
  const formats = useFormats();
  if (plan?.kind !== 'planned' || rung.state === 'done' || rung.state === 'leftOut') return null;
  const time = plan.rungs.find((entry) => entry.rungId === rung.id);
  const certificate = plan.unplaced.find((entry) => entry.taskId === rung.id);
  if (certificate) {
    const isLater = laterTasks(plan.unplaced).has(rung.id);
    return (
      <div role={isLater ? undefined : 'alert'} className={isLater ? 'border-line border-l-4 pl-3' : 'border-oxide border-l-4 pl-3'}>
        <h3 className={isLater ? 'label' : 'label text-oxide'}>{isLater ? 'Later than the plan reaches' : 'No place in the plan'}</h3>
        <p>{certificateWords(certificate, index.rungTitle, formats)}</p>
      </div>
    );
  }
  if (!time) return null;
  const lines = time.reasons ? reasonLines(time.reasons, time.startMs, findMethod(rung.methodId).isSprayed, index.rungTitle) : [];
  return (
    <div>
      <h3 className="label">Planned</h3>
      <p className="figure text-lg">
        {formats.moment(time.startMs, now)} to {formats.moment(time.endMs, now)}
        {time.chunks.length > 1 && <span className="text-dim text-base"> in {time.chunks.length} stretches</span>}
      </p>
      {time.windowClosesMs !== null && (
        <p className="text-oxide">
          {closingWords(rung.methodId)} {formats.moment(time.windowClosesMs, now)}
        </p>
      )}
      {lines.length > 0 && (
        <>
          <h3 className="label mt-3">Not before</h3>
          {lines.map((line) => (
            <p key={`${line.atMs}${line.text}`}>
              <span className="figure font-medium">{formats.moment(line.atMs, now)}</span> {line.text}
            </p>
          ))}
        </>
      )}
    </div>
  );
}

/** What is done with it now. */
function WorkActions({
  rung,
  part,
  index,
  isEditing,
  onEdit,
}: {
  readonly rung: Rung;
  readonly part: Part;
  readonly index: ShopIndex;
  readonly isEditing: boolean;
  readonly onEdit: () => void;
}) {
  const edit = useEdit();
  const moment = useBenchMoment();
  const minutes = useOwnMinutes().of(rung);
  const warnings = useStartWarnings(index)(rung);
  const isDone = rung.state === 'done';
  const mayBeTold = !isDone && rung.state !== 'leftOut';
  const { state } = useLocation();
  const [isTelling, setTelling] = useState(asksDoneEarlier(state));
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap gap-3">
        {!isDone && rung.state !== 'inHand' && (
          <Button
            look={warnings.length > 0 ? 'plain' : 'primary'}
            isLarge
            onClick={() => void edit(`Take ${rung.name} in hand`, (change) => takeInHand(change, rung.id, moment(), rung.state, warnings))}
          >
            {warnings.length > 0 ? 'Take in hand all the same' : 'Take in hand'}
          </Button>
        )}
        {!isDone && (
          <Button
            isLarge
            onClick={() =>
              void edit(`Log ${rung.name}`, (change) =>
                finishRung(change, rung.id, rung.state === 'inHand' ? null : minutes, '', moment(), rung.state, warnings),
              )
            }
          >
            {rung.state === 'inHand' ? 'Done' : `Log as done, ${formatSpan(minutes)}`}
          </Button>
        )}
        {mayBeTold && (
          <Button isLarge aria-expanded={isTelling} onClick={() => setTelling(!isTelling)}>
            Done earlier
          </Button>
        )}
        {isDone && (
          <Button
            isLarge
            onClick={() => void edit(`Open ${rung.name} again`, (change) => reopenRung(change, rung.id, moment(), rung.state))}
          >
            Open again
          </Button>
        )}
        <Button isLarge aria-pressed={isEditing} onClick={onEdit}>
          {isEditing ? 'That is all' : 'Change'}
        </Button>
      </div>
      {mayBeTold && isTelling && <DoneEarlier rung={rung} part={part} index={index} onDone={() => setTelling(false)} />}
      <StartWarnings lines={warnings} />
    </div>
  );
}

/** Where it stands on its ladder, and whether it stays there. */
function PlaceActions({
  rung,
  part,
  index,
  place,
  count,
}: {
  readonly rung: Rung;
  readonly part: Part;
  readonly index: ShopIndex;
  readonly place: number;
  readonly count: number;
}) {
  const clock = useClock();
  const edit = useEdit();
  const navigate = useNavigate();
  const base = `/ladders/${part.propId}/${part.id}`;
  const isDone = rung.state === 'done';
  const addAbove = async (): Promise<void> => {
    const id = newId();
    if (
      await edit('Add a rung', (change) =>
        addRung(change, rung.ladderId, { ...NEW_RUNG, id, ladderId: rung.ladderId, band: rung.band, name: 'new rung' }, place + 1),
      )
    ) {
      void navigate(`${base}?rung=${id}`, { replace: true });
    }
  };
  const copy = async (): Promise<void> => {
    const id = newId();
    const seen = index.rungsOf(part.id).map((entry) => entry.id);
    if (await edit(`Duplicate ${rung.name}`, (change) => duplicateRung(change, rung.id, id, seen)))
      void navigate(`${base}?rung=${id}`, { replace: true });
  };
  const remove = async (): Promise<void> => {
    const beside = index.rungsOf(part.id)[place === 0 ? 1 : place - 1];
    if (await edit(`Remove ${rung.name}`, (change) => removeRung(change, rung.id)))
      void navigate(beside ? `${base}?rung=${beside.id}` : base, { replace: true });
  };
  const move = (by: number): void => void edit(`Move ${rung.name}`, (change) => moveRung(change, rung.ladderId, rung.id, place + by));
  return (
    <div className="flex flex-wrap gap-2">
      <Button onClick={() => void addAbove()}>Add above</Button>
      <Button onClick={() => void copy()}>Duplicate</Button>
      {rung.state === 'open' && rung.side === 'all' && findMethod(rung.methodId).isSprayed && (
        <Button onClick={() => void edit(`Coat ${rung.name} in two turns`, (change) => coatInTwoTurns(change, rung.id, newId()))}>
          In two turns
        </Button>
      )}
      <Button disabled={place >= count - 1} onClick={() => move(1)}>
        Move up
      </Button>
      <Button disabled={place <= 0} onClick={() => move(-1)}>
        Move down
      </Button>
      {!isDone && (
        <Button
          onClick={() =>
            void (rung.state === 'leftOut'
              ? edit(`Put ${rung.name} back in`, (change) => putBackIn(change, rung.id, clock.now()))
              : edit(`Leave ${rung.name} out`, (change) => leaveOut(change, rung.id, clock.now(), rung.state)))
          }
        >
          {rung.state === 'leftOut' ? 'Put back in' : 'Leave out'}
        </Button>
      )}
      <Button look="danger" onClick={() => void remove()}>
        Remove
      </Button>
    </div>
  );
}
