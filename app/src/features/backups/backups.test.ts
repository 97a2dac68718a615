import 'fake-indexeddb/auto';
import { readBundle } from '@zinc-ladder/model/file/zipProject';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { makeVersion4 } from '@zinc-ladder/model/testing/versions/makeVersion4';
import { FORMAT_VERSION } from '@zinc-ladder/model/file/fileFormat';
import { TABLE_NAMES } from '@zinc-ladder/model/file/tableNames';
import Dexie from 'dexie';
import { describe, expect, it, vi } from 'vitest';
import { DATABASE_VERSION, ShopDatabase } from '../../data/tables/database';
import type { BackupFile, BackupPlace, BackupReason } from './backupPlace';
import { backupName, backupsToDrop, BEFORE_KEPT, DAILY_KEPT, readBackupName } from './backupPlace';
import { importProject } from '../../data/whole/projectTransfer';
import { Store } from '../../data/edits/store';
import { makeVersion18 } from '@zinc-ladder/model/testing/versions/makeVersion18';
import { makeVersion17 } from '@zinc-ladder/model/testing/versions/makeVersion17';
import { backUpBeforeUpgrade, FORMAT_OF_DATABASE } from './backUpBeforeUpgrade';
import { keepBackup, packAhead } from './keepBackup';

// There are no workers here; how it packs is tested by itself.
vi.mock('../../workers/files/packProjectFile', async () => {
  const { packShop } = await import('../../workers/files/packShop');
  return { packProjectFile: async (name: string, atMs: number, as: 'zip' | 'json') => packShop(new ShopDatabase(name), atMs, as) };
});

const NOW = Date.UTC(2026, 10, 27, 1, 51, 45, 74);
const DAY = 86_400_000;

/** A place that only takes what is written. */
function placeInto(written: Map<string, Blob>): BackupPlace {
  return {
    list: () => Promise.resolve([]),
    write: (name, blob) => Promise.resolve(void written.set(name, blob)),
    read: () => Promise.reject(new Error('not asked for')),
    remove: () => Promise.resolve(),
  };
}

describe('names of backups', () => {
  it('tell when and why, and other files are none', () => {
    expect(readBackupName(backupName(NOW, 'before-replace'))).toMatchObject({ atMs: NOW, reason: 'before-replace' });
    for (const other of ['notes.txt', 'zinc-ladder-2026.zip', `${backupName(NOW, 'daily')}.part`]) expect(readBackupName(other)).toBeNull();
  });
  it('the newest daily ones stay, and the newest from before something large, each by its own count', () => {
    const made = (reason: BackupReason, count: number): BackupFile[] =>
      Array.from({ length: count }, (_, at) => ({ name: backupName(NOW - at * DAY, reason), atMs: NOW - at * DAY, reason, bytes: 1 }));
    const dropped = backupsToDrop([...made('daily', 10), ...made('before-empty', 8)]);
    expect(dropped).toHaveLength(10 - DAILY_KEPT + (8 - BEFORE_KEPT));
    expect(Math.max(...dropped.filter((file) => file.reason === 'daily').map((file) => file.atMs))).toBe(NOW - DAILY_KEPT * DAY);
  });
});

describe('before a new version lifts a shop', () => {
  it('it is kept as a file of its old version, pictures too, which reads as the shop it is lifted to', async () => {
    const old = new Dexie('backup-old');
    old.version(4).stores({
      ...Object.fromEntries(TABLE_NAMES.map((table) => [table, 'id'])),
      attachments: 'id',
      history: '++seq, isUndone',
      meta: 'key',
    });
    const before = makeVersion4() as Record<string, object | object[]>;
    for (const table of TABLE_NAMES) await old.table(table).bulkAdd([before[table] ?? []].flat());
    for (const [id, bytes] of makeSampleAttachments())
      await old.table('attachments').add({ id, blob: new Blob([bytes as Uint8Array<ArrayBuffer>]) });
    old.close();
    const written = new Map<string, Blob>();
    const place = placeInto(written);
    const name = await backUpBeforeUpgrade('backup-old', place, NOW);
    const blob = written.get(name ?? '');
    const { project, attachments } = readBundle(new Uint8Array((await blob?.arrayBuffer()) ?? new ArrayBuffer()));
    const byId = (list: readonly { readonly id: string }[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
    for (const list of ['rungs', 'logEntries', 'pictures', 'joins'] as const)
      expect(byId(project[list])).toEqual(byId(makeSampleProject()[list]));
    expect(attachments).toEqual(makeSampleAttachments());
    const lifted = new ShopDatabase('backup-old');
    expect(await lifted.records('logEntries').toArray()).toEqual(makeSampleProject().logEntries);
    lifted.close();
    // Lifted already, there is nothing to keep.
    expect(await backUpBeforeUpgrade('backup-old', place, NOW)).toBeNull();
    await Dexie.delete('backup-old');
  });
});

/** A database as an earlier version of the program left it: the tables of this one under a lower version, without those that came later. */
async function asOfVersion(
  version: number,
  name: string,
  without: readonly string[],
  tables: Readonly<Record<string, readonly object[]>>,
): Promise<void> {
  const today = new ShopDatabase(`${name}-today`);
  await importProject(new Store(today, () => NOW), { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
  const kept = today.tables.filter((table) => !without.includes(table.name));
  const old = new Dexie(name);
  old
    .version(version)
    .stores(
      Object.fromEntries(kept.map(({ name: table, schema }) => [table, [schema.primKey, ...schema.indexes].map(({ src }) => src).join()])),
    );
  for (const table of kept) {
    const rows = (await table.toArray()) as object[];
    await old.table(table.name).bulkAdd(tables[table.name] ?? rows);
  }
  old.close();
  await today.delete();
}

describe('a shop of any version of the database', () => {
  it('has a version of the file format to be kept in', () => {
    expect(FORMAT_OF_DATABASE).toHaveLength(DATABASE_VERSION);
    expect(FORMAT_OF_DATABASE.at(-1)).toBe(FORMAT_VERSION);
  });
  it('of rows of many records, before persons, is kept and lifted: two pairs of hands become two persons', async () => {
    await asOfVersion(10, 'backup-ten', ['persons'], { shop: [{ ...makeSampleProject().shop, handsPairs: 2 }] });
    const written = new Map<string, Blob>();
    const place = placeInto(written);
    const name = await backUpBeforeUpgrade('backup-ten', place, NOW);
    const { project } = readBundle(new Uint8Array((await written.get(name ?? '')?.arrayBuffer()) ?? new ArrayBuffer()));
    expect(project.rungs).toHaveLength(makeSampleProject().rungs.length);
    expect(project.persons.map((person) => person.name)).toEqual(['Me', 'Helper 1']);
    const lifted = new ShopDatabase('backup-ten');
    expect((await lifted.records('persons').toArray()).map((person) => person.name).sort()).toEqual(['Helper 1', 'Me']);
    expect((await lifted.records('shop').toArray())[0]).toEqual(project.shop);
    await lifted.delete();
  });
});

describe('a shop of before it could be sprayed out of doors', () => {
  it('keeps its place with whether spraying goes by the light there, in what can be undone too; its readings are those of the shop', async () => {
    const daylightAt = { latitude: -41.3, longitude: 174.8 };
    const { shop, climateReadings } = makeVersion17();
    const [before, after] = [shop, { ...shop, daylightAt }];
    const change = { table: 'shop', id: 'shop', before, after };
    await asOfVersion(18, 'backup-eighteen', [], {
      shop: [after],
      climateReadings,
      historyChanges: [{ seq: 1, changes: [change], packed: null, bytes: [] }],
    });
    const lifted = new ShopDatabase('backup-eighteen');
    const today = { ...makeSampleProject().shop, place: daylightAt, spraysByDaylight: true };
    expect(await lifted.records('shop').toArray()).toEqual([today]);
    expect(await lifted.records('climateReadings').toArray()).toEqual(makeSampleProject().climateReadings);
    expect((await lifted.historyChanges.get(1))?.changes).toEqual([{ ...change, before: makeSampleProject().shop, after: today }]);
    await lifted.delete();
  });
});

describe('a shop of before its airbrush could stay inside', () => {
  it('uses it where its cans are sprayed, in what can be undone too', async () => {
    const before = makeVersion18().shop;
    const change = { table: 'shop', id: 'shop', before, after: { ...before, name: 'Shed' } };
    await asOfVersion(19, 'backup-nineteen', [], {
      shop: [change.after],
      historyChanges: [{ seq: 1, changes: [change], packed: null, bytes: [] }],
    });
    const lifted = new ShopDatabase('backup-nineteen');
    const today = { ...makeSampleProject().shop, name: 'Shed' };
    expect(await lifted.records('shop').toArray()).toEqual([today]);
    expect((await lifted.historyChanges.get(1))?.changes).toEqual([{ ...change, before: makeSampleProject().shop, after: today }]);
    await lifted.delete();
  });
});

describe('a backup', () => {
  it('is kept once for each state of the shop, however often it is asked for, and again after an edit, an undo, or when it was thrown away', async () => {
    const db = new ShopDatabase('backup-once');
    const store = new Store(db, () => NOW);
    await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
    const files = new Map<string, Blob>();
    const place = placeIn(files);
    let atMs = NOW;
    const keep = (): Promise<string | null> => keepBackup(db, place, 'before-replace', (atMs += 1000));
    const [first, second] = await Promise.all([keep(), keep()]);
    expect([first === null, second]).toEqual([false, null]);
    await store.edit('Rename', (edit) => edit.patch('props', 'prop', { name: 'One' }));
    expect([await keep(), await keep()]).toEqual([expect.any(String), null]);
    await store.undo();
    expect(await keep()).toEqual(expect.any(String));
    files.clear();
    expect(await keep()).toEqual(expect.any(String));
    await store.forgetHistory();
    expect(await keep()).toEqual(expect.any(String));
    await store.edit('Rename', (edit) => edit.patch('props', 'prop', { name: 'Two' }));
    const stop = new AbortController();
    stop.abort(new Error('stopped'));
    const kept = files.size;
    await expect(keepBackup(db, place, 'before-replace', (atMs += 1000), { signal: stop.signal })).rejects.toThrow('stopped');
    expect(files.size).toBe(kept);
    expect(await keep()).toEqual(expect.any(String));
    await db.delete();
  });

  it('that was packed ahead is kept as it is while nothing was done since, and packed anew when something was', async () => {
    const db = new ShopDatabase('backup-ahead');
    const store = new Store(db, () => NOW);
    await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
    const files = new Map<string, Blob>();
    const place = placeIn(files);
    const nameInside = async (name: string | null): Promise<string | undefined> =>
      readBundle(new Uint8Array((await files.get(name ?? '')?.arrayBuffer()) ?? new ArrayBuffer())).project.props.find(
        ({ id }) => id === 'prop',
      )?.name;
    const ahead = packAhead(db, place, NOW);
    expect(files.size).toBe(0);
    const kept = await keepBackup(db, place, 'before-replace', NOW + 1000, { ahead });
    expect(kept && files.get(kept)).toBe(await ahead.of('1-0'));
    // It is of this state already: nothing is packed.
    expect(await packAhead(db, place, NOW).of('1-0')).toBeNull();
    await store.edit('Rename', (edit) => edit.patch('props', 'prop', { name: 'One' }));
    const late = packAhead(db, place, NOW);
    await late.of('');
    await store.edit('Rename', (edit) => edit.patch('props', 'prop', { name: 'Two' }));
    expect(await nameInside(await keepBackup(db, place, 'before-replace', NOW + 2000, { ahead: late }))).toBe('Two');
    await store.edit('Rename', (edit) => edit.patch('props', 'prop', { name: 'Three' }));
    const stop = new AbortController();
    const stopped = keepBackup(db, place, 'before-replace', NOW + 3000, { signal: stop.signal, ahead: packAhead(db, place, NOW) });
    stop.abort(new Error('stopped'));
    await expect(stopped).rejects.toThrow('stopped');
    expect(files.size).toBe(2);
    await db.delete();
  });
});

/** A place in memory. */
function placeIn(files: Map<string, Blob>): BackupPlace {
  return {
    list: () =>
      Promise.resolve(
        [...files].flatMap(([name, { size }]) => {
          const read = readBackupName(name);
          return read ? [{ ...read, bytes: size }] : [];
        }),
      ),
    write: (name, blob) => Promise.resolve(void files.set(name, blob)),
    read: () => Promise.reject(new Error('not asked for')),
    remove: (name) => Promise.resolve(void files.delete(name)),
  };
}
