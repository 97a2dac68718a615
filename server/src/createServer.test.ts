import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import type { Server } from 'node:http';
import { get } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createServer } from './createServer';
import { reachWords } from './reachWords';

let server: Server;
let base = '';

beforeAll(async () => {
  const appFolder = mkdtempSync(join(tmpdir(), 'zinc-app-'));
  writeFileSync(join(appFolder, 'index.html'), '<title>Zinc Ladder</title>');
  mkdirSync(join(appFolder, 'assets'));
  writeFileSync(join(appFolder, 'assets', 'app.js'), `// ${'long '.repeat(2000)}`);
  server = createServer({
    appFolder,
    demoFolder: appFolder,
    startsOnDemo: true,
    hasSimulatedDevices: true,
    host: '127.0.0.1',
    allowedHosts: ['shed.local'],
  }).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => new Promise((resolve) => server.close(resolve)));

describe('the server', () => {
  it('is well', async () =>
    expect(await (await fetch(`${base}/api/health`)).json()).toEqual({ status: 'ok', demo: true, devices: 'simulated' }));
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

describe('what is asked for wrongly', () => {
  /** `fetch` sets the host itself; a plain request lets it be anything. */
  const askAs = (host: string, path = '/api/health') =>
    new Promise<{ status: number; body: string }>((resolve, reject) => {
      const { port } = server.address() as AddressInfo;
      get({ host: '127.0.0.1', port, path, headers: { host } }, (response) => {
        let body = '';
        response.on('data', (piece: Buffer) => (body += piece.toString()));
        response.on('end', () => resolve({ status: response.statusCode ?? 0, body }));
      }).on('error', reject);
    });
  it('under a foreign name is refused: a page elsewhere may point its name here', async () => {
    expect((await askAs('evil.example')).status).toBe(421);
    expect((await askAs('evil.example:4310')).status).toBe(421);
    expect((await askAs('192.168.1.5')).status).toBe(421);
    for (const own of ['localhost:4310', '127.0.0.1', '[::1]:4310', 'shed.local', 'SHED.local:80'])
      expect((await askAs(own)).status, own).toBe(200);
  });
  it.each(['/assets/gone-1234.js', '/gone.png', '/demo/gone.zip', '/assets/none', '/ladders/thing.exe'])(
    '%s is 404, not the page',
    async (path) => {
      const response = await fetch(`${base}${path}`);
      expect(response.status).toBe(404);
      expect(response.headers.get('content-type')).toContain('json');
    },
  );
  it.each(['/%E0%A4%A', '/demo/%E0%A4%A', '/demo/..%2f..%2fetc%2fpasswd', '/assets/%00', `/${'x'.repeat(9000)}.png`])(
    '%s tells neither path nor stack',
    async (path) => {
      const { status, body } = await askAs('localhost', path);
      expect(status).toBeGreaterThanOrEqual(400);
      expect(status).toBeLessThan(500);
      expect(body).not.toMatch(/node_modules|at .*\.[jt]s|\/tmp\/|Error:/u);
    },
  );
  it('is answered packed where the browser takes it', async () => {
    const response = await fetch(`${base}/assets/app.js`, { headers: { 'accept-encoding': 'gzip' } });
    expect(response.headers.get('content-encoding')).toBe('gzip');
  });
});

describe('a server without simulated devices', () => {
  it('has none, and says so; the demo is there for whoever asks, but no browser starts on it', async () => {
    const demoFolder = mkdtempSync(join(tmpdir(), 'zinc-demo-'));
    writeFileSync(join(demoFolder, 'demo.zip'), 'packed');
    const bare = createServer({
      appFolder: '/nowhere',
      demoFolder,
      startsOnDemo: false,
      hasSimulatedDevices: false,
      host: '0.0.0.0',
      allowedHosts: [],
    }).listen(0, '127.0.0.1');
    await new Promise((resolve) => bare.once('listening', resolve));
    const at = `http://127.0.0.1:${(bare.address() as AddressInfo).port}`;
    expect(await (await fetch(`${at}/api/health`)).json()).toEqual({ status: 'ok', demo: false, devices: 'none' });
    expect((await fetch(`${at}/api/climate?from=1&to=2`)).status).toBe(404);
    expect((await fetch(`${at}/api/scale?grams=5`)).status).toBe(404);
    expect(await (await fetch(`${at}/demo/demo.zip`)).text()).toBe('packed');
    await new Promise((resolve) => bare.close(resolve));
  });
  it('tells in one line who can reach it, and nothing on the loopback address', () => {
    const interfaces = { eth0: [{ address: '192.168.1.20', family: 'IPv4', internal: false }] } as never;
    expect(reachWords('127.0.0.1', 4310, interfaces)).toBeNull();
    expect(reachWords('0.0.0.0', 4310, interfaces)).toContain('http://192.168.1.20:4310, without a password');
    expect(reachWords('shed.local', 80, interfaces)).toContain('http://shed.local:80');
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
