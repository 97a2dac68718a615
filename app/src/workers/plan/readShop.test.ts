import 'fake-indexeddb/auto';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, expect, it, vi } from 'vitest';
import { Store } from '../../data/edits/store';
import { ShopDatabase } from '../../data/tables/database';
import { importProject } from '../../data/whole/projectTransfer';
import { readShop } from './readShop';

afterEach(() => vi.restoreAllMocks());

async function shopCalled(name: string): Promise<string> {
  const store = new Store(new ShopDatabase(name), () => 0);
  await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
  return name;
}

it('reads for one question after another, what is reckoned at once from the first between them', async () => {
  const databaseName = await shopCalled('one after another');
  const events: string[] = [];
  const own = ShopDatabase.prototype.transaction;
  vi.spyOn(ShopDatabase.prototype, 'transaction').mockImplementation(function (this: ShopDatabase, ...args: unknown[]) {
    events.push('opened');
    return (own as (...given: unknown[]) => ReturnType<typeof own>).apply(this, args);
  } as typeof own);
  const ask = async (who: string): Promise<void> => {
    const read = await readShop({ databaseName, nowMs: 0 });
    events.push(`${who} reckons with ${read?.records.props.length ?? 'no'} props`);
  };
  await Promise.all([ask('first'), ask('second')]);
  expect(events).toEqual(['opened', 'first reckons with 1 props', 'opened', 'second reckons with 1 props']);
});

it('reads on after a reading that failed', async () => {
  const databaseName = await shopCalled('after a failure');
  vi.spyOn(ShopDatabase.prototype, 'transaction').mockRejectedValueOnce(new Error('no room') as never);
  const failed = readShop({ databaseName, nowMs: 0 });
  const next = readShop({ databaseName, nowMs: 0 });
  await expect(failed).rejects.toThrow('no room');
  expect((await next)?.records.shop.id).toBeDefined();
});
