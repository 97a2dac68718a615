import { openBefore, toldEnds } from '@zinc-ladder/model/gather/plan/toldEnds';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { useMemo, useState } from 'react';
import { formatSpan } from '../../base/formats';
import { workedMs } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { counted } from '../../base/counted';
import { listed } from '../../base/listed';
import { newId } from '../../base/newId';
import { useClock, useNow } from '../../clock/ClockContext';
import { useTable } from '../../data/queries';
import { tellDone } from '../../data/changes/ladder/toldChanges';
import type { ShopIndex } from '../../data/useShopIndex';
import { useEdit } from '../edit/useEdit';
import { MomentField } from '../formats/MomentField';
import { useFormats } from '../formats/useFormats';
import { useAtBench } from '../person/useAtBench';
import { useAirs } from '../plan/usePlan';
import { useLoggedAir } from './useLoggedAir';
import { Button } from '../../ui/Button';
import { CheckField } from '../../ui/fields/CheckField';
import { NumberBox, readTrial } from '../../ui/fields/NumberBox';

const MOST_MINUTES = 6000;
const MINUTE_MS = 60_000;

/**
 * Asks when a rung was done that nobody logged then, and takes along what is to do before it, on parts that are joined to it too: a prop that
 * was begun before it came here, or work whose timer was left running.
 */
export function DoneEarlier({
  rung,
  part,
  index,
  guessedEndMs,
  onDone,
}: {
  readonly rung: Rung;
  readonly part: Part;
  readonly index: ShopIndex;
  /** what is offered to begin with; left out: now */
  readonly guessedEndMs?: number;
  /** left out where there is nothing else to do first */
  readonly onDone?: () => void;
}) {
  const clock = useClock();
  const now = useNow(15_000);
  const formats = useFormats();
  const edit = useEdit();
  const airs = useAirs();
  const airAt = useLoggedAir();
  const persons = useTable('persons');
  const joins = useTable('joins');
  const { person } = useAtBench();
  const [endMs, setEndMs] = useState(() => Math.floor((guessedEndMs ?? clock.now()) / MINUTE_MS) * MINUTE_MS);
  const [minutes, setMinutes] = useState('');
  const [withBefore, setWithBefore] = useState(rung.state !== 'inHand');
  // The bench draws itself each second; air and films of ten days are looked through only when something changed.
  const { before, told } = useMemo(() => {
    const shop = { parts: index.parts, rungsOf: index.rungsOf, joins };
    const open = openBefore(rung.id, part, shop);
    const setting = airs && { ...shop, products: index.products, persons, airs };
    return { before: open, told: setting && toldEnds(rung, part, withBefore ? open : [], endMs, setting) };
  }, [index, joins, part, rung, withBefore, endMs, persons, airs]);
  const elsewhere = before.filter(({ ladderId }) => ladderId !== rung.ladderId);
  const titleOf = (one: Rung): string => (elsewhere.length > 0 ? index.rungTitle(one.id) : one.name);
  const said = minutes.trim() === '' ? null : readTrial(minutes, 0, MOST_MINUTES);
  const rungs = told?.kind === 'told' ? told.rungs : [];
  const rushed = rungs.filter(({ isRushed }) => isRushed);
  const isMinutesWrong = minutes.trim() !== '' && said === null;
  const fault =
    endMs > now + MINUTE_MS
      ? 'This is still to come.'
      : told?.kind === 'tooEarly'
        ? `${told.after.ladderId === rung.ladderId ? told.after.name : index.rungTitle(told.after.id)} before it was done ${formats.moment(told.after.doneAtMs ?? 0, now)}, later than this.`
        : told?.kind === 'notBegun'
          ? `It was taken in hand ${formats.moment(told.sinceMs, now)}, later than this.`
          : undefined;
  const timer = rung.state === 'inHand' && !fault ? workedMs(rung, endMs) / MINUTE_MS : null;
  const log = async (): Promise<void> => {
    const name = rungs.length > 1 ? `Log ${counted(rungs.length, 'rung')} as done` : `Log ${rung.name}`;
    if (await edit(name, (change) => tellDone(change, rungs, said, person?.id ?? null, airAt, newId))) onDone?.();
  };
  return (
    <form
      noValidate
      aria-label="Done earlier"
      className="bg-band grid min-w-0 gap-3 p-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (rungs.length > 0 && !fault && !isMinutesWrong) void log();
      }}
    >
      <div className="grid gap-3 sm:grid-cols-[repeat(auto-fit,minmax(12.5rem,1fr))]">
        <MomentField label="Ended at" value={endMs} isKeptAtOnce error={fault} onKeep={(kept) => kept !== null && setEndMs(kept)} />
        <NumberBox
          label="Minutes if known"
          trial={{ text: minutes, set: setMinutes }}
          min={0}
          max={MOST_MINUTES}
          mayBeEmpty
          {...(timer === null ? {} : { hint: `by the timer then: ${formatSpan(timer)}` })}
        />
      </div>
      {before.length > 0 && (
        <CheckField
          label={`and ${before.length === 1 ? titleOf(before[0] ?? rung) : `the ${before.length} rungs`} before it that ${before.length === 1 ? 'is' : 'are'} to do${before.length > 1 ? onOthers(elsewhere, index) : ''}`}
          checked={withBefore}
          onChange={setWithBefore}
        />
      )}
      {rungs.length > 1 && !fault && (
        <>
          <ol aria-label="What is logged" className="border-line border-t">
            {rungs.map(({ rung: one, endMs: at }) => (
              <li key={one.id} className="border-line flex justify-between gap-3 border-b py-1">
                <span>{titleOf(one)}</span>
                <span className="figure whitespace-nowrap">{formats.moment(at, now)}</span>
              </li>
            ))}
          </ol>
          <p className="text-dim text-sm">
            Reckoned back from the last: hands without a pause, each film as old as what came on it needed in the shop’s air. Minutes that
            nobody took stay unknown, and no pace is learned from them. The log corrects each.
          </p>
        </>
      )}
      {rushed.length > 0 && !fault && (
        <p className="text-oxide text-sm">
          What was logged before leaves less time than hands and films need for {listed(rushed.map(({ rung: one }) => titleOf(one)))}. It
          can be logged all the same.
        </p>
      )}
      <div className="flex gap-2">
        <Button type="submit" look="primary" disabled={rungs.length === 0 || fault !== undefined || isMinutesWrong}>
          {rungs.length > 1 ? `Log ${rungs.length} rungs as done` : 'Log it as done'}
        </Button>
        {onDone && <Button onClick={onDone}>Leave it</Button>}
      </div>
    </form>
  );
}

/** Which parts other than its own rungs stand on: `, 3 of them on Base and Cap`. */
function onOthers(elsewhere: readonly Rung[], index: ShopIndex): string {
  const parts = new Set(elsewhere.flatMap((one) => index.partOf(one)?.name ?? []));
  return parts.size === 0 ? '' : `, ${elsewhere.length} of them on ${listed([...parts])}`;
}
