import 'fake-indexeddb/auto';
import type { LoggedAir } from '@zinc-ladder/model/records/ladder/logEntry';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Store } from '../../edits/store';
import { ShopDatabase } from '../../tables/database';
import { importProject } from '../../whole/projectTransfer';
import { takeTimeSheet } from './timeSheetChanges';

const NOW = makeSampleProject().savedAtMs;
const HOUR = 3_600_000;
let db: ShopDatabase;
let store: Store;
let names = 0;

beforeEach(async () => {
  db = new ShopDatabase(`sheets-${(names += 1)}`);
  store = new Store(db, () => NOW);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
});
afterEach(() => db.delete());

/** An air that tells the hours before now as its temperature. */
const airAt = (atMs: number): LoggedAir => ({ temperatureCelsius: (NOW - atMs) / HOUR, relativeHumidityPercent: 50, origin: 'measured' });

/** Takes in one row for a rung of the host. */
async function take(rungId: string, hoursAgo: number, minutes: number): Promise<void> {
  const rung = await db.records('rungs').get(rungId);
  const part = await db.records('parts').get('host');
  if (!rung || !part) throw new Error('the sample has no such rung');
  const row = { line: 2, atMs: NOW - hoursAgo * HOUR, minutes, prop: '', part: part.name, rung: rung.name, words: '' };
  const kind = rung.state === 'done' ? 'correct' : 'done';
  await store.edit('take', (edit) => takeTimeSheet(edit, [{ kind, row, rung, part }], null, airAt, () => `entry-${(names += 1)}`));
}

describe('a row of a time sheet', () => {
  it('is logged with the air of its own moment, and put right with that of the new one', async () => {
    const open = (await db.records('rungs').toArray()).find(({ ladderId, state }) => ladderId === 'host' && state === 'open');
    if (!open) throw new Error('the host has nothing open');
    await take(open.id, 5, 20);
    await take(open.id, 3, 25);
    const entries = (await db.records('logEntries').toArray()).filter(({ rungId, kind }) => rungId === open.id && kind === 'done');
    expect(
      entries.toSorted((a, b) => a.counter - b.counter).map(({ air, actualMinutes }) => [air?.temperatureCelsius, actualMinutes]),
    ).toEqual([
      [5, 20],
      [3, 25],
    ]);
    expect((await db.records('rungs').get(open.id))?.doneAtMs).toBe(NOW - 3 * HOUR);
  });
});
