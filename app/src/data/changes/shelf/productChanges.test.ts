import 'fake-indexeddb/auto';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { rungForPart } from '@zinc-ladder/model/gather/grow/rungForPart';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { cautionsOfRung } from '@zinc-ladder/model/rungs/cautionsOfRung';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Store } from '../../edits/store';
import { ShopDatabase } from '../../tables/database';
import { importProject } from '../../whole/projectTransfer';
import { addRung } from '../ladder/rungChanges';
import { changeProduct } from './productChanges';

const NOW = makeSampleProject().savedAtMs;
let db: ShopDatabase;
let store: Store;
let names = 0;

/** The sample's first product as a lacquer, and three coats of it on the host: one as usual, one of a typed film, one that is done. */
beforeEach(async () => {
  db = new ShopDatabase(`products-${(names += 1)}`);
  store = new Store(db, () => NOW);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
  await store.edit('prepare', async (edit) => {
    const [sample] = await edit.list('products');
    const product: Product = { ...(sample as Product), id: 'paint', classId: 'lacquerColour', values: [], sightings: [], weighings: [] };
    await edit.put('products', product);
    const usual = rungForPart('sprayCoat', product, await edit.need('parts', 'host'));
    const states: readonly Partial<Rung>[] = [{}, { coatMicrometres: 77 }, { state: 'done', doneAtMs: NOW }];
    for (const [at, state] of states.entries())
      await addRung(
        edit,
        'host',
        { ...usual, id: `coat-${at}`, ladderId: 'host', ...state },
        (await edit.need('ladders', 'host')).rungIds.length,
      );
  });
});
afterEach(() => db.delete());

const coatOf = async (at: number): Promise<Rung> => (await db.records('rungs').get(`coat-${at}`)) as Rung;
const change = (fields: Partial<Product>): Promise<void> =>
  store.edit('change', async (edit) => changeProduct(edit, await edit.need('products', 'paint'), fields));

describe('a product that is called otherwise', () => {
  it('gives open rungs named after it its new name; a typed name and what is done stay', async () => {
    await change({ name: 'Sea green, aerosol' });
    await store.edit('name', async (edit) => {
      await edit.patch('rungs', 'coat-0', { name: 'sea green, wet' });
      await edit.patch('rungs', 'coat-1', { name: 'the rim' });
      await edit.patch('rungs', 'coat-2', { name: 'sea green, mist' });
    });
    await change({ name: 'Moss green, aerosol' });
    const names = async () => [(await coatOf(0)).name, (await coatOf(1)).name, (await coatOf(2)).name];
    expect(await names()).toEqual(['moss green, wet', 'the rim', 'sea green, mist']);
    await store.undo();
    expect((await names())[0]).toBe('sea green, wet');
  });
});

describe('a product whose label says another coat', () => {
  it('lays that on open rungs that had the usual one; a typed film and what is done stay', async () => {
    const usual = findProductClass('lacquerColour').drying.coatMicrometres;
    expect((await coatOf(0)).coatMicrometres).toBe(usual);
    await change({ values: [{ field: 'coatMicrometres', value: 31, origin: 'label', note: '' }] });
    expect([(await coatOf(0)).coatMicrometres, (await coatOf(1)).coatMicrometres, (await coatOf(2)).coatMicrometres]).toEqual([
      31,
      77,
      usual,
    ]);
    await store.undo();
    expect((await coatOf(0)).coatMicrometres).toBe(usual);
  });
  it('changes no rung by what is nothing to them', async () => {
    const before = await coatOf(0);
    await change({ name: 'another name', values: [{ field: 'tapeMinutes', value: 90, origin: 'label', note: '' }] });
    expect(await coatOf(0)).toEqual(before);
  });
});

describe('a product of another class', () => {
  it('has its coat and its cautions, and none of the class before', async () => {
    expect((await coatOf(0)).cautionIds).toContain('solventSpray');
    await change({ classId: 'brushEpoxy' });
    const rung = await coatOf(0);
    const product = await db.records('products').get('paint');
    expect(rung.coatMicrometres).toBe(findProductClass('brushEpoxy').drying.coatMicrometres);
    expect(rung.cautionIds).not.toContain('solventSpray');
    for (const id of findProductClass('brushEpoxy').cautions) expect(cautionsOfRung(rung, product ?? null, 'rigid')).toContain(id);
  });
});
