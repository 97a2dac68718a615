import 'fake-indexeddb/auto';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import { readBundle, zipBundle } from '@zinc-ladder/model/file/zipProject';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createShopClock } from '../../clock/shopClock';
import { ShopDatabase } from '../../data/tables/database';
import { isDemoServer, leaveDemo, loadDemo, moveToToday, setClock, startOnDemo } from './demo';
import { gatherProject } from '../../data/whole/projectTransfer';
import { Store } from '../../data/edits/store';

// A worker is not here; the reader itself is.
vi.mock('../../workers/files/readProjectFile', () => ({
  readProjectFile: async (file: Blob) => readBundle(new Uint8Array(await file.arrayBuffer())),
}));

const SAVED = makeSampleProject().savedAtMs;
const DAY = 86_400_000;
let names = 0;
let db: ShopDatabase;
let wallMs: number;
let clock: ReturnType<typeof createShopClock>;
let store: Store;

beforeEach(async () => {
  db = new ShopDatabase(`demo-${(names += 1)}`);
  // The wall is 181 days and some hours after the demo's moment.
  wallMs = SAVED + 181 * DAY + 5 * 3_600_000;
  clock = createShopClock(() => wallMs);
  store = new Store(db, clock.now);
  const zip = await zipBundle({ project: makeSampleProject(), attachments: makeSampleAttachments() });
  vi.stubGlobal('fetch', (path: string) =>
    Promise.resolve(path === '/api/health' ? Response.json({ status: 'ok', demo: true }) : new Response(zip as Uint8Array<ArrayBuffer>)),
  );
});
afterEach(async () => {
  vi.unstubAllGlobals();
  await db.delete();
});

/** Lists come out of the database by id. */
const byId = (project: ProjectFile): object =>
  Object.fromEntries(
    Object.entries(project).map(([name, value]) => [
      name,
      Array.isArray(value) ? (value as { id: string }[]).toSorted((a, b) => (a.id < b.id ? -1 : 1)) : value,
    ]),
  );
const meta = async (key: 'isDemo' | 'clockOffsetMs') => (await db.meta.get(key))?.value;

describe('the demo', () => {
  it('is offered only by a server that says so; one that is away says no', async () => {
    expect(await isDemoServer()).toBe(true);
    vi.stubGlobal('fetch', () => Promise.resolve(Response.json({ status: 'ok', demo: false })));
    expect(await isDemoServer()).toBe(false);
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('away')));
    expect(await isDemoServer()).toBe(false);
  });
  it('is waited for where the server is slow, and not for ever', async () => {
    vi.useFakeTimers();
    const timeout = vi.spyOn(AbortSignal, 'timeout').mockImplementation((ms) => {
      const stop = new AbortController();
      setTimeout(() => stop.abort(new DOMException('too long', 'TimeoutError')), ms);
      return stop.signal;
    });
    /** A server that answers after so many ms. */
    const answersAfter =
      (ms: number) =>
      (_: string, { signal }: { signal: AbortSignal }) =>
        new Promise((answer, refuse) => {
          setTimeout(() => answer(Response.json({ demo: true })), ms);
          signal.addEventListener('abort', () => refuse(signal.reason as Error));
        });
    try {
      for (const [ms, isDemo] of [
        [10_000, true],
        [60_000, false],
      ] as const) {
        vi.stubGlobal('fetch', answersAfter(ms));
        const asked = isDemoServer();
        await vi.advanceTimersByTimeAsync(60_000);
        expect(await asked).toBe(isDemo);
      }
    } finally {
      timeout.mockRestore();
      vi.useRealTimers();
    }
  });
  /** What a browser that starts tells it waits for. */
  const begins = async (): Promise<string[]> => {
    const told: string[] = [];
    await startOnDemo(store, clock, (words) => told.push(words));
    return told;
  };
  it('is never seen at another moment than its own, and leaves clock and mark as they were where it cannot be taken in', async () => {
    const edit = vi.spyOn(store, 'edit').mockRejectedValueOnce(new Error('no room'));
    await expect(loadDemo(store, clock)).rejects.toThrow('no room');
    expect([await meta('isDemo'), clock.offsetMs()]).toEqual([undefined, 0]);
    const kept = store.edit.bind(store);
    edit.mockRestore();
    const seen: unknown[] = [];
    vi.spyOn(store, 'edit').mockImplementationOnce(async (...given) => {
      seen.push(clock.now());
      return kept(...(given as Parameters<typeof kept>)) as never;
    });
    await loadDemo(store, clock);
    expect(seen).toEqual([SAVED]);
    expect([await meta('clockOffsetMs'), await meta('isDemo')]).toEqual([SAVED - wallMs, true]);
  });
  it('is begun again where the page was closed while it came in', async () => {
    let isAsked = false;
    vi.spyOn(store, 'edit').mockImplementationOnce(() => {
      isAsked = true;
      return new Promise(() => undefined);
    });
    void loadDemo(store, clock);
    await vi.waitFor(() => expect(isAsked).toBe(true));
    expect([await meta('isDemo'), await meta('clockOffsetMs')]).toEqual([undefined, undefined]);
    expect(await begins()).toEqual(['Opening…', 'Fetching the demo…']);
    expect(await meta('isDemo')).toBe(true);
  });
  it('is where a browser starts that never held a shop, and not one that was emptied or left it', async () => {
    expect(await begins()).toEqual(['Opening…', 'Fetching the demo…']);
    expect(await begins()).toEqual([]);
    await store.db.records('shop').clear();
    expect(await begins()).toEqual([]);
  });
  it('is not where one starts that left it before', async () => {
    await leaveDemo(store, clock);
    expect(await begins()).toEqual([]);
  });
  it('is fetched by one of two tabs that are opened together; the other finds it there', async () => {
    let last: Promise<unknown> = Promise.resolve();
    const request = (_: string, work: () => Promise<void>): Promise<unknown> => (last = last.then(work));
    vi.stubGlobal('navigator', { locks: { request } });
    const [first, second] = await Promise.all([begins(), begins()]);
    expect([first, second]).toEqual([['Opening…', 'Fetching the demo…'], ['Opening…']]);
  });
  it('comes in whole, at its own moment, with nothing behind it to undo', async () => {
    await loadDemo(store, clock);
    expect(clock.now()).toBe(SAVED);
    wallMs += 1000;
    expect(clock.now()).toBe(SAVED + 1000);
    expect(byId((await gatherProject(db, SAVED)).project)).toEqual(byId(makeSampleProject()));
    expect(await store.historyState()).toMatchObject({ undoLabel: null, redoLabel: null });
    expect([await meta('isDemo'), await meta('clockOffsetMs')]).toEqual([true, SAVED - (wallMs - 1000)]);
  });
  it('says what the server answered when it has none, and leaves the shop alone', async () => {
    await loadDemo(store, clock);
    vi.stubGlobal('fetch', () => Promise.resolve(new Response('', { status: 404 })));
    await expect(loadDemo(store, clock)).rejects.toThrow('the server has no demo (404)');
    expect(await db.records('props').count()).toBe(1);
  });
  it('moved to today keeps every distance, puts down what was in hand, and can be undone', async () => {
    await loadDemo(store, clock);
    wallMs += 4 * 60_000;
    await moveToToday(store, clock);
    expect(clock.offsetMs()).toBe(0);
    const { project } = await gatherProject(db, SAVED);
    expect(project.props[0]?.dueMs).toBe(SAVED + DAY + 181 * DAY);
    expect(project.logEntries[0]?.atMs).toBe(SAVED - 3_600_000 + 181 * DAY);
    expect(project.shop.exceptions[0]?.date).toBe('2026-12-03');
    // It was begun a minute before the demo's moment and four minutes have passed since.
    expect(project.rungs.find((rung) => rung.id === 'guest-1')).toMatchObject({
      state: 'setDown',
      workedMs: 5 * 60_000,
      startedAtMs: null,
    });
    expect(Math.max(...project.logEntries.map((entry) => entry.atMs))).toBeLessThanOrEqual(clock.now());
    await store.undo();
    expect((await gatherProject(db, SAVED)).project.props[0]?.dueMs).toBe(SAVED + DAY);
  });
  it('is left behind with its clock', async () => {
    await loadDemo(store, clock);
    await leaveDemo(store, clock);
    expect([clock.offsetMs(), clock.now(), await meta('isDemo')]).toEqual([0, wallMs, false]);
  });
  it('a clock that was set runs on from there', async () => {
    await setClock(store, clock, SAVED);
    wallMs += 90_000;
    expect(clock.now()).toBe(SAVED + 90_000);
    await setClock(store, clock, null);
    expect(clock.now()).toBe(wallMs);
  });
});
