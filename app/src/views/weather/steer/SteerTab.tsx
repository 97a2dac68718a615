import { beliefEnds, handByEarlier, learnHand, nextPass } from '@zinc-ladder/core/weather/hand/hand';
import type { EarlierPass, Verdict } from '@zinc-ladder/core/weather/hand/hand';
import { SHAPE_DOUBT } from '@zinc-ladder/core/weather/seen/shapeDoubt';
import { findTechnique } from '@zinc-ladder/core/weather/technique/techniques';
import type { CoverageRecord, WeatherPlan } from '@zinc-ladder/model/records/prop/weatherPlan';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { changePass, keepReading } from '../../../data/changes/look/weatherChanges';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useClock } from '../../../clock/ClockContext';
import { Button } from '../../../ui/Button';
import { InlineNumber, SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';
import { EyeRow } from './EyeRow';
import { PhotoReading } from './PhotoReading';
import { usePlanEdit } from '../usePlanEdit';
import type { Weather } from '../useWeather';
import { passAt, useRehearsal } from '../useWeather';
import { percent } from '../words';

/** What is said of a pass: how it reads and how much to lay on. */
const VERDICTS: Readonly<Record<Verdict, string>> = {
  more: 'One more, light',
  close: 'Close enough',
  stop: 'Stop',
  outOfReach: 'It will not get there',
};
/** A turn of more than this is no light one. */
const LIGHT = 0.5;
const HOW = {
  pair: 'photograph, registered',
  unregistered: 'photograph, not registered',
  single: 'one photograph',
  eye: 'by eye',
} as const;

/** More or stop: what is there of a pass, measured, and how much to lay on next. */
export function SteerTab({ weather }: { readonly weather: Weather }) {
  const { plan, part } = weather;
  const [search, setSearch] = useSearchParams();
  const chosen = passAt(plan, search.get('pass')) ?? passAt(plan, plan.passes[0]?.id ?? null);
  if (!chosen)
    return (
      <p>
        No pass to steer yet.{' '}
        <Link className="in-text underline" to={`/weather/${part.id}`}>
          Rehearse one first
        </Link>
      </p>
    );
  return <Steered key={chosen.pass.id} weather={weather} at={chosen.at} onChoose={(id) => setSearch({ pass: id }, { replace: true })} />;
}

/** What was measured of a technique in other passes, the oldest first. */
function earlierPasses(plans: readonly WeatherPlan[], techniqueId: string, exceptId: string): EarlierPass[] {
  return plans
    .flatMap((plan) =>
      plan.passes
        .filter((pass) => pass.techniqueId === techniqueId && pass.id !== exceptId)
        .flatMap((pass) => {
          const done = plan.readings.filter((reading) => reading.passId === pass.id);
          const most = done.findLast((reading) => reading.most !== null)?.most ?? null;
          return most === null || done.every(({ coverage }) => coverage === null) ? [] : [{ done, most, atMs: done.at(-1)?.atMs ?? 0 }];
        }),
    )
    .toSorted((a, b) => a.atMs - b.atMs);
}

function Steered({ weather, at, onChoose }: { readonly weather: Weather; readonly at: number; readonly onChoose: (id: string) => void }) {
  const { plan, passes, bases, colours } = weather;
  const pass = plan.passes[at];
  const rehearsed = passes[at];
  const clock = useClock();
  const formats = useFormats();
  const keep = usePlanEdit(weather);
  const { answer, isFull } = useRehearsal(weather, passes, at);
  const [way, setWay] = useState<'photograph' | 'eye'>('photograph');
  const [laidOn, setLaidOn] = useState<number | null>(null);
  const [region, setRegion] = useState(0);
  const plans = useTable('weatherPlans');
  if (!pass || !rehearsed) return null;
  const technique = findTechnique(pass.techniqueId);
  const readings = plan.readings.filter((reading) => reading.passId === pass.id);
  const target = pass.stop ?? answer?.sights[at]?.coverage ?? null;
  const most = isFull ? (answer?.most ?? null) : null;
  const isShape = weather.surface?.isShape === true;
  const earlier = earlierPasses(plans, pass.techniqueId, pass.id);
  const prior = handByEarlier(earlier);
  const next = target !== null && most !== null && most > 0 ? nextPass(readings, most, target, prior, isShape ? SHAPE_DOUBT : 1) : null;
  const hand = most !== null && most > 0 ? beliefEnds(learnHand(readings, most, prior)) : null;
  const measured = readings.filter(({ coverage }) => coverage !== null).length;
  const amount = laidOn ?? next?.amount ?? pass.amount;
  // A region that was taken away meanwhile is judged no more.
  const over = region < bases.length ? region : 0;
  const base = bases[over] ?? weather.base;
  const deposit = (over > 0 ? rehearsed.labIn?.[over - 1] : null) ?? rehearsed.lab;
  const keepIt = (fields: Pick<CoverageRecord, 'coverage' | 'half' | 'how' | 'pictureId'>): void => {
    const reading: CoverageRecord = {
      id: newId(),
      passId: pass.id,
      amount: Math.min(10, amount),
      most,
      atMs: Math.round(clock.now()),
      ...fields,
    };
    void keep(`Note a turn of ${technique.name.toLowerCase()}`, (change, id) => keepReading(change, id, reading)).then(() =>
      setLaidOn(null),
    );
  };
  return (
    <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-[26rem_minmax(0,1fr)]">
      <div className="grid grid-cols-1 min-w-0 gap-4">
        <Sheet className="p-4" isActive label="Verdict">
          <SelectField
            label="Pass"
            value={pass.id}
            options={plan.passes.map(({ id, techniqueId }) => [id, findTechnique(techniqueId).name] as const)}
            onChange={onChoose}
          />
          <p className="font-label mt-3 text-3xl leading-tight font-semibold" role="status">
            {next ? (
              <Why
                name="verdict"
                reason={{
                  formula:
                    'covered = Z · (1 − e^(−Σ amount · hand)); half strength first, then 0.8 of what is missing, nothing from 0.92 of the line',
                  inputs: [
                    ['stop line', percent(target ?? 0)],
                    ['Z, with no end of turns', `${percent(most ?? 0)}${isShape ? ', by its shape alone: off by half or less' : ''}`],
                    ['hand', next.hand.toFixed(2)],
                    ['there now', percent(next.now)],
                  ],
                  source: 'own model: hands lognormal, spread guessed; simulated, 6 in 100 end over the line by a quarter',
                }}
              >
                {readings.length === 0 && next.verdict === 'more'
                  ? 'Begin with half'
                  : next.verdict === 'more' && next.amount > LIGHT
                    ? 'One more'
                    : VERDICTS[next.verdict]}
              </Why>
            ) : (
              'Rehearsing…'
            )}
          </p>
          {next && (
            <p className="mt-1">
              {next.verdict === 'outOfReach'
                ? `This technique tends to ${percent(most ?? 0)} here; the line asks for ${percent(target ?? 0)}. Lower the line, or take another technique.`
                : next.amount > 0 && next.verdict !== 'stop'
                  ? `Amount ${percent(next.amount)} brings it to ${percent(next.next)} (${percent(next.low)} to ${percent(next.high)}) of a line at ${percent(target ?? 0)}.`
                  : `About ${percent(next.now)} is there, the line is ${percent(target ?? 0)}.`}
            </p>
          )}
          <div className="mt-3 grid grid-cols-2 gap-3">
            <InlineNumber
              label="Stop line, %"
              value={target === null ? null : Math.round(target * 100)}
              min={0}
              max={100}
              onKeep={(value) =>
                void keep('Stop line', (change, id) => changePass(change, id, pass.id, { stop: value === null ? null : value / 100 }))
              }
            />
            {hand && (
              <div>
                <div className="label">Your hand</div>
                <div className="figure text-lg">
                  <Why
                    name="hand"
                    reason={{
                      formula: 'a lognormal guess (deviation 0.6) on a grid of 61, narrowed by every measured turn',
                      inputs: [
                        ['middle', hand.middle.toFixed(2)],
                        ['nine in ten', `${hand.low.toFixed(2)} to ${hand.high.toFixed(2)}`],
                        ['measured turns of this pass', String(measured)],
                        ['passes of this technique elsewhere', String(earlier.length)],
                      ],
                      source: 'Bayes’ rule; spreads of hands and turns are guessed',
                    }}
                  >
                    × {hand.middle.toFixed(1)}
                  </Why>
                </div>
              </div>
            )}
          </div>
        </Sheet>
        <Sheet className="p-4" label="Turns so far">
          <h2 className="label mb-1">Turns so far</h2>
          {readings.length === 0 ? (
            <p className="text-dim">None. Lay on the first, then measure it.</p>
          ) : (
            <ol>
              {readings.map((reading) => (
                <li key={reading.id} className="border-line flex flex-wrap items-baseline justify-between gap-x-3 border-t py-1">
                  <span className="figure">
                    {reading.coverage === null ? 'not measured' : `${percent(reading.coverage)} ± ${percent(reading.half)}`}
                  </span>
                  <span className="text-dim text-sm">
                    amount {percent(reading.amount)}, {reading.coverage === null ? 'done' : HOW[reading.how]},{' '}
                    {formats.moment(reading.atMs, clock.now())}
                  </span>
                  <Button
                    look="quiet"
                    className="text-sm"
                    aria-label={`Take this turn away, ${reading.coverage === null ? 'not measured' : percent(reading.coverage)}`}
                    onClick={() =>
                      void keep('Take a turn away', async (change, id) => {
                        const now = await change.need('weatherPlans', id);
                        await change.patch('weatherPlans', id, { readings: now.readings.filter((other) => other.id !== reading.id) });
                      })
                    }
                  >
                    Take away
                  </Button>
                </li>
              ))}
            </ol>
          )}
        </Sheet>
      </div>
      <Sheet className="min-w-0 p-4" label="Measure">
        <div className="mb-3 flex flex-wrap items-end gap-3">
          <div className="flex gap-1" role="group" aria-label="Measure">
            {(['photograph', 'eye'] as const).map((entry) => (
              <Button key={entry} aria-pressed={way === entry} look={way === entry ? 'primary' : 'plain'} onClick={() => setWay(entry)}>
                {entry === 'photograph' ? 'By photograph' : 'By eye'}
              </Button>
            ))}
          </div>
          <div className="w-40">
            <InlineNumber
              label="Laid on this turn, %"
              value={Math.round(amount * 100)}
              min={0}
              max={1000}
              onKeep={(value) => setLaidOn(value === null ? null : value / 100)}
            />
          </div>
          {bases.length > 1 && (
            <SelectField
              label="Judged over"
              value={String(over)}
              options={[colours, ...colours.regions].map(({ name }, nth) => [String(nth), name ?? 'a colour without a name'] as const)}
              onChange={(value) => setRegion(Number(value))}
            />
          )}
          <Button className="ml-auto" onClick={() => keepIt({ coverage: null, half: 0, how: 'eye', pictureId: null })}>
            Done, not measured
          </Button>
        </div>
        {way === 'photograph' ? (
          <PhotoReading
            weather={weather}
            pass={pass}
            base={base}
            deposit={deposit}
            target={target}
            onStop={(stop) => void keep('Stop line', (change, id) => changePass(change, id, pass.id, { stop }))}
            onKeep={keepIt}
          />
        ) : (
          <EyeRow
            base={base}
            deposit={deposit}
            sizeMillimetres={pass.sizeMillimetres}
            target={target}
            onKeep={(coverage, half) => keepIt({ coverage, half, how: 'eye', pictureId: null })}
          />
        )}
      </Sheet>
    </div>
  );
}
