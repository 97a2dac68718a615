import 'fake-indexeddb/auto';
import type { LoggedAir } from '@zinc-ladder/model/records/ladder/logEntry';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import type { ToldRung } from '@zinc-ladder/model/gather/plan/toldEnds';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Store } from '../../edits/store';
import { ShopDatabase } from '../../tables/database';
import { importProject } from '../../whole/projectTransfer';
import { tellDone } from './toldChanges';

const NOW = makeSampleProject().savedAtMs;
const HOUR = 3_600_000;
let db: ShopDatabase;
let store: Store;
let names = 0;

beforeEach(async () => {
  db = new ShopDatabase(`told-${(names += 1)}`);
  store = new Store(db, () => NOW);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
});
afterEach(() => db.delete());

/** An air that tells the hours before now as its temperature. */
const airAt = (atMs: number): LoggedAir => ({ temperatureCelsius: (NOW - atMs) / HOUR, relativeHumidityPercent: 50, origin: 'measured' });

/** What is open on the host, told some hours ago. */
async function openOfHost(): Promise<ToldRung[]> {
  const rungs = (await db.records('rungs').toArray()).filter(({ ladderId, state }) => ladderId === 'host' && state === 'open');
  return rungs.map((rung, at) => ({ rung, endMs: NOW - (rungs.length - at) * HOUR }));
}
const tell = async (told: readonly ToldRung[], minutes: number | null): Promise<boolean> =>
  store
    .edit('tell', (edit) => tellDone(edit, told, minutes, null, airAt, () => `told-${(names += 1)}`))
    .then(
      () => true,
      () => false,
    );

describe('rungs told as done afterwards', () => {
  it('are done at their moments, in the air of then, with no minutes but those that are told of the last', async () => {
    const told = await openOfHost();
    expect(told.length).toBeGreaterThan(0);
    expect(await tell(told, 25)).toBe(true);
    for (const [at, { rung, endMs }] of told.entries()) {
      const isLast = at === told.length - 1;
      expect(await db.records('rungs').get(rung.id)).toMatchObject({ state: 'done', doneAtMs: endMs, workedMs: isLast ? 25 * 60_000 : 0 });
      const entry = (await db.records('logEntries').toArray()).find(({ rungId, kind }) => rungId === rung.id && kind === 'done');
      expect(entry).toMatchObject({ atMs: endMs, actualMinutes: isLast ? 25 : null, air: { temperatureCelsius: told.length - at } });
      expect(entry?.text).toMatch(isLast ? /^told afterwards$/u : /reckoned back$/u);
    }
  });
  it('of one whose timer was left running: what it had run for then', async () => {
    const rung = (await db.records('rungs').toArray()).find(({ state }) => state === 'inHand');
    if (rung?.startedAtMs == null) throw new Error('the sample has nothing in hand');
    const endMs = rung.startedAtMs + 8 * 60_000;
    expect(await tell([{ rung, endMs }], null)).toBe(true);
    expect(await db.records('rungs').get(rung.id)).toMatchObject({ state: 'done', doneAtMs: endMs, startedAtMs: null });
    const entry = (await db.records('logEntries').toArray()).find(({ rungId, kind }) => rungId === rung.id && kind === 'done');
    expect(entry?.actualMinutes).toBeCloseTo(8 + rung.workedMs / 60_000, 1);
  });
  it('are told once: pressed again nothing is left to do, and nothing is logged', async () => {
    const told = await openOfHost();
    expect(await tell(told, null)).toBe(true);
    const entries = await db.records('logEntries').count();
    expect(await tell(told, null)).toBe(false);
    expect(await db.records('logEntries').count()).toBe(entries);
  });
  it('are all told or none: where one of them was taken in hand meanwhile, the others stay open; undo takes all back', async () => {
    const told = await openOfHost();
    const standing = async (): Promise<unknown> => ({
      rungs: (await db.records('rungs').toArray()).map(({ id, state, doneAtMs, workedMs }) => [id, state, doneAtMs, workedMs]),
      entries: (await db.records('logEntries').toArray()).map(({ id, counter }) => [id, counter]),
    });
    const before = await standing();
    expect(await tell([...told, ...told.slice(0, 1)], null)).toBe(false);
    expect(await standing()).toEqual(before);
    expect(await tell(told, null)).toBe(true);
    expect(await standing()).not.toEqual(before);
    await store.undo();
    expect(await standing()).toEqual(before);
  });
});
