import 'fake-indexeddb/auto';
import { missingPrimaries } from '@zinc-ladder/core/colour/recipe/missingPaints';
import { labOfHex } from '@zinc-ladder/core/colour/lab';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { onShelf, stocksOf } from '@zinc-ladder/model/gather/shelf/stockNow';
import { mixableProducts } from '@zinc-ladder/model/gather/film/gatherPaints';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ShopDatabase } from '../../tables/database';
import { importProject } from '../../whole/projectTransfer';
import { Store } from '../../edits/store';
import type { Kit } from './kits';
import { addKit, KITS, missingOfKit } from './kits';

let db: ShopDatabase;
let store: Store;
let names = 0;
let ids = 0;
const makeId = (): string => `kit-${(ids += 1)}`;
const kit = (id: string): Kit => KITS.find((entry) => entry.id === id) as Kit;

beforeEach(async () => {
  db = new ShopDatabase(`kits-${(names += 1)}`);
  store = new Store(db, () => 0);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
});
afterEach(() => db.delete());

describe('kits', () => {
  it('name classes that exist, and each product once', () => {
    for (const { products } of KITS) {
      for (const { classId } of products) expect(() => findProductClass(classId)).not.toThrow();
      expect(new Set(products.map(({ name }) => name)).size).toBe(products.length);
    }
  });
  it('come with a full pot of each, as large as its class usually is', async () => {
    await store.edit('kit', (edit) => addKit(edit, kit('brassOverBlack'), makeId));
    const products = await db.records('products').toArray();
    const cans = await db.records('cans').toArray();
    const canOf = (name: string) => cans.find((can) => can.productId === products.find((entry) => entry.name === name)?.id);
    expect(canOf('Brass')).toMatchObject({ sizeMillilitres: 400, leftMillilitres: 400, openedAtMs: null });
    expect(canOf('Umber wash')).toMatchObject({ sizeMillilitres: 17 });
  });
  it('put nothing on the shelf twice, not even what two kits share, and go by one undo', async () => {
    const before = await db.records('products').count();
    await store.edit('kit', (edit) => addKit(edit, kit('brassOverBlack'), makeId));
    await store.edit('again', (edit) => addKit(edit, kit('brassOverBlack'), makeId));
    await store.edit('other', (edit) => addKit(edit, kit('glossEnamel'), makeId));
    const products = await db.records('products').toArray();
    expect(products.filter(({ name }) => name === 'Filler primer, grey')).toHaveLength(1);
    expect(missingOfKit(kit('glossEnamel'), products)).toEqual([]);
    await store.undo();
    await store.undo();
    expect(await db.records('products').count()).toBe(before);
  });
  it('to mix from leave no primary missing', async () => {
    await store.edit('kit', (edit) => addKit(edit, kit('mixing'), makeId));
    const products = await db.records('products').toArray();
    const shelf = onShelf(stocksOf(products, await db.records('cans').toArray(), new Map()));
    const mixable = mixableProducts(products, shelf, false);
    expect(missingPrimaries(mixable.map(({ colourHex }) => labOfHex(colourHex ?? '#808080')))).toEqual([]);
  });
});
