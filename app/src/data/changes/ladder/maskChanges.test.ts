import { PRODUCT_UNSET } from '@zinc-ladder/model/products/productUnset';
import 'fake-indexeddb/auto';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import type { MaskRung } from '@zinc-ladder/core/mask/maskRungs';
import { findRuleFaults } from '@zinc-ladder/model/rules/findRuleFaults';
import { NEW_RUNG } from '@zinc-ladder/model/gather/grow/growRungs';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ShopDatabase } from '../../tables/database';
import { gatherProject, importProject } from '../../whole/projectTransfer';
import { Store } from '../../edits/store';
import { putMaskRungs } from './maskChanges';

let db: ShopDatabase;
let store: Store;
let count = 0;
let names = 0;

const GREEN: Product = {
  ...PRODUCT_UNSET,
  id: 'green',
  revision: 0,
  name: 'Green',
  classId: 'lacquerColour',
  colourHex: '#3c5c4c',
  sheen: 'satin',
  values: [{ field: 'coatMicrometres', value: 14, origin: 'label', note: '' }],
  note: '',
};
const [PLAN] = makeSampleProject().maskPlans;
if (!PLAN) throw new Error('no plan');
const plan = { ...PLAN, regions: PLAN.regions.map((region) => ({ ...region, productId: 'green' })) };
const made = (methodId: MaskRung['methodId'], name: string, extra: Partial<MaskRung> = {}): MaskRung => ({
  methodId,
  name,
  regionId: 'band',
  productOfRegionId: methodId === 'maskedCoat' || methodId === 'sprayCoat' ? 'band' : null,
  minutes: null,
  areaSquareCentimetres: 20,
  note: '',
  ...extra,
});
const MADE = [
  made('mask', 'Mask for band', { minutes: 9, note: 'Tape 300 mm on body; cover the rest.' }),
  made('maskedCoat', 'band 1'),
  made('unmask', 'Pull the mask'),
];
const rung = (id: string, methodId: string, band: Rung['band'], state: Rung['state'] = 'open'): Rung => ({
  ...NEW_RUNG,
  id,
  ladderId: 'guest',
  name: id,
  methodId,
  band,
  state,
  doneAtMs: state === 'done' ? makeSampleProject().savedAtMs : null,
});

beforeEach(async () => {
  db = new ShopDatabase(`masks-${(names += 1)}`);
  store = new Store(db, () => makeSampleProject().savedAtMs);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
});
afterEach(async () => {
  await db.delete();
});

/** Lays rungs on the guest's ladder, puts the masks, and gives what stands there then. */
async function putOn(rungs: readonly Rung[], put: readonly MaskRung[] = MADE): Promise<readonly Rung[]> {
  await store.edit('lay', async (edit) => {
    await edit.put('products', GREEN);
    for (const entry of rungs) await edit.put('rungs', entry);
    await edit.patch('ladders', 'guest', { rungIds: rungs.map((entry) => entry.id) });
    await edit.remove('rungs', 'guest-1');
    await edit.remove('joins', 'join');
  });
  await store.edit('masks', (edit) => putMaskRungs(edit, 'guest', put, plan, new Map([[GREEN.id, GREEN]]), () => `made-${(count += 1)}`));
  expect(findRuleFaults((await gatherProject(db, 0)).project)).toEqual([]);
  const ids = (await db.records('ladders').get('guest'))?.rungIds ?? [];
  const kept = await Promise.all(ids.map(async (id) => db.records('rungs').get(id)));
  return kept.flatMap((entry) => entry ?? []);
}
const namesOf = (rungs: readonly Rung[]) => rungs.map((entry) => entry.name);

describe('rungs of masks', () => {
  it('take the place of open rungs of colour and mask; what is done or begun stays', async () => {
    const found = await putOn(
      [
        rung('prime', 'prime', 'prime', 'done'),
        rung('old base', 'sprayCoat', 'colour', 'done'),
        rung('old 2', 'sprayCoat', 'colour'),
        rung('old mask', 'mask', 'maskDetail'),
        rung('lines', 'detail', 'maskDetail'),
        rung('wash', 'darkWash', 'weather'),
      ].map((entry) => ({ ...entry, id: entry.id.replace(' ', '-') })),
    );
    expect(namesOf(found)).toEqual(['prime', 'old base', 'Mask for band', 'band 1', 'Pull the mask', 'lines', 'wash']);
    expect(await db.records('rungs').get('old-2')).toBeUndefined();
  });
  it('stand under weathering where no colour is open, and on top where nothing is', async () => {
    expect(namesOf(await putOn([rung('prime', 'prime', 'prime'), rung('wash', 'darkWash', 'weather'), rung('fit', 'fit', 'fit')]))).toEqual(
      ['prime', 'Mask for band', 'band 1', 'Pull the mask', 'wash', 'fit'],
    );
  });
  it('of a region nobody has measured are on all of the part, and none is larger than a rung can say', async () => {
    const found = await putOn(
      [],
      [made('mask', 'cover', { areaSquareCentimetres: 400_000 }), made('maskedCoat', 'band', { areaSquareCentimetres: 0 })],
    );
    expect(found.map(({ areaSquareCentimetres }) => areaSquareCentimetres)).toEqual([200_000, null]);
  });
  it('on an empty ladder are all there is', async () => {
    expect(namesOf(await putOn([]))).toEqual(['Mask for band', 'band 1', 'Pull the mask']);
  });
  it('carry product, film, minutes and how to do it', async () => {
    const [mask, coat, pull] = await putOn([rung('prime', 'prime', 'prime')].slice(1));
    expect(mask).toMatchObject({
      minutes: 9,
      productId: null,
      coatMicrometres: null,
      detail: 'Tape 300 mm on body; cover the rest.',
      band: 'maskDetail',
    });
    expect(coat).toMatchObject({ productId: 'green', coatMicrometres: 14, state: 'open', areaSquareCentimetres: 20 });
    expect(coat?.minutesFormula).toContain('20 cm²');
    expect(pull?.productId).toBeNull();
    expect(coat?.cautionIds).toEqual(expect.arrayContaining([...findProductClass('lacquerColour').cautions]));
  });
  it('are made for every piece of the set', async () => {
    await store.edit('set', (edit) => edit.patch('parts', 'guest', { count: 3 }));
    const [mask, coat] = await putOn([]);
    expect(mask).toMatchObject({ minutes: 27, minutesFormula: expect.stringContaining('3 × 9 min') as string });
    expect(coat?.minutesFormula).toContain('3 × (');
  });
  it('are one edit: undo brings every rung back as it was', async () => {
    await putOn([rung('colour', 'sprayCoat', 'colour')]);
    await store.undo();
    expect((await db.records('ladders').get('guest'))?.rungIds).toEqual(['colour']);
    expect((await db.records('rungs').toArray()).filter((entry) => entry.id.startsWith('made-'))).toEqual([]);
  });
});
