import 'fake-indexeddb/auto';
import { Blob as NodeBlob, File as NodeFile } from 'node:buffer';
import { QueryClient } from '@tanstack/react-query';
import { cleanup, configure, render } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { createMemoryRouter } from 'react-router';
import { afterEach, expect, vi } from 'vitest';
import { createShopClock } from '../clock/shopClock';
import { ShopDatabase } from '../data/tables/database';
import { watchTables } from '../data/tables/liveTables';
import { importProject } from '../data/whole/projectTransfer';
import { Store } from '../data/edits/store';
import { App } from '../shell/App';
import { ROUTES } from '../shell/routes';

// Machines that run browser tests beside are slow; what never comes is still told.
configure({ asyncUtilTimeout: 8000 });

// Those of the simulated document cannot be kept in a database.
Object.assign(globalThis, { Blob: NodeBlob, File: NodeFile });

let opened = 0;
const closers: (() => Promise<void>)[] = [];

afterEach(async () => {
  cleanup();
  for (const close of closers.splice(0)) await close();
  localStorage.clear();
});

/** Opens the whole application over a database of its own, at an address, at the moment the project was saved. */
export async function openShop(path: string, project: ProjectFile | null = makeSampleProject(), attachments = makeSampleAttachments()) {
  giveElementsSize();
  const db = new ShopDatabase(`screen-${(opened += 1)}`);
  const startMs = project?.savedAtMs ?? Date.UTC(2026, 4, 28, 12);
  let passedMs = 0;
  const clock = createShopClock(() => startMs + passedMs);
  const store = new Store(db, clock.now);
  if (project) {
    await importProject(store, { project, attachments }, 'replace');
    await store.forgetHistory();
  }
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false } } });
  const stopWatching = watchTables(db, store.tables, client);
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network in tests')));
  const router = createMemoryRouter(ROUTES, { initialEntries: [path] });
  render(<App client={client} store={store} clock={clock} router={router} />);
  closers.push(async () => {
    // The look through the shop at its start must be over: it would tell a page that is gone that its database is.
    if (project) await vi.waitFor(async () => expect(await db.meta.get('rulesVersion')).toBeDefined()).catch(() => undefined);
    stopWatching();
    client.clear();
    await db.delete();
  });
  return {
    user: userEvent.setup(),
    db,
    store,
    router,
    /** lets the wall clock go on; what is on the screen follows at its next tick */
    pass: (ms: number): void => {
      passedMs += ms;
      clock.setOffset(clock.offsetMs());
    },
  };
}

/** Lists draw only the rows that fit, and in a document without layout nothing would. */
function giveElementsSize(): void {
  for (const [name, size] of [
    ['offsetWidth', 1280],
    ['offsetHeight', 800],
    ['clientWidth', 1280],
    ['clientHeight', 800],
  ] as const)
    Object.defineProperty(HTMLElement.prototype, name, { configurable: true, get: () => size });
  HTMLElement.prototype.getBoundingClientRect = () => new DOMRect(0, 0, 1280, 800);
}
