import 'fake-indexeddb/auto';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { usesOf } from '@zinc-ladder/model/gather/shelf/loggedUses';
import { newestByRung } from '@zinc-ladder/model/log/newestByRung';
import { standingEntries } from '@zinc-ladder/model/log/standingLog';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Store } from '../edits/store';
import { prepareLog } from '../prepareLog';
import { importProject } from '../whole/projectTransfer';
import { ShopDatabase } from './database';

const NOW = Date.UTC(2026, 10, 30);

/** A shop with entries enough that its log is read in several pieces, seen by one store and written by another, as a worker writes. */
async function openTwice(name: string): Promise<{ readonly seen: Store; readonly other: Store }> {
  const seen = new Store(new ShopDatabase(name), () => NOW);
  const sample = makeSampleProject();
  const [entry] = sample.logEntries;
  if (!entry) throw new Error('the sample has no entry');
  const logEntries = Array.from({ length: 60 }, (_, at) => ({ ...entry, id: `entry-${at}`, counter: at }));
  await importProject(seen, { project: { ...sample, logEntries }, attachments: makeSampleAttachments() }, 'replace');
  return { seen, other: new Store(new ShopDatabase(name), () => NOW) };
}

afterEach(() => vi.restoreAllMocks());

describe('tables in memory', () => {
  it('that are asked for anew while they are read are read once more, not once for each who asks, and show the last state', async () => {
    const { seen, other } = await openTwice('live-anew');
    const stop = seen.tables.subscribe('rungs', () => undefined);
    await vi.waitFor(() => expect(seen.tables.read('rungs').status).toBe('ready'));
    const { version } = seen.tables.read('rungs');
    const reads = vi.spyOn(seen.db, 'transaction');
    const [rung] = seen.tables.read('rungs').records;
    await Promise.all([seen.tables.reload(), seen.tables.follow('rungs', 'all'), seen.tables.reload()]);
    expect(reads.mock.calls.length).toBeLessThanOrEqual(2);
    expect(seen.tables.read('rungs').version).toBe(version + 1);
    const early = seen.tables.reload();
    await other.edit('Rename', (edit) => edit.patch('rungs', rung?.id ?? '', { detail: 'from elsewhere' }));
    await Promise.all([early, seen.tables.reload()]);
    expect(seen.tables.read('rungs').records.find(({ id }) => id === rung?.id)?.detail).toBe('from elsewhere');
    stop();
    // What was read whole is read again when it is asked for again.
    await other.edit('Rename', (edit) => edit.patch('rungs', rung?.id ?? '', { detail: 'once more' }));
    await seen.tables.reload();
    expect(seen.tables.read('rungs').records.find(({ id }) => id === rung?.id)?.detail).toBe('once more');
  });

  it('a reload is over when what every view is drawn from is there; the log follows', async () => {
    const { seen, other } = await openTwice('live-late');
    for (const table of ['rungs', 'logEntries'] as const) seen.tables.subscribe(table, () => undefined);
    await vi.waitFor(() => expect(seen.tables.read('logEntries').status).toBe('ready'));
    const [rung] = seen.tables.read('rungs').records;
    const [entry] = seen.tables.read('logEntries').records;
    await other.edit('Both', async (edit) => {
      await edit.patch('rungs', rung?.id ?? '', { detail: 'new' });
      await edit.patch('logEntries', entry?.id ?? '', { text: 'new' });
    });
    await seen.tables.reload();
    expect(seen.tables.read('rungs').records[0]?.detail).toBe('new');
    expect(seen.tables.read('logEntries').records[0]?.text).not.toBe('new');
    await vi.waitFor(() => expect(seen.tables.read('logEntries').records[0]?.text).toBe('new'));
  });

  it('work out what views read from the log before it is shown, so that whoever asks then has it', async () => {
    const { seen } = await openTwice('live-prepared');
    const states: string[] = [];
    seen.tables.prepare('logEntries', (entries) => {
      const pieces = prepareLog(seen.tables, entries);
      return {
        next: () => {
          states.push(seen.tables.read('logEntries').status);
          return pieces.next();
        },
      };
    });
    seen.tables.subscribe('logEntries', () => states.push(seen.tables.read('logEntries').status));
    await vi.waitFor(() => expect(states.at(-1)).toBe('ready'));
    expect(states).toEqual(['loading', 'loading', 'loading', 'ready']);
    const { records } = seen.tables.read('logEntries');
    const computed = vi.fn();
    const standing = seen.tables.deriveNext<LogEntry, readonly LogEntry[]>(records, standingEntries, computed);
    expect(standing).toEqual(standingEntries(records));
    expect(seen.tables.deriveNext(standing, usesOf, computed)).toEqual(usesOf(standing));
    expect(seen.tables.deriveNext(standing, newestByRung, computed)).toEqual(newestByRung(standing));
    expect(computed).not.toHaveBeenCalled();
  });

  it('that could not be read say so, and are read when they are asked for again', async () => {
    const { seen } = await openTwice('live-fault');
    const fault = vi.spyOn(seen.db, 'transaction').mockRejectedValueOnce(new Error('no room'));
    seen.tables.subscribe('rungs', () => undefined);
    await vi.waitFor(() => expect(seen.tables.read('rungs').status).toBe('failed'));
    fault.mockRestore();
    seen.tables.subscribe('rungs', () => undefined);
    await vi.waitFor(() => expect(seen.tables.read('rungs')).toMatchObject({ status: 'ready', error: null }));
  });
});
