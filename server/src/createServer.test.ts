import { mkdtempSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import type { Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createServer } from './createServer';

let server: Server;
let base = '';

beforeAll(async () => {
  const appFolder = mkdtempSync(join(tmpdir(), 'zinc-app-'));
  writeFileSync(join(appFolder, 'index.html'), '<title>Zinc Ladder</title>');
  server = createServer({ appFolder, demoFolder: null }).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => new Promise((resolve) => server.close(resolve)));

describe('the server', () => {
  it('is well', async () => expect(await (await fetch(`${base}/api/health`)).json()).toEqual({ status: 'ok', demo: false }));
  it('lets no inline or foreign script run, and no frame hold it', async () => {
    const policy = (await fetch(base)).headers.get('content-security-policy') ?? '';
    expect(policy).toContain("script-src 'self'");
    expect(/script-src[^;]*unsafe/u.test(policy)).toBe(false);
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).toContain("connect-src 'self'");
    expect(policy).toContain("object-src 'none'");
  });
  it('hides what it is made of and keeps types as they are', async () => {
    const { headers } = await fetch(base);
    expect(headers.get('x-powered-by')).toBeNull();
    expect(headers.get('x-content-type-options')).toBe('nosniff');
  });
  it('gives the page for every view and a 404 for an unknown device', async () => {
    expect(await (await fetch(`${base}/ladders/any/part`)).text()).toContain('Zinc Ladder');
    expect((await fetch(`${base}/api/teapot`)).status).toBe(404);
  });
});

describe('the simulated climate sensor', () => {
  const FROM = Date.UTC(2026, 4, 28, 12);
  const ask = async (query: string) => fetch(`${base}/api/climate?${query}`);
  it('answers the same for the same moments, readings in order within the span, forecast after it', async () => {
    const query = `from=${FROM}&to=${FROM + 3_600_000}`;
    const first = (await (await ask(query)).json()) as {
      readings: { atMs: number; relativeHumidityPercent: number }[];
      forecast: { atMs: number }[];
    };
    expect(await (await ask(query)).json()).toEqual(first);
    expect(first.readings.map((reading) => reading.atMs)).toEqual([0, 15, 30, 45, 60].map((minute) => FROM + minute * 60_000));
    expect(first.forecast).toHaveLength(72);
    expect(Math.min(...first.forecast.map((hour) => hour.atMs))).toBeGreaterThan(FROM + 3_600_000);
    for (const reading of first.readings) expect(reading.relativeHumidityPercent).toBeLessThanOrEqual(98);
  });
  it.each(['', 'from=1', 'from=x&to=2', `from=${FROM}&to=${FROM - 1}`, `from=0&to=${FROM}`, 'from=-5&to=5'])(
    'refuses "%s" with a reason',
    async (query) => {
      const response = await ask(query);
      expect(response.status).toBe(400);
      expect(((await response.json()) as { error: string }).error.length).toBeGreaterThan(10);
    },
  );
});

describe('the simulated colour reader and scale', () => {
  const ask = async (path: string) => fetch(`${base}/api/${path}`);
  it('read near what lies on them, the same again for the same seed', async () => {
    const first = (await (await ask('reader?swatch=36,-13,5&count=3&seed=4')).json()) as { device: string; readings: { lab: number[] }[] };
    expect(first.readings).toHaveLength(3);
    for (const { lab } of first.readings) expect(Math.abs((lab[0] ?? 0) - 36)).toBeLessThan(3);
    expect(await (await ask('reader?swatch=36,-13,5&count=3&seed=4')).json()).toEqual(first);
    expect(await (await ask('scale?grams=187.3&seed=2')).json()).toMatchObject({ device: 'simulated scale' });
  });
  it.each([
    'reader',
    'reader?swatch=36,-13',
    'reader?swatch=360,0,0',
    'reader?swatch=36,0,0&count=0',
    'reader?swatch=36,0,0&seed=x',
    'scale',
    'scale?grams=-1',
    'scale?grams=5&seed=0.5',
  ])('refuse "%s" with a reason', async (path) => {
    const response = await ask(path);
    expect(response.status).toBe(400);
    expect(((await response.json()) as { error: string }).error.length).toBeGreaterThan(10);
  });
});
