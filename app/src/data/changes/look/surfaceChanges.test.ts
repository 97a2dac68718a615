import 'fake-indexeddb/auto';
import { NEW_RUNG } from '@zinc-ladder/model/gather/grow/growRungs';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ShopDatabase } from '../../tables/database';
import { importProject } from '../../whole/projectTransfer';
import { Store } from '../../edits/store';
import { fitLoops, putOwnCase } from './surfaceChanges';

let db: ShopDatabase;
let store: Store;
let names = 0;
let ids = 0;

beforeEach(async () => {
  db = new ShopDatabase(`surface-${(names += 1)}`);
  store = new Store(db, () => 0);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
  await store.edit('turns', async (edit) => {
    const rungs = ['done', 'open', 'open'].flatMap((state, turn) =>
      (['prime', 'primeSand'] as const).map((methodId) => ({
        ...NEW_RUNG,
        id: `${methodId}-${turn}`,
        ladderId: 'guest',
        name: methodId,
        methodId,
        band: 'prime' as const,
        state: state as 'done' | 'open',
        doneAtMs: state === 'done' ? 1_779_000_000_000 : null,
      })),
    );
    for (const rung of rungs) await edit.put('rungs', rung);
    await edit.patch('ladders', 'guest', { rungIds: ['guest-1', ...rungs.map((rung) => rung.id)] });
  });
});
afterEach(() => db.delete());

const climbed = async (): Promise<string[]> => {
  const ladder = await db.records('ladders').get('guest');
  const rungs = await db.records('rungs').bulkGet(ladder?.rungIds ?? []);
  return rungs.flatMap((rung) => (rung && rung.state === 'open' && rung.id !== 'guest-1' ? [rung.methodId] : []));
};
const fit = (wanted: number) =>
  store.edit('fit', (edit) => fitLoops(edit, 'guest', wanted, makeSampleProject().savedAtMs, () => `new-${(ids += 1)}`));

describe('fitting loops', () => {
  it('leaves the last open turns out, and never what was done', async () => {
    await fit(1);
    expect(await climbed()).toEqual(['prime', 'primeSand']);
    await fit(0);
    expect(await climbed()).toEqual([]);
    expect(await db.records('rungs').get('prime-0')).toMatchObject({ state: 'done' });
  });
  it('adds turns as copies of the last, each primer before its sanding, and undo takes them off again', async () => {
    await fit(4);
    expect(await climbed()).toEqual(['prime', 'primeSand', 'prime', 'primeSand', 'prime', 'primeSand', 'prime', 'primeSand']);
    await store.undo();
    expect(await climbed()).toEqual(['prime', 'primeSand', 'prime', 'primeSand']);
    expect(await db.records('rungs').count()).toBe(9);
  });
  it('changes nothing where the ladder has as many already', async () => {
    await fit(2);
    expect(await climbed()).toHaveLength(4);
  });
});

describe('what goes with what is taken away', () => {
  it('a pass opens what it mended, and what it found was there before', async () => {
    await store.edit('pass', (edit) => edit.remove('passes', 'pass'));
    expect(await db.records('flaws').toArray()).toMatchObject([
      { id: 'flaw', foundPassId: null },
      { id: 'flaw-2', fixedPassId: null },
    ]);
  });
  it('a mesh takes the pins on it, not the flaws', async () => {
    await store.edit('mesh', (edit) => edit.remove('meshes', 'mesh'));
    expect((await db.records('flaws').toArray()).map((flaw) => flaw.pin === null)).toEqual([false, true]);
    expect(await db.attachments.get('mesh')).toBeUndefined();
  });
  it('a part takes its passes, flaws and fits; a pair whose other part goes stays', async () => {
    await store.edit('guest', (edit) => edit.remove('parts', 'guest'));
    expect(await db.records('fits').get('fit')).toMatchObject({ otherPartId: null });
    await store.edit('host', (edit) => edit.remove('parts', 'host'));
    expect(await Promise.all([db.records('passes').count(), db.records('flaws').count(), db.records('fits').count()])).toEqual([0, 0, 0]);
    await store.undo();
    expect(await Promise.all([db.records('passes').count(), db.records('flaws').count(), db.records('fits').count()])).toEqual([1, 2, 1]);
  });
});

describe('a zone that is a case of its own', () => {
  const put = (areaSquareCentimetres: number) =>
    store.edit('own', (edit) =>
      putOwnCase(edit, 'guest', { areaSquareCentimetres, fillerClassId: 'putty' }, 'undersides', [], () => `own-${(ids += 1)}`),
    );
  const names = async (): Promise<(string | undefined)[]> =>
    (await db.records('rungs').bulkGet((await db.records('ladders').get('guest'))?.rungIds ?? [])).map((rung) => rung?.name);

  it('is filled and sanded under the first open primer, above what is done', async () => {
    await put(12);
    expect((await names()).slice(-6)).toEqual(['fill undersides', 'sand undersides', 'prime', 'primeSand', 'prime', 'primeSand']);
    expect((await names()).slice(1, 3)).toEqual(['prime', 'primeSand']);
  });
  it('takes minutes for its own area on every piece, and undo takes it off', async () => {
    await store.edit('set', (edit) => edit.patch('parts', 'guest', { count: 4 }));
    const before = await names();
    await put(50);
    const rung = (await db.records('rungs').toArray()).find(({ name }) => name === 'fill undersides');
    expect(rung).toMatchObject({ minutes: Math.ceil(4 + 4 * (1 + 2.5 * 0.5)), methodId: 'fill', state: 'open' });
    await store.undo();
    expect(await names()).toEqual(before);
  });
});
