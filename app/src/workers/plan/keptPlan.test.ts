import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { keepPlan, readKeptPlan } from './keptPlan';

afterEach(async () => {
  vi.restoreAllMocks();
  await Dexie.delete('shop plan');
});

describe('the last plan of a browser', () => {
  it('is there again when the page is loaded again, by shop, and is replaced by the next', async () => {
    expect(await readKeptPlan('shop')).toBeNull();
    await keepPlan('shop', { order: { a: 1, b: 0 }, starts: { a: 10 } });
    expect(await readKeptPlan('shop')).toEqual({ order: { a: 1, b: 0 }, starts: { a: 10 } });
    expect(await readKeptPlan('another')).toBeNull();
    await keepPlan('shop', { order: { c: 2 }, starts: {} });
    expect(await readKeptPlan('shop')).toEqual({ order: { c: 2 }, starts: {} });
    await Dexie.delete('another plan');
  });
  it('that makes no sense is none', async () => {
    await keepPlan('shop', { order: { a: 'x' } as unknown as Record<string, number>, starts: {} });
    expect(await readKeptPlan('shop')).toBeNull();
  });
  it('is none where the browser keeps nothing, and nobody is held up', async () => {
    vi.spyOn(indexedDB, 'open').mockImplementation(() => {
      throw new DOMException('no room', 'QuotaExceededError');
    });
    const warned = vi.spyOn(console, 'warn').mockImplementation(() => undefined);
    await keepPlan('shop', { order: { a: 1 }, starts: {} });
    expect(await readKeptPlan('shop')).toBeNull();
    expect(warned).toHaveBeenCalledTimes(2);
  });
});
