import { chanceError } from '@zinc-ladder/core/plan/play/chance';
import type { ShopOutlook } from '@zinc-ladder/core/plan/shopPlan/shopOutlook';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import { useNow } from '../../../clock/ClockContext';
import type { ShopIndex } from '../../../data/useShopIndex';
import { useOutlook } from '../../../features/plan/useOutlook';
import { SOON_SURE } from '../../../features/plan/useTriage';
import type { PlannedShop } from '../../../features/plan/planned';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';
import type { Reason } from '../../../ui/Why';
import { Why } from '../../../ui/Why';
import { percentWords } from './percentWords';

const SHOWN_RISKS = 4;

const BOUND_REASON: Reason = {
  formula: 'least finish for which all work still fits between its earliest start and its latest end',
  source:
    'a relaxation: waits and windows kept, work broken off at will, earliest deadline first (Jackson 1955, from memory), one setup a product. No plan can beat it; a plan need not reach it.',
};
const chanceReason = ({ runs }: ShopOutlook, more: Reason['inputs'] = []): Reason => ({
  formula: 'the plan played by what is known at each moment, with minutes, second passes and spraying weather drawn by chance',
  inputs: [['plays', String(runs)], ...more],
  source:
    'minutes by your own pace as the log tells it, as a whole and by method, drawn from a guess as it grows; films dry a sixth faster or slower than their label, guessed; one weather runs on from day to day; a forecast dry spell is lost the more often the nearer its air is to a limit and the further ahead it lies; the forecast’s error is guessed',
});

/** What can be counted on: before when no plan is ready, by when it is in half and in four of five plays, and what carries the risk. */
export function OutlookSheet({
  plan,
  props,
  index,
}: {
  readonly plan: Pick<PlannedShop, 'unplaced'>;
  readonly props: readonly Prop[];
  readonly index: ShopIndex;
}) {
  const { outlook, isReckoning } = useOutlook();
  const now = useNow(60_000);
  const formats = useFormats();
  if (!outlook) return isReckoning ? <p className="text-dim text-sm">Playing the plan…</p> : null;
  const shown = outlook.props.filter((entry) => props.some((prop) => prop.id === entry.propId));
  const only = shown.length === 1 ? shown[0] : undefined;
  const { notBeforeMs, p50Ms, p80Ms } = only ?? outlook;
  const { endsMs } = outlook;
  const byWhen = (ms: number): string => (ms < endsMs ? formats.moment(ms, now) : `not by ${formats.day(endsMs)}`);
  return (
    <Sheet className="p-4" label="What to count on">
      <h2 className="label">What to count on</h2>
      <dl className="grid grid-cols-[1fr_auto] gap-y-1">
        <dt>No plan before</dt>
        <dd className="figure text-right">
          <Why name="not before" reason={BOUND_REASON}>
            {formats.moment(notBeforeMs, now)}
          </Why>
        </dd>
        <dt>Even odds by</dt>
        <dd className="figure text-right">
          <Why name="even chance" reason={chanceReason(outlook)}>
            {byWhen(p50Ms)}
          </Why>
        </dd>
        <dt>4 of 5 by</dt>
        <dd className="figure text-right font-medium">
          <Why name="four in five" reason={chanceReason(outlook)}>
            {byWhen(p80Ms)}
          </Why>
        </dd>
      </dl>
      {plan.unplaced.some(({ cause }) => cause.kind === 'noWindow' && cause.longestMinutes > 0) && (
        <p className="text-dim text-sm">As if what fits no hours were begun in them all the same, and went on beyond their end.</p>
      )}
      <Dates outlook={outlook} shown={shown} index={index} />
      <Risks outlook={outlook} index={index} />
    </Sheet>
  );
}

/** Part of a chance, in points of a hundred. */
function pointsWords(share: number): string {
  const points = Math.round(share * 1000) / 10;
  return points === 1 ? '1 point' : `${points} points`;
}

function Dates({
  outlook,
  shown,
  index,
}: {
  readonly outlook: ShopOutlook;
  readonly shown: ShopOutlook['props'];
  readonly index: ShopIndex;
}) {
  const dated = shown.filter((entry) => entry.chanceOfDate !== null);
  if (dated.length === 0) return null;
  return (
    <>
      <h3 className="label border-line mt-2 border-t pt-2">Each by its date</h3>
      <ul aria-label="Chance of each date">
        {dated.map(({ propId, chanceOfDate, chanceADayLater }) => {
          const chance = chanceOfDate ?? 0;
          return (
            <li key={propId} className="flex justify-between gap-3">
              <span>{index.props.get(propId)?.name}</span>
              <span className={`figure whitespace-nowrap ${chance < SOON_SURE ? 'text-oxide font-medium' : ''}`}>
                <Why
                  name={`chance of ${index.props.get(propId)?.name ?? ''}`}
                  reason={chanceReason(outlook, [['by chance of the plays, give or take', pointsWords(chanceError(chance, outlook.runs))]])}
                >
                  {percentWords(chance)}
                </Why>
                {chance < SOON_SURE && ' · at risk'}
                {chance < SOON_SURE && chanceADayLater !== null && (
                  <span className="text-dim block text-right text-sm font-normal">{percentWords(chanceADayLater)} a day later</span>
                )}
              </span>
            </li>
          );
        })}
      </ul>
    </>
  );
}

function Risks({ outlook, index }: { readonly outlook: ShopOutlook; readonly index: ShopIndex }) {
  const risks = outlook.risks.filter((risk) => index.rungs.has(risk.rungId)).slice(0, SHOWN_RISKS);
  if (risks.length === 0) return null;
  return (
    <>
      <h3 className="label border-line mt-2 border-t pt-2">Carries the risk</h3>
      <ul className="text-sm">
        {risks.map(({ rungId, share }) => (
          <li key={rungId} className="flex justify-between gap-3">
            <span>{index.rungTitle(rungId)}</span>
            <span className="figure whitespace-nowrap">{Math.round(share * 100)} %</span>
          </li>
        ))}
      </ul>
    </>
  );
}
