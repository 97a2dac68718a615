import { defineConfig } from '@playwright/test';

const server = (port: number, ...flags: string[]) => ({
  command: `../node_modules/.bin/tsx --tsconfig ../tsconfig.run.json ../server/src/main.ts --port ${port} ${flags.join(' ')}`,
  url: `http://127.0.0.1:${port}/api/health`,
  reuseExistingServer: false,
  timeout: 60_000,
});

export default defineConfig({
  testDir: '.',
  outputDir: '../.cache/test-results',
  fullyParallel: true,
  workers: 2,
  retries: process.env['CI'] ? 1 : 0,
  timeout: 120_000,
  expect: { timeout: 20_000 },
  reporter: [['list'], ...(process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ? [['json'] as const] : [])],
  use: {
    browserName: 'chromium',
    locale: 'en-GB',
    timezoneId: 'Europe/Copenhagen',
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        // Meshes are drawn by software where there is no graphics card.
        '--use-angle=swiftshader',
        '--enable-unsafe-swiftshader',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // A name that is not this machine's own: pages under it are no secure context, as on a plain network address.
        '--host-resolver-rules=MAP zinc.test 127.0.0.1',
      ],
    },
  },
  webServer: [server(4398), server(4399, '--demo', '--allow-host', 'zinc.test')],
});
