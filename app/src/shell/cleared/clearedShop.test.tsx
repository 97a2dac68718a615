// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { cleanup, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Store } from '../../data/edits/store';
import { ShopDatabase } from '../../data/tables/database';
import { holdShop, isCleared } from '../../data/whole/heldShop';
import { gatherRecords, importProject } from '../../data/whole/projectTransfer';
import { ClearedShop } from './ClearedShop';

const NOW = makeSampleProject().savedAtMs;
const open: ShopDatabase[] = [];

/** A shop that a tab has read, and whose database was cleared then. */
async function clearedShop() {
  const db = new ShopDatabase(`cleared-${open.length}`);
  open.push(db);
  const store = new Store(db, () => NOW);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
  expect(holdShop(store.tables, NOW)).toBeNull();
  store.tables.begin();
  store.tables.subscribe('logEntries', () => undefined);
  store.tables.subscribe('climateReadings', () => undefined);
  await waitFor(() => expect(holdShop(store.tables, NOW)?.logEntries.length).toBeGreaterThan(0));
  await waitFor(() => expect(store.tables.read('climateReadings').status).toBe('ready'));
  const before = await gatherRecords(db, NOW);
  expect(await isCleared(db)).toBe(false);
  const held = holdShop(store.tables, NOW);
  if (!held) throw new Error('nothing is held');
  await db.delete({ disableAutoOpen: false });
  expect(await isCleared(db)).toBe(true);
  return { db, store, held, before };
}

afterEach(async () => {
  cleanup();
  vi.restoreAllMocks();
  for (const db of open.splice(0)) await db.delete();
});

describe('a shop that the browser has cleared while a tab had it open', () => {
  it('is held whole, and put back as it was but for the bytes that are gone, its clock too', async () => {
    const { db, store, held, before } = await clearedShop();
    expect(held).toEqual(before);
    const onOver = vi.fn();
    render(<ClearedShop held={held} store={store} clockOffsetMs={-5000} onOver={onOver} />);
    expect(screen.getByRole('status').textContent).toContain(`${held.rungs.length} rungs`);
    expect(screen.getByText(/are gone with it/u).textContent).toMatch(/^1 picture and 1 mesh/u);
    await userEvent.click(screen.getByRole('button', { name: 'Put the records back' }));
    await waitFor(() => expect(onOver).toHaveBeenCalledTimes(1));
    const after = await gatherRecords(db, NOW);
    expect(after.rungs).toEqual(before.rungs);
    expect(after.logEntries.map(({ id }) => id)).toEqual(before.logEntries.map(({ id }) => id));
    expect([after.pictures, after.meshes]).toEqual([[], []]);
    expect((await db.meta.get('clockOffsetMs'))?.value).toBe(-5000);
  });
  it('may be saved to a file first; what cannot be put back is told, and stays on the screen', async () => {
    const { store, held } = await clearedShop();
    let saved = '';
    vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
      void (blob as Blob).text().then((text) => (saved = text));
      return 'blob:saved';
    });
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(() => undefined);
    vi.spyOn(store, 'edit').mockRejectedValue(new DOMException('no room', 'QuotaExceededError'));
    const onOver = vi.fn();
    render(<ClearedShop held={held} store={store} clockOffsetMs={0} onOver={onOver} />);
    await userEvent.click(screen.getByRole('button', { name: 'Save them to a file' }));
    await waitFor(() => expect(JSON.parse(saved)).toEqual(held));
    await userEvent.click(screen.getByRole('button', { name: 'Put the records back' }));
    expect((await screen.findByRole('alert')).textContent).not.toBe('');
    expect(onOver).not.toHaveBeenCalled();
    expect((screen.getByRole('button', { name: 'Put the records back' }) as HTMLButtonElement).disabled).toBe(false);
  });
});
