import 'fake-indexeddb/auto';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { findRuleFaults } from '@zinc-ladder/model/rules/findRuleFaults';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ShopDatabase } from '../../tables/database';
import { gatherProject, importProject } from '../../whole/projectTransfer';
import { Store } from '../../edits/store';
import { withSamples } from './colourChanges';
import { removeInspectionPicture } from './surfaceChanges';

let db: ShopDatabase;
let store: Store;
let names = 0;

beforeEach(async () => {
  db = new ShopDatabase(`colour-${(names += 1)}`);
  store = new Store(db, () => makeSampleProject().savedAtMs);
  const project = makeSampleProject();
  await importProject(store, { project, attachments: makeSampleAttachments() }, 'replace');
});
afterEach(async () => {
  await db.delete();
});

const faults = async () => findRuleFaults((await gatherProject(db, 0)).project);

describe('what is taken away leaves nothing that names it', () => {
  it('a target: its cards stay', async () => {
    await store.edit('away', (edit) => edit.remove('targets', 'target'));
    expect((await db.records('mixCards').get('card'))?.targetId).toBeNull();
    expect(await faults()).toEqual([]);
  });
  it('a product: rungs, cards and regions stay without it, cans go', async () => {
    await store.edit('away', (edit) => edit.remove('products', 'primer'));
    expect(await db.records('mixCards').get('card')).toMatchObject({
      undercoatId: null,
      components: [{ productId: null, name: 'Grey primer' }],
    });
    expect((await db.records('maskPlans').get('masks'))?.regions[0]?.productId).toBeNull();
    expect(await db.records('cans').count()).toBe(0);
    expect(await faults()).toEqual([]);
    await store.undo();
    expect(await db.records('cans').count()).toBe(1);
  });
  it('a part: its masks and stencils go, regions on it leave the plans of others', async () => {
    const plan = await db.records('maskPlans').get('masks');
    await store.edit('guest', (edit) =>
      edit.patch('maskPlans', 'masks', {
        regions: (plan?.regions ?? []).map((region) => (region.id === 'body' ? { ...region, partId: 'guest' } : region)),
        order: ['body', 'band'],
      }),
    );
    await store.edit('away', (edit) => edit.remove('parts', 'guest'));
    expect(await db.records('maskPlans').get('masks')).toMatchObject({
      regions: [{ id: 'band', chipsShowId: null }],
      borders: [],
      order: ['band'],
    });
    await store.edit('host', (edit) => edit.remove('parts', 'host'));
    expect([await db.records('maskPlans').count(), await db.records('stencils').count()]).toEqual([0, 0]);
    expect(await faults()).toEqual([]);
  });
  it('a prop and a picture: the target stays, its sample keeps the colour', async () => {
    await store.edit('free', (edit) => edit.patch('mixCards', 'card', { pictureId: null }));
    await store.edit('log', async (edit) => {
      for (const entry of await db.records('logEntries').toArray()) await edit.patch('logEntries', entry.id, { pictureIds: [] });
    });
    await store.edit('away', (edit) => removeInspectionPicture(edit, 'picture'));
    expect((await db.records('targets').get('target'))?.samples[0]).toMatchObject({ pictureId: null, area: null, lab: [36, -13, 5] });
    await store.edit('prop', (edit) => edit.remove('props', 'prop'));
    expect((await db.records('targets').get('target'))?.propId).toBeNull();
    expect(await faults()).toEqual([]);
  });
});

describe('a target’s samples', () => {
  it('make its colour their middle; grave doubts step back, and none at all leaves it as it was', () => {
    const [target] = makeSampleProject().targets;
    const [sample] = target?.samples ?? [];
    if (!target || !sample) throw new Error('no target');
    const sound = { ...sample, id: 'sound', lab: [40, -10, 4], doubts: ['strongLight'] };
    expect(withSamples(target, [sample, sound]).lab).toEqual([40, -10, 4]);
    expect(withSamples(target, []).lab).toEqual(target.lab);
  });
});
