import { describe, expect, it } from 'vitest';
import { PRODUCT_UNSET } from '../../products/productUnset';
import type { Product } from '../../records/shop/product';
import { makeSampleProject } from '../../testing/sampleProject';
import { readLeak } from './readLeak';

const sample = makeSampleProject();
const [template] = sample.rungs;
if (!template) throw new Error('an empty sample');
const product = (id: string, colourHex: string | null, extra: Partial<Product> = {}): Product => ({
  ...PRODUCT_UNSET,
  id,
  revision: 0,
  name: id,
  classId: 'lacquerColour',
  colourHex,
  sheen: 'none',
  values: [],
  note: '',
  ...extra,
});
const coat = (id: string, productId: string, extra: Partial<typeof template> = {}) => ({
  ...template,
  id,
  ladderId: 'host',
  name: id,
  methodId: 'sprayCoat',
  productId,
  coatMicrometres: 12,
  ...extra,
});
const read = (rungs: ReturnType<typeof coat>[], products: Product[], wallMillimetres = 1.2) =>
  readLeak(
    { darkPartId: 'host', wallMillimetres },
    {
      parts: sample.parts,
      products,
      rungsOnPart: () => rungs,
    },
  );
const BLACK = product('black', '#161516');
const WHITE = product('white', '#f0efe9');

describe('light through a part that should be dark', () => {
  it('is none of anybody’s business where no part is named', () =>
    expect(readLeak({ darkPartId: null, wallMillimetres: 1 }, { ...sample, rungsOnPart: () => [] })).toBeNull());
  it('is less under black than under white, and less under every coat', () => {
    const bare = read([], [BLACK])?.share ?? 0;
    const white = read([coat('a', 'white')], [WHITE, BLACK])?.share ?? 0;
    const black = read([coat('a', 'black')], [BLACK])?.share ?? 0;
    const twice = read([coat('a', 'black'), coat('b', 'black', { name: 'other' })], [BLACK])?.share ?? 0;
    expect([bare > white, white > black, black > twice]).toEqual([true, true, true]);
  });
  it('a film half as thick stops less, what was left out nothing, and a clear nothing either', () => {
    const whole = read([coat('a', 'black')], [BLACK]);
    const thin = read([coat('a', 'black', { coatMicrometres: 6 })], [BLACK]);
    expect(thin?.share).toBeGreaterThan(whole?.share ?? 1);
    expect(read([coat('a', 'black', { state: 'leftOut' })], [BLACK])?.films).toBe(0);
    const clear = read([coat('a', 'clear')], [product('clear', null), BLACK]);
    expect(clear?.share).toBe(clear?.wallShare);
  });
  it('would be stopped by coats of the darkest paint at hand, else of a plain black', () => {
    expect(read([], [WHITE, product('grey', '#303030'), BLACK])?.coatOf?.name).toBe('black');
    const plain = read([], [WHITE, product('flakes', '#111111', { effect: 'metallic' })]);
    expect(plain?.coatOf).toBeNull();
    expect(plain?.coatsMore).toBeGreaterThan(0);
    expect(read([], [BLACK], 20)).toMatchObject({ isDark: true, coatsMore: 0 });
  });
});
