import 'fake-indexeddb/auto';
import type { Table } from 'dexie';
import Dexie from 'dexie';
import * as fc from 'fast-check';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import type { BucketRow, Kept } from './bucketRow';
import { bucketSchema } from './bucketedTables';
import { bucketOf } from './bucketOf';
import { BucketTable } from './bucketTable';

interface Entry extends Kept {
  readonly counter: number;
  readonly pictureIds: readonly string[];
  readonly correctsId: string | null;
}

const db = new Dexie('buckets');
db.version(1).stores({ logEntries: bucketSchema('logEntries') });
const rows = db.table('logEntries') as Table<BucketRow<Entry>, string>;
const table = new BucketTable<Entry>('logEntries', rows);

beforeEach(() => rows.clear());
afterAll(() => db.delete());

const PICTURES = ['a', 'b', 'c'];
const act = fc.oneof(
  fc.record({
    put: fc.uniqueArray(
      fc.record({
        id: fc.integer({ min: 0, max: 400 }).map((n) => `entry-${n}`),
        counter: fc.nat(1000),
        pictureIds: fc.subarray(PICTURES),
        correctsId: fc.option(fc.constantFrom('entry-1', 'entry-2')),
      }),
      { selector: (entry) => entry.id, maxLength: 30 },
    ),
  }),
  fc.record({
    become: fc.uniqueArray(
      fc.record({
        id: fc.integer({ min: 0, max: 400 }).map((n) => `entry-${n}`),
        counter: fc.nat(1000),
        pictureIds: fc.subarray(PICTURES),
        correctsId: fc.constant(null),
      }),
      { selector: (entry) => entry.id, maxLength: 30 },
    ),
  }),
  fc.record({
    remove: fc.array(
      fc.integer({ min: 0, max: 400 }).map((n) => `entry-${n}`),
      { maxLength: 30 },
    ),
  }),
);

describe('records in rows of many', () => {
  it('answer as a plain map does, whatever was put and taken away (property)', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(act, { maxLength: 12 }), async (acts) => {
        await rows.clear();
        const model = new Map<string, Entry>();
        for (const each of acts)
          if ('put' in each) {
            await table.bulkPut(each.put);
            for (const entry of each.put) model.set(entry.id, entry);
          } else if ('become' in each) {
            await table.replaceAll(each.become);
            model.clear();
            for (const entry of each.become) model.set(entry.id, entry);
          } else {
            await table.bulkDelete(each.remove);
            for (const id of each.remove) model.delete(id);
          }
        const all = [...model.values()].sort((a, b) => (a.id < b.id ? -1 : 1));
        expect((await table.newest())?.counter).toBe(all.length === 0 ? undefined : Math.max(...all.map(({ counter }) => counter)));
        expect(await table.toArray()).toEqual(all);
        expect(await table.count()).toBe(all.length);
        expect(await table.keys()).toEqual(all.map((entry) => entry.id));
        expect(await table.greatest()).toBe(Math.max(-1, ...all.map((entry) => entry.counter)));
        expect(await table.findAny('pictureIds', ['a', 'c'])).toEqual(
          all.filter(({ pictureIds: [...ids] }) => ids.some((id) => id !== 'b')),
        );
        expect(await table.findAny('correctsId', ['entry-1'])).toEqual(all.filter((entry) => entry.correctsId === 'entry-1'));
        for (const id of ['entry-0', 'entry-7', 'nobody']) expect(await table.get(id)).toEqual(model.get(id));
        expect(await table.bulkGet(['entry-3', 'nobody', 'entry-1'])).toEqual([model.get('entry-3'), undefined, model.get('entry-1')]);
        // A row that holds nothing would be read for nothing.
        expect((await rows.toArray()).every((row) => row.records.length > 0)).toBe(true);
      }),
      { numRuns: 40, seed: 20261127 },
    );
  });
  it('change some fields of one that is there, and nothing of one that is not', async () => {
    await table.put({ id: 'one', counter: 1, pictureIds: [], correctsId: null });
    await table.update('one', { counter: 5 });
    await table.update('two', { counter: 5 });
    expect(await table.toArray()).toEqual([{ id: 'one', counter: 5, pictureIds: [], correctsId: null }]);
  });
  it('spread evenly over the rows, ids in a series too, and each always lies in the same', () => {
    const counts = new Map<string, number>();
    for (let at = 0; at < 50_000; at += 1) {
      const row = bucketOf(`entry-${at}`, 128);
      counts.set(row, (counts.get(row) ?? 0) + 1);
    }
    expect(counts.size).toBe(128);
    expect(Math.max(...counts.values())).toBeLessThan(1.5 * (50_000 / 128));
    // FNV-1a of "a" with 32 bits is 0xe40c292c (Fowler, Noll, Vo: the hash's published test vectors).
    expect(bucketOf('a', 2 ** 32)).toBe(`b${0xe40c292c}`);
    expect(bucketOf('foobar', 2 ** 32)).toBe(`b${0xbf9cf968}`);
  });
});
