import 'fake-indexeddb/auto';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { readBundle, zipBundle } from '@zinc-ladder/model/file/zipProject';
import { TABLE_NAMES } from '@zinc-ladder/model/file/tableNames';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import Dexie from 'dexie';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { correctEntry, correctTimer, finishRung, reopenRung, setDown, takeInHand } from '../changes/ladder/benchChanges';
import { addPerson } from '../changes/shop/personChanges';
import { addPart, NEW_PART } from '../changes/prop/partChanges';
import { duplicateRung, moveRung } from '../changes/ladder/rungChanges';
import { DATABASE_VERSION, databaseVersion, ShopDatabase } from '../tables/database';
import { gatherProject, gatherRecords, importProject, previewImports } from '../whole/projectTransfer';
import { ShopError } from './shopError';
import { Store } from './store';
import { wipeEverything } from '../whole/wipe';

let db: ShopDatabase;
let store: Store;
let names = 0;
const NOW = makeSampleProject().savedAtMs;
let ids = 0;
const moment = (nowMs = NOW) => ({ nowMs, air: null, personId: null, makeId: () => `made-${(ids += 1)}` });

beforeEach(async () => {
  db = new ShopDatabase(`test-${(names += 1)}`);
  store = new Store(db, () => NOW);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
  await store.forgetHistory();
});
afterEach(async () => {
  await db.delete();
});

const snapshot = async () => gatherProject(db, NOW);
const codeOf = async (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'done',
    (error: unknown) => (error instanceof ShopError ? error.code : String(error)),
  );
/** What is there, without the counts that only grow. */
const plain = async (): Promise<string> =>
  JSON.stringify((await snapshot()).project, (key, value: unknown) => (key === 'revision' ? 0 : value));

describe('an edit', () => {
  it('is all or nothing: one bad record keeps the good ones out too', async () => {
    const before = await plain();
    const code = await codeOf(
      store.edit('two', async (edit) => {
        await edit.patch('props', 'prop', { name: 'Better' });
        await edit.patch('parts', 'host', { areaSquareCentimetres: -4 });
      }),
    );
    expect(code).toBe('invalid');
    expect(await plain()).toBe(before);
    expect(await store.historyState()).toMatchObject({ undoLabel: null, redoLabel: null });
  });
  it('keeps what is beside the records with them or not at all, and undo leaves it', async () => {
    const turned = { key: 'clockOffsetMs', value: 60_000 } as const;
    const keep = (weight: number) =>
      store.edit('turn', async (edit) => {
        await edit.keepBeside([turned]);
        await edit.patch('props', 'prop', { weight });
      });
    expect(await codeOf(keep(-1))).toBe('invalid');
    expect(await db.meta.get('clockOffsetMs')).toBeUndefined();
    await keep(7);
    await store.undo();
    expect(await db.meta.get('clockOffsetMs')).toEqual(turned);
  });
  it('names the path of what cannot be kept', async () => {
    const error: unknown = await store
      .edit('bad', (edit) => edit.patch('rungs', 'host-1', { minutes: 1e9 }))
      .catch((caught: unknown) => caught);
    expect(error instanceof ShopError && error.faults[0]?.path).toBe('minutes');
  });
  it('of two tabs refuses the one that would write over a field the other changed, and lets it change another', async () => {
    const seen = await db.records('rungs').get('host-2');
    if (!seen) throw new Error('no rung');
    const other = new Store(new ShopDatabase(db.name), () => NOW);
    await other.edit('there', (edit) => edit.patch('rungs', 'host-2', { name: 'first' }, seen));
    expect(await codeOf(store.edit('here', (edit) => edit.patch('rungs', 'host-2', { name: 'second' }, seen)))).toBe('conflict');
    await store.edit('minutes', (edit) => edit.patch('rungs', 'host-2', { minutes: 7 }, seen));
    expect(await db.records('rungs').get('host-2')).toMatchObject({ name: 'first', minutes: 7, revision: 2 });
    other.db.close();
  });
  it('is no conflict with oneself, however quickly one types: name, class, name again, all from what was first seen', async () => {
    const seen = await db.records('products').get('primer');
    if (!seen) throw new Error('no product');
    await Promise.all([
      store.edit('name', (edit) => edit.patch('products', 'primer', { name: 'White' }, seen)),
      store.edit('class', (edit) => edit.patch('products', 'primer', { classId: 'enamelColour' }, seen)),
      store.edit('name', (edit) => edit.patch('products', 'primer', { name: 'White enamel' }, seen)),
    ]);
    expect(await db.records('products').get('primer')).toMatchObject({ name: 'White enamel', classId: 'enamelColour' });
  });
  it('does not let a list made from an older one lose what came in between', async () => {
    const [seen] = await db.records('shop').toArray();
    if (!seen) throw new Error('no shop');
    const busy = (title: string) => [{ startMs: NOW, endMs: NOW + 1000, title }];
    await store.edit('one', (edit) => edit.patch('shop', 'shop', { busy: busy('a') }, seen));
    expect(await codeOf(store.edit('two', (edit) => edit.patch('shop', 'shop', { busy: busy('b') }, seen)))).toBe('stale');
  });
  it('that changes nothing is no edit: nothing to undo, no revision counted', async () => {
    await store.edit('same', (edit) => edit.patch('props', 'prop', { name: 'Lamp' }));
    expect(await store.historyState()).toMatchObject({ undoLabel: null, redoLabel: null });
    expect((await db.records('props').get('prop'))?.revision).toBe(0);
  });
  it('tells a full disk by its own code and keeps what was there', async () => {
    const before = await plain();
    const full = new DOMException('the quota has been exceeded', 'QuotaExceededError');
    const spy = vi.spyOn(IDBObjectStore.prototype, 'add').mockImplementation(() => {
      throw full;
    });
    expect(await codeOf(store.edit('too much', (edit) => edit.patch('props', 'prop', { story: 'x' })))).toBe('storageFull');
    spy.mockRestore();
    expect(await plain()).toBe(before);
  });
  it('says when a record is gone', async () =>
    expect(await codeOf(store.edit('ghost', (edit) => edit.patch('rungs', 'ghost', { name: 'x' })))).toBe('missing'));
});

describe('undo and redo', () => {
  type Act = (at: Store, round: number) => Promise<void>;
  const acts: readonly Act[] = [
    (at, round) => at.edit('rename', (edit) => edit.patch('props', 'prop', { name: `Lamp ${round}` })),
    (at, round) => at.edit('add', (edit) => addPart(edit, `new-${round}`, 'prop', { ...NEW_PART, name: 'New' }, [])),
    (at) => at.edit('finish', (edit) => finishRung(edit, 'guest-1', null, '', moment())),
    (at) => at.edit('take', (edit) => takeInHand(edit, 'host-2', moment())),
    (at, round) => at.edit('copy', (edit) => duplicateRung(edit, 'host-1', `copy-${round}`)),
    (at) => at.edit('move', (edit) => moveRung(edit, 'host', 'host-1', 1)),
    (at) => at.edit('remove part', (edit) => edit.remove('parts', 'guest')),
  ];

  it('goes back to exactly what was, and forward again, over any run of edits (property)', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.integer({ min: 0, max: acts.length - 1 }), { minLength: 1, maxLength: 6 }), async (chosen) => {
        await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
        await store.forgetHistory();
        const states = [await plain()];
        for (const [round, act] of chosen.entries()) {
          // An act on what an earlier one took away fails, or changes nothing, and leaves no trace either way.
          const edits = await db.history.count();
          await codeOf(acts[act]?.(store, round) ?? Promise.resolve());
          if ((await db.history.count()) > edits) states.push(await plain());
        }
        for (const state of states.slice(0, -1).toReversed()) {
          await store.undo();
          expect(await plain()).toBe(state);
        }
        for (const state of states.slice(1)) {
          await store.redo();
          expect(await plain()).toBe(state);
        }
      }),
      { numRuns: 25 },
    );
  });
  it('takes back what was asked for just before, however quick it comes', async () => {
    const before = await plain();
    const edited = store.edit('quick', (edit) => edit.patch('props', 'prop', { name: 'Quick' }));
    const undone = store.undo();
    await edited;
    expect(await undone).toBe('quick');
    expect(await plain()).toBe(before);
  });
  it('stops at the beginning, and a new edit ends what could be redone', async () => {
    expect(await codeOf(store.undo())).toBe('nothingToUndo');
    await store.edit('one', (edit) => edit.patch('props', 'prop', { name: 'One' }));
    await store.undo();
    await store.edit('two', (edit) => edit.patch('props', 'prop', { name: 'Two' }));
    expect(await store.historyState()).toMatchObject({ undoLabel: 'two', redoLabel: null });
  });
  it('does not write over what another tab has changed since', async () => {
    await store.edit('mine', (edit) => edit.patch('props', 'prop', { name: 'Mine' }));
    await db.records('props').update('prop', { name: 'Theirs' } as Partial<Prop>);
    expect(await codeOf(store.undo())).toBe('conflict');
    expect((await db.records('props').get('prop'))?.name).toBe('Theirs');
  });
  it('brings a prop back with everything that went with it', async () => {
    const before = await plain();
    await store.edit('away', (edit) => edit.remove('props', 'prop'));
    expect([
      await db.records('parts').count(),
      await db.records('rungs').count(),
      await db.records('joins').count(),
      await db.records('logEntries').count(),
    ]).toEqual([0, 0, 0, 1]);
    await store.undo();
    expect(await plain()).toBe(before);
    expect((await snapshot()).attachments.get('mesh')).toEqual(new Uint8Array([1, 2, 3, 4]));
  });
  it('brings an emptied shop back', async () => {
    const before = await plain();
    await wipeEverything(store);
    expect(await db.records('shop').count()).toBe(0);
    await store.undo();
    expect(await plain()).toBe(before);
  });
});

describe('files', () => {
  it('export, wipe, import gives an identical database (property over names, numbers and texts)', async () => {
    const text = fc.string({ maxLength: 40 }).map((value) => [...value].filter((letter) => letter >= ' ' && letter !== '\u007f').join(''));
    await fc.assert(
      fc.asyncProperty(
        fc.record({
          name: text.filter((value) => value.trim() !== ''),
          story: fc.string({ maxLength: 200 }),
          area: fc.double({ min: 0, max: 200_000, noNaN: true }),
          minutes: fc.integer({ min: 0, max: 10_000 }),
          bytes: fc.uint8Array({ maxLength: 300 }),
        }),
        async ({ name, story, area, minutes, bytes }) => {
          await store.edit('fill', async (edit) => {
            await edit.patch('props', 'prop', { name, story });
            await edit.patch('parts', 'host', { areaSquareCentimetres: area });
            await edit.patch('rungs', 'host-2', { minutes });
            await edit.attach({ id: 'mesh', blob: new Blob([new Uint8Array([9, ...bytes])]) });
          });
          const before = await snapshot();
          const file = await zipBundle(before);
          await wipeEverything(store);
          await importProject(store, readBundle(file), 'replace');
          expect(await snapshot()).toEqual(before);
        },
      ),
      { numRuns: 20 },
    );
  });
  it('merging adds and overwrites, keeps the shop and what the file does not name', async () => {
    const incoming = makeSampleProject();
    incoming.shop.name = 'Other shop';
    incoming.props = [
      { ...(incoming.props[0] as Prop), name: 'Lamp from the file' },
      { ...(incoming.props[0] as Prop), id: 'second', name: 'Second' },
    ];
    incoming.ladders = incoming.ladders.map((ladder) => (ladder.id === 'host' ? { ...ladder, rungIds: ['host-2'] } : ladder));
    incoming.rungs = incoming.rungs.filter((rung) => rung.id !== 'host-1');
    const bundle = { project: incoming, attachments: makeSampleAttachments() };
    expect((await previewImports(db, bundle)).merge).toMatchObject({ added: 1, removed: 1, mends: [] });
    await importProject(store, bundle, 'merge');
    const { project } = await snapshot();
    expect(project.shop.name).toBe('Test shop');
    expect(project.props.map((prop) => prop.name)).toEqual(['Lamp from the file', 'Second']);
    // The file's ladder takes the place of the part's: a rung it does not have is gone, not orphaned.
    expect(project.rungs.map((rung) => rung.id)).toEqual(['guest-1', 'host-2']);
    await store.undo();
    expect((await snapshot()).project.props).toHaveLength(1);
  });
});

describe('at the bench', () => {
  const rung = async (id: string) => {
    const found = await db.records('rungs').get(id);
    if (!found) throw new Error(`no rung ${id}`);
    return found;
  };
  it('taking up with full hands sets down what was held, with its minutes', async () => {
    await store.edit('take', (edit) => takeInHand(edit, 'host-2', moment(NOW + 240_000)));
    expect(await rung('guest-1')).toMatchObject({ state: 'setDown', workedMs: 300_000, startedAtMs: null });
    expect(await rung('host-2')).toMatchObject({ state: 'inHand', startedAtMs: NOW + 240_000 });
  });
  it('two persons hold a rung each: what is in hand stays with who had it, and the log says whose hands it was', async () => {
    await store.edit('come', (edit) => addPerson(edit, 'Juna', moment().makeId));
    const persons = (await db.records('persons').toArray()).sort((a, b) => a.position - b.position);
    expect(persons.map(({ name }) => name)).toEqual(['Me', 'Juna']);
    const [me = '', friend = ''] = persons.map(({ id }) => id);
    expect(await rung('guest-1')).toMatchObject({ state: 'inHand', doerId: me });
    await store.edit('take', (edit) => takeInHand(edit, 'host-2', { ...moment(), personId: friend }));
    expect((await rung('guest-1')).state).toBe('inHand');
    expect(await rung('host-2')).toMatchObject({ state: 'inHand', doerId: friend });
    // Whoever presses, it was in the friend's hands.
    await store.edit('done', (edit) => finishRung(edit, 'host-2', 5, '', { ...moment(), personId: me }));
    const told = (await db.records('logEntries').toArray()).find(({ rungId }) => rungId === 'host-2');
    expect(told).toMatchObject({ kind: 'done', personId: friend });
    await store.edit('go', (edit) => edit.remove('persons', friend));
    expect((await rung('host-2')).doerId).toBeNull();
    expect((await db.records('logEntries').get(told?.id ?? ''))?.personId).toBe(friend);
  });
  it('done logs the real minutes and planned ones, and the moment the film was laid', async () => {
    await store.edit('done', (edit) => finishRung(edit, 'guest-1', null, 'ran a little', moment(NOW + 660_000)));
    expect(await rung('guest-1')).toMatchObject({ state: 'done', doneAtMs: NOW + 660_000, workedMs: 720_000 });
    expect((await db.records('logEntries').toArray()).find((entry) => entry.rungId === 'guest-1')).toMatchObject({
      kind: 'done',
      actualMinutes: 12,
      plannedMinutes: 15,
      text: 'ran a little',
      partId: 'guest',
      propId: 'prop',
    });
  });
  it('set down and taken up again adds up, and a correction replaces the sum', async () => {
    await store.edit('down', (edit) => setDown(edit, 'guest-1', moment(NOW)));
    await store.edit('up', (edit) => takeInHand(edit, 'guest-1', moment(NOW + 3_600_000)));
    await store.edit('correct', (edit) => correctTimer(edit, 'guest-1', 25, moment(NOW + 3_660_000)));
    await store.edit('done', (edit) => finishRung(edit, 'guest-1', null, '', moment(NOW + 3_720_000)));
    expect((await rung('guest-1')).workedMs).toBe(26 * 60_000);
  });
  it('what is sprayed is logged with the air it is sprayed in, all else with the shop’s', async () => {
    const air = { temperatureCelsius: 18, relativeHumidityPercent: 50, origin: 'typical' } as const;
    const sprayAir = { temperatureCelsius: 11, relativeHumidityPercent: 75, origin: 'measured' } as const;
    const airOf = async (methodId: string) => {
      await store.edit('as', (edit) => edit.patch('rungs', 'guest-1', { methodId }));
      await store.edit('done', (edit) => finishRung(edit, 'guest-1', 5, '', { ...moment(), air, sprayAir }));
      const last = (await db.records('logEntries').toArray()).toSorted((a, b) => b.counter - a.counter)[0];
      await store.undo();
      return last?.air;
    };
    expect(await airOf('prime')).toEqual(sprayAir);
    expect(await airOf('sand')).toEqual(air);
  });
  it('correcting a done entry adds one that points at it and moves the rung’s moment, so that the cure clock follows', async () => {
    await store.edit('correct', (edit) =>
      correctEntry(edit, 'entry', { atMs: NOW - 7_200_000, actualMinutes: 9, text: 'it was earlier' }, () => 'correction'),
    );
    expect(await db.records('logEntries').get('correction')).toMatchObject({ correctsId: 'entry', actualMinutes: 9 });
    expect(await db.records('logEntries').get('entry')).toMatchObject({ actualMinutes: 12 });
    expect((await rung('host-1')).doneAtMs).toBe(NOW - 7_200_000);
  });
  it('opening a rung again forgets its time but not its log', async () => {
    await store.edit('again', (edit) => reopenRung(edit, 'host-1', moment()));
    expect(await rung('host-1')).toMatchObject({ state: 'open', doneAtMs: null });
    expect((await db.records('logEntries').toArray()).map((entry) => entry.kind).sort()).toEqual(['done', 'reopened']);
  });
  it('removing a rung takes it out of joins and ladder', async () => {
    await store.edit('remove', (edit) => edit.remove('rungs', 'host-2'));
    expect(await db.records('joins').count()).toBe(0);
    expect((await db.records('ladders').get('host'))?.rungIds).toEqual(['host-1']);
  });
});

describe('a browser that holds a database of before', () => {
  it('opened as one of today is the same to the last index, whether it was lifted through all versions or made so', async () => {
    const shapeOf = (opened: Dexie): object =>
      Object.fromEntries(opened.tables.map(({ name, schema }) => [name, [schema.primKey, ...schema.indexes].map(({ src }) => src)]));
    const lifted = new ShopDatabase(`old-${(names += 1)}`);
    const name = `old-${(names += 1)}`;
    const made = new ShopDatabase(name, true);
    expect(shapeOf(made)).toEqual(shapeOf(lifted));
    await made.records('shop').put(makeSampleProject().shop);
    expect(made.verno).toBe(DATABASE_VERSION);
    made.close();
    expect(await databaseVersion(name)).toBe(DATABASE_VERSION);
    expect(await databaseVersion('none of that name')).toBe(0);
    const again = new ShopDatabase(name);
    expect(await again.records('shop').toArray()).toEqual([makeSampleProject().shop]);
    await again.delete();
  });
  it('is not opened as one of today, which would leave its records in their old shape', async () => {
    const name = `old-${(names += 1)}`;
    const old = new Dexie(name);
    old.version(DATABASE_VERSION - 1).stores({ rungs: 'id' });
    await old.table('rungs').add({ id: 'of before' });
    old.close();
    const opened = new ShopDatabase(name, true);
    await expect(opened.records('shop').toArray()).rejects.toThrow('older version');
    expect(await databaseVersion(name)).toBe(DATABASE_VERSION - 1);
    await Dexie.delete(name);
  });
  it('is brought to today’s shape when opened, with nothing lost', async () => {
    const { makeVersion1 } = await import('@zinc-ladder/model/testing/versions/makeVersion1');
    const name = `old-${(names += 1)}`;
    const old = new Dexie(name);
    const kept = ['shop', 'rungs', 'props', 'parts', 'meshes', 'joins', 'pictures'] as const;
    old.version(1).stores({ ...Object.fromEntries(kept.map((table) => [table, 'id'])), attachments: 'id', history: '++seq, isUndone' });
    await old.table('attachments').add({ id: 'mesh', bytes: new Uint8Array([1, 2, 3, 4]) });
    const before = makeVersion1() as Record<(typeof kept)[number], object[]>;
    for (const table of kept) await old.table(table).bulkAdd(table === 'shop' ? [before.shop] : before[table]);
    old.close();
    const opened = new ShopDatabase(name);
    const sample = makeSampleProject();
    expect(await opened.records('shop').toArray()).toEqual([sample.shop]);
    expect((await opened.records('rungs').toArray()).map((rung) => rung.lockedAtMs)).toEqual(sample.rungs.map(() => null));
    expect((await opened.records('rungs').toArray()).map((rung) => rung.hardRungId)).toEqual(sample.rungs.map(() => null));
    expect(await opened.records('props').toArray()).toEqual(sample.props);
    expect(await opened.records('parts').get('host')).toMatchObject({ name: 'host', ridgeMicrometres: null, sizeMillimetres: null });
    expect(await opened.records('meshes').get('mesh')).toMatchObject({ unit: 'mm', up: [0, 0, 1] });
    expect(await opened.records('joins').get('join')).toMatchObject({ seam: null });
    expect(await opened.records('flaws').count()).toBe(0);
    const [stored] = await opened.attachments.toArray();
    expect(Object.keys(stored ?? {}).sort()).toEqual(['blob', 'id']);
    expect(new Uint8Array((await stored?.blob.arrayBuffer()) ?? new ArrayBuffer())).toEqual(new Uint8Array([1, 2, 3, 4]));
    await opened.delete();
  });
  it('has paints whose strength is not known rather than 1, in what can be undone too', async () => {
    const { makeVersion7 } = await import('@zinc-ladder/model/testing/versions/makeVersion7');
    const name = `old-${(names += 1)}`;
    const old = new Dexie(name);
    old.version(8).stores({ products: 'id', maskPlans: 'id', history: '++seq, isUndone', historyChanges: 'seq' });
    const before = makeVersion7() as { products: { id: string; name: string }[]; maskPlans: object[] };
    await old.table('products').bulkAdd(before.products);
    await old.table('maskPlans').bulkAdd(before.maskPlans);
    const [paint] = before.products;
    const seq = (await old.table('history').add({ label: 'Rename', atMs: 1, isUndone: 0 })) as number;
    const changes = [{ table: 'products', id: paint?.id, before: { ...paint, name: 'as it was' }, after: paint }];
    await old.table('historyChanges').add({ seq, changes, packed: null, bytes: [] });
    old.close();
    const opened = new ShopDatabase(name);
    expect(await opened.records('products').toArray()).toEqual(makeSampleProject().products);
    expect((await opened.records('maskPlans').toArray())[0]).toMatchObject({ pictureId: null, regions: [{ spot: null }, { spot: null }] });
    expect(await new Store(opened, () => 2).undo()).toBe('Rename');
    expect(await opened.records('products').get(paint?.id ?? '')).toMatchObject({ name: 'as it was', strength: null, pigmentId: null });
    await opened.delete();
  });
  it('is laid in rows of many, and what could be undone still can', async () => {
    const name = `old-${(names += 1)}`;
    const old = new Dexie(name);
    old.version(5).stores({
      ...Object.fromEntries(TABLE_NAMES.map((table) => [table, 'id'])),
      ladders: 'id, partId',
      rungs: 'id, ladderId, state, productId, mixCardId',
      logEntries: 'id, atMs, counter, *pictureIds, correctsId',
      attachments: 'id',
      history: '++seq, isUndone',
      historyChanges: 'seq',
      meta: 'key',
    });
    const sample = makeSampleProject();
    for (const table of TABLE_NAMES) await old.table(table).bulkAdd(table === 'shop' ? [sample.shop] : sample[table]);
    const [rung] = sample.rungs;
    if (!rung) throw new Error('the sample has rungs');
    const before = { ...rung, name: 'as it was', revision: rung.revision - 1 };
    const picture = { id: 'gone', blob: new Blob(['bytes']) };
    const seq = (await old.table('history').add({ label: 'Rename', atMs: 1, isUndone: 0 })) as number;
    await old.table('historyChanges').add({
      seq,
      changes: [
        { table: 'rungs', id: rung.id, before, after: rung },
        { table: 'attachments', id: 'gone', before: picture, after: null },
      ],
    });
    old.close();
    const opened = new ShopDatabase(name);
    const byId = (list: readonly { readonly id: string }[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
    for (const table of ['rungs', 'logEntries', 'pictures', 'parts'] as const)
      expect(await opened.records(table).toArray()).toEqual(byId(sample[table]));
    const lifted = new Store(opened, () => 2);
    expect(await lifted.undo()).toBe('Rename');
    expect(await opened.records('rungs').get(rung.id)).toMatchObject({ name: 'as it was' });
    expect(await opened.attachments.count()).toBe(1);
    expect(await lifted.redo()).toBe('Rename');
    expect(await opened.records('rungs').get(rung.id)).toMatchObject({ name: rung.name });
    expect(await opened.attachments.count()).toBe(0);
    await opened.delete();
  });
});

describe('an edit of thousands of records', () => {
  it.each([
    ['record by record', false],
    ['over a table it has read whole', true],
  ])('is kept as one text, and goes back and forward as small ones do, its bytes too: %s', async (_, isWhole) => {
    const template = makeSampleProject().logEntries[0];
    if (!template) throw new Error('the sample has an entry');
    const entries = Array.from({ length: 3000 }, (_, at) => ({ ...template, id: `many-${at}`, counter: 100 + at }));
    const before = await gatherRecords(db, 0);
    await store.edit('Many', async (edit) => {
      if (isWhole) await edit.whole('logEntries');
      for (const entry of entries) await edit.put('logEntries', entry);
      await edit.put('pictures', { ...(before.pictures[0] as (typeof before.pictures)[0]), id: 'new-picture' });
      await edit.attach({ id: 'new-picture', blob: new Blob(['new']) });
    });
    const after = await gatherRecords(db, 0);
    expect(after.logEntries).toHaveLength(before.logEntries.length + entries.length);
    const [kept] = (await db.historyChanges.toArray()).slice(-1);
    expect(kept?.packed?.size).toBeGreaterThan(100_000);
    expect([kept?.changes, kept?.bytes]).toEqual([[], [{ id: 'new-picture', isHere: true, other: null }]]);
    const plain = (project: object): unknown =>
      JSON.parse(JSON.stringify(project, (key, value: unknown) => (key === 'revision' ? 0 : value)));
    for (let round = 0; round < 2; round += 1) {
      expect(await store.undo()).toBe('Many');
      expect(plain(await gatherRecords(db, 0))).toEqual(plain(before));
      expect(await db.attachments.get('new-picture')).toBeUndefined();
      expect(await store.redo()).toBe('Many');
      expect(plain(await gatherRecords(db, 0))).toEqual(plain(after));
      expect(await (await db.attachments.get('new-picture'))?.blob.text()).toBe('new');
    }
  });
  it('goes back elsewhere where there is a place for it, while small ones go back here', async () => {
    const asked: string[] = [];
    const page: Store = new Store(
      db,
      () => 5,
      async (direction) => {
        asked.push(direction);
        return new Store(db, () => 5)[direction]();
      },
    );
    const template = makeSampleProject().logEntries[0];
    if (!template) throw new Error('the sample has an entry');
    await page.edit('Many', async (edit) => {
      for (let at = 0; at < 2500; at += 1) await edit.put('logEntries', { ...template, id: `many-${at}`, counter: 100 + at });
    });
    await page.edit('Rename', (edit) => edit.patch('props', 'prop', { name: 'One' }));
    expect([await page.undo(), await page.undo(), await page.redo(), await page.redo()]).toEqual(['Rename', 'Many', 'Many', 'Rename']);
    expect(asked).toEqual(['undo', 'redo']);
  });
  it('and another tab that went back first: the second goes back one edit further', async () => {
    await store.edit('first', (edit) => edit.patch('props', 'prop', { name: 'One' }));
    await store.edit('second', (edit) => edit.patch('props', 'prop', { name: 'Two' }));
    const other = new Store(db, () => 5);
    expect((await Promise.all([store.undo(), other.undo()])).sort()).toEqual(['first', 'second']);
  });
});
