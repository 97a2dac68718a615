import 'fake-indexeddb/auto';
import type { ClimateReading } from '@zinc-ladder/model/records/shop/climateReading';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createShopClock } from '../clock/shopClock';
import { fetchClimate, keepClimate } from './climateFeed';
import { ShopDatabase } from './tables/database';
import { groupBy } from '../base/groupBy';

const NOW = Date.parse('2026-05-28T16:00:00Z');
const HOUR = 3_600_000;
const sample = (atMs: number, temperatureCelsius = 18) => ({ atMs, temperatureCelsius, relativeHumidityPercent: 60 });
let db: ShopDatabase;
let names = 0;

beforeEach(() => {
  db = new ShopDatabase(`climate-${(names += 1)}`);
});
afterEach(async () => {
  vi.unstubAllGlobals();
  await db.delete();
});
const kept = async (): Promise<string[]> =>
  (await db.records('climateReadings').orderBy('atMs').toArray()).map((reading: ClimateReading) => reading.id);

describe('readings of the sensor', () => {
  it('are kept as facts, and a new forecast takes the place of the old', async () => {
    await keepClimate(db, { device: 'x', readings: [sample(NOW - HOUR)], forecast: [sample(NOW + HOUR), sample(NOW + 2 * HOUR)] }, NOW);
    await keepClimate(db, { device: 'x', readings: [sample(NOW)], forecast: [sample(NOW + 3 * HOUR)] }, NOW);
    expect(await kept()).toEqual([`m-${NOW - HOUR}`, `m-${NOW}`, `f-${NOW + 3 * HOUR}`]);
    expect(await db.history.count()).toBe(0);
  });
  it('leave what was typed of the air out of doors, and are asked for by their own last one', async () => {
    const yard = { windMetresPerSecond: null, revision: 0, place: 'yard', source: 'typed' } as const;
    await db.records('climateReadings').bulkPut([
      { ...sample(NOW), ...yard, id: 'y-now', kind: 'measured' },
      { ...sample(NOW + HOUR), ...yard, id: 'y-ahead', kind: 'forecast' },
    ]);
    await keepClimate(db, { device: 'x', readings: [sample(NOW - 2 * HOUR)], forecast: [sample(NOW + 2 * HOUR)] }, NOW);
    await keepClimate(db, { device: 'x', readings: [], forecast: [] }, NOW);
    expect(await kept()).toEqual([`m-${NOW - 2 * HOUR}`, 'y-now', 'y-ahead']);
    const asked: string[] = [];
    vi.stubGlobal('fetch', (url: string) => {
      asked.push(url);
      return Promise.resolve(Response.json({ device: 'x', readings: [], forecast: [] }));
    });
    await fetchClimate(NOW, db, new AbortController().signal);
    expect(asked).toEqual([`/api/climate?from=${NOW - 2 * HOUR + 1}&to=${NOW}`]);
  });
  it('that a garage cannot have are dropped, the others kept', async () => {
    await keepClimate(
      db,
      {
        device: 'x',
        readings: [sample(NOW - HOUR, 900), { ...sample(NOW), relativeHumidityPercent: Number.NaN }, sample(NOW - 2 * HOUR)],
        forecast: [],
      },
      NOW,
    );
    expect(await kept()).toEqual([`m-${NOW - 2 * HOUR}`]);
  });
  it('of long ago make room', async () => {
    await keepClimate(db, { device: 'x', readings: [sample(NOW - 100 * 24 * HOUR)], forecast: [] }, NOW - 100 * 24 * HOUR);
    await keepClimate(db, { device: 'x', readings: [sample(NOW)], forecast: [] }, NOW);
    expect(await kept()).toEqual([`m-${NOW}`]);
  });
  it('are asked for since the last one, at most a week back', async () => {
    const asked: string[] = [];
    vi.stubGlobal('fetch', (url: string) => {
      asked.push(url);
      return Promise.resolve(Response.json({ device: 'x', readings: [], forecast: [] }));
    });
    const signal = new AbortController().signal;
    await fetchClimate(NOW, db, signal);
    await keepClimate(db, { device: 'x', readings: [sample(NOW - HOUR)], forecast: [sample(NOW + HOUR)] }, NOW);
    await fetchClimate(NOW, db, signal);
    expect(asked).toEqual([`/api/climate?from=${NOW - 7 * 24 * HOUR}&to=${NOW}`, `/api/climate?from=${NOW - HOUR + 1}&to=${NOW}`]);
  });
  it('that are nonsense or refused are an error, not readings', async () => {
    const signal = new AbortController().signal;
    vi.stubGlobal('fetch', () => Promise.resolve(Response.json({ hello: 'world' })));
    await expect(fetchClimate(NOW, db, signal)).rejects.toThrow('nonsense');
    vi.stubGlobal('fetch', () => Promise.resolve(new Response('', { status: 503 })));
    await expect(fetchClimate(NOW, db, signal)).rejects.toThrow('503');
  });
});

describe('the shop’s clock', () => {
  it('runs on from the moment it was set to, and tells who listens', () => {
    let wall = 1000;
    const clock = createShopClock(() => wall);
    let told = 0;
    const stop = clock.subscribe(() => (told += 1));
    clock.setOffset(500);
    wall = 1200;
    expect([clock.now(), clock.offsetMs(), told]).toEqual([1700, 500, 1]);
    stop();
    clock.setOffset(0);
    expect([clock.now(), told]).toEqual([1200, 1]);
  });
});

describe('grouping', () => {
  it('keeps the order of keys and of items', () => {
    expect([...groupBy(['b1', 'a1', 'b2'], (name) => name[0])]).toEqual([
      ['b', ['b1', 'b2']],
      ['a', ['a1']],
    ]);
  });
});
