import { CARD_ADDED_IN_4 } from '@zinc-ladder/model/file/migrations';
import { hexOfLab, labOfHex } from '@zinc-ladder/core/colour/lab';
import { mixLab, paintOf } from '@zinc-ladder/core/colour/paint';
import { seededRandom } from '@zinc-ladder/core/random/seededRandom';
import type { MixCard } from '@zinc-ladder/model/records/colour/mixCard';
import { DEMO_PRODUCTS } from './shop/products';

type Part = readonly [productId: string | null, amount: number, name?: string];

function card(
  id: string,
  name: string,
  purpose: string,
  madeAt: string,
  unit: MixCard['unit'],
  parts: readonly Part[],
  swatchHex: string | null,
  extra: Partial<MixCard> = {},
): MixCard {
  return {
    id,
    revision: 0,
    name,
    purpose,
    unit,
    components: parts.map(([productId, amount, given]) => ({
      productId,
      amount,
      name: given ?? DEMO_PRODUCTS.find((product) => product.id === productId)?.name ?? 'water',
    })),
    dilution: '',
    swatchHex,
    pictureId: null,
    correctsId: null,
    ...CARD_ADDED_IN_4,
    madeAtMs: Date.parse(`${madeAt}+02:00`),
    note: '',
    ...extra,
  };
}

/**
 * How strongly the demo's paints truly tint: invented, and unlike what the products say of themselves, so that the cards have something to teach.
 */
const TRUE_STRENGTHS: Readonly<Record<string, number>> = {
  'acrylic-white': 1,
  'acrylic-green': 4.8,
  'acrylic-ochre': 1.65,
  'acrylic-black': 2.7,
  'acrylic-umber': 1.6,
};

/** What a card's swatch reads: the mix by the true strengths, a hand's scatter on top. The same for the same card. */
function readingOf(parts: readonly Part[], seed: number, madeAt: string): NonNullable<MixCard['reading']> {
  const random = seededRandom(seed);
  const lab = mixLab(
    parts.map(([id, amount]) => {
      const product = DEMO_PRODUCTS.find((entry) => entry.id === id);
      if (!product?.colourHex) throw new RangeError(`no colour to mix: ${String(id)}`);
      return { paint: paintOf(product.id, labOfHex(product.colourHex), TRUE_STRENGTHS[product.id]), parts: amount };
    }),
  );
  return {
    method: 'reader',
    lab: lab.map((value) => Math.round((value + (random() - 0.5) * 0.8) * 100) / 100),
    count: 3,
    spread: Math.round((0.3 + random() * 0.3) * 100) / 100,
    atMs: Date.parse(`${madeAt}+02:00`) + 5 * 3_600_000,
  };
}

/** A card whose dry swatch was read. */
function readCard(
  id: string,
  name: string,
  purpose: string,
  madeAt: string,
  parts: readonly Part[],
  seed: number,
  extra: Partial<MixCard> = {},
): MixCard {
  const reading = readingOf(parts, seed, madeAt);
  const [l = 0, a = 0, b = 0] = reading.lab;
  return card(id, name, purpose, madeAt, 'drops', parts, hexOfLab([l, a, b]), { reading, ...extra });
}

/** Ten cards: one green came out too yellow and was corrected twice; brass over black against brass over grey. All invented. */
export const DEMO_CARDS: readonly MixCard[] = [
  readCard(
    'card-green-1',
    'Band green, first try',
    'band of the lantern',
    '2026-05-19T20:10:00',
    [
      ['acrylic-green', 5],
      ['acrylic-ochre', 18],
      ['acrylic-black', 2],
      ['acrylic-white', 12],
    ],
    11,
    {
      note: 'Mixed by eye. Too yellow once dry; looked right wet.',
      pictureId: 'picture-hall',
      targetId: 'target-green',
      undercoatId: 'primer-grey',
      coats: 3,
    },
  ),
  readCard(
    'card-green-2',
    'Band green, less ochre',
    'band of the lantern',
    '2026-05-20T19:05:00',
    [
      ['acrylic-green', 9],
      ['acrylic-ochre', 18],
      ['acrylic-black', 3],
      ['acrylic-white', 18],
    ],
    12,
    {
      correctsId: 'card-green-1',
      note: 'Four green, one black and six white added to what was left. Close; still a touch yellow beside the picture.',
      targetId: 'target-green',
      undercoatId: 'primer-grey',
      coats: 3,
    },
  ),
  readCard(
    'card-green-3',
    'Band green, kept',
    'band of the lantern, touch-ups',
    '2026-05-22T20:30:00',
    [
      ['acrylic-white', 24],
      ['acrylic-green', 7],
      ['acrylic-ochre', 6],
      ['acrylic-black', 2],
    ],
    13,
    {
      correctsId: 'card-green-2',
      dilution: '3 : 1 with water',
      note: 'Matches the can of harbour green at arm’s length.',
      targetId: 'target-green',
      undercoatId: 'primer-grey',
      coats: 3,
    },
  ),
  card(
    'card-umber',
    'Grime wash',
    'recesses of brass',
    '2026-05-21T21:00:00',
    'parts',
    [
      ['acrylic-umber', 2],
      ['acrylic-black', 1],
      [null, 6, 'water'],
    ],
    '#46362a',
    { dilution: '1 : 2 with water, a drop of soap' },
  ),
  readCard(
    'card-verdigris',
    'Verdigris',
    'recesses of the tank',
    '2026-05-21T21:20:00',
    [
      ['acrylic-white', 4],
      ['acrylic-green', 2],
      ['acrylic-ochre', 1],
    ],
    14,
    { unit: 'parts', dilution: '1 : 1 with water' },
  ),
  card(
    'card-amber',
    'Amber for the chimney',
    'tint in the epoxy',
    '2026-05-16T11:40:00',
    'grams',
    [
      ['epoxy-amber', 24, 'Clear epoxy, both parts'],
      ['amber-tint', 0.4],
    ],
    '#d6a04f',
    { note: 'Half as much tint as it seems to need: light deepens it.' },
  ),
  card(
    'card-edge',
    'Worn edge',
    'edges of brass',
    '2026-05-23T16:00:00',
    'drops',
    [
      ['acrylic-highlight', 5],
      ['acrylic-white', 1],
    ],
    '#d3ba7c',
  ),
  card(
    'card-blue',
    'Enamel blue touch-up',
    'chips in the badges',
    '2026-05-26T19:30:00',
    'drops',
    [
      ['signal-blue', 10],
      ['acrylic-black', 1, 'Black enamel'],
    ],
    null,
    { note: 'Not judged yet: it dries until Sunday.' },
  ),
  brassCard('card-brass-black', 'Brass over black', 'black-gloss', '2026-05-15T18:40:00', [55.2, 9.6, 40.1]),
  brassCard('card-brass-grey', 'Brass over grey', 'primer-grey', '2026-05-15T18:45:00', [60.8, 7.1, 33.4]),
];

/** The can of brass over an undercoat: what lies under metal flakes is seen through them. */
function brassCard(id: string, name: string, undercoatId: string, madeAt: string, lab: readonly [number, number, number]): MixCard {
  return card(id, name, 'undercoat of the brass', madeAt, 'parts', [['brass', 1]], hexOfLab(lab), {
    undercoatId,
    coats: 2,
    tool: 'aerosol',
    targetId: 'target-brass',
    reading: { method: 'reader', lab: [...lab], count: 5, spread: 1.4, atMs: Date.parse(`${madeAt}+02:00`) + 86_400_000 },
    note: undercoatId === 'primer-grey' ? 'Flat and milky beside the other.' : 'Deeper and warmer; taken for the lantern.',
  });
}
