import { chromium } from '@playwright/test';

/** Takes the pictures of docs/screenshots anew from a demo server that runs already: node tools/screenshots.mjs [address] [name…] */
const [base = 'http://127.0.0.1:4310', ...only] = process.argv.slice(2);
const folder = new URL('../docs/screenshots/', import.meta.url).pathname;
const DESK = { width: 1280, height: 800 };

/** The plan once its search is over and its chance is reckoned. */
async function odds(page) {
  await page.getByRole('region', { name: 'What to count on' }).waitFor({ timeout: 60_000 });
  // The chance of an early plan is told before the search is over.
  await page.waitForTimeout(12_000);
}
async function helps(page) {
  await odds(page);
  await page.getByRole('button', { name: 'Try it out' }).click();
  await page.getByRole('button', { name: 'Try again' }).waitFor({ timeout: 180_000 });
  await page.getByRole('region', { name: 'What would help' }).scrollIntoViewIfNeeded();
}

/** The mesh once it is drawn. */
async function drawn(page) {
  await page.getByRole('application').waitFor();
  await page.waitForTimeout(3500);
}

const SHOTS = [
  ['bench', '/bench'],
  // The footer tells when it is ready: by the plan that is left when the search is over.
  ['ladders', '/ladders/lantern', async (page) => page.waitForTimeout(8000)],
  ['ladder-open', '/ladders/lantern/lantern-tank?rung=lantern-tank-21'],
  ['plan', '/plan', odds],
  ['plan-what-helps', '/plan', helps],
  [
    'plan-week',
    '/plan',
    async (page) => {
      await helps(page);
      await page.getByRole('button', { name: /^Do it: Hands on Sun/u }).click();
      await page.getByRole('radio', { name: 'Week' }).click();
      await page.waitForTimeout(6000);
      await odds(page);
      await page.getByRole('region', { name: 'Ready' }).scrollIntoViewIfNeeded();
    },
  ],
  [
    'plan-drill',
    '/plan',
    async (page) => {
      await odds(page);
      await page.getByRole('combobox', { name: 'Shown' }).selectOption({ label: 'Tide telegraph' });
      await page.getByRole('radio', { name: 'Against the clock' }).click();
      await page.getByRole('combobox', { name: 'Would one more fit?' }).selectOption({ label: 'Knob' });
      await page.getByRole('button', { name: 'Drill it' }).click();
      await page.getByRole('region', { name: 'What came of the drill' }).waitFor({ timeout: 120_000 });
    },
  ],
  ['surface', '/surface/telegraph-case', drawn],
  ['fittings', '/fittings/cuff', async (page) => page.waitForTimeout(1500)],
  ['colour', '/colour/mix/target-green', async (page) => page.waitForTimeout(2500)],
  ['match', '/references/lantern/match/match-1', async (page) => page.waitForTimeout(3000)],
  ['references', '/references/lantern/picture-hall', async (page) => page.waitForTimeout(1500)],
  [
    'ladder-record',
    '/ladders/lantern/lantern-base',
    async (page) => {
      await page.getByRole('tab', { name: 'Record' }).click();
      const strip = page.getByRole('region', { name: 'Photographs along time' });
      await strip.getByRole('listitem').first().getByRole('button').first().click();
      await strip.getByRole('listitem').last().getByRole('button').first().click();
      await strip.getByRole('button', { name: 'Under a line' }).click();
      await page.waitForTimeout(1500);
    },
  ],
  [
    'weather',
    '/weather/lantern-cap',
    async (page) => {
      await drawn(page);
      await page.getByRole('button', { name: /Verdigris \d/u }).waitFor({ timeout: 30_000 });
      await page.waitForTimeout(2500);
    },
  ],
  [
    'weather-steer',
    '/weather/lantern-base/steer?pass=lantern-base-w2',
    async (page) => {
      await page.getByText('One more, light').waitFor({ timeout: 40_000 });
      await page.getByRole('combobox', { name: /of those there are/u }).selectOption({ label: 'Base after sponge stipple' });
      await page.waitForTimeout(1000);
    },
  ],
  ['log', '/log'],
  ['lights', '/lights/lantern', async (page) => page.waitForTimeout(1500)],
  ['shelf', '/shelf/needs', async (page) => page.waitForTimeout(6000)],
];

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--use-angle=swiftshader',
    '--enable-unsafe-swiftshader',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
async function take(name, path, act, options) {
  if (only.length > 0 && !only.includes(name)) return;
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
await browser.close();
