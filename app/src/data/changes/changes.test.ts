import 'fake-indexeddb/auto';
import { PRODUCT_CLASSES } from '@zinc-ladder/core/cure/productClasses';
import { growLadder } from '@zinc-ladder/core/ladder/growLadder';
import { findRecordFaults } from '@zinc-ladder/model/file/validateRecord';
import { routeChoiceOf } from '@zinc-ladder/model/gather/grow/growRungs';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { QueryClient } from '@tanstack/react-query';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ShopDatabase } from '../tables/database';
import { watchTables } from '../tables/liveTables';
import { applyToSorted } from '../tables/sortedRecords';
import { importProject } from '../whole/projectTransfer';
import { Store } from '../edits/store';
import { growOnto, growSchool } from './ladder/growChanges';
import { newShop, starterProducts } from './shop/newShop';
import { addPart, NEW_PART } from './prop/partChanges';
import { keepPicture, madeAfter } from './prop/pictureChanges';
import { addProp, NEW_PROP } from './prop/propChanges';

let db: ShopDatabase;
let store: Store;
let names = 0;
let ids = 0;
const makeId = (): string => `id-${(ids += 1)}`;
const ROUTE = { finish: 'gloss', age: 'new', smoothing: 'primerOnly', joining: 'none', sealing: 'clearLast' } as const;

beforeEach(async () => {
  db = new ShopDatabase(`changes-${(names += 1)}`);
  store = new Store(db, () => 0);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
});
afterEach(() => db.delete());

describe('adding', () => {
  it('puts a part after its own prop’s last, with an empty ladder', async () => {
    const others = await db.records('parts').toArray();
    await store.edit('add', (edit) => addPart(edit, 'new', 'prop', { ...NEW_PART, name: 'Lid' }, others));
    expect(await db.records('parts').get('new')).toMatchObject({ name: 'Lid', position: 2 });
    expect(await db.records('ladders').get('new')).toMatchObject({ partId: 'new', rungIds: [], route: null });
    await store.edit('add', async (edit) => {
      await addProp(edit, 'elsewhere', { ...NEW_PROP, name: 'Other' }, []);
      await addPart(edit, 'first', 'elsewhere', { ...NEW_PART, name: 'Alone' }, others);
    });
    expect((await db.records('parts').get('first'))?.position).toBe(0);
  });
  it('puts a prop after the others', async () => {
    await store.edit('add', async (edit) => addProp(edit, 'next', { ...NEW_PROP, name: 'Next' }, await db.records('props').toArray()));
    expect((await db.records('props').get('next'))?.position).toBe(1);
  });
  it('keeps a picture’s bytes and name together, and a prop that goes leaves the picture', async () => {
    await store.edit('picture', (edit) =>
      keepPicture(edit, 'shot', new Blob([new Uint8Array([1, 2, 3])]), 'x'.repeat(400), madeAfter('prop')),
    );
    expect(await db.records('pictures').get('shot')).toMatchObject({ byteLength: 3, propId: 'prop', name: 'x'.repeat(200) });
    await store.edit('away', (edit) => edit.remove('props', 'prop'));
    expect(await db.records('pictures').get('shot')).toMatchObject({ propId: null });
    expect((await db.attachments.get('shot'))?.blob.size).toBe(3);
  });
});

describe('growing a ladder', () => {
  const grown = () => {
    const [part] = makeSampleProject().parts;
    if (!part) throw new Error('no part');
    const result = growLadder(routeChoiceOf(part, ROUTE));
    if (result.kind !== 'grown') throw new Error(result.reason);
    return result;
  };
  it('keeps what is done and in hand at the bottom; the rest gives way', async () => {
    const products = await db.records('products').toArray();
    const { rungs, handsMinutes } = grown();
    await store.edit('grow', (edit) => growOnto(edit, 'host', ROUTE, rungs, products, {}, makeId));
    const ladder = await db.records('ladders').get('host');
    expect(ladder?.rungIds[0]).toBe('host-1');
    expect(ladder?.rungIds).toHaveLength(rungs.length + 1);
    expect(ladder?.route).toEqual(ROUTE);
    expect(await db.records('rungs').get('host-2')).toBeUndefined();
    const kept = await db.records('rungs').bulkGet([...(ladder?.rungIds ?? [])]);
    expect(kept.slice(1).reduce((sum, rung) => sum + (rung?.minutes ?? 0), 0)).toBe(handsMinutes);
    expect(kept.every((rung) => rung?.ladderId === 'host')).toBe(true);
    // The only product of the shop is a primer: rungs of its class name it, the others name none.
    expect(kept.slice(1).map((rung) => rung?.productId)).toEqual(
      rungs.map((draft) => (draft.productClassId === 'primer' ? 'primer' : null)),
    );
  });
  it('does not ask again for what was climbed', async () => {
    const products = await db.records('products').toArray();
    const { rungs } = grown();
    await store.edit('done', (edit) => edit.patch('rungs', 'host-1', { methodId: 'cut', name: 'cut' }));
    await store.edit('grow', (edit) => growOnto(edit, 'host', ROUTE, rungs, products, {}, makeId));
    const ladder = await db.records('ladders').get('host');
    const names = (await db.records('rungs').bulkGet([...(ladder?.rungIds ?? [])])).map((rung) => rung?.name);
    expect(names.filter((name) => name === 'cut')).toHaveLength(1);
    expect(ladder?.rungIds).toHaveLength(rungs.length);
  });
  it('takes the first primer of several for the only one of one', async () => {
    const products = await db.records('products').toArray();
    const { rungs } = grown();
    const primers = rungs.filter(({ methodId }) => methodId === 'prime');
    await store.edit('done', (edit) =>
      edit.patch('rungs', 'host-1', { methodId: 'prime', name: `${primers[0]?.name.replace(/ \d+$/u, '') ?? ''} 7` }),
    );
    await store.edit('grow', (edit) => growOnto(edit, 'host', ROUTE, rungs, products, {}, makeId));
    const ids = (await db.records('ladders').get('host'))?.rungIds ?? [];
    const kept = await db.records('rungs').bulkGet([...ids]);
    expect(kept.filter((rung) => rung?.methodId === 'prime')).toHaveLength(primers.length);
  });
  it('by another school keeps the products, and one that is not for the part changes nothing', async () => {
    const products = await db.records('products').toArray();
    await store.edit('grow', (edit) => growOnto(edit, 'host', ROUTE, grown().rungs, products, {}, makeId));
    await store.edit('other', (edit) => growSchool(edit, 'host', 'bodyFiller', products, makeId));
    const ladder = await db.records('ladders').get('host');
    expect(ladder?.route).toEqual({ ...ROUTE, smoothing: 'bodyFiller' });
    await store.edit('refused', (edit) => growSchool(edit, 'host', 'solvent', products, makeId));
    expect(await db.records('ladders').get('host')).toEqual(ladder);
  });
  it('is one edit: undo brings the old rungs back', async () => {
    const before = await db.records('ladders').get('host');
    await store.edit('grow', (edit) => growOnto(edit, 'host', ROUTE, grown().rungs, [], {}, makeId));
    await store.undo();
    expect((await db.records('ladders').get('host'))?.rungIds).toEqual(before?.rungIds);
    expect(await db.records('rungs').get('host-2')).toBeDefined();
    expect(await db.records('rungs').count()).toBe(3);
  });
});

describe('a new shop', () => {
  it('is sound, and has one product of each class with class values only', () => {
    const shop = newShop('shop', 'America/New_York', 'en-GB');
    expect(findRecordFaults('shop', shop)).toEqual([]);
    const products = starterProducts(makeId);
    expect(products.map((product) => product.classId)).toEqual(PRODUCT_CLASSES.map((entry) => entry.id));
    for (const product of products) {
      expect(findRecordFaults('products', product)).toEqual([]);
      expect(product.values).toEqual([]);
      expect(product.name[0]).toBe(product.name[0]?.toUpperCase());
    }
    expect(new Set(products.map((product) => product.id)).size).toBe(products.length);
  });
});

describe('live tables', () => {
  const names = (): string[] => store.tables.read('props').records.map((prop) => prop.name);
  const ready = async (): Promise<void> => {
    store.tables.subscribe('props', () => undefined);
    await vi.waitFor(() => expect(store.tables.read('props').status).toBe('ready'));
  };
  it('show an own edit at once, undo and redo too, as a fresh reading would', async () => {
    await ready();
    await store.edit('rename', (edit) => edit.patch('props', 'prop', { name: 'Other' }));
    expect(names()).toEqual(['Other']);
    await store.undo();
    expect(names()).toEqual(['Lamp']);
    await store.redo();
    await store.edit('before', (edit) => addProp(edit, 'a-first', { ...NEW_PROP, name: 'First' }, []));
    expect(names()).toEqual(['First', 'Other']);
    expect(store.tables.read('props').records).toEqual(await db.records('props').orderBy('id').toArray());
  });
  it('show what another tab wrote, leave tables alone that did not change, and stop when told', async () => {
    await ready();
    store.tables.subscribe('rungs', () => undefined);
    await vi.waitFor(() => expect(store.tables.read('rungs').status).toBe('ready'));
    const client = new QueryClient();
    const renewed: string[] = [];
    const spy = vi.spyOn(client, 'invalidateQueries').mockImplementation((filters) => {
      renewed.push(String(filters?.queryKey?.[1]));
      return Promise.resolve();
    });
    const stop = watchTables(db, store.tables, client);
    const { version } = store.tables.read('rungs');
    const other = new ShopDatabase(db.name);
    await new Store(other, () => 0).edit('there', (edit) => edit.patch('props', 'prop', { name: 'Theirs' }));
    await vi.waitFor(() => expect(names()).toEqual(['Theirs']));
    expect(store.tables.read('rungs').version).toBe(version);
    expect(renewed).toContain('history');
    stop();
    await new Store(other, () => 0).edit('again', (edit) => edit.patch('props', 'prop', { name: 'Third' }));
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(names()).toEqual(['Theirs']);
    other.close();
    spy.mockRestore();
  });
  it('keep their records in order over any changes (property)', () => {
    const ids = fc.stringMatching(/^[a-c]{1,2}$/u);
    fc.assert(
      fc.property(
        fc.uniqueArray(ids, { maxLength: 12 }),
        fc.array(fc.tuple(ids, fc.option(fc.integer())), { maxLength: 30 }),
        (start, changes) => {
          const model = new Map(start.map((id) => [id, { id, value: 0 }]));
          const sorted = [...model.values()].sort((a, b) => (a.id < b.id ? -1 : 1));
          const states = new Map(changes.map(([id, value]) => [id, value === null ? null : { id, value }]));
          for (const [id, record] of states)
            if (record) model.set(id, record);
            else model.delete(id);
          expect(applyToSorted(sorted, states)).toEqual([...model.values()].sort((a, b) => (a.id < b.id ? -1 : 1)));
        },
      ),
    );
  });
});
