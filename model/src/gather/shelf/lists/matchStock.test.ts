import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KEPT_UNSET } from '../../../products/keptUnset';
import type { Can } from '../../../records/shelf/can';
import type { Supply } from '../../../records/shelf/supply';
import { makeSampleProject } from '../../../testing/sampleProject';
import { makeWholeSample } from '../../../testing/wholeSample';
import { matchStock } from './matchStock';
import { readStockCsv } from './readStockCsv';
import { writeStockCsv } from './writeStockCsv';

const sample = makeSampleProject();
const [product] = sample.products;
if (!product) throw new Error('an empty sample');
const can = (id: string, given: Partial<Can> = {}): Can => ({
  id,
  revision: 0,
  productId: 'primer',
  sizeMillilitres: 400,
  leftMillilitres: 100,
  ...KEPT_UNSET,
  half: null,
  emptyGrams: null,
  ...given,
});
const [paper] = makeWholeSample().supplies;
if (!paper) throw new Error('the sample has paper');
const supply = (id: string, given: Partial<Supply> = {}): Supply => ({ ...paper, id, ...given });
const index = {
  shop: { currency: 'EUR', timeZone: 'Europe/Copenhagen' },
  products: [product],
  cans: [can('old', { lot: 'A7' }), can('new')],
  supplies: [supply('paper')],
  suppliers: [],
};
const match = (csv: string, given: Partial<typeof index> | { shop: { currency: null; timeZone: string } } = {}) =>
  matchStock(readStockCsv(csv).rows, { ...index, ...given });

describe('a stock list that is taken in', () => {
  it('finds cans by their lot, then in their order; what is over is new', () => {
    const effects = match('product,left,unit,lot\nGREY PRIMER,10,cl,\nGrey primer,50,ml,a7\nGrey primer,1,l,\n');
    expect(effects.map((effect) => (effect.kind === 'can' ? [effect.can?.id ?? null, effect.facts.amount] : effect.kind))).toEqual([
      ['new', 100],
      ['old', 50],
      [null, 1000],
    ]);
  });
  it('weighs what is told in grams, by the density of the product', () => {
    const [effect] = match('product,left,unit\nGrey primer,85,g\n');
    expect(effect?.kind === 'can' && effect.facts.amount).toBeCloseTo(100, 6);
  });
  it('finds supplies by name, and what kind an unknown one is by its words', () => {
    const effects = match('product,left,unit\npaper p180,7,\nFoam pads P400,3,\nYellow tape,150,cm\nFairy dust,2,\n');
    expect(effects.map((effect) => (effect.kind === 'supply' ? [effect.kindId, effect.grit, effect.facts.amount, effect.supply?.id ?? null] : effect.kind))).toEqual([
      ['abrasiveSheet', 180, 7, 'paper'],
      ['abrasiveDisc', 400, 3, null],
      ['tape', null, 1.5, null],
      'skip',
    ]); // prettier-ignore
  });
  it.each([
    ['Grey primer,1,bags,,', 'no unit of a liquid'],
    ['Grey primer,1,ml,9.5,USD', 'its price: it is in USD, the shop counts in EUR'],
  ])('%s: is told', (row, words) => {
    const [effect] = match(`product,left,unit,price,currency\n${row}\n`);
    expect(effect?.kind === 'skip' ? effect.why : effect?.facts.leftAside.join()).toContain(words);
  });
  it('takes prices in the shop’s currency, by code or by a sign of one only', () => {
    const priceOf = (price: string, currency: 'EUR' | null = 'EUR'): number | null | undefined => {
      const [effect] = match(`product;left;price\nGrey primer;1;${price}\n`, { shop: { ...index.shop, currency } } as Partial<
        typeof index
      >);
      return effect?.kind === 'can' ? effect.facts.price : undefined;
    };
    expect([priceOf('9,50 €'), priceOf('9.50 EUR'), priceOf('9.50 kr'), priceOf('9,50 €', null)]).toEqual([9.5, 9.5, null, null]);
  });
  it('is what a stock list that was saved says: nothing is new and nothing lost (property)', () => {
    const text = fc.stringMatching(/^[a-z=+ -]{0,12}$/u).map((words) => words.trim());
    const amount = fc.integer({ min: 1, max: 4000 }).map((tenths) => tenths / 10);
    const cans = fc.array(fc.record({ left: amount, lot: text, place: text, paid: fc.option(fc.integer({ min: 0, max: 9000 }).map((cents) => cents / 100)) }), { maxLength: 5 }); // prettier-ignore
    fc.assert(
      fc.property(cans, (given) => {
        const own = given.map(({ left, lot, place, paid }, at) => can(`c${at}`, { leftMillilitres: left, sizeMillilitres: 400, lot, place, paid, openedAtMs: at % 2 ? Date.UTC(2026, 1, 3, 11) : null })); // prettier-ignore
        const csv = writeStockCsv({ ...index, cans: own, left: new Map([['paper', 4]]) }, new Map());
        const { rows, faults } = readStockCsv(csv);
        expect(faults).toEqual([]);
        const effects = matchStock(rows, { ...index, cans: own });
        expect(effects.every(({ kind }) => kind !== 'skip')).toBe(true);
        for (const effect of effects) {
          if (effect.kind !== 'can') continue;
          const same = own.find(({ id }) => id === effect.can?.id);
          expect(effect.facts).toMatchObject({ pack: 400, price: own[effects.indexOf(effect)]?.paid ?? null, leftAside: [] });
          expect(effect.row.place).toBe(own[effects.indexOf(effect)]?.place);
          expect(same?.lot ?? '').toBe(effect.row.lot);
        }
      }),
      { numRuns: 60 },
    );
  });
});
