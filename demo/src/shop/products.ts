import { PRODUCT_UNSET } from '@zinc-ladder/model/products/productUnset';
import type { Product } from '@zinc-ladder/model/records/shop/product';

type Row = readonly [
  id: string,
  name: string,
  classId: string,
  colourHex: string | null,
  sheen: Product['sheen'],
  cansMillilitres: readonly number[],
  note?: string,
];

/** The demo's shelf: invented, generic names, never brands. Colours are how the films dry. */
const ROWS: readonly Row[] = [
  ['filler-primer', 'Grey filler primer, aerosol', 'fillerPrimer', '#8d8e90', 'matte', [310, 400]],
  ['primer-grey', 'Grey primer, aerosol', 'primer', '#a7a8aa', 'matte', [260]],
  ['primer-white', 'White primer, aerosol', 'primer', '#e9e8e4', 'matte', [400]],
  ['primer-adhesion', 'Clear-grey adhesion primer, aerosol', 'adhesionPrimer', '#c3c4c1', 'matte', [220]],
  ['black-gloss', 'Black, gloss aerosol', 'lacquerColour', '#232221', 'gloss', [340, 400]],
  ['cream', 'Cream, satin aerosol', 'lacquerColour', '#dccfae', 'satin', [190]],
  ['bakelite', 'Bakelite brown, gloss aerosol', 'lacquerColour', '#453326', 'gloss', [400]],
  ['harbour-green', 'Harbour green enamel, aerosol', 'enamelColour', '#3b5b4b', 'satin', [250]],
  [
    'signal-blue',
    'Signal blue enamel, aerosol',
    'enamelColour',
    '#2c4a86',
    'gloss',
    [180],
    'Wrinkles when recoated between one hour and a day.',
  ],
  ['green-enamel', 'Bottle green enamel, aerosol', 'enamelColour', '#1f4536', 'gloss', [400]],
  ['brass', 'Brass, metallic aerosol', 'metallicLacquer', '#a8843c', 'satin', [29.5]],
  ['gilt', 'Gilt, metallic aerosol', 'metallicLacquer', '#c19a3f', 'gloss', [150]],
  ['zinc', 'Zinc, metallic aerosol', 'metallicLacquer', '#8b9093', 'satin', [330]],
  ['hammered', 'Hammered grey, aerosol', 'texturedEnamel', '#6f7274', 'semi', [400]],
  ['acrylic-black', 'Black, brush acrylic', 'brushAcrylic', '#2a2a29', 'matte', [60]],
  ['acrylic-white', 'White, brush acrylic', 'brushAcrylic', '#f1efe9', 'matte', [45]],
  ['acrylic-green', 'Deep green, brush acrylic', 'brushAcrylic', '#1d5a48', 'matte', [30]],
  ['acrylic-ochre', 'Yellow ochre, brush acrylic', 'brushAcrylic', '#b98a33', 'matte', [40]],
  ['acrylic-highlight', 'Pale brass highlight, brush acrylic', 'brushAcrylic', '#cdb06a', 'satin', [20]],
  ['acrylic-umber', 'Burnt umber, brush acrylic', 'brushAcrylic', '#4b3224', 'matte', [35]],
  ['amber-tint', 'Amber tint, airbrush', 'airbrushAcrylic', '#cf8a35', 'gloss', [30]],
  ['wash-umber', 'Umber wash, thinned', 'acrylicWash', '#493729', 'matte', [80]],
  ['wash-verdigris', 'Verdigris wash, thinned', 'acrylicWash', '#6fa595', 'matte', [40]],
  ['wash-soot', 'Soot wash, thinned', 'acrylicWash', '#2d2b29', 'matte', [50]],
  ['oil-umber', 'Umber oil wash', 'oilWash', '#4a3a2b', 'satin', [60]],
  ['clear-gloss', 'Gloss clear, aerosol', 'lacquerClear', '#efece2', 'gloss', [400]],
  ['clear-satin', 'Satin clear, aerosol', 'lacquerClear', '#e9e6dc', 'satin', [210]],
  ['clear-water', 'Matte waterborne clear', 'waterClear', '#ebe9e2', 'matte', [120]],
  ['body-filler', 'Two-part body filler', 'bodyFiller', '#c9a79d', 'matte', [500]],
  ['epoxy-amber', 'Amber-tinted clear epoxy', 'tintedEpoxy', '#d9a354', 'gloss', [200]],
  ['smoothing-solvent', 'Smoothing solvent', 'slurry', null, 'none', [500], 'Kept outdoors, in its own tin.'],
  ['epoxy-glue', 'Five-minute epoxy glue', 'epoxyGlue', null, 'none', [50]],
  ['masking-rubber', 'Liquid masking rubber', 'maskingRubber', '#d7c27a', 'none', [75]],
];

/** The products of the demo. */
export const DEMO_PRODUCTS: readonly Product[] = ROWS.map(([id, name, classId, colourHex, sheen, , note]) => ({
  id,
  revision: 0,
  name,
  classId,
  colourHex,
  sheen,
  values:
    id === 'brass'
      ? [{ field: 'tapeMinutes', value: 240, origin: 'observed', note: 'taped after four warm hours without lifting, twice' }]
      : id === 'signal-blue'
        ? [
            { field: 'recoatUntilMinutes', value: 60, origin: 'label', note: '' },
            { field: 'recoatAgainMinutes', value: 1440, origin: 'label', note: 'the label says a day' },
          ]
        : [],
  ...PRODUCT_UNSET,
  weighings: id === 'primer-grey' ? [{ reckonedMillilitres: 61, usedMillilitres: 74, atMs: Date.parse('2026-05-24T18:00:00+02:00') }] : [],
  effect: classId === 'metallicLacquer' ? 'metallic' : id === 'amber-tint' ? 'candy' : 'none',
  note: note ?? '',
}));

/** How much each can holds still, by product; the largest usual size is what it held. */
export const DEMO_CANS: readonly (readonly [productId: string, leftMillilitres: readonly number[]])[] = ROWS.map(([id, , , , , cans]) => [
  id,
  cans,
]);
