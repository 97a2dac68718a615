import 'fake-indexeddb/auto';
import { findRuleFaults } from '@zinc-ladder/model/rules/findRuleFaults';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ShopDatabase } from '../../tables/database';
import { gatherProject, importProject } from '../../whole/projectTransfer';
import { Store } from '../../edits/store';
import { growByOwnRoute, keepAsRoute } from './ownRouteChanges';

let db: ShopDatabase;
let store: Store;
let names = 0;
let ids = 0;
const makeId = (): string => `own-${(ids += 1)}`;

beforeEach(async () => {
  db = new ShopDatabase(`routes-${(names += 1)}`);
  store = new Store(db, () => makeSampleProject().savedAtMs);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
});
afterEach(() => db.delete());

const namesOn = async (ladderId: string): Promise<(string | undefined)[]> =>
  (await db.records('rungs').bulkGet((await db.records('ladders').get(ladderId))?.rungIds ?? [])).map((rung) => rung?.name);

describe('routes of one’s own', () => {
  it('are kept from a ladder, changed by another, and taken away, each with undo', async () => {
    await store.edit('keep', (edit) => keepAsRoute(edit, 'host', 'mine', 'Mine'));
    expect(await db.records('ownRoutes').get('mine')).toMatchObject({ name: 'Mine' });
    expect((await db.records('ownRoutes').get('mine'))?.steps.map(({ name }) => name)).toEqual(await namesOn('host'));
    await store.edit('note', (edit) => edit.patch('ownRoutes', 'mine', { note: 'slow' }));
    await store.edit('change', (edit) => keepAsRoute(edit, 'guest', 'mine', 'Mine'));
    const changed = await db.records('ownRoutes').get('mine');
    expect(changed).toMatchObject({ name: 'Mine', note: 'slow' });
    expect(changed?.steps.map(({ name }) => name)).toEqual(await namesOn('guest'));
    await store.edit('away', (edit) => edit.remove('ownRoutes', 'mine'));
    await store.undo();
    expect(await db.records('ownRoutes').get('mine')).toEqual(changed);
  });
  it('grow a ladder: what is done stays, nothing it holds is asked for twice, and the shop stays whole', async () => {
    const before = await namesOn('host');
    await store.edit('grow', (edit) => growByOwnRoute(edit, 'host', 'route', makeId));
    const after = await namesOn('host');
    expect(after[0]).toBe(before[0]);
    expect(after.slice(-1)).toEqual(['grey primer']);
    expect(findRuleFaults((await gatherProject(db, 0)).project)).toEqual([]);
    await store.undo();
    expect(await namesOn('host')).toEqual(before);
  });
  it('lose a product that goes, and stay', async () => {
    await store.edit('away', (edit) => edit.remove('products', 'primer'));
    expect((await db.records('ownRoutes').get('route'))?.steps.map(({ productId }) => productId)).toEqual([null, null]);
  });
  it('are not made of a ladder without rungs', async () => {
    await store.edit('empty', async (edit) => {
      for (const id of (await edit.need('ladders', 'guest')).rungIds) await edit.remove('rungs', id);
    });
    await expect(store.edit('keep', (edit) => keepAsRoute(edit, 'guest', 'none', 'None'))).rejects.toMatchObject({ code: 'nothingToDo' });
  });
});
