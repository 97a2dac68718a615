import { FUSE_MARGIN } from '@zinc-ladder/core/light/ratings';
import { ENOUGH_SHARE } from '@zinc-ladder/core/light/stripVolts';
import type { LightReading } from '@zinc-ladder/model/gather/light/readLights';
import { AROUND_CELSIUS, FILM_SHUTTER, supplyOf } from '@zinc-ladder/model/gather/light/readLights';
import { HEAT_MARGIN, SKIN_COEFFICIENT } from '@zinc-ladder/core/light/heatBound';
import type { LightPlan } from '@zinc-ladder/model/records/light/lightPlan';
import { useMemo } from 'react';
import { Cautions } from '../../ui/Cautions';
import { useFormats } from '../../features/formats/useFormats';
import { Chart } from '../../ui/chart/Chart';
import { Sheet } from '../../ui/Sheet';
import { Why } from '../../ui/Why';
import { WideTable } from '../../ui/WideTable';

const KIND_LABELS = { wrong: 'Wrong', danger: 'Danger', mind: 'Mind' } as const;
/** A long strip is drawn by this many points. */
const POINTS = 400;

/** What is drawn, for how long, what is wrong, and how volts fall along the strip. */
export function PowerSheet({ plan, reading }: { readonly plan: LightPlan; readonly reading: LightReading }) {
  const formats = useFormats();
  const { strip, strings, heat } = reading;
  const supply = supplyOf(plan);
  const option = useMemo(() => {
    if (!strip) return null;
    const step = Math.max(1, Math.ceil(strip.volts.length / POINTS));
    const data = strip.volts.flatMap((volts, at) =>
      at % step === 0 || at === strip.volts.length - 1 ? [[at + 1, Math.round(volts * 1000) / 1000]] : [],
    );
    return {
      tooltip: { trigger: 'axis' },
      grid: { left: 52, right: 24, top: 32, bottom: 44 },
      xAxis: { type: 'value', name: 'LED', nameLocation: 'middle', nameGap: 26, min: 1, max: Math.max(2, strip.volts.length) },
      // From a tenth below the supply on: a fall that no eye sees is no cliff.
      yAxis: { type: 'value', name: 'V', min: Math.floor(Math.min(strip.lowest, ENOUGH_SHARE * reading.volts) * 10) / 10 },
      series: [{ type: 'line', showSymbol: false, lineStyle: { width: 2 }, data }],
    };
  }, [strip, reading.volts]);
  return (
    <Sheet className="min-w-0 p-4" label="Current and hours">
      <h2 className="font-label mb-2 text-2xl font-semibold">
        <Why
          name="what it draws"
          reason={{
            formula:
              plan.kind === 'singles'
                ? 'per string (supply − Σ forward volts) ÷ resistor, next E24 value up; × strings × light it is run at'
                : 'Σ over LEDs, solved as a network of strip, leads and loads (Kirchhoff); × light it is run at',
            inputs: [
              ['supply', `${supply.volts.toFixed(1)} V (${supply.freshVolts.toFixed(1)} fresh, ${supply.tiredVolts.toFixed(1)} tired)`],
              ['run at', `${Math.round(plan.brightness * 100)} %`],
            ],
            source: 'Ohm and Kirchhoff; IEC 60063; forward volts and cells common practice, the maker’s sheet wins',
          }}
        >
          {Math.round(reading.milliamps)} mA, {reading.watts.toFixed(2)} W
        </Why>
        {reading.hours !== null && (
          <>
            {' '}
            for{' '}
            <Why
              name="how long it shines"
              reason={{
                formula: 'capacity × usable share ÷ current at the light it is run at',
                inputs: [['usable', `${Math.round(plan.usable * 100)} %`]],
                source: 'capacity of such cells: common practice',
              }}
            >
              {reading.hours < 48 ? `${reading.hours.toFixed(1)} h` : `${(reading.hours / 24).toFixed(1)} days`}
            </Why>
          </>
        )}
      </h2>
      {reading.findings.length === 0 ? (
        <p>Nothing speaks against it.</p>
      ) : (
        <ul aria-label="What speaks against it" className="grid gap-1">
          {reading.findings.map(({ kind, words }) => (
            <li key={words} className={kind === 'mind' ? 'border-edge border-l-4 pl-2' : 'border-oxide text-oxide border-l-4 pl-2'}>
              <span className="label mr-2">{KIND_LABELS[kind]}</span>
              {words}.
            </li>
          ))}
        </ul>
      )}
      {strings.length > 0 && (
        <WideTable label="Strings of lamps" className="mt-3">
          <table className="w-full text-left">
            <thead>
              <tr>
                <th className="label">Strings</th>
                <th className="label text-right">Resistor</th>
                <th className="label text-right">Rated</th>
                <th className="label text-right">Current, tired to fresh</th>
                <th className="label text-right">Of the light wanted</th>
              </tr>
            </thead>
            <tbody>
              {strings.map(({ leds, count, ohms, ratingWatts, span, brightness }) => (
                <tr key={leds} className="border-line border-t">
                  <td>
                    {count} × {leds} in a row
                  </td>
                  <td className="figure text-right">{ohms} Ω</td>
                  <td className="figure text-right">{ratingWatts === null ? 'none' : `${ratingWatts} W`}</td>
                  <td className="figure text-right">
                    {span.leastMilliamps.toFixed(1)} – {span.mostMilliamps.toFixed(1)} mA
                  </td>
                  <td className="figure text-right">{Math.round(brightness * 100)} %</td>
                </tr>
              ))}
            </tbody>
          </table>
        </WideTable>
      )}
      {strip && option && (
        <>
          <h3 className="label mt-3">Volts along the strip</h3>
          <Chart option={option} label={`Volts along the strip: ${strip.lowest.toFixed(2)} V at the lowest`} height={180} />
        </>
      )}
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-4">
        {strip && strip.branches.length > 1 && (
          <>
            <dt className="text-dim">Full light, by feed</dt>
            <dd className="figure">{strip.branches.map(({ at, amps }) => `LED ${at + 1}: ${Math.round(amps * 1000)} mA`).join(', ')}</dd>
          </>
        )}
        {reading.milliamps > 0 && (
          <>
            <dt className="text-dim">Fuse, at the supply</dt>
            <dd className="figure">
              <Why
                name="the fuse"
                reason={{
                  formula: 'next of the series at or above full light × margin, and not above what the wire bears',
                  inputs: [['margin', `${FUSE_MARGIN} × (guess)`]],
                  source: 'series of IEC 60127 (memory)',
                }}
              >
                {reading.ratings.fuseAmps === null ? 'none fits' : `${reading.ratings.fuseAmps} A`}
              </Why>
            </dd>
            <dt className="text-dim">Switch and connector, rated for</dt>
            <dd className="figure">{reading.ratings.contactAmps} A at direct current</dd>
          </>
        )}
        {heat && (
          <>
            <dt className="text-dim">Skin, at most in the mean</dt>
            <dd className="figure">
              <Why
                name="how warm the skin gets"
                reason={{
                  formula: 'air + watts ÷ (coefficient × area)',
                  inputs: [
                    ['air', formats.temperature(AROUND_CELSIUS)],
                    ['coefficient', `${SKIN_COEFFICIENT} W/(m²·K)`],
                    ['margin to softening', `${HEAT_MARGIN} K (guess)`],
                    ['most heat', `${heat.mostWatts.toFixed(1)} W`],
                  ],
                  source: 'heat transfer handbooks (memory); an upper bound for the mean, spots over chips are warmer',
                }}
              >
                {formats.temperature(heat.skinCelsius)}
              </Why>
            </dd>
          </>
        )}
        {reading.banding && (
          <>
            <dt className="text-dim">Bands in a camera at 1/{Math.round(1 / FILM_SHUTTER)} s</dt>
            <dd className="figure">{(reading.banding.contrast * 100).toFixed(0)} %</dd>
          </>
        )}
      </dl>
      <div className="mt-3">
        <Cautions ids={['lights', 'soldering']} />
      </div>
    </Sheet>
  );
}
