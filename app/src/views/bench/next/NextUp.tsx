import { cautionsOfRung } from '@zinc-ladder/model/rungs/cautionsOfRung';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { RungTime } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import { Link } from 'react-router';
import { useNow } from '../../../clock/ClockContext';
import { takeInHand } from '../../../data/changes/ladder/benchChanges';
import { useEdit } from '../../../features/edit/useEdit';
import type { ShopIndex } from '../../../data/useShopIndex';
import { closingWords } from '../../../features/calls/calls';
import { reasonLines } from '../../../features/plan/reasonWords';
import { Button } from '../../../ui/Button';
import { Cautions } from '../../../ui/Cautions';
import { Sheet } from '../../../ui/Sheet';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { SOON_MS } from '../soon';
import { RungHead } from './RungHead';
import { useOwnMinutes } from '../../../features/rung/useOwnMinutes';
import { StartWarnings } from '../../../features/rung/StartWarnings';
import { useStartWarnings } from '../../../features/rung/useStartWarnings';
import { useBenchMoment } from '../../../features/rung/useBenchMoment';

/** With empty hands: what to take up now, or until when there is nothing to do and why. */
export function NextUp({ next, index }: { readonly next: RungTime | undefined; readonly index: ShopIndex }) {
  const now = useNow(15_000);
  const formats = useFormats();
  const edit = useEdit();
  const moment = useBenchMoment();
  const ownMinutes = useOwnMinutes();
  const warningsOf = useStartWarnings(index);
  const rung = next && index.rungs.get(next.rungId);
  const part = rung && index.partOf(rung);
  if (!next || !rung || !part)
    return <NothingToDo hasParts={index.parts.size > 0} hasOpen={[...index.rungs.values()].some((other) => other.state === 'open')} />;
  const isNow = next.startMs <= now + SOON_MS;
  const warnings = warningsOf(rung);
  const why = next.reasons ? reasonLines(next.reasons, next.startMs, findMethod(rung.methodId).isSprayed, index.rungTitle) : [];
  const take = (): void => void edit(`Take ${rung.name} in hand`, (change) => takeInHand(change, rung.id, moment(), rung.state, warnings));
  return (
    <Sheet isActive={isNow} className="flex flex-col p-5" label="Next">
      <RungHead
        label={isNow ? 'Hands free · next' : `Hands free · nothing to do until ${formats.moment(next.startMs, now)}`}
        rung={rung}
        part={part}
        index={index}
        formats={formats}
      />
      {!isNow && why.length > 0 && (
        <div className="mt-4">
          <p className="label">Not before</p>
          {why.map((line) => (
            <p key={line.text}>
              <span className="figure font-medium">{formats.moment(line.atMs, now)}</span> {line.text}
            </p>
          ))}
        </div>
      )}
      {next.windowClosesMs !== null && (
        <p className="text-oxide figure mt-3">
          {closingWords(rung.methodId)} {formats.moment(next.windowClosesMs, now)}
        </p>
      )}
      <StartWarnings lines={warnings} />
      <div className="mt-5 grid grid-cols-[2fr_1fr] gap-3">
        <Button look={isNow && warnings.length === 0 ? 'primary' : 'plain'} isLarge shortcut="t" onClick={take}>
          {isNow && warnings.length === 0 ? `Take in hand · ${formatSpan(ownMinutes.of(rung))}` : 'Take in hand all the same'}
        </Button>
        <Link
          to={`/ladders/${part.propId}/${part.id}?rung=${rung.id}`}
          className="font-label border-edge flex min-h-12 items-center justify-center rounded-xs border px-3 text-lg font-semibold"
        >
          Its ladder
        </Link>
      </div>
      <div className="mt-auto pt-4">
        <Cautions ids={cautionsOfRung(rung, index.products.get(rung.productId ?? '') ?? null, part.materialId)} />
      </div>
    </Sheet>
  );
}

function NothingToDo({ hasParts, hasOpen }: { readonly hasParts: boolean; readonly hasOpen: boolean }) {
  return (
    <Sheet className="p-5" label="Next">
      <p className="label">Hands free</p>
      <h2 className="font-label my-1 text-4xl font-semibold">
        {hasOpen ? 'Nothing has a place' : hasParts ? 'Every ladder is climbed' : 'No part yet'}
      </h2>
      <p className="text-dim mb-5">
        {hasOpen
          ? 'There are open rungs, but the plan finds no place for them. It says why.'
          : hasParts
            ? 'Add a part, or grow a ladder for one that has none.'
            : 'Add a prop and its first part; its ladder grows from what it is made of and how it should look.'}
      </p>
      <Link
        to={hasOpen ? '/plan' : '/ladders'}
        className="font-label bg-lime text-onlime inline-flex min-h-12 items-center rounded-xs px-5 text-lg font-semibold"
      >
        {hasOpen ? 'Look at the plan' : 'To the ladders'}
      </Link>
    </Sheet>
  );
}
