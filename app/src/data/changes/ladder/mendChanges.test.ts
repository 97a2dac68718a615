import 'fake-indexeddb/auto';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Store } from '../../edits/store';
import { ShopDatabase } from '../../tables/database';
import { importProject } from '../../whole/projectTransfer';
import { mendCoat } from './mendChanges';

const NOW = makeSampleProject().savedAtMs;
let db: ShopDatabase;
let store: Store;
let names = 0;
let ids = 0;
const makeId = (): string => `mend-${(ids += 1)}`;

beforeEach(async () => {
  db = new ShopDatabase(`mend-${(names += 1)}`);
  store = new Store(db, () => NOW);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
});
afterEach(() => db.delete());

const ladder = async () => (await db.records('ladders').get('host'))?.rungIds ?? [];
const wrinkle = (seen: readonly string[]) => store.edit('mend', (edit) => mendCoat(edit, 'host-1', 'wrinkle', seen, makeId));

describe('a coat that went wrong', () => {
  it('is mended between what was done and what is to come; the join that names a rung keeps it', async () => {
    await wrinkle(['host-1', 'host-2']);
    const made = await Promise.all((await ladder()).map((id) => db.records('rungs').get(id)));
    expect(made.map((rung) => rung?.name)).toEqual(['primer', 'sand the wrinkles off', 'prime it again', 'primer, again', 'sand']);
    expect(made[1]).toMatchObject({ hardRungId: 'host-1', state: 'open' });
    expect((await db.records('joins').toArray())[0]?.hostRungId).toBe('host-2');
    await store.undo();
    expect(await ladder()).toEqual(['host-1', 'host-2']);
  });
  it('is mended once, however often it is pressed', async () => {
    await wrinkle(['host-1', 'host-2']);
    await expect(wrinkle(['host-1', 'host-2'])).rejects.toThrow('nothingToDo');
    expect(await ladder()).toHaveLength(5);
  });
  it('must have been laid', async () => {
    const seen = await ladder();
    await expect(store.edit('mend', (edit) => mendCoat(edit, 'host-2', 'run', seen, makeId))).rejects.toThrow('nothingToDo');
  });
});
