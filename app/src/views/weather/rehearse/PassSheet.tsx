import { airAt } from '@zinc-ladder/core/climate/airTimeline';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { estimateRungMinutes } from '@zinc-ladder/core/ladder/rungMinutes';
import type { PassSight } from '@zinc-ladder/core/weather/seen/pass';
import { SEEN_DIFFERENCE } from '@zinc-ladder/core/weather/seen/pass';
import { shapeRange } from '@zinc-ladder/core/weather/seen/shapeDoubt';
import { paintsThatShow, whyUnseen, willShow } from '@zinc-ladder/core/weather/seen/willItShow';
import { mixWords } from '@zinc-ladder/core/weather/technique/mixWords';
import { ownTechnique } from '@zinc-ladder/core/weather/technique/ownTechnique';
import { findTechnique } from '@zinc-ladder/core/weather/technique/techniques';
import { workingMinutes } from '@zinc-ladder/core/weather/technique/workingTime';
import { coatPaintOf, effectOf, labOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { productsFor } from '@zinc-ladder/model/gather/gatherWeather';
import { productDrying } from '@zinc-ladder/model/products/productDrying';
import type { PlannedWeatherPass } from '@zinc-ladder/model/records/prop/weatherPlan';
import { Link } from 'react-router';
import { useNow } from '../../../clock/ClockContext';
import { changePass, moveWeatherPass, removeWeatherPass } from '../../../data/changes/look/weatherChanges';
import { useTable } from '../../../data/queries';
import { useAir } from '../../../features/plan/usePlan';
import type { RehearsalAnswer } from '../../../workers/weather/weatherApi';
import { useFormats } from '../../../features/formats/useFormats';
import { Button } from '../../../ui/Button';
import { Cautions } from '../../../ui/Cautions';
import { Figure, Figures } from '../../../ui/Figure';
import { SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { Slider } from '../../../ui/fields/Slider';
import { formatSpan } from '../../../base/formats';
import { Why } from '../../../ui/Why';
import { usePlanEdit } from '../usePlanEdit';
import type { Weather } from '../useWeather';
import { percent } from '../words';
import type { ColourContrast } from './passContrast';
import { contrastsOf, mostContrast } from './passContrast';

/** One pass: where to stop, what is seen of it, what moves it, and how it is done. */
export function PassSheet({
  weather,
  pass,
  at,
  answer,
  isFull,
  onMove,
  onRest,
}: {
  readonly weather: Weather;
  readonly pass: PlannedWeatherPass;
  readonly at: number;
  readonly answer: RehearsalAnswer | null;
  readonly isFull: boolean;
  readonly onMove: (fields: Partial<Record<'amount' | 'wiped' | 'sizeMillimetres', number>>) => void;
  readonly onRest: () => void;
}) {
  const { plan, index } = weather;
  const formats = useFormats();
  const products = useTable('products');
  const cards = useTable('techniqueCards');
  const keep = usePlanEdit(weather);
  const { technique, cards: counted } = ownTechnique(findTechnique(pass.techniqueId), cards);
  const sight = answer?.sights[at];
  const change = (what: string, fields: Partial<PlannedWeatherPass>): void =>
    void keep(`${what} of ${technique.name.toLowerCase()}`, (run, id) => changePass(run, id, pass.id, fields)).then(onRest);
  const fitting = productsFor(technique, products);
  const most = mostContrast(weather, at);
  const range = sight && weather.surface?.isShape ? shapeRange(sight.coverage) : null;
  const isUnseen = pass.stop === null && sight !== undefined && most !== null && whyUnseen(sight, most.contrast) !== null;
  return (
    <Sheet className="p-4" isActive label={technique.name}>
      <h2 className="font-label text-xl font-semibold">{technique.name}</h2>
      <p className="text-dim text-sm">Where: {technique.lands}.</p>
      <p className="font-label mt-2 text-3xl leading-tight font-semibold" aria-busy={!isFull}>
        {technique.shows === 'sheen' ? (
          'Seen by its shine'
        ) : sight ? (
          <Why
            name="where to stop"
            reason={{
              formula: 'ink where the surface, blurred by one minute of arc, differs by ΔE00 2 or more from what is under it',
              inputs: [
                ['seen from', formats.distance(weather.distanceMetres)],
                ['ink', percent(sight.ink)],
                ['amount', percent(pass.amount)],
              ],
              source: weather.surface?.isShape
                ? 'rehearsal on the part’s shape alone: recesses and fittings are missing, so it may be off by half'
                : 'rehearsal on the part’s mesh; where the technique lands is guessed until cards exist',
            }}
          >
            {isUnseen
              ? `No marks seen from ${formats.distance(weather.distanceMetres)}`
              : `Stop at ${percent(pass.stop ?? sight.coverage)} covered`}
          </Why>
        ) : (
          '…'
        )}
      </p>
      {range && !isUnseen && technique.shows !== 'sheen' && (
        <p className="text-dim text-sm">
          By its shape alone, without recesses and fittings: {percent(range.low)} to {percent(range.high)}.
        </p>
      )}
      {sight && most !== null && technique.shows !== 'sheen' && (
        <Warning weather={weather} at={at} sight={sight} most={most} onPaint={(productId) => change('Paint', { productId })} />
      )}
      {technique.shows !== 'sheen' && <ByColour weather={weather} at={at} />}
      {sight && (
        <Figures columns={3}>
          <Figure label="Ink" value={percent(sight.ink)} />
          <Figure label="Contrast" value={`ΔE ${sight.contrast.toFixed(1)}`} />
          <Figure label="Tint over all" value={`ΔE ${sight.tint.toFixed(1)}`} />
        </Figures>
      )}
      <div className="mt-3 grid grid-cols-2 gap-x-4 gap-y-2">
        <Slider
          label="Amount"
          value={pass.amount}
          least={0}
          most={1}
          step={0.01}
          words={percent}
          onMove={(amount) => onMove({ amount })}
          onKeep={(amount) => change('Amount', { amount })}
        />
        {technique.usualWiped !== null && (
          <Slider
            label="Wiped"
            value={pass.wiped}
            least={0}
            most={1}
            step={0.01}
            words={percent}
            onMove={(wiped) => onMove({ wiped })}
            onKeep={(wiped) => change('Wiping', { wiped })}
          />
        )}
        <Slider
          label="Size of marks"
          value={pass.sizeMillimetres}
          least={0.1}
          most={20}
          step={0.1}
          words={(value) => formats.length(value, 1)}
          onMove={(sizeMillimetres) => onMove({ sizeMillimetres })}
          onKeep={(sizeMillimetres) => change('Size', { sizeMillimetres })}
        />
        <div className="self-end">
          <Button className="text-sm" onClick={() => change('Throw', { seed: (pass.seed + 1) % 1_000_000 })}>
            Let it fall otherwise
          </Button>
        </div>
      </div>
      {technique.shows === 'paint' && (
        <div className="mt-3">
          <SelectField
            label="Paint"
            value={pass.productId ?? ''}
            options={[['', 'the usual colour, not from the shelf'], ...fitting.map(({ id, name }) => [id, name] as const)]}
            onChange={(value) => change('Paint', { productId: value === '' ? null : value })}
          />
        </div>
      )}
      <How weather={weather} pass={pass} />
      <p className="text-dim mt-2 text-sm">
        {counted > 0 ? `Usual values from ${counted} of your own cards.` : 'Usual values are guessed; your cards will take their place.'}{' '}
        <Link className="in-text underline underline-offset-4" to={`/weather/${weather.part.id}/steer?pass=${pass.id}`}>
          Measure it
        </Link>
      </p>
      <Cautions ids={[...new Set([...technique.cautions, ...findMethod(technique.methodId).cautions])]} of={technique.name} />
      <div className="border-line mt-3 flex flex-wrap gap-2 border-t pt-3">
        <Button
          className="text-sm"
          disabled={at === 0}
          onClick={() => void keep('Move a pass', (run, id) => moveWeatherPass(run, id, pass.id, -1))}
        >
          Earlier
        </Button>
        <Button
          className="text-sm"
          disabled={at === plan.passes.length - 1}
          onClick={() => void keep('Move a pass', (run, id) => moveWeatherPass(run, id, pass.id, 1))}
        >
          Later
        </Button>
        <Button
          look="danger"
          className="ml-auto text-sm"
          onClick={() => void keep(`Take ${technique.name.toLowerCase()} away`, (run, id) => removeWeatherPass(run, id, pass.id))}
        >
          Take the pass away
        </Button>
        {pass.rungId !== null && index.rungs.has(pass.rungId) && (
          <Link
            className="self-center text-sm underline underline-offset-4"
            to={`/ladders/${weather.part.propId}/${weather.part.id}?rung=${pass.rungId}`}
          >
            Its rung
          </Link>
        )}
      </div>
    </Sheet>
  );
}

/** Where a part has several colours: those over which a pass will not show while it does over others. */
function ByColour({ weather, at }: { readonly weather: Weather; readonly at: number }) {
  const contrasts = contrastsOf(weather, at);
  const hidden = contrasts.filter(({ contrast }) => willShow(contrast) !== 'yes');
  if (hidden.length === 0 || hidden.length === contrasts.length) return null;
  return (
    <p className="border-edge my-2 border-l-4 pl-3 text-sm">
      Hardly seen over {hidden.map(({ over, contrast }) => `${over ?? 'a colour without a name'} (ΔE ${contrast.toFixed(1)})`).join(', ')}.
    </p>
  );
}

/** What will not show is said before it is mixed, with why, and with paints that would. */
function Warning({
  weather,
  at,
  sight,
  most: { contrast, over, base },
  onPaint,
}: {
  readonly weather: Weather;
  readonly at: number;
  readonly sight: PassSight;
  /** over the colour it would show best on */
  readonly most: ColourContrast;
  readonly onPaint: (productId: string) => void;
}) {
  const { index, mirrored, passes, distanceMetres, surface } = weather;
  const formats = useFormats();
  const products = useTable('products');
  const rehearsed = passes[at];
  if (!rehearsed) return null;
  const technique = findTechnique(rehearsed.techniqueId);
  const unseen = whyUnseen(sight, contrast);
  if (unseen === null && willShow(contrast) === 'yes') return null;
  if (unseen === 'sparse') {
    const hint =
      technique.carrier.kind === 'marks' && technique.carrier.grip.wet
        ? 'Pin where it runs from, under Its life.'
        : surface?.isShape && 'By its shape alone no recesses are known; its mesh would tell them.';
    return (
      <p role="alert" className="border-oxide my-2 border-l-4 pl-3">
        {sight.tint < SEEN_DIFFERENCE
          ? 'Hardly any lands on this part at this amount.'
          : `No marks of it will show over ${over ?? 'what is under it'}: it only tints all of it, by ΔE ${sight.tint.toFixed(1)}.`}{' '}
        {hint}
      </p>
    );
  }
  if (unseen === 'faint')
    return (
      <p role="alert" className="border-oxide my-2 border-l-4 pl-3">
        It lies too thin, or in marks too fine, to be seen from {formats.distance(distanceMetres)}. Its colour would show (ΔE{' '}
        {contrast.toFixed(1)}).
      </p>
    );
  const others = productsFor(technique, products).flatMap((entry) =>
    effectOf(entry) === 'none' ? (coatPaintOf(entry, mirrored) ?? []) : [],
  );
  const better = paintsThatShow(others, base, rehearsed.lab, 3, mirrored);
  return (
    <div role="alert" className="border-oxide my-2 border-l-4 pl-3">
      <p className="text-oxide font-medium">
        {unseen === 'alike' || willShow(contrast) === 'no' ? 'This will not show' : 'This will hardly show'} over{' '}
        {over ?? 'what is under it'} (ΔE {contrast.toFixed(1)}).
      </p>
      {better.length > 0 ? (
        <p className="flex flex-wrap items-center gap-2">
          On the shelf these would:
          {better.map(({ id, difference }) => (
            <Button key={id} className="text-sm" onClick={() => onPaint(id)}>
              {index.products.get(id)?.name ?? id} <span className="figure">ΔE {difference.toFixed(0)}</span>
            </Button>
          ))}
        </p>
      ) : (
        <p>No paint on the shelf for this technique would; it takes one that is clearly darker or lighter.</p>
      )}
    </div>
  );
}

function How({ weather, pass }: { readonly weather: Weather; readonly pass: PlannedWeatherPass }) {
  const { index, part, rungs, finish } = weather;
  const air = useAir();
  const now = useNow(60_000);
  const technique = findTechnique(pass.techniqueId);
  const product = index.products.get(pass.productId ?? '');
  const drying = product ? productDrying(product) : findProductClass(technique.classId).drying;
  const here = air && airAt(air, now);
  const minutes = here ? workingMinutes(technique, drying, here) : null;
  const hands = estimateRungMinutes(findMethod(technique.methodId), part.areaSquareCentimetres, part.count);
  const isMetallic = rungs.some((rung) => {
    const laid = index.products.get(rung.productId ?? '');
    return laid && labOfProduct(laid) && effectOf(laid) === 'metallic' && rung.band === 'colour';
  });
  const forbidden = technique.mustNotTouch.filter(
    ({ what }) =>
      (what === 'metallic' && isMetallic) ||
      (what === 'flexible' && part.materialId === 'flexible') ||
      (what === 'translucent' && finish?.id === 'litTranslucent') ||
      (what === 'bareResin' && part.materialId === 'resin' && rungs.every((rung) => rung.band !== 'prime')),
  );
  const rows: readonly (readonly [string, React.ReactNode])[] = [
    ['Tool', technique.tool],
    ['Mix', `${mixWords(technique)}${product ? ` (${product.name})` : ''}`],
    [
      'Can be worked',
      minutes === null ? (
        '…'
      ) : (
        <Why
          name="working time"
          reason={{
            formula: `${technique.workingShare} × touch-dry time ÷ speed of drying in this air`,
            inputs: [
              ['touch-dry on the label', formatSpan(drying.touchMinutes)],
              ['air', here ? `${here.temperatureCelsius.toFixed(0)} °C, ${here.relativeHumidityPercent.toFixed(0)} %` : ''],
            ],
            source: 'the share is guessed; the label comes first',
          }}
        >
          {Number.isFinite(minutes) ? formatSpan(Math.max(0.5, minutes)) : 'it does not dry in this air'}
        </Why>
      ),
    ],
    ...(technique.wipe ? [['Wipe', technique.wipe] as const] : []),
    ['Under it', `${CLEAR_WORDS[technique.before.clear]}: ${technique.before.why}`],
    ['Over it', `${AFTER_WORDS[technique.after.clear]}: ${technique.after.why}`],
    ...(technique.school
      ? [['School', `${technique.school.question}: ${technique.school.side}. Costs ${technique.school.cost}`] as const]
      : []),
    [
      'Hands',
      <Why key="hands" name="hands" reason={{ formula: hands.formula, source: 'common practice, guessed; your log takes its place' }}>
        {formatSpan(hands.minutes)}
      </Why>,
    ],
    ['Overdone', technique.overdone],
  ];
  return (
    <>
      {forbidden.length > 0 && (
        <div role="alert" className="border-oxide text-oxide mt-3 border-l-4 pl-3">
          <ul>
            {forbidden.map(({ what, why }) => (
              <li key={what}>
                This part is {FORBIDDEN_WORDS[what]}: {why}.
              </li>
            ))}
          </ul>
        </div>
      )}
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-sm">
        {rows.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-dim">{name}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
    </>
  );
}

const CLEAR_WORDS = { gloss: 'gloss clear', matte: 'matte or satin', none: 'no clear' } as const;
const AFTER_WORDS = { matte: 'matte clear', any: 'clear or none', never: 'never a clear' } as const;
const FORBIDDEN_WORDS = {
  metallic: 'painted with metal',
  flexible: 'flexible',
  translucent: 'to be lit',
  bareResin: 'bare resin',
} as const;
