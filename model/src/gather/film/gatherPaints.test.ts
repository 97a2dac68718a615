import { PRODUCT_UNSET } from '../../products/productUnset';
import { guessScatter } from '@zinc-ladder/core/colour/pigment/pigmentKinds';
import { describe, expect, it } from 'vitest';
import { CARD_ADDED_IN_4 } from '../../file/migrations';
import type { MixCard } from '../../records/colour/mixCard';
import type { Product } from '../../records/shop/product';
import {
  effectOf,
  hexOfProduct,
  isMixable,
  labOfCard,
  labOfProduct,
  mixableProducts,
  mixOfCard,
  scatterOf,
  strengthCards,
  strengthOf,
  taughtPaints,
  whiteOf,
} from './gatherPaints';

const product = (id: string, extra: Partial<Product> = {}): Product => ({
  ...PRODUCT_UNSET,
  id,
  revision: 0,
  name: id,
  classId: 'brushAcrylic',
  colourHex: '#1d5a48',
  sheen: 'matte',
  values: [],
  note: '',
  ...extra,
});
const card = (extra: Partial<MixCard>): MixCard => ({
  ...CARD_ADDED_IN_4,
  id: 'card',
  revision: 0,
  name: 'card',
  purpose: '',
  unit: 'drops',
  components: [
    { productId: 'green', name: 'green', amount: 3 },
    { productId: 'white', name: 'white', amount: 1 },
  ],
  dilution: '',
  swatchHex: null,
  pictureId: null,
  correctsId: null,
  madeAtMs: 0,
  note: '',
  ...extra,
});
const SHELF = new Map(
  [product('green'), product('white', { colourHex: '#f1efe9' }), product('brass', { classId: 'metallicLacquer' })].map((entry) => [
    entry.id,
    entry,
  ]),
);
const reading = { method: 'reader' as const, lab: [40, -10, 5], count: 3, spread: 0.3, atMs: 0 };

describe('paints for mixing', () => {
  it('are water acrylics with a colour of their own, without effects', () => {
    expect(isMixable(product('a'))).toBe(true);
    for (const extra of [{ classId: 'lacquerColour' }, { effect: 'fluorescent' as const }, { colourHex: null }])
      expect(isMixable(product('a', extra))).toBe(false);
    expect(effectOf(product('a', { classId: 'metallicLacquer' }))).toBe('metallic');
    expect(labOfProduct(product('a', { lab: [50, 1, 2] }))).toEqual([50, 1, 2]);
  });
  it('stand on the shelf, or may be bought when that is wanted', () => {
    const products = [product('here'), product('empty'), product('shop', { mayBeBought: true })];
    const onShelf = new Set(['here']);
    expect(mixableProducts(products, onShelf, false).map(({ id }) => id)).toEqual(['here']);
    expect(mixableProducts(products, onShelf, true).map(({ id }) => id)).toEqual(['here', 'shop']);
  });
  it('scatter as a card said, else as guessed from the coat of the product', () => {
    expect(scatterOf(product('a', { scatterPerCoat: 1.4 }))).toMatchObject({ value: 1.4, isGuessed: false });
    const guessed = guessScatter(25, labOfProduct(product('a')) ?? [0, 0, 0]);
    expect(scatterOf(product('a'))).toMatchObject({ value: guessed, isGuessed: true });
    expect(scatterOf(product('a', { pigmentId: 'white' })).value).toBeCloseTo(25 * 0.25, 9);
  });
  it('strength as it was taught, else what is usual for the pigment that was chosen or that the colour speaks for', () => {
    const green = { colourHex: '#1d5a48', lab: null };
    expect(strengthOf(product('a', { ...green, strength: 1.7 }))).toEqual({ value: 1.7, spread: 1.1, isGuessed: false });
    expect(strengthOf(product('a', green))).toEqual({ value: 6.5, spread: 1.5, isGuessed: true });
    expect(strengthOf(product('a', { ...green, pigmentId: 'inorganic' })).value).toBe(0.8);
    expect(strengthOf(product('a', { lab: null, colourHex: null })).spread).toBe(2.5);
  });
});

describe('a card’s mix', () => {
  it('leaves water out and counts grams by density', () => {
    const mix = mixOfCard(
      card({
        components: [
          { productId: 'green', name: 'green', amount: 2.4 },
          { productId: null, name: 'water', amount: 5 },
        ],
        unit: 'grams',
      }),
      SHELF,
      0,
    );
    expect(mix?.map(({ paint, parts }) => [paint.id, Math.round(parts * 10) / 10])).toEqual([['green', 2]]);
  });
  it('is unknown with a paint that is not here, or a metal in it', () => {
    expect(mixOfCard(card({ components: [{ productId: 'gone', name: 'gone', amount: 1 }] }), SHELF, 0)).toBeNull();
    expect(mixOfCard(card({ components: [{ productId: 'brass', name: 'brass', amount: 1 }] }), SHELF, 0)).toBeNull();
    expect(mixOfCard(card({ components: [{ productId: null, name: 'water', amount: 1 }] }), SHELF, 0)).toBeNull();
  });
  it('teaches only when it was read', () => {
    expect(strengthCards([card({}), card({ reading: { ...reading, method: 'eye' } })], SHELF)).toEqual([]);
    expect(strengthCards([card({ reading })], SHELF)).toMatchObject([
      { id: 'card', lab: [40, -10, 5], parts: [{ paintId: 'green' }, { paintId: 'white' }] },
    ]);
    expect(labOfCard(card({ swatchHex: '#808080' }))?.[0]).toBeCloseTo(53.585, 2);
    expect(labOfCard(card({ reading, swatchHex: '#808080' }))).toEqual([40, -10, 5]);
    expect(labOfCard(card({}))).toBeNull();
  });
  it('teach the paints that stand mixed on them, and none where a part of the mix is not known', () => {
    const read = card({ reading: { method: 'reader', lab: [40, -10, 5], count: 3, spread: 0.1, atMs: 0 } });
    expect(taughtPaints([read], SHELF)).toEqual(new Set(['green', 'white']));
    expect(taughtPaints([card({})], SHELF).size).toBe(0);
    expect(
      taughtPaints([{ ...read, components: [...read.components, { productId: null, name: 'something old', amount: 1 }] }], SHELF).size,
    ).toBe(0);
    expect(taughtPaints([{ ...read, components: [...read.components, { productId: null, name: 'water', amount: 1 }] }], SHELF).size).toBe(
      2,
    );
    expect(taughtPaints([{ ...read, components: read.components.slice(0, 1) }], SHELF).size).toBe(0);
  });
  it('a kept reading is the one colour of a paint, and the chosen chip is there again when it is forgotten', () => {
    const read = product('a', { lab: [53.585, 0, 0], colourHex: '#ff0000' });
    expect(hexOfProduct(read)).toBe('#808080');
    expect(hexOfProduct({ ...read, lab: null })).toBe('#ff0000');
    expect(hexOfProduct(undefined)).toBeNull();
  });
  it('white keeps its strength', () => {
    expect(whiteOf([])).toBeNull();
    const mix = mixOfCard(card({}), SHELF, 0) ?? [];
    expect(whiteOf(mix.map(({ paint }) => paint))).toBe('white');
  });
});
