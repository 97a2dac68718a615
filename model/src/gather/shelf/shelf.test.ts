import { describe, expect, it } from 'vitest';
import { makeSampleProject } from '../../testing/sampleProject';
import { productNeed } from '../../products/productNeed';
import { gatherNeeds } from './gatherNeeds';
import { gatherTakes, workOutTakes } from './gatherTakes';
import { rungArea } from './rungTakes';
import { readStockCsv } from './lists/readStockCsv';

describe('what a plan takes of the shelf', () => {
  const sample = makeSampleProject();
  const [template] = sample.rungs.filter(({ productId }) => productId !== null);
  const [part] = sample.parts;
  const product = sample.products.find(({ id }) => id === template?.productId);
  if (!template || !part || !product) throw new Error('no rung with a product');
  const ladder = sample.ladders.find(({ partId }) => partId === part.id);
  const rung = (id: string, state: 'open' | 'done' | 'leftOut') => ({ ...template, id, ladderId: ladder?.id ?? '', state, coatMicrometres: 20, side: 'all' as const }); // prettier-ignore
  it('is the amount of every rung that is still to do, when it is planned; what has no place comes last', () => {
    const rungs = [rung('a', 'open'), rung('b', 'open'), rung('c', 'done'), rung('d', 'leftOut')];
    const [needs] = gatherNeeds({ ...sample, rungs }, new Map([['b', 50]]), 900);
    const once = productNeed(product, 20, part.areaSquareCentimetres * part.count).millilitres;
    expect(needs?.takes.map(({ atMs }) => atMs)).toEqual([900, 50]);
    for (const { amount } of needs?.takes ?? []) expect(amount).toBeCloseTo(once, 9);
    const cans = sample.cans.filter(({ productId }) => productId === product.id);
    expect(needs?.stock).toBe(cans.reduce((sum, { leftMillilitres }) => sum + leftMillilitres, 0));
  });
  it('of a rung on a region is what the region takes, on every piece of a set', () => {
    const band = { ...rung('band', 'open'), areaSquareCentimetres: 12, side: 'under' as const };
    const set = { ...part, count: 6 };
    const [needs] = gatherNeeds(
      { ...sample, parts: sample.parts.map((one) => (one.id === part.id ? set : one)), rungs: [band] },
      new Map(),
      0,
    );
    expect(needs?.takes[0]?.amount).toBeCloseTo(productNeed(product, 20, 72).millilitres, 9);
    expect(rungArea(band, set)).toBe(72);
    expect(rungArea({ ...band, areaSquareCentimetres: null }, set)).toBe((part.areaSquareCentimetres / 2) * 6);
    // Two pieces of the six, and of a set that has shrunk to one no more than that.
    expect(rungArea({ ...band, pieces: 2 }, set)).toBe(24);
    expect(rungArea({ ...band, pieces: 2 }, { ...set, count: 1 })).toBe(12);
  });
  it('is worked out in pieces for whoever waits, each rung once, and is the same', () => {
    const many = (): (typeof template)[] => Array.from({ length: 1000 }, (_, at) => rung(`many-${at}`, 'open'));
    const records = { ...sample, rungs: many() };
    expect([...workOutTakes(records)]).toHaveLength(2);
    expect([...workOutTakes({ ...records, rungs: [...records.rungs, rung('new', 'open')] })]).toHaveLength(0);
    expect(gatherTakes(records, new Map(), 9)).toEqual(gatherTakes({ ...records, rungs: many() }, new Map(), 9));
  });
  it('of nothing to do is nothing', () => expect(gatherNeeds({ ...sample, rungs: [] }, new Map(), 0)).toEqual([]));
});

describe('a spreadsheet of stock', () => {
  it('is read with whatever separator and signs in its numbers', () => {
    const { rows, columns, faults } = readStockCsv(
      'Product;Left;Price;Supplier\nGrey primer;1.234,5 ml;12,50 €;Harbour paints\nTape;3;;\n',
    );
    expect(faults).toEqual([]);
    expect(columns).toMatchObject({ name: 'Product', amount: 'Left', price: 'Price', supplier: 'Supplier' });
    expect(rows[0]).toMatchObject({
      name: 'Grey primer',
      amount: 1234.5,
      unit: 'ml',
      price: 12.5,
      currency: '€',
      supplier: 'Harbour paints',
    });
    expect(rows[1]).toMatchObject({ line: 3, name: 'Tape', amount: 3, price: null });
  });
  it.each([
    ['1,234.5', 1234.5],
    ['1,234', 1234],
    ['12,5', 12.5],
    ['400 ml', 400],
    ['1 250', 1250],
  ])('the amount “%s” is %d', (written, amount) => expect(readStockCsv(`name\tamount\nx\t${written}\n`).rows[0]?.amount).toBe(amount));
  it.each([
    ['an amount below nothing', 'name,amount\nx,-3\n', 'below nothing'],
    ['an absurd amount', 'name,amount\nx,99999999999\n', 'more than a shop can hold'],
    ['an amount that is none', 'name,amount\nx,plenty\n', '“plenty” is no amount'],
    ['a row without a name', 'name,amount\n,3\n', 'names no product'],
    ['a price without a currency', 'name,amount,price\nx,3,12\n', 'has no currency'],
    ['a pack of nothing', 'name,amount,pack\nx,3,0\n', 'no size of a pack'],
    ['no header it knows', 'a,b\n1,2\n', 'it needs a header'],
  ])('%s is told with its line', (_, text, message) => {
    const { rows, faults } = readStockCsv(text);
    expect(rows).toEqual([]);
    expect(faults[0]?.message).toContain(message);
  });
  it('takes a formula as a word, and of a hundred thousand rows what is taken', () => {
    expect(readStockCsv("name,amount\n'=HYPERLINK(1),3\n").rows[0]?.name).toBe('=HYPERLINK(1)');
    const { rows, faults } = readStockCsv(`name,amount\n${'x,1\n'.repeat(100_000)}`);
    expect([rows.length, faults.length]).toEqual([20_000, 1]);
  });
});
