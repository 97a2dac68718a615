import type { KnownAir } from '@zinc-ladder/core/climate/airTimeline';
import { FADE_MS } from '@zinc-ladder/core/climate/airTimeline';
import type { ReactNode } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { useNow } from '../clock/ClockContext';
import type { MetaRow } from '../data/tables/database';
import { tableKey } from '../data/tables/liveTables';
import { useHistoryState, useShop, useTable } from '../data/queries';
import { useStore } from '../data/StoreContext';
import { callWords, gatherCalls } from '../features/calls/calls';
import { workedMs } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { useFilmsRead, usePlan } from '../features/plan/usePlan';
import type { Formats } from '../base/formats';
import { formatSpan, formatTimer } from '../base/formats';
import { useFormats } from '../features/formats/useFormats';
import type { Reason } from '../ui/Why';
import { Why } from '../ui/Why';
import { useCurrentTitle } from '../features/title/pageTitle';
import { useSensorState } from '../features/air/SensorFeed';
import type { SprayOpening, SprayState } from '../features/plan/useSprayState';
import { useSprayState } from '../features/plan/useSprayState';
import { useOrderSoon } from '../features/shelf/useOrderSoon';
import { useAtBench } from '../features/person/useAtBench';

/** Head of every view: its title, and what the shop is like right now. */
export function ShopStrip() {
  const title = useCurrentTitle();
  const formats = useFormats();
  const spray = useSprayState();
  const shop = useShop();
  return (
    <header className="bg-sheet border-line flex flex-wrap items-center gap-x-4 gap-y-1 border-b px-4 py-1.5 md:min-h-13">
      <h1 className="font-label mr-auto text-2xl font-semibold">{title || 'Zinc Ladder'}</h1>
      {shop && spray && (
        // As wide from the first paint as with a plan and something to order: a strip that grows would push the view down under a finger.
        <dl className="no-print flex flex-wrap gap-x-5 gap-y-1 text-sm max-xl:basis-full sm:max-lg:min-h-19 xl:min-w-[57rem] xl:justify-end">
          <Item label={shop.climateSource === 'sensor' ? 'Shop' : 'Shop air'}>
            <AirWords name="shop air" air={spray} formats={formats} />
            <SensorNote />
          </Item>
          {spray.yard && (
            <Item label="Out of doors">
              <AirWords name="air out of doors" air={spray.yard} formats={formats} />
            </Item>
          )}
          <Item label="Dew gap">
            <Why name="dew gap" reason={dewReason(spray, formats)}>
              <span className={spray.dewGapKelvin < shop.sprayLimits.leastDewGapKelvin ? 'text-oxide' : ''}>
                {formats.temperatureGap(spray.dewGapKelvin)}
              </span>
            </Why>
          </Item>
          {spray.airbrush && !isSameOpening(spray.spraying, spray.airbrush) ? (
            <>
              <Item label="Cans">
                <SprayWords opening={spray.spraying} formats={formats} />
              </Item>
              <Item label="Airbrush">
                <SprayWords opening={spray.airbrush} formats={formats} />
              </Item>
            </>
          ) : (
            <Item label="Spraying">
              <SprayWords opening={spray.spraying} formats={formats} />
            </Item>
          )}
          <HandsItem />
          <NextCall />
          <OrderItem />
          <UnsavedItem />
        </dl>
      )}
    </header>
  );
}

function Item({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <div>
      <dt className="label leading-tight">{label}</dt>
      <dd className="figure font-medium whitespace-nowrap">{children}</dd>
    </div>
  );
}

function AirWords({ name, air, formats }: { readonly name: string; readonly air: KnownAir; readonly formats: Formats }) {
  return (
    <>
      <Why name={name} reason={airReason(air)}>
        {formats.temperature(air.temperatureCelsius)} · {Math.round(air.relativeHumidityPercent)} %
      </Why>
      {air.heldMs !== null && air.heldMs >= AGE_SHOWN_FROM_MS && (
        <span className="text-dim font-sans"> {formatSpan(air.heldMs / 60_000)} old</span>
      )}
    </>
  );
}

function SensorNote() {
  const state = useSensorState();
  if (state === 'simulated') return <span className="text-dim font-sans"> simulated</span>;
  if (state !== 'away') return null;
  return <span className="text-oxide font-sans"> sensor away</span>;
}

const FAULT_WORDS = { dewGap: 'dew', humidity: 'damp', tooCold: 'cold', tooWarm: 'warm', wind: 'wind' } as const;

/** Whether both are told in the same words: said once they leave room in the strip. */
function isSameOpening(a: SprayOpening, b: SprayOpening): boolean {
  const kinds = ({ faults }: SprayOpening): string => faults.map(({ kind }) => kind).join();
  return a.isOpen === b.isOpen && a.changesMs === b.changesMs && kinds(a) === kinds(b);
}

function SprayWords({ opening, formats }: { readonly opening: SprayOpening; readonly formats: Formats }) {
  const now = useNow(60_000);
  if (opening.isOpen === null) return <NotKnown what="The hours of spraying" />;
  if (opening.isOpen)
    return <span className="text-limeink">open{opening.changesMs === null ? '' : ` to ${formats.moment(opening.changesMs, now)}`}</span>;
  const why = opening.faults.length > 0 ? `too ${opening.faults.map((fault) => FAULT_WORDS[fault.kind]).join(', ')}` : 'closed';
  return (
    <span>
      {why.replace('too dew', 'near dew').replace('too wind', 'windy')}
      {opening.changesMs === null ? '' : `, opens ${formats.moment(opening.changesMs, now)}`}
    </span>
  );
}

/** In place of a figure that is not there yet, or cannot be had. */
function NotKnown({ what }: { readonly what: string }) {
  return (
    <span className="text-dim" title={`${what} are not worked out yet.`}>
      not known yet
    </span>
  );
}

function HandsItem() {
  const rungs = useTable('rungs');
  const now = useNow(1000);
  const { plan } = usePlan();
  const formats = useFormats();
  const { isMine, hoursIn } = useAtBench();
  const held = rungs.filter((rung) => rung.state === 'inHand' && isMine(rung.doerId));
  const [first] = held;
  if (first) {
    return (
      <Item label="Hands">
        <Link to="/bench" className="in-text underline-offset-4 hover:underline">
          {first.name} {formatTimer(workedMs(first, now))}
          {held.length > 1 ? ` + ${held.length - 1}` : ''}
        </Link>
      </Item>
    );
  }
  if (plan === null)
    return (
      <Item label="Hands">
        <NotKnown what="The hours of hands" />
      </Item>
    );
  const windows = plan.kind === 'planned' ? hoursIn(plan) : [];
  const current = windows.find((window) => window.start <= now && now < window.end);
  const next = windows.find((window) => window.start > now);
  return (
    <Item label="Hands">
      {current ? `free to ${formats.moment(current.end, now)}` : next ? `off to ${formats.moment(next.start, now)}` : 'no hours'}
    </Item>
  );
}

function NextCall() {
  const now = useNow(15_000);
  const formats = useFormats();
  const films = useFilmsRead();
  const [call] = gatherCalls(films ?? [], now);
  return (
    <Item label="Next call">
      {films === null ? (
        <NotKnown what="The films" />
      ) : call ? (
        <Link to="/bench" className={`in-text underline-offset-4 hover:underline ${call.kind === 'closes' ? 'text-oxide' : ''}`}>
          {formats.moment(call.atMs, now)} {callWords(call)}
        </Link>
      ) : (
        'none'
      )}
    </Item>
  );
}

/** What is to be ordered before it is too late. */
function OrderItem() {
  const soon = useOrderSoon();
  const [first] = soon;
  if (!first) return null;
  return (
    <Item label={`Order ${first.when}`}>
      <Link
        to={`/shelf/needs?of=${encodeURIComponent(first.thing.id)}`}
        className="in-text text-oxide inline-block max-w-40 truncate align-bottom underline-offset-4 hover:underline"
      >
        {first.thing.name}
      </Link>
      {soon.length > 1 ? ` + ${soon.length - 1}` : ''}
    </Item>
  );
}

/** A shop that was changed and not saved to a file for this long is reminded of. */
const REMIND_AFTER_DAYS = 7;

function UnsavedItem() {
  const store = useStore();
  const now = useNow(600_000);
  const meta = useQuery({ queryKey: tableKey('meta'), queryFn: () => store.db.meta.toArray(), staleTime: Infinity, networkMode: 'always' });
  const { firstAtMs, lastAtMs } = useHistoryState();
  const kept = (key: MetaRow['key']) => meta.data?.find((row) => row.key === key)?.value;
  if (!meta.data || kept('isDemo') === true || firstAtMs === null || lastAtMs === null) return null;
  const saved = kept('savedAtMs');
  const savedAtMs = typeof saved === 'number' ? saved : firstAtMs;
  const days = Math.floor((now - savedAtMs) / 86_400_000);
  if (days < REMIND_AFTER_DAYS || (typeof saved === 'number' && lastAtMs <= saved)) return null;
  return (
    <Item label="Not saved to a file">
      <Link to="/shop/files" className="text-oxide underline-offset-4 hover:underline">
        for {days} days
      </Link>
    </Item>
  );
}

/** A younger reading is as good as now's. */
const AGE_SHOWN_FROM_MS = 10 * 60_000;

function airReason(air: KnownAir): Reason {
  const from = {
    measured: 'measured, linear between readings',
    forecast: 'forecast, linear between its hours',
    typical: 'the typical day: nothing measured or forecast for now',
  };
  if (air.heldMs !== null) {
    return {
      formula: 'the typical day + what the last reading differed from it × what is left of that: e^(−age ÷ fade), less towards a forecast',
      inputs: [
        ['age of the reading', formatSpan(air.heldMs / 60_000)],
        ['fade', `${FADE_MS / 3_600_000} h`],
      ],
      source: 'damped persistence, as in forecasting; the fade is guessed',
    };
  }
  return { formula: 'air at this moment', source: from[air.origin] };
}

function dewReason(spray: SprayState, formats: Formats): Reason {
  const { temperatureCelsius, relativeHumidityPercent } = spray.yard ?? spray;
  return {
    formula: 'gap = surface − dew point; surface taken as the air',
    inputs: [
      [spray.yard ? 'air out of doors' : 'air', formats.temperature(temperatureCelsius)],
      ['humidity', `${relativeHumidityPercent.toFixed(0)} %`],
      ['dew point', formats.temperature(temperatureCelsius - spray.dewGapKelvin)],
    ],
    source: 'Magnus formula, WMO-No. 8; 3 K limit after ISO 8502-4 (from memory)',
  };
}
