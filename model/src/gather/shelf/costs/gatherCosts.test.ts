import { describe, expect, it } from 'vitest';
import { KEPT_UNSET } from '../../../products/keptUnset';
import { NEW_LIGHTS } from '../../light/newLights';
import type { Supply } from '../../../records/shelf/supply';
import { makeSampleProject } from '../../../testing/sampleProject';
import { askWhatToBuy, billsOf } from '../buyingList';
import { gatherCosts } from './gatherCosts';
import { gatherKit } from '../gatherKit';
import { gatherNeeds } from '../gatherNeeds';
import { rungMillilitres } from '../rungTakes';
import { shelfLines } from '../shelfLines';
import { productThing } from '../shelfThing';
import { unitPrice } from './unitPrices';

const sample = makeSampleProject();
const [product] = sample.products;
const [host] = sample.parts;
const [done] = sample.rungs;
const [entry] = sample.logEntries;
const [can] = sample.cans;
if (!product || !host || !done || !entry || !can) throw new Error('an empty sample');
const DAY = 86_400_000;
const NOW = sample.savedAtMs;
const open = { ...done, id: 'host-2', state: 'open' as const, doneAtMs: null, workedMs: 0, minutes: 30 };
const sanding = { ...open, id: 'guest-1', ladderId: 'guest', productId: null, methodId: 'sand', band: 'fillSand' as const, grit: 'P180', coatMicrometres: null }; // prettier-ignore
const ML = rungMillilitres(open, host, product) ?? 0;
const paper: Supply = {
  id: 'paper',
  revision: 0,
  ...KEPT_UNSET,
  name: 'Paper',
  kindId: 'abrasiveSheet',
  grit: 180,
  widthMillimetres: null,
  left: 2,
  closedMonths: null,
  openedMonths: null,
};
const pack = { id: 'k', revision: 0, productId: 'primer', supplyId: null, supplierId: 's', amount: 400, price: 8 };
const sheets = { ...pack, id: 'kp', productId: null, supplyId: 'paper', amount: 10, price: 5 };
const supplier = { id: 's', revision: 0, name: 'Post', days: 2, sendingWeekdays: [1, 2, 3, 4, 5], carriage: 4, leastOrder: 0, note: '' };
const records = {
  ...sample,
  rungs: [done, open, sanding],
  supplies: [paper],
  suppliers: [supplier],
  packs: [pack, sheets],
  standing: [{ ...entry, tookMillilitres: 6, actualMinutes: 12 }],
};
const SHEETS = ((sample.parts[1]?.areaSquareCentimetres ?? 0) * (sample.parts[1]?.count ?? 0)) / 1200;

describe('what a prop costs', () => {
  it('is what was taken and what will be, at what a unit costs (by hand)', () => {
    const { props, all } = gatherCosts(records);
    const [lamp] = props;
    expect(lamp?.byKind.get('prime')?.soFar).toBeCloseTo(6 * 0.02, 9);
    expect(lamp?.byKind.get('prime')?.toCome).toBeCloseTo(ML * 0.02, 9);
    expect(lamp?.byKind.get('supplies')?.toCome).toBeCloseTo(SHEETS * 0.5, 9);
    expect(lamp?.byKind.has('hours')).toBe(false);
    expect(all.toCome).toBeCloseTo(ML * 0.02 + SHEETS * 0.5, 9);
  });
  it('has hours where an hour has a price, and counts what has none', () => {
    const { props } = gatherCosts({ ...records, shop: { ...sample.shop, hourPrice: 20 } });
    expect(props[0]?.byKind.get('hours')).toMatchObject({ soFar: (12 / 60) * 20, toCome: ((30 + sanding.minutes) / 60) * 20 });
    const { all } = gatherCosts({ ...records, packs: [] });
    expect(all).toMatchObject({ soFar: 0, toCome: 0, unpriced: 2 });
  });
  it('goes by what was paid last, before what packs cost', () => {
    const thing = productThing(product);
    const bought = { ...pack, id: 'o', count: 1, orderedAtMs: NOW, dueAtMs: NOW, arrivedAtMs: NOW, note: '', price: 12 };
    const paid = { ...can, paid: 10, boughtAtMs: NOW - DAY };
    expect(unitPrice(thing, { packs: [pack, { ...pack, price: 6 }], purchases: [], cans: [] })?.price).toBeCloseTo(6 / 400, 12);
    expect(unitPrice(thing, { packs: [pack], purchases: [bought], cans: [paid] })?.price).toBeCloseTo(12 / 400, 12);
    expect(unitPrice(thing, { packs: [pack], purchases: [], cans: [paid] })?.price).toBeCloseTo(10 / 400, 12);
    expect(unitPrice(thing, { packs: [{ ...pack, price: null }], purchases: [], cans: [can] })).toBeNull();
  });
});

describe('what ladders take', () => {
  it('is every product and supply once, with what is on the list', () => {
    const kit = gatherKit(sample.parts, records);
    expect(kit.products).toMatchObject([{ coats: 2 }]);
    expect(kit.products[0]?.millilitres).toBeCloseTo(2 * ML, 9);
    const sheetsOf = kit.supplies.find(({ kind }) => kind.id === 'abrasiveSheet');
    expect(sheetsOf).toMatchObject({ grit: 180, kept: { id: 'paper' } });
    expect(sheetsOf?.amount).toBeCloseTo(SHEETS, 9);
    expect(kit.supplies.find(({ kind }) => kind.id === 'gloves')?.kept).toBeNull();
    expect(gatherKit([], records)).toEqual({ products: [], supplies: [], unchosen: [] });
  });
});

describe('a buying list by who sells', () => {
  it('adds packs and carriage for each, and all of them are what the list costs', () => {
    const sold = (packId: string, from: string, price: number, count: number) => ({ packId, product: packId, supplier: from, amount: 1, price, count }); // prettier-ignore
    const bills = billsOf([sold('a', 's', 8, 2), sold('b', 'gone', 3, 1), sold('c', 's', 1.5, 2)], [supplier]);
    expect(bills.map(({ supplierId, carriage, cost, packs }) => [supplierId, carriage, cost, packs.map((one) => one.cost)])).toEqual([
      ['s', 4, 23, [16, 3]],
      ['gone', 0, 3, [3]],
    ]);
    expect(billsOf([], [supplier])).toEqual([]);
  });
});

describe('supplies and what is to be bought', () => {
  const lines = (given: Partial<typeof records> = {}, chance = 0.8) =>
    shelfLines(gatherNeeds({ ...records, ...given }, new Map([['host-2', NOW + 5 * DAY]]), NOW + 9 * DAY), {
      chance,
      days: 3,
      timeZone: 'UTC',
      packs: records.packs,
      suppliers: records.suppliers,
    });
  it('paper of a grit is taken by rungs of that grit, and what was done since it was counted is off it', () => {
    const of = (given: Partial<typeof records>) => lines(given).find(({ thing }) => thing.supplies.length > 0);
    expect(of({})?.stock).toBe(2);
    expect(of({})?.curve.needed).toBeCloseTo(SHEETS, 9);
    const sanded = { ...sanding, state: 'done' as const, doneAtMs: NOW };
    expect(of({ rungs: [sanded] })?.stock).toBeCloseTo(2 - SHEETS, 9);
    expect(of({ rungs: [sanded], supplies: [{ ...paper, countedAtMs: NOW }] })?.stock).toBe(2);
    expect(of({ supplies: [{ ...paper, grit: 320 }] })?.curve.needed).toBe(0);
  });
  it('LEDs and cells are taken by what is lit: when its first rung is planned, and off the shelf once it is fitted', () => {
    const lit = { ...NEW_LIGHTS, id: 'l', revision: 0, propId: 'prop', name: 'Lamp', leds: 12, cells: 3, rungIds: ['host-2'] };
    const bag: Supply = { ...paper, id: 'bag', name: 'Warm LEDs', kindId: 'leds', grit: null, left: 20 };
    const box: Supply = { ...bag, id: 'box', name: 'AA', kindId: 'cells', left: 2 };
    const of = (rungs: typeof records.rungs) =>
      gatherNeeds({ ...records, rungs, supplies: [bag, box], lightPlans: [lit] }, new Map([['host-2', NOW + DAY]]), NOW + 9 * DAY).filter(
        ({ thing }) => thing.supplies.length > 0,
      );
    expect(of([open]).map(({ stock, takes }) => [stock, takes])).toEqual([
      [20, [{ atMs: NOW + DAY, amount: 12 }]],
      [2, [{ atMs: NOW + DAY, amount: 3 }]],
    ]);
    expect(of([{ ...open, state: 'done', doneAtMs: NOW }]).map(({ stock, takes }) => [stock, takes])).toEqual([
      [8, []],
      [0, []],
    ]);
  });
  it('cells and LEDs are as many as are said: four are enough for three, two are one short', () => {
    const lit = { ...NEW_LIGHTS, id: 'l', revision: 0, propId: 'prop', name: 'Lamp', leds: 12, cells: 3, rungIds: ['host-2'] };
    const box = (left: number): Supply => ({ ...paper, id: 'box', name: 'AA', kindId: 'cells', grit: null, left });
    const of = (left: number) => lines({ supplies: [box(left)], lightPlans: [lit] }, 0.95).find(({ thing }) => thing.supplies.length > 0);
    expect(of(4)).toMatchObject({ orderByMs: null, curve: { needed: 3, low: 3, high: 3, missing: 0, free: 1 } });
    expect(of(3)?.curve.missing).toBe(0);
    expect(of(2)?.curve).toMatchObject({ missing: 1, runsOutMs: NOW + 5 * DAY });
    expect(of(2)?.orderByMs).not.toBeNull();
  });
  it('who sells it decides by when to order; enough by a look is enough', () => {
    const empty = { cans: [{ ...can, leftMillilitres: 0 }] };
    const [first] = lines(empty);
    expect(first).toMatchObject({ thing: { id: 'primer' }, supplier: { id: 's' } });
    expect(first?.orderByMs).toBeLessThan(NOW + 4 * DAY);
    const looked = { cans: [{ ...can, level: 'enough' as const }] };
    expect(lines(looked).find(({ thing }) => thing.id === 'primer')?.orderByMs).toBeNull();
  });
  it('what is on its way is not called for again, though it comes after it runs out', () => {
    const ordered = { ...pack, id: 'o', count: 2, orderedAtMs: NOW, dueAtMs: NOW + 8 * DAY, arrivedAtMs: null, note: '' };
    const [first] = lines({ cans: [], purchases: [ordered] });
    expect(first?.thing.id).toBe('primer');
    expect(first?.curve).toMatchObject({ runsOutMs: NOW + 5 * DAY, missing: 0 });
    expect(first?.orderByMs).toBeNull();
  });
  it('are asked for where they are missing: from who brings them in time, and told where nobody sells them', () => {
    const empty = lines({ cans: [], supplies: [{ ...paper, left: 0 }] });
    const asked = askWhatToBuy(empty, [pack, sheets], [supplier]);
    expect(asked.needs.map(({ product: id }) => id).toSorted()).toEqual(['abrasiveSheet|180|', 'primer']);
    expect(asked.suppliers).toEqual([{ id: 's', carriage: 4, least: 0 }]);
    expect(askWhatToBuy(empty, [sheets], [supplier]).unsold.map(({ thing }) => thing.id)).toEqual(['primer']);
    const slow = { ...pack, id: 'slow', supplierId: 'slow', price: 1 };
    const arrives = new Map([['s', NOW + DAY], ['slow', NOW + 30 * DAY]]); // prettier-ignore
    const inTime = askWhatToBuy(empty, [pack, slow], [supplier], arrives);
    expect(inTime.packs.map(({ packId }) => packId)).toEqual(['k']);
    expect(askWhatToBuy(empty, [slow], [supplier], arrives)).toMatchObject({ late: ['primer'], packs: [{ packId: 'slow' }] });
    expect(askWhatToBuy(empty, [{ ...pack, price: null }], [supplier])).toMatchObject({ unpriced: ['primer'], packs: [{ price: 0 }] });
  });
});
