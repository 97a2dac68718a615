import { paceMinutes } from '@zinc-ladder/core/surface/forecast/pacedMinutes';
import type { SchoolForecast } from '@zinc-ladder/core/surface/forecast/forecastSchools';
import { Button } from '../../../ui/Button';
import { InlineNumber } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';
import { growSchool } from '../../../data/changes/ladder/growChanges';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useShopIndex } from '../../../data/useShopIndex';
import { engravingWords, ladderEngraving } from '../gathered/ladderEngraving';
import type { Surface } from '../gathered/useSurface';
import { WideTable } from '../../../ui/WideTable';

/** Every smoothing school on this part, side by side, with the ladder's own marked. */
export function SchoolsSheet({ surface }: { readonly surface: Surface }) {
  const { forecasts, finish, metres, visible, ridge, ask, engraving, part } = surface;
  const edit = useEdit();
  const index = useShopIndex();
  const prop = index.props.get(part.propId);
  const inTheEnd = ladderEngraving(surface, index);
  const formats = useFormats();
  return (
    <Sheet className="min-w-0 p-4" label="Schools side by side">
      <div className="mb-1 flex flex-wrap items-end justify-between gap-x-6 gap-y-1">
        <h2 className="label">To {finish.name.toLowerCase()}, from bare print to ready for colour</h2>
        <div className="flex flex-wrap items-end gap-x-5 text-sm">
          <dl className="flex gap-x-5">
            <div>
              <dt className="label">Ridges</dt>
              <dd className="figure text-base">
                <Why
                  name="ridges"
                  reason={{
                    formula: 'c = t · |cos θ|, never less than a bead’s',
                    inputs: [['this figure', ridge.origin]],
                    source: 'Dolenc and Mäkelä 1994 (from memory); bead ridges are common practice',
                  }}
                >
                  {formats.film(ridge.value)}
                </Why>
              </dd>
            </div>
            <div>
              <dt className="label">May stay</dt>
              <dd className="figure text-base">
                <Why
                  name="valley that may stay"
                  reason={{
                    formula: visible.formula,
                    inputs: [
                      ['finish', finish.name],
                      ['smallest spot seen', formats.length(visible.spotMillimetres, 2)],
                    ],
                    source: 'what finishes forgive is common practice, guessed; one minute of arc for the spot (Snellen)',
                  }}
                >
                  {formats.film(visible.valleyMicrometres)}
                </Why>
              </dd>
            </div>
          </dl>
          {prop && (
            <div className="w-28">
              <InlineNumber
                label="Seen from"
                unit="m"
                value={metres}
                min={0.05}
                max={1000}
                onKeep={(value) =>
                  value !== null &&
                  void edit(`Change how far ${prop.name} is seen from`, (change) =>
                    change.patch('props', prop.id, { viewingMetres: value }, prop),
                  )
                }
              />
            </div>
          )}
        </div>
      </div>
      <WideTable label="Schools beside each other" className="relative">
        <table className="w-full min-w-140 text-left text-[0.95rem]">
          <thead>
            <tr className="border-line text-dim border-b text-sm">
              <th className="py-1 pr-2 pl-2 font-normal">school</th>
              <th className="px-2 font-normal">loops</th>
              <th className="px-2 font-normal">hands</th>
              <th className="px-2 font-normal">waiting</th>
              <th className="px-2 font-normal">uses</th>
              <th className="px-2 font-normal">film before colour</th>
              <th className="px-2 font-normal">engraving before colour</th>
              <th>
                <span className="sr-only">grow by it</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {forecasts.map((entry) =>
              entry.kind === 'refused' ? (
                <tr key={entry.smoothing} className="border-line text-dim border-b">
                  <th scope="row" className="py-1 pr-2 pl-2 font-normal whitespace-nowrap">
                    {entry.name}
                  </th>
                  <td colSpan={7} className="px-2 text-sm">
                    {entry.reason.slice(entry.reason.indexOf(': ') + 2)}
                  </td>
                </tr>
              ) : (
                <SchoolRow key={entry.smoothing} forecast={entry} surface={surface} />
              ),
            )}
          </tbody>
        </table>
      </WideTable>
      <p className="text-dim mt-2 text-sm">
        The marked row is this ladder’s; growing another keeps what is done, and undo brings the open rungs back. Waiting is drying alone,
        in the air of now to the nearest degree ({formats.temperature(ask.air.temperatureCelsius)}, {ask.air.relativeHumidityPercent} %);
        hands can do other work meanwhile. Engraving{' '}
        {formats.lengths([engraving.value.widthMillimetres, engraving.value.depthMillimetres], 2)} ({engraving.origin})
        {inTheEnd.stack.length > 0 && `; with all films of this ladder, colour and clear, ${engravingWords(inTheEnd.left)}`}.
      </p>
    </Sheet>
  );
}

function SchoolRow({ forecast, surface }: { readonly forecast: SchoolForecast; readonly surface: Surface }) {
  const formats = useFormats();
  const edit = useEdit();
  const products = useTable('products');
  const { part } = surface;
  const ladder = useShopIndex().ladderOfPart.get(part.id);
  const isChosen = forecast.smoothing === surface.route.smoothing;
  const { loops, engraving } = forecast;
  const minutes = paceMinutes(forecast.rungs, surface.paces);
  const logged = [...surface.paces.values()].reduce((sum, pace) => sum + pace.count, 0);
  const isBuried = engraving.verdict === 'buried';
  return (
    <tr className={`border-line border-b ${isChosen ? 'bg-lime/15' : ''}`}>
      <th scope="row" className={`py-1 pr-2 pl-2 font-semibold whitespace-nowrap ${isChosen ? 'border-l-lime border-l-4' : ''}`}>
        {forecast.name}
        {isChosen && <span className="sr-only">, this ladder</span>}
      </th>
      <td className="figure px-2">
        <Why
          name={`loops of ${forecast.name}`}
          reason={{
            formula: loops.formula,
            inputs: loops.steps.map((step) => [step.name, formats.film(step.valleyMicrometres)] as const),
            source: 'a plain model, guessed and fitted to common practice (0.2 mm, gloss, primer only: about 4 loops)',
          }}
        >
          {loops.ridgesStay ? <span className="font-sans text-sm">ridges stay</span> : loops.loops}
        </Why>
      </td>
      <td className="figure px-2 whitespace-nowrap">
        <Why
          name={`hands of ${forecast.name}`}
          reason={{
            formula: 'minutes of its rungs × your own pace by method',
            inputs: [
              ['class minutes', formatSpan(forecast.handsMinutes)],
              ['most likely', `${formatSpan(minutes.low)} to ${formatSpan(minutes.high)}`],
              ['rungs logged', String(logged)],
            ],
            source: 'class minutes are guessed; pace from the log, drawn towards the class while little is logged',
          }}
        >
          {formatSpan(minutes.likely)}
        </Why>
      </td>
      <td className="figure px-2 whitespace-nowrap">{formatSpan(forecast.waitMinutes)}</td>
      <td className="figure px-2 whitespace-nowrap">
        <Why
          name={`products of ${forecast.name}`}
          reason={{
            formula: 'area × dry film × coats ÷ volume solids ÷ transfer',
            inputs: forecast.products.map((use) => [use.name, formats.volume(use.millilitres)] as const),
            source: 'class values; coating handbooks, transfer common practice',
          }}
        >
          {formats.volume(forecast.products.reduce((sum, use) => sum + use.millilitres, 0))}
        </Why>
      </td>
      <td className="figure px-2 whitespace-nowrap">{formats.film(forecast.filmMicrometres)}</td>
      <td className={`figure px-2 whitespace-nowrap ${isBuried ? 'text-oxide' : ''}`}>
        <Why
          name={`engraving under ${forecast.name}`}
          reason={{
            formula: 'width − 2 × film; depth − what pools − what sanding cuts',
            inputs: [
              ['left open', formats.lengths([engraving.widthMillimetres, engraving.depthMillimetres], 2)],
              ['edges rounded to', formats.film(forecast.edgeRadiusMicrometres)],
              ['film on a wall', formats.film(forecast.filmMicrometres)],
            ],
            source: 'films from the class; half of a film is taken to stay after sanding, pooling guessed',
          }}
        >
          {Math.round(engraving.openShare * 100)} % <span className="font-sans text-sm">{engraving.verdict}</span>
        </Why>
      </td>
      <td className="text-right">
        {!isChosen && ladder?.route && (
          <Button
            look="quiet"
            className="px-2! text-sm whitespace-nowrap"
            aria-label={`Grow it: ${part.name} by ${forecast.name}`}
            onClick={() =>
              void edit(`Grow the ladder of ${part.name} by ${forecast.name.toLowerCase()}`, (change) =>
                growSchool(change, ladder.id, forecast.smoothing, products, newId, surface.ridge.value),
              )
            }
          >
            Grow it
          </Button>
        )}
      </td>
    </tr>
  );
}
