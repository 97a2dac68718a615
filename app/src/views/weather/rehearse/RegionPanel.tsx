import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { MOST_COLOUR_REGIONS } from '@zinc-ladder/core/weather/region/colourRegions';
import { finestOf } from '@zinc-ladder/core/weather/region/laidStencil';
import { USUAL_POINTS } from '@zinc-ladder/core/weather/field/weatherFields';
import { labOfProduct, toLab } from '@zinc-ladder/model/gather/film/gatherPaints';
import { rungPieceArea } from '@zinc-ladder/model/rungs/rungPieceArea';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { coatsElsewhere, measuredRegion } from '@zinc-ladder/model/gather/regionCoats';
import { maskedProducts } from '@zinc-ladder/model/gather/gatherWeather';
import type { WeatherRegion } from '@zinc-ladder/model/records/prop/weatherPlan';
import { useState } from 'react';
import { setWhere } from '../../../data/changes/ladder/rungChanges';
import { changeWeatherRegion, removeWeatherRegion } from '../../../data/changes/look/weatherChanges';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useFormats } from '../../../features/formats/useFormats';
import { Button } from '../../../ui/Button';
import { InlineNumber, SelectField } from '../../../ui/fields/fields';
import { LabBox } from '../../../ui/fields/LabBox';
import { Slider } from '../../../ui/fields/Slider';
import { Why } from '../../../ui/Why';
import { Swatch } from '../../../ui/swatch/Swatch';
import type { OpenedSurface } from '../../../workers/weather/weatherApi';
import { usePlanEdit } from '../usePlanEdit';
import type { Weather } from '../useWeather';
import { percent } from '../words';

/** Colours of a part that lie on some of its faces only, as its masks left them: pointed at on the mesh. */
export function RegionPanel({
  weather,
  isPointing,
  onPointing,
}: {
  readonly weather: Weather;
  readonly isPointing: boolean;
  readonly onPointing: (isPointing: boolean) => void;
}) {
  const { plan, colours, surface, rungs, index, hasMesh } = weather;
  const [isOpen, setOpen] = useState(false);
  const stencils = useTable('stencils');
  if (!hasMesh) return null;
  const placed = new Set(plan.regions.map(({ productId }) => productId));
  const hasStencil = stencils.some(({ partId }) => partId === weather.part.id);
  const missing = maskedProducts(rungs).filter((id) => !placed.has(id));
  const named = plan.regions.map(({ id, productId }, at) => ({
    id,
    name: index.products.get(productId ?? '')?.name ?? 'another colour',
    found: surface?.regions[at] ?? null,
  }));
  return (
    <details className="border-line mt-2 border-t pt-2" open={isOpen} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="label cursor-pointer">
        Its colours:{' '}
        {[
          colours.name ?? 'one not known yet',
          ...named.map(({ name, found }) => `${name}${found ? ` on ${percent(found.share)}` : ''}`),
        ].join('; ')}
      </summary>
      <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
        <Button
          className="text-sm"
          aria-pressed={isPointing}
          look={isPointing ? 'primary' : 'plain'}
          disabled={plan.regions.length >= MOST_COLOUR_REGIONS}
          onClick={() => onPointing(!isPointing)}
        >
          Point at a region of another colour
        </Button>
        {plan.regions.length >= MOST_COLOUR_REGIONS && <span className="text-dim text-sm">{MOST_COLOUR_REGIONS} are the most.</span>}
      </div>
      {isPointing ? (
        <p className="text-dim mt-1 text-sm">
          Press on the part where the mask left it open. The region reaches to the next edge; a later one lies over an earlier. Numerals and
          signs: press where their middle is, then choose their stencil.
          {!hasStencil && ' The part has none yet: bring its outline in under Ladders.'}
        </p>
      ) : (
        missing.length > 0 && (
          <p className="text-dim mt-1 text-sm">
            Sprayed inside a mask and not pointed at: {missing.map((id) => index.products.get(id)?.name ?? id).join(', ')}. Until it is, the
            last colour of the ladder is taken to lie everywhere.
          </p>
        )
      )}
      {plan.regions.length > 0 && (
        <ol className="mt-2 grid gap-3">
          {plan.regions.map((region, at) => (
            <RegionRow
              key={region.id}
              weather={weather}
              region={region}
              name={named[at]?.name ?? ''}
              found={named[at]?.found ?? null}
              measured={measuredRegion(
                plan.regions,
                named.map(({ found }) => (found?.stencilFault ? null : (found?.squareCentimetres ?? null))),
                at,
              )}
            />
          ))}
        </ol>
      )}
    </details>
  );
}

function RegionRow({
  weather,
  region,
  name,
  found,
  measured,
}: {
  readonly weather: Weather;
  readonly region: WeatherRegion;
  readonly name: string;
  /** surface of all regions of its paint, cm², told at the first of them; null: told elsewhere, or not measured */
  readonly measured: number | null;
  /** null until it was looked for */
  readonly found: OpenedSurface['regions'][number] | null;
}) {
  const { index, rungs } = weather;
  const formats = useFormats();
  const products = useTable('products');
  const stencils = useTable('stencils').filter(({ partId }) => partId === weather.part.id);
  const keep = usePlanEdit(weather);
  const edit = useEdit();
  const strayed = measured === null ? [] : coatsElsewhere(rungs, region.productId, weather.part, measured);
  const change = (what: string, fields: Partial<Omit<WeatherRegion, 'id'>>): void =>
    void keep(what, (run, id) => changeWeatherRegion(run, id, region.id, fields));
  const inMasks = maskedProducts(rungs);
  const paints = products
    .filter((entry) => labOfProduct(entry) !== null)
    .toSorted((a, b) => Number(inMasks.includes(b.id)) - Number(inMasks.includes(a.id)) || a.name.localeCompare(b.name));
  const product = index.products.get(region.productId ?? '');
  const lab = (product && labOfProduct(product)) ?? toLab(region.lab);
  return (
    <li className="border-line border-t pt-2" aria-label={name}>
      <div className="flex flex-wrap items-end gap-3">
        <Swatch colourHex={hexOfLab(lab)} className="h-11 w-8" />
        <div className="min-w-40 flex-1">
          <SelectField
            label="Its paint"
            value={region.productId ?? ''}
            options={[['', 'none of the shelf'], ...paints.map((entry) => [entry.id, entry.name] as const)]}
            onChange={(value) => change('Paint of a region', { productId: value || null })}
          />
        </div>
        <div className="w-36">
          <InlineNumber
            label="No further than"
            unit="mm"
            value={region.reachMillimetres}
            min={0.1}
            max={5000}
            mayBeEmpty
            onKeep={(reachMillimetres) => change('Reach of a region', { reachMillimetres })}
          />
        </div>
        {stencils.length > 0 && (
          <div className="min-w-36 flex-1">
            <SelectField
              label="Sprayed through"
              value={region.stencilId ?? ''}
              options={[['', 'no stencil: all of it'], ...stencils.map((entry) => [entry.id, entry.name] as const)]}
              onChange={(value) => change('Stencil of a region', { stencilId: value || null })}
            />
          </div>
        )}
        <Button
          look="quiet"
          className="text-sm"
          aria-label={`Take away: ${name}`}
          onClick={() => void keep('Take a region away', (run, id) => removeWeatherRegion(run, id, region.id))}
        >
          Take away
        </Button>
      </div>
      <div className="mt-1 grid items-end gap-x-4 sm:grid-cols-2">
        <Slider
          label="Ends where it bends by"
          value={region.edgeDegrees}
          least={5}
          most={175}
          step={5}
          words={(value) => `over ${value}°`}
          onKeep={(edgeDegrees) => change('Edge of a region', { edgeDegrees })}
        />
        {region.stencilId !== null && (
          <Slider
            label="The stencil turned"
            value={region.turnDegrees}
            least={-180}
            most={180}
            step={1}
            words={(value) => `${value}° clockwise`}
            onKeep={(turnDegrees) => change('Turn of a stencil', { turnDegrees })}
          />
        )}
        <p className="figure text-sm">
          {found ? (
            <Why
              name={`the area of ${name}`}
              reason={{
                formula: 'places of this region ÷ all places, times the area of the mesh',
                inputs: [
                  ['places', String(USUAL_POINTS)],
                  ['ends where it bends by', `over ${region.edgeDegrees}°`],
                  ...(found.laid && !found.stencilFault
                    ? [
                        [
                          'stencil',
                          `${formats.length(found.laid.picture.widthMillimetres)} × ${formats.length(found.laid.picture.heightMillimetres)}, told to ${formats.length(finestOf(found.laid.picture), 2)}`,
                        ] as const,
                      ]
                    : []),
                ],
                source: `places of equal area, spread evenly: good to 0.3 % of the whole${found.laid ? '; the stencil lies flat against the face it was pointed at, its top towards the way up, and is as open where the face bends away from it as seen from there' : ''}`,
              }}
            >
              {percent(found.share)} of it, {formats.area(found.squareCentimetres)}
            </Why>
          ) : (
            '…'
          )}
        </p>
        {measured !== null && strayed.length > 0 && (
          <p className="flex flex-wrap items-center gap-x-3 gap-y-1 text-sm sm:col-span-2">
            {strayed.length === 1 ? 'Its coat is' : `Its ${strayed.length} coats are`} planned on{' '}
            {formats.area(rungPieceArea(strayed[0] as Rung, weather.part))} of a piece.
            <Button
              className="text-sm"
              onClick={() =>
                void edit(`Take the measured area of ${name}`, async (run) => {
                  for (const rung of strayed) await setWhere(run, rung, { areaSquareCentimetres: measured });
                })
              }
            >
              Take {formats.area(measured)}
            </Button>
          </p>
        )}
        {found?.stencilFault && (
          <p role="alert" className="text-oxide text-sm sm:col-span-2">
            {stencils.find(({ id }) => id === region.stencilId)?.name ?? 'The stencil'}: {found.stencilFault}.
          </p>
        )}
      </div>
      {region.productId === null && (
        <LabBox label="Its colour" action="Take it" onTake={(taken) => change('Colour of a region', { lab: [...taken] })} />
      )}
    </li>
  );
}
