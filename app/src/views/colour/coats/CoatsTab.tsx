import { useMirrored } from '../../../features/mirrored/useMirrored';
import type { CoatRow } from '@zinc-ladder/core/colour/coats/coatsOver';
import { coatRow, contrastRatio, rankUndercoats } from '@zinc-ladder/core/colour/coats/coatsOver';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { coatPaintOf, effectOf, hexOfProduct, labOfProduct, scatterOf } from '@zinc-ladder/model/gather/film/gatherPaints';
import { productValue } from '@zinc-ladder/model/products/productDrying';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useTable } from '../../../data/queries';
import { useTitle } from '../../../features/title/pageTitle';
import { SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { Swatch } from '../../../ui/swatch/Swatch';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';
import { CoatRowStrip, coatRange } from '../CoatRowStrip';
import { CoatsOnLadders } from './CoatsOnLadders';
import { ChartReading } from './ChartReading';

/** What goes under which colour, where no sum says it. All common practice. */
const PRACTICE: readonly (readonly [string, string])[] = [
  ['Under metal paints', 'gloss black: flakes do not hide, the dark under them is what makes them shine.'],
  ['Under silver', 'a warm grey or brown gives depth, black a colder shine.'],
  ['Under candies', 'a bright metal: the light goes through twice.'],
  ['Under fluorescents', 'pure white: they hide nothing and need every bit of light back.'],
];

/** Classes that serve as undercoats. */
const UNDERCOAT_CLASSES = new Set(['primer', 'fillerPrimer', 'adhesionPrimer']);

/** How many coats, and over what. */
export function CoatsTab() {
  useTitle('Coats and undercoats');
  const mirrored = useMirrored().value;
  const products = useTable('products').toSorted((a, b) => a.name.localeCompare(b.name));
  const paints = products.filter((product) => labOfProduct(product) !== null && !/Clear$|clear/u.test(product.classId));
  const [paintId, setPaintId] = useState<string | null>(null);
  const paint =
    paints.find((product) => product.id === paintId) ??
    paints.find((product) => product.classId === 'lacquerColour') ??
    paints.find((product) => !UNDERCOAT_CLASSES.has(product.classId)) ??
    paints[0];
  if (!paint) {
    return (
      <p>
        No product has a colour yet.{' '}
        <Link className="in-text underline" to="/shop/products">
          To the products
        </Link>
      </p>
    );
  }
  return (
    <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <CoatsOf key={paint.id} paint={paint} paints={paints} products={products} mirrored={mirrored} onChoose={setPaintId} />
      <div className="grid gap-4">
        <CoatsOnLadders paint={paint} mirrored={mirrored} />
        <ChartReading key={`${paint.id}-${paint.revision}`} product={paint} mirrored={mirrored} />
        <Sheet className="p-4" label="Where no sum says it">
          <h2 className="label mb-2">Where no sum says it (common practice)</h2>
          <dl className="grid gap-2 text-sm">
            {PRACTICE.map(([what, text]) => (
              <div key={what}>
                <dt className="font-semibold">{what}</dt>
                <dd className="text-dim">{text}</dd>
              </div>
            ))}
          </dl>
        </Sheet>
      </div>
    </div>
  );
}

function CoatsOf({
  paint,
  paints,
  products,
  mirrored,
  onChoose,
}: {
  readonly paint: Product;
  readonly paints: readonly Product[];
  readonly products: readonly Product[];
  readonly mirrored: number;
  readonly onChoose: (id: string) => void;
}) {
  const formats = useFormats();
  const effect = effectOf(paint);
  const scatter = scatterOf(paint);
  const { ranked, rows, ratios } = useMemo(() => {
    const coat = coatPaintOf(paint, mirrored);
    const under = products.filter(
      (product) => product.id !== paint.id && (UNDERCOAT_CLASSES.has(product.classId) || product.classId === 'lacquerColour'),
    );
    const colours = under.flatMap((product) => {
      const lab = labOfProduct(product);
      return lab ? [{ id: product.id, lab }] : [];
    });
    if (!coat) return { ranked: [], rows: new Map<string, CoatRow>(), ratios: [] };
    return {
      ranked: rankUndercoats(coat, colours, mirrored),
      rows: new Map(colours.map(({ id, lab }) => [id, coatRow(coat, lab, mirrored)])),
      ratios: [1, 2, 3, 4].map((coats) => [coats, contrastRatio(coat, coats, mirrored)] as const),
    };
  }, [paint, products, mirrored]);
  const [best] = ranked;
  const bestName = products.find((product) => product.id === best?.id)?.name;
  const hide = best ? rows.get(best.id)?.toHide : null;
  return (
    <Sheet className="min-w-0 p-4" label="Coats">
      <div className="grid items-end gap-3 sm:grid-cols-[minmax(0,1fr)_auto]">
        <SelectField
          label="Paint"
          value={paint.id}
          options={paints.map((product) => [product.id, product.name] as const)}
          onChange={onChoose}
        />
        <Swatch colourHex={hexOfProduct(paint)} className="h-9 w-24" />
      </div>
      {effect !== 'none' ? (
        <p className="text-oxide mt-3">
          {effect === 'metallic' ? 'A metal paint' : effect === 'candy' ? 'A candy' : 'A fluorescent'} is not a film that absorbs and
          scatters: no number here would be true. See common practice beside.
        </p>
      ) : (
        <>
          <p className="mt-3">
            <span className="font-label text-5xl font-semibold">
              <Why
                name="coats to cover"
                reason={{
                  formula:
                    'coats until ΔE00 to the full colour < 1, film over backing by Kubelka 1948 with S·X a coat; the range is S·X × and ÷ 1.6',
                  inputs: [
                    [
                      'S·X a coat',
                      `${scatter.value.toFixed(2)}${scatter.isGuessed ? ' (guessed from its thickness and lightness)' : ' (from a card)'}`,
                    ],
                    ['best undercoat', bestName ?? '–'],
                  ],
                  source:
                    'Kubelka 1948; the spread and 0.03–0.15 a µm, dark to white, are guessed; very transparent paints need more than this says',
                }}
              >
                {best ? coatRange(best.range) : '–'}
              </Why>
            </span>{' '}
            {best && coatRange(best.range) === '1' ? 'coat' : 'coats'} over {bestName ?? 'what there is'}
          </p>
          <p className="text-dim text-sm">
            {hide === null || hide === undefined
              ? 'A black and white chart shows through even 12 coats'
              : `A black and white chart is hidden after ${hide} coat${hide === 1 ? '' : 's'}`}{' '}
            (contrast ratio 0.98, ISO 6504-3, from memory): {ratios.map(([coats, ratio]) => `${coats}: ${ratio.toFixed(2)}`).join(' · ')}.
            One coat is {formats.film(productValue(paint, 'coatMicrometres').value ?? 0)} dry.
          </p>
          <ul className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-4">
            {ranked.map((entry) => {
              const under = products.find((product) => product.id === entry.id);
              const row = rows.get(entry.id);
              if (!under || !row) return null;
              return (
                <li key={entry.id}>
                  <div className="flex items-baseline justify-between gap-3">
                    <span className="font-semibold">over {under.name}</span>
                    <span className="figure">
                      {coatRange(entry.range)} {coatRange(entry.range) === '1' ? 'coat' : 'coats'}
                    </span>
                  </div>
                  <CoatRowStrip row={row} underName={hexOfLab(row.steps[0]?.lab ?? [50, 0, 0])} />
                </li>
              );
            })}
          </ul>
          {ranked.length === 0 && <p>No primer stands under products: there is nothing to lay it over.</p>}
        </>
      )}
    </Sheet>
  );
}
