import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { rungPlace } from '@zinc-ladder/model/rungs/rungPlace';
import { whatFits } from '@zinc-ladder/core/plan/shopPlan/whatFits';
import { useState } from 'react';
import { Link } from 'react-router';
import { useClock, useNow } from '../../clock/ClockContext';
import { takeTime } from '../../data/changes/shop/planChanges';
import { useShop } from '../../data/queries';
import { useEdit } from '../../features/edit/useEdit';
import type { ShopIndex } from '../../data/useShopIndex';
import { Button } from '../../ui/Button';
import { checkNumber, Labelled, parseNumber } from '../../ui/fields/fields';
import { MomentField } from '../../features/formats/MomentField';
import { formatSpan } from '../../base/formats';
import { useAtBench } from '../../features/person/useAtBench';
import type { PlannedShop } from '../../features/plan/planned';

/** So much time and no more: what fits. Or none at all for a while: the plan goes round it. */
export function TimeAtHand({ plan, index }: { readonly plan: PlannedShop; readonly index: ShopIndex }) {
  const [open, setOpen] = useState<'nothing' | 'fits' | 'away'>('nothing');
  const toggle = (what: 'fits' | 'away'): void => setOpen(open === what ? 'nothing' : what);
  return (
    <div className="mb-2">
      <div className="flex flex-wrap gap-2">
        <Button aria-expanded={open === 'fits'} onClick={() => toggle('fits')}>
          What fits?
        </Button>
        <Button aria-expanded={open === 'away'} onClick={() => toggle('away')}>
          I am away
        </Button>
      </div>
      {open === 'fits' && <Fits plan={plan} index={index} />}
      {open === 'away' && <Away onDone={() => setOpen('nothing')} />}
    </div>
  );
}

function Fits({ plan, index }: { readonly plan: PlannedShop; readonly index: ShopIndex }) {
  const [text, setText] = useState('40');
  const now = useNow(60_000);
  const shop = useShop();
  const error = checkNumber(text, { min: 1, max: 1440 });
  const fitting = error
    ? []
    : whatFits(
        plan.rungs.filter((time) => index.rungs.get(time.rungId)?.state !== 'inHand'),
        {
          nowMs: now,
          minutes: parseNumber(text),
          sprayWindowsOf: (id) => {
            const rung = index.rungs.get(id);
            if (!rung || !findMethod(rung.methodId).isSprayed) return null;
            const isInside = shop && rungPlace(shop, rung, index.products.get(rung.productId ?? '')) === 'in';
            return isInside ? (plan.airbrushWindows ?? plan.sprayWindows) : plan.sprayWindows;
          },
        },
      );
  return (
    <section aria-label="What fits" className="border-line my-2 border-y py-2">
      <Labelled label="I have, min" error={error ?? undefined}>
        {({ id, describedBy }) => (
          <input
            id={id}
            aria-describedby={describedBy}
            inputMode="numeric"
            className="field figure w-28"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        )}
      </Labelled>
      {fitting.length === 0 && !error && <p className="text-dim mt-1">Nothing that can be begun now fits into that.</p>}
      <ol className="mt-1">
        {fitting.map(({ rungId, minutes, isPart }) => {
          const rung = index.rungs.get(rungId);
          const part = rung && index.partOf(rung);
          return (
            <li key={rungId} className="flex min-h-10 items-center justify-between gap-3">
              <Link
                className="in-text underline underline-offset-4"
                to={part ? `/ladders/${part.propId}/${part.id}?rung=${rungId}` : '/ladders'}
              >
                {index.rungTitle(rungId)}
              </Link>
              <span className="figure whitespace-nowrap">
                {formatSpan(minutes)}
                {isPart && ' of it'}
              </span>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

function Away({ onDone }: { readonly onDone: () => void }) {
  const shop = useShop();
  const { person } = useAtBench();
  const edit = useEdit();
  const clock = useClock();
  // Whole minutes: what is shown is what is kept.
  const [untilMs, setUntil] = useState<number | null>(() => Math.ceil(clock.now() / 60_000) * 60_000 + 2 * 86_400_000);
  const isAhead = untilMs !== null && untilMs > clock.now();
  const keep = async (): Promise<void> => {
    if (!shop || untilMs === null || !isAhead) return;
    if (await edit('Be away', (change) => takeTime(change, shop, person, clock.now(), untilMs, 'away'))) onDone();
  };
  return (
    <form
      className="border-line my-2 flex flex-wrap items-end gap-2 border-y py-2"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <MomentField
        label="Until"
        value={untilMs}
        isKeptAtOnce
        onKeep={setUntil}
        error={isAhead ? undefined : 'A moment still to come is needed.'}
      />
      <Button type="submit" look="primary" disabled={!isAhead}>
        Plan round it
      </Button>
    </form>
  );
}
