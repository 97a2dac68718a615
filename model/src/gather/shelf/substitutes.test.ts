import { describe, expect, it } from 'vitest';
import { KEPT_UNSET } from '../../products/keptUnset';
import { PRODUCT_UNSET } from '../../products/productUnset';
import type { Product } from '../../records/shop/product';
import { makeSampleProject } from '../../testing/sampleProject';
import { findSubstitutes } from './substitutes';

const sample = makeSampleProject();
const [template] = sample.rungs;
if (!template) throw new Error('an empty sample');
const product = (id: string, classId: string, colourHex: string | null): Product => ({
  ...PRODUCT_UNSET,
  id,
  revision: 0,
  name: id,
  classId,
  colourHex,
  sheen: 'none',
  values: [],
  note: '',
});
const products = [
  product('green', 'enamelColour', '#3b5b4b'),
  product('near', 'enamelColour', '#3f6050'),
  product('far', 'enamelColour', '#a03020'),
  product('lacquer', 'lacquerColour', '#3c5c4c'),
  product('clear', 'lacquerClear', '#efece2'),
  product('scarce', 'enamelColour', '#3b5b4c'),
];
const coat = (id: string, productId: string, band: 'prime' | 'colour' = 'colour') => ({
  ...template,
  id,
  ladderId: 'host',
  methodId: 'sprayCoat',
  band,
  productId,
  coatMicrometres: 20,
  state: 'open' as const,
  doneAtMs: null,
  workedMs: 0,
});
const cans = products.map(({ id }) => ({
  id,
  revision: 0,
  productId: id,
  sizeMillilitres: 400,
  leftMillilitres: id === 'scarce' ? 0.01 : 300,
  ...KEPT_UNSET,
  half: null,
  emptyGrams: null,
}));
const shop = (rungs: ReturnType<typeof coat>[]) => ({
  ...sample,
  products,
  cans,
  rungs,
  ladders: [{ id: 'host', revision: 0, partId: 'host', route: null, rungIds: rungs.map(({ id }) => id) }],
});
const [green] = products;
if (!green) throw new Error('no product');

describe('what stands in for a product that is missing', () => {
  it('is of the same purpose, enough of it there, nearest by colour first', () => {
    const found = findSubstitutes(green, shop([coat('a', 'green')]), new Map());
    expect(found.map(({ product: { id } }) => id)).toEqual(['lacquer', 'near', 'far']);
    expect(found[0]?.difference).toBeLessThan(found[1]?.difference ?? 0);
    expect(found.every(({ findings }) => findings.length === 0)).toBe(true);
  });
  it('comes last where something speaks against it on what lies under it, and says what', () => {
    // Lacquer over enamel lifts it: the enamel under it stays, the coat over it is replaced.
    const found = findSubstitutes(green, shop([coat('under', 'far'), coat('over', 'green')]), new Map());
    expect(found.map(({ product: { id } }) => id)).toEqual(['near', 'far', 'lacquer']);
    expect(found.at(-1)?.findings.map(({ stepId }) => stepId)).toContain('over');
  });
  it('is none where nothing open takes it', () => expect(findSubstitutes(green, shop([coat('a', 'near')]), new Map())).toEqual([]));
});
