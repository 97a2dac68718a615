import 'fake-indexeddb/auto';
import { rungMillilitres } from '@zinc-ladder/model/gather/shelf/rungTakes';
import { standingEntries } from '@zinc-ladder/model/log/standingLog';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Store } from '../../edits/store';
import { ShopDatabase } from '../../tables/database';
import { importProject } from '../../whole/projectTransfer';
import { correctEntry } from './benchChanges';
import { setProduct } from './rungProduct';

const NOW = makeSampleProject().savedAtMs;
let db: ShopDatabase;
let store: Store;
let names = 0;
const makeId = (): string => `corrected-${(names += 1)}`;

/** The sample, with a second paint that is laid thicker than the first, and one coat of its own that was done. */
beforeEach(async () => {
  db = new ShopDatabase(`product-${(names += 1)}`);
  store = new Store(db, () => NOW);
  const project = makeSampleProject();
  const done = project.rungs.find(({ id }) => id === 'host-1');
  const paint = project.products.find(({ id }) => id === done?.productId);
  if (!done || !paint) throw new Error('the sample has no coat that was done');
  project.products.push({ ...paint, id: 'other', name: 'Other paint', classId: 'enamelColour' });
  await importProject(store, { project, attachments: makeSampleAttachments() }, 'replace');
});
afterEach(() => db.delete());

const rungNow = async (): Promise<Rung> => {
  const rung = await db.records('rungs').get('host-1');
  if (!rung) throw new Error('gone');
  return rung;
};
const standing = async (): Promise<LogEntry | undefined> =>
  standingEntries(await db.records('logEntries').toArray()).find(({ kind, rungId }) => kind === 'done' && rungId === 'host-1');
/** What the coat takes as it stands, ml. */
async function takes(): Promise<number | null> {
  const part = await db.records('parts').get('host');
  const rung = await rungNow();
  if (!part || rung.productId === null) throw new Error('gone');
  return rungMillilitres(rung, part, await db.records('products').get(rung.productId));
}

describe('a coat that was done with another paint than was thought', () => {
  it('put right on its ladder is put right in the log: product and what was taken of it', async () => {
    const before = await standing();
    const rung = await rungNow();
    await store.edit('another', (edit) => setProduct(edit, rung, 'other', makeId));
    expect(await rungNow()).toMatchObject({ productId: 'other', state: 'done', doneAtMs: rung.doneAtMs });
    const after = await standing();
    expect(after).toMatchObject({ productId: 'other', correctsId: before?.id, atMs: before?.atMs, actualMinutes: before?.actualMinutes });
    expect(after?.tookMillilitres).toBeCloseTo((await takes()) ?? -1, 9);
    expect(after?.tookMillilitres).not.toBe(before?.tookMillilitres);
    await store.undo();
    expect(await standing()).toEqual(before);
    expect((await rungNow()).productId).toBe(rung.productId);
  });
  it('put right in the log is put right on its ladder, with the film of that paint', async () => {
    const before = await standing();
    if (!before) throw new Error('not logged');
    const { atMs, actualMinutes, text } = before;
    await store.edit('correct', (edit) => correctEntry(edit, before.id, { atMs, actualMinutes, text, productId: 'other' }, makeId));
    const film = (await rungNow()).coatMicrometres;
    expect(await rungNow()).toMatchObject({ productId: 'other', state: 'done' });
    const rung = await rungNow();
    await store.edit('back', (edit) => setProduct(edit, rung, before.productId, makeId));
    expect((await rungNow()).coatMicrometres).not.toBe(film);
    expect((await standing())?.productId).toBe(before.productId);
  });
  it('a coat that is still to do takes another paint, and nothing is logged; the same paint once more changes nothing', async () => {
    await store.edit('open', (edit) => edit.patch('rungs', 'host-1', { state: 'open', doneAtMs: null }));
    const rung = await rungNow();
    const entries = await db.records('logEntries').count();
    await store.edit('same', (edit) => setProduct(edit, rung, rung.productId, makeId));
    expect(await rungNow()).toEqual(rung);
    await store.edit('another', (edit) => setProduct(edit, rung, 'other', makeId));
    expect((await rungNow()).productId).toBe('other');
    expect(await db.records('logEntries').count()).toBe(entries);
  });
});
