import 'fake-indexeddb/auto';
import { missingPrimaries } from '@zinc-ladder/core/colour/recipe/missingPaints';
import { labOfHex } from '@zinc-ladder/core/colour/lab';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { onShelf, stocksOf } from '@zinc-ladder/model/gather/shelf/stockNow';
import { mixableProducts } from '@zinc-ladder/model/gather/film/gatherPaints';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { growFor, toRung } from '@zinc-ladder/model/gather/grow/growRungs';
import { PRODUCT_UNSET } from '@zinc-ladder/model/products/productUnset';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ShopDatabase } from '../../tables/database';
import { importProject } from '../../whole/projectTransfer';
import { Store } from '../../edits/store';
import type { Kit } from './kits';
import { NEW_PART } from './partChanges';
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
  it('have every paint that the ladder of their look takes, new and worn', () => {
    const part: Part = { ...NEW_PART, id: 'part', revision: 0, propId: 'prop', position: 0, name: 'Part' };
    for (const [id, finish, age] of [
      ['brassOverBlack', 'metal', 'new'],
      ['brassOverBlack', 'metal', 'worn'],
      ['glossEnamel', 'gloss', 'new'],
      ['oldBone', 'bone', 'new'],
      ['oldBone', 'bone', 'worn'],
      ['oldBone', 'leather', 'worn'],
    ] as const) {
      const products = kit(id).products.map((entry, at): Product => ({
        ...PRODUCT_UNSET,
        id: `${at}`,
        revision: 0,
        ...entry,
        values: [],
        note: '',
      }));
      const grown = growFor(part, { finish, age, smoothing: 'primerOnly', joining: 'none', sealing: 'clearLast' }, { metres: 1.5 });
      const rungs =
        grown.kind === 'grown' ? grown.rungs.map((draft) => ({ draft, rung: toRung(draft, 'rung', 'ladder', products, {}) })) : [];
      const without = rungs.filter(({ draft, rung }) => draft.productClassId !== null && rung.productId === null);
      expect(rungs.length).toBeGreaterThan(8);
      expect([id, age, without.map(({ rung }) => rung.name)]).toEqual([id, age, []]);
      const colour = rungs.find(({ rung }) => rung.role === 'colour')?.rung.name;
      if (finish === 'bone' || finish === 'leather') expect(colour).toContain(finish);
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
