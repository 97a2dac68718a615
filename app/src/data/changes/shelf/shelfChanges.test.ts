import 'fake-indexeddb/auto';
import { gatherKit } from '@zinc-ladder/model/gather/shelf/gatherKit';
import { matchStock } from '@zinc-ladder/model/gather/shelf/lists/matchStock';
import { readStockCsv } from '@zinc-ladder/model/gather/shelf/lists/readStockCsv';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { SUPPLY_KINDS } from '@zinc-ladder/core/shelf/supplyKinds';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Store } from '../../edits/store';
import { ShopDatabase } from '../../tables/database';
import { importProject } from '../../whole/projectTransfer';
import { finishRung } from '../ladder/benchChanges';
import { arrive, newSupplier, order } from './buyChanges';
import { countCan } from './canChanges';
import { takeStockList } from './stockListChanges';
import { listKit, newSupply } from './supplyChanges';

let db: ShopDatabase;
let store: Store;
let names = 0;
let ids = 0;
const makeId = (): string => `id-${(ids += 1)}`;
const NOW = makeSampleProject().savedAtMs;
const DAY = 86_400_000;

beforeEach(async () => {
  db = new ShopDatabase(`shelf-changes-${(names += 1)}`);
  store = new Store(db, () => NOW);
  const sample = makeSampleProject();
  const rungs = sample.rungs.map((rung) =>
    rung.id === 'host-2' ? { ...rung, methodId: 'prime', productId: 'primer', coatMicrometres: 20 } : rung,
  );
  await importProject(store, { project: { ...sample, rungs }, attachments: makeSampleAttachments() }, 'replace');
});
afterEach(() => db.delete());

const bench = { nowMs: NOW + DAY, air: null, makeId, personId: null };

describe('cans', () => {
  it('what a coat took is in the log, and weighing the can after it teaches how much really goes', async () => {
    await store.edit('done', (edit) => finishRung(edit, 'host-2', 5, '', bench));
    const entry = (await db.records('logEntries').toArray()).find(({ rungId, kind }) => rungId === 'host-2' && kind === 'done');
    const took = entry?.tookMillilitres ?? 0;
    expect(took).toBeGreaterThan(0);
    await store.edit('weigh', (edit) => countCan(edit, 'can', 120 - 1.5 * took, NOW + 2 * DAY, true));
    const product = await db.records('products').get('primer');
    expect(product?.weighings).toHaveLength(1);
    expect(product?.weighings[0]?.reckonedMillilitres).toBeCloseTo(took, 2);
    expect(product?.weighings[0]?.usedMillilitres).toBeCloseTo(1.5 * took, 2);
    expect(await db.records('cans').get('can')).toMatchObject({ countedAtMs: NOW + 2 * DAY, level: null });
  });
  it('counted by eye, filled up or never used teach nothing', async () => {
    await store.edit('weigh', (edit) => countCan(edit, 'can', 90, NOW + DAY, true));
    await store.edit('done', (edit) => finishRung(edit, 'host-2', 5, '', { ...bench, nowMs: NOW + 2 * DAY }));
    await store.edit('look', (edit) => countCan(edit, 'can', 80, NOW + 3 * DAY, false));
    await store.edit('fill', (edit) => countCan(edit, 'can', 500, NOW + 4 * DAY, true));
    expect((await db.records('products').get('primer'))?.weighings).toEqual([]);
    // A can never holds more than its size: it was a larger one.
    expect(await db.records('cans').get('can')).toMatchObject({ leftMillilitres: 500, sizeMillilitres: 500 });
  });
  it('that stood closed are open with the first coat, which a count keeps', async () => {
    await store.edit('close', (edit) => edit.patch('cans', 'can', { openedAtMs: null }));
    await store.edit('done', (edit) => finishRung(edit, 'host-2', 5, '', bench));
    await store.edit('count', (edit) => countCan(edit, 'can', 100, NOW + 2 * DAY, false));
    expect((await db.records('cans').get('can'))?.openedAtMs).toBe(NOW + DAY);
  });
});

describe('what is ordered', () => {
  const ordered = { productId: 'primer', supplyId: null, supplierId: null, amount: 400, price: 9.9, count: 2 };
  it('is due by its supplier’s days, is a can each when it has come, and comes once', async () => {
    await store.edit('supplier', (edit) => edit.put('suppliers', { ...newSupplier('Post', 'post'), days: 1, sendingWeekdays: [6] }));
    await store.edit('order', (edit) => order(edit, [{ ...ordered, supplierId: 'post' }], NOW, makeId));
    const [purchase] = await db.records('purchases').toArray();
    // Thursday noon: this one sends on Saturdays only.
    expect(new Date(purchase?.dueAtMs ?? 0).getUTCDay()).toBe(6);
    await store.edit('come', (edit) => arrive(edit, purchase?.id ?? '', NOW + DAY, makeId));
    const cans = (await db.records('cans').toArray()).filter(({ id }) => id !== 'can');
    expect(cans).toHaveLength(2);
    expect(cans[0]).toMatchObject({ leftMillilitres: 400, paid: 9.9, boughtAtMs: NOW + DAY, countedAtMs: NOW + DAY, openedAtMs: null });
    await expect(store.edit('again', (edit) => arrive(edit, purchase?.id ?? '', NOW + DAY, makeId))).rejects.toMatchObject({
      message: 'nothingToDo',
    });
    await store.undo();
    expect(await db.records('cans').count()).toBe(1);
    expect((await db.records('purchases').toArray())[0]?.arrivedAtMs).toBeNull();
  });
  it('of a supply adds to it, and a supplier that goes leaves the order', async () => {
    const [kind] = SUPPLY_KINDS;
    if (!kind) throw new Error('no kind');
    await store.edit('supply', async (edit) => {
      await edit.put('supplies', { ...newSupply(kind, 180, 'paper', NOW), left: 3 });
      await edit.put('suppliers', newSupplier('Post', 'post'));
    });
    await store.edit('order', (edit) =>
      order(edit, [{ ...ordered, productId: null, supplyId: 'paper', supplierId: 'post', amount: 10 }], NOW, makeId),
    );
    await store.edit('away', (edit) => edit.remove('suppliers', 'post'));
    const [purchase] = await db.records('purchases').toArray();
    expect(purchase?.supplierId).toBeNull();
    await store.edit('come', (edit) => arrive(edit, purchase?.id ?? '', NOW + DAY, makeId));
    expect((await db.records('supplies').get('paper'))?.left).toBe(23);
    await store.edit('away', (edit) => edit.remove('supplies', 'paper'));
    expect(await db.records('purchases').count()).toBe(0);
  });
});

describe('lists', () => {
  it('a kit puts what nobody keeps on the list, once', async () => {
    const kitNow = async () => {
      const [parts, ladders, rungs, products, supplies] = await Promise.all([
        db.records('parts').toArray(),
        db.records('ladders').toArray(),
        db.records('rungs').toArray(),
        db.records('products').toArray(),
        db.records('supplies').toArray(),
      ]);
      return gatherKit(parts, { ladders, rungs, products, supplies }).supplies;
    };
    const kit = await kitNow();
    expect(kit.length).toBeGreaterThan(0);
    await store.edit('kit', (edit) => listKit(edit, kit, NOW, makeId));
    expect((await db.records('supplies').toArray()).every(({ left }) => left === 0)).toBe(true);
    const again = await kitNow();
    await expect(store.edit('again', (edit) => listKit(edit, again, NOW, makeId))).rejects.toMatchObject({ message: 'nothingToDo' });
  });
  it('a stock list is taken in whole, its packs known the second time, and undone in one', async () => {
    const csv = 'product;left;unit;price;supplier;pack\nGrey primer;88;ml;9,90 EUR;Post;400\nWide tape;12;m;;;\nNo such paint;3;ml;;;\n';
    await store.edit('currency', (edit) => edit.patch('shop', 'shop', { currency: 'EUR' }));
    const take = async (): Promise<void> => {
      const [shop] = await db.records('shop').toArray();
      if (!shop) throw new Error('no shop');
      const [products, cans, supplies, suppliers] = await Promise.all([
        db.records('products').toArray(),
        db.records('cans').toArray(),
        db.records('supplies').toArray(),
        db.records('suppliers').toArray(),
      ]);
      const effects = matchStock(readStockCsv(csv).rows, { shop, products, cans, supplies, suppliers });
      await store.edit('list', (edit) => takeStockList(edit, effects, NOW + DAY, makeId));
    };
    await take();
    expect(await db.records('cans').get('can')).toMatchObject({ leftMillilitres: 88, countedAtMs: NOW + DAY });
    expect(await db.records('supplies').toArray()).toMatchObject([{ name: 'Wide tape', kindId: 'tape', left: 12 }]);
    expect(await db.records('packs').toArray()).toMatchObject([{ productId: 'primer', amount: 400, price: 9.9 }]);
    await take();
    expect([await db.records('packs').count(), await db.records('suppliers').count(), await db.records('supplies').count()]).toEqual([
      1, 1, 1,
    ]);
    await store.undo();
    await store.undo();
    expect(await db.records('cans').get('can')).toMatchObject({ leftMillilitres: 120 });
    expect(await db.records('supplies').count()).toBe(0);
  });
});
