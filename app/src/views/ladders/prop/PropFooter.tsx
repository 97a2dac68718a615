import { counted } from '../../../base/counted';
import { timeToSpare } from '@zinc-ladder/core/plan/shopPlan/timeToSpare';
import { handsLeft } from '@zinc-ladder/model/gather/plan/handsLeft';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { useNow } from '../../../clock/ClockContext';
import type { ShopIndex } from '../../../data/useShopIndex';
import { usePlan } from '../../../features/plan/usePlan';
import { ownHandsWords, useOwnMinutes } from '../../../features/rung/useOwnMinutes';
import { UndoBar } from '../../../features/edit/UndoBar';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';

/** When a prop is ready, whether that is in time, and how far it is climbed. */
export function PropFooter({ prop, index }: { readonly prop: Prop; readonly index: ShopIndex }) {
  const now = useNow(60_000);
  const formats = useFormats();
  const { plan } = usePlan();
  const ownMinutes = useOwnMinutes();
  const parts = [...index.parts.values()].filter((part) => part.propId === prop.id);
  const rungs = parts.flatMap((part) => index.rungsOf(part.id)).filter((rung) => rung.state !== 'leftOut');
  const ready = plan?.kind === 'planned' ? plan.props.find((entry) => entry.propId === prop.id) : undefined;
  const climbed = rungs.filter((rung) => rung.state === 'done').length;
  const hands = handsLeft(rungs, ownMinutes.of, now);
  const yours = ownHandsWords(
    hands,
    handsLeft(rungs, (rung) => rung.minutes, now),
    ownMinutes.whoseSums,
  );
  const spare = timeToSpare(ready?.readyMs ?? null, prop.dueMs);
  const isLate = spare?.isLate ?? false;
  return (
    <div className="mt-3 flex flex-wrap items-baseline gap-x-6 gap-y-1">
      <dl className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <Pair
          label="Ready"
          value={
            ready?.readyMs == null
              ? climbed === rungs.length && rungs.length > 0
                ? 'climbed'
                : ready && ready.laterRungs > 0 && ready.unplacedRungs === 0
                  ? 'later'
                  : 'no plan'
              : formats.moment(ready.readyMs, now)
          }
          isWarning={isLate}
        />
        {prop.dueMs !== null && <Pair label="Due" value={formats.moment(prop.dueMs, now)} />}
        {spare && <Pair label={isLate ? 'Late by' : 'To spare'} value={formatSpan(spare.minutes)} isWarning={isLate} />}
        {hands > 0 && <Pair label="Hands left" value={yours ? `${formatSpan(hands)}, ${yours}` : formatSpan(hands)} />}
        {ready && ready.unplacedRungs > 0 && <Pair label="Without a place" value={counted(ready.unplacedRungs, 'rung')} isWarning />}
        {ready && ready.laterRungs > 0 && <Pair label="Later than the plan reaches" value={counted(ready.laterRungs, 'rung')} />}
      </dl>
      <div className="ml-auto flex items-center gap-4">
        <p className="label">
          {counted(parts.length, 'ladder')} · {counted(rungs.length, 'rung')} · {climbed} climbed
        </p>
        <UndoBar />
      </div>
    </div>
  );
}

function Pair({ label, value, isWarning = false }: { readonly label: string; readonly value: string; readonly isWarning?: boolean }) {
  return (
    <div className="flex items-baseline gap-2">
      <dt className="label">{label}</dt>
      <dd className={`figure ${isWarning ? 'text-oxide font-medium' : ''}`}>{value}</dd>
    </div>
  );
}
