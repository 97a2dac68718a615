import type { RungTime } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { Link, useSearchParams } from 'react-router';
import { useNow } from '../../clock/ClockContext';
import { useTable } from '../../data/queries';
import type { ShopIndex } from '../../data/useShopIndex';
import { useShopIndex } from '../../data/useShopIndex';
import { NoPlan } from '../../features/plan/NoPlan';
import { useFilms, usePlan } from '../../features/plan/usePlan';
import { useWatchedPlan } from '../../features/plan/useWatchedPlan';
import { faultWords } from '../../features/plan/reasonWords';
import { useAtBench } from '../../features/person/useAtBench';
import { WhoPicker } from '../../features/person/WhoPicker';
import { useTitle } from '../../features/title/pageTitle';
import { UndoBar } from '../../features/edit/UndoBar';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { useFormats } from '../../features/formats/useFormats';
import { CallPermission } from './next/CallPermission';
import { ComingNext } from './next/ComingNext';
import { useStillAnswer } from './next/useStillAnswer';
import { InHand } from './InHand';
import { NextUp } from './next/NextUp';
import { OrderSoon } from './OrderSoon';
import { PrintsNow } from './prints/PrintsNow';
import { Rack } from './Rack';
import { ThenList } from './next/ThenList';
import { TimeAtHand } from './TimeAtHand';
import { Timers } from './timers/Timers';

/** What do I do with my hands now? */
export function BenchView() {
  const formats = useFormats();
  const now = useNow(60_000);
  useTitle(`Bench, ${formats.day(now)}`);
  const index = useShopIndex();
  const rungs = useTable('rungs');
  const films = useFilms();
  const { plan, error, retry } = usePlan();
  useWatchedPlan();
  const { persons, isMine, hoursIn } = useAtBench();
  const inHand = rungs.filter((rung) => rung.state === 'inHand').toSorted((a, b) => (b.startedAtMs ?? 0) - (a.startedAtMs ?? 0));
  const held = inHand.filter((rung) => isMine(rung.doerId));
  // The plan on the screen may be a moment older than what was just logged.
  const planned =
    plan?.kind === 'planned' ? plan.rungs.filter((time) => isMine(time.personId) && isToDo(index.rungs.get(time.rungId))) : [];
  const [search, setSearch] = useSearchParams();
  const isNotHeld = (time: RungTime): boolean => index.rungs.get(time.rungId)?.state !== 'inHand';
  // A label's code asks for its own part; whatever the plan has first waits meanwhile.
  const askedPart = index.parts.get(search.get('part') ?? '');
  const askedNext = askedPart && planned.find((time) => isNotHeld(time) && partIdOf(index, time) === askedPart.id);
  const next = askedNext ?? planned.find(isNotHeld);
  // With something in hand no answer is shown, so that none is kept when it is set down.
  const asked = held.length === 0 ? next?.rungId : undefined;
  const still = useStillAnswer(asked, (id) => index.rungs.get(id)?.state === 'open' && planned.some((time) => time.rungId === id));
  const shown = planned.find((time) => time.rungId === still.shownId);
  const skip = new Set([...held.map((rung) => rung.id), ...(held.length === 0 && shown ? [shown.rungId] : [])]);
  return (
    <div className="grid grid-cols-1 gap-4 md:grid-cols-2 lg:h-full lg:grid-cols-[minmax(0,27rem)_minmax(15rem,1fr)_minmax(0,27rem)] lg:grid-rows-1">
      <div className="grid grid-cols-1 content-start gap-4 lg:min-h-0 lg:content-stretch lg:overflow-auto">
        {/* On a phone the timer comes first: who stands at it changes seldom. */}
        <div className="empty:hidden max-md:order-last">
          <WhoPicker />
        </div>
        {inHand
          .filter((rung) => !held.includes(rung))
          .map((rung) => (
            <p key={rung.id} className="text-dim">
              In hand with {persons.find(({ id }) => id === rung.doerId)?.name ?? 'somebody'}: {index.rungTitle(rung.id)}
              {rung.startedAtMs !== null && `, since ${formats.moment(rung.startedAtMs, now)}`}.
            </p>
          ))}
        {search.has('part') && (
          <p className="border-lime bg-sheet flex flex-wrap items-center gap-x-3 border-l-4 px-3 py-1">
            {!askedPart && 'The part of this label is not here.'}
            {askedPart && !askedNext && `Nothing is left to do on ${partLabel(askedPart)} in your hands.`}
            {askedPart && askedNext && `By its label: ${partLabel(askedPart)}.`}
            {askedPart && (
              <Link className="underline" to={`/ladders/${askedPart.propId}/${askedPart.id}`}>
                Its ladder
              </Link>
            )}
            <Button look="quiet" onClick={() => setSearch({}, { replace: true })}>
              Back to the plan’s order
            </Button>
          </p>
        )}
        <Timers />
        {held.map((rung) => (
          <InHand key={rung.id} rung={rung} index={index} />
        ))}
        {held.length === 0 && plan && (
          <div onPointerEnter={() => still.hold(true)} onPointerLeave={() => still.hold(false)}>
            {still.comingId !== null && <ComingNext title={index.rungTitle(still.comingId)} onTake={still.takeNow} />}
            <NextUp next={shown} index={index} />
          </div>
        )}
      </div>
      <section aria-label="Then" className="min-w-0 lg:overflow-auto">
        <div className="flex items-center justify-between">
          <h2 className="label">Then</h2>
          <UndoBar />
        </div>
        {error !== null && <NoPlan error={error} onRetry={retry} />}
        <OrderSoon />
        {plan?.kind === 'planned' && <PrintsNow planned={plan.prints} />}
        {plan?.kind === 'planned' && index.parts.size > 0 && (
          <TimeAtHand plan={{ ...plan, rungs: planned, handsWindows: hoursIn(plan) }} index={index} />
        )}
        {plan?.kind === 'planned' && <ThenList plan={{ ...plan, rungs: planned, handsWindows: hoursIn(plan) }} skip={skip} index={index} />}
        {plan?.kind === 'faulty' &&
          plan.faults.map((fault) => (
            <p key={JSON.stringify(fault)} role="alert" className="text-oxide">
              {faultWords(fault, index.rungTitle)}
            </p>
          ))}
      </section>
      <Sheet className="p-4 md:col-span-2 lg:col-span-1 lg:overflow-auto" label="Drying">
        <CallPermission />
        <Rack films={films} index={index} />
      </Sheet>
    </div>
  );
}

function partIdOf(index: ShopIndex, { rungId }: RungTime): string | undefined {
  const rung = index.rungs.get(rungId);
  return rung && index.partOf(rung)?.id;
}

function isToDo(rung: Rung | undefined): boolean {
  return rung !== undefined && rung.state !== 'done' && rung.state !== 'leftOut';
}
