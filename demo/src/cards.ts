import { CARD_ADDED_IN_4 } from '@zinc-ladder/model/file/migrations';
import type { MixCard } from '@zinc-ladder/model/records/mixCard';
import { DEMO_PRODUCTS } from './products';

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

/** Eight cards: one came out too yellow and was corrected twice. All invented. */
export const DEMO_CARDS: readonly MixCard[] = [
  card(
    'card-green-1',
    'Band green, first try',
    'band of the lantern',
    '2026-05-19T20:10:00',
    'drops',
    [
      ['acrylic-green', 6],
      ['acrylic-ochre', 5],
      ['acrylic-black', 2],
    ],
    '#55694a',
    { note: 'Too yellow once dry. Looked right wet.', pictureId: 'picture-hall' },
  ),
  card(
    'card-green-2',
    'Band green, less ochre',
    'band of the lantern',
    '2026-05-20T19:05:00',
    'drops',
    [
      ['acrylic-green', 8],
      ['acrylic-ochre', 3],
      ['acrylic-black', 3],
    ],
    '#40604b',
    { correctsId: 'card-green-1', note: 'Close; still a touch yellow beside the picture.' },
  ),
  card(
    'card-green-3',
    'Band green, kept',
    'band of the lantern, touch-ups',
    '2026-05-22T20:30:00',
    'drops',
    [
      ['acrylic-green', 9],
      ['acrylic-black', 4],
      ['acrylic-ochre', 3],
      ['acrylic-white', 2],
    ],
    '#3c5c4c',
    { correctsId: 'card-green-2', dilution: '3 : 1 with water', note: 'Matches the can of harbour green at arm’s length.' },
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
  card(
    'card-verdigris',
    'Verdigris',
    'recesses of the tank',
    '2026-05-21T21:20:00',
    'parts',
    [
      ['acrylic-white', 4],
      ['acrylic-green', 2],
      ['acrylic-ochre', 1],
    ],
    '#79a896',
    { dilution: '1 : 1 with water' },
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
];
