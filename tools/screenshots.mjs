import { chromium } from '@playwright/test';

/** Takes the pictures of docs/screenshots anew from a demo server that runs already: node tools/screenshots.mjs [address] */
const base = process.argv[2] ?? 'http://127.0.0.1:4310';
const folder = new URL('../docs/screenshots/', import.meta.url).pathname;
const DESK = { width: 1280, height: 800 };

const SHOTS = [
  ['bench', '/bench'],
  ['ladders', '/ladders/lantern'],
  ['ladder-open', '/ladders/lantern/lantern-tank?rung=lantern-tank-21'],
  ['part-new', '/ladders/telegraph', async (page) => page.getByRole('button', { name: 'Add part' }).click()],
  ['plan', '/plan'],
  ['plan-list', '/plan', async (page) => page.getByRole('radio', { name: 'List' }).click()],
  ['colour', '/colour/card-green-3'],
  ['log', '/log'],
  ['shop-hours', '/shop/hours'],
  ['shop-air', '/shop/air'],
  ['shop-products', '/shop/products', async (page) => page.getByRole('button', { name: /^Signal blue enamel/u }).click()],
  ['shop-files', '/shop/files'],
];

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
async function take(name, path, act, options) {
  const context = await browser.newContext({ viewport: DESK, locale: 'en-GB', timezoneId: 'Europe/Copenhagen', ...options });
  const page = await context.newPage();
  await page.goto(base);
  await page.getByRole('timer').waitFor();
  await page.goto(base + path);
  await page.waitForTimeout(1200);
  await act?.(page);
  await page.waitForTimeout(700);
  await page.screenshot({ path: `${folder}${name}.png` });
  await context.close();
}
for (const [name, path, act] of SHOTS) await take(name, path, act, {});
await take('bench-phone', '/bench', undefined, { viewport: { width: 390, height: 844 } });
await take('bench-evening', '/bench', undefined, { colorScheme: 'dark' });
await browser.close();
