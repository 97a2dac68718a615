import { expect, test } from '@playwright/test';
import { DEMO, EMPTY, openDemo, pressStart } from '../shops';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

test('the bench on a phone: gloved targets, nothing off the side, a rung set down and another logged', async ({ page }) => {
  await openDemo(page);
  for (const name of [/^Done: log/u, /^Set down$/u, /^Note$/u, /^Correct$/u]) {
    const box = await page.getByRole('button', { name }).boundingBox();
    expect(box?.height, String(name)).toBeGreaterThanOrEqual(48);
  }
  for (const link of await page.getByRole('navigation', { name: 'Views' }).getByRole('link').all())
    expect((await link.boundingBox())?.height).toBeGreaterThanOrEqual(48);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.getByRole('button', { name: 'Set down' }).tap();
  await expect(page.getByRole('timer')).toHaveCount(0);
  await page.getByRole('button', { name: /^Take in hand/u }).tap();
  await expect(page.getByRole('timer')).toBeVisible();
  await page.getByRole('button', { name: 'Correct' }).tap();
  await page.getByLabel('Minutes so far').fill('9');
  await page.getByLabel('Minutes so far').press('Enter');
  await page.getByRole('button', { name: 'Done: log 9 min' }).tap();
  await expect(page.getByText(/logged/u).first()).toBeVisible();
});

test('every view fits a phone', async ({ page }) => {
  await openDemo(page);
  for (const name of ['Ladders', 'Plan', 'Surface', 'Colour', 'Shelf', 'Log', 'Shop']) {
    await page.getByRole('link', { name, exact: true }).tap();
    await expect(page.getByRole('main')).not.toBeEmpty();
    await page.waitForTimeout(400);
    expect(await page.evaluate(() => document.documentElement.scrollWidth), name).toBeLessThanOrEqual(390);
  }
  for (const tab of ['inspect', 'sand', 'bond', 'mix']) {
    await page.goto(`${DEMO}/surface/lantern-tank/${tab}`);
    await page.getByRole('navigation', { name: 'Of this surface' }).waitFor();
    await page.waitForTimeout(400);
    expect(await page.evaluate(() => document.documentElement.scrollWidth), tab).toBeLessThanOrEqual(390);
  }
});

test('at 320 pixels, as a page is at four times its size, nothing has to be scrolled sideways (WCAG 2.2, 1.4.10)', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 844 });
  await openDemo(page, '/shop/places');
  await page.getByRole('combobox', { name: 'Units' }).selectOption('us');
  await expect(page.getByRole('button', { name: /^Undo/u })).toBeVisible();
  const paths = [
    'bench',
    'plan',
    'ladders/lantern/lantern-tank?rung=lantern-tank-21',
    'surface/telegraph-case/sand',
    'surface/telegraph-case/inspect',
    'colour/mix/target-green',
    'colour/cards',
    'references/lantern/picture-hall',
    'weather/lantern-cap',
    'shelf',
    'log',
    'shop/hours',
    'shop/products',
    'fittings/cuff',
    'lights/lantern',
  ];
  for (const path of paths) {
    await page.goto(`${DEMO}/${path}`);
    await expect(page.getByRole('main')).not.toBeEmpty();
    await page.waitForTimeout(600);
    expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(320);
    // Fitting is not enough: words need a column they can be read in.
    if (path === 'log') {
      const words = await page.getByRole('article').first().getByRole('heading').boundingBox();
      expect(words?.width).toBeGreaterThan(90);
    }
  }
});

test('names of one long word run off no side, and cover no figure', async ({ page }) => {
  const word = 'Schulterklappenhalterungsabdeckungsverschraubungsschablone';
  await page.goto(EMPTY);
  await pressStart(page);
  await page.getByLabel('Hands').selectOption({ label: 'Whenever I can, early to late' });
  await page.getByLabel('Prop', { exact: true }).fill(`P${word}`);
  await page.getByLabel('Part', { exact: true }).fill(word);
  await page.getByRole('button', { name: 'Grow its ladder, to the bench' }).click();
  await expect(page.getByRole('heading', { name: `${word}: cut` })).toBeVisible();
  for (const width of [1280, 390]) {
    await page.setViewportSize({ width, height: 800 });
    for (const path of ['bench', 'ladders', 'plan']) {
      await page.goto(`${EMPTY}/${path}`);
      await expect(page.getByRole('main')).toContainText(word);
      if (path === 'plan') await expect(page.getByText('Even odds by')).toBeVisible();
      await page.waitForTimeout(400);
      const isWide = (edge: number): boolean =>
        document.documentElement.scrollWidth > edge ||
        [...document.querySelectorAll('main section')].some((section) => section.getBoundingClientRect().right > edge);
      expect(await page.evaluate(isWide, width), `${path} at ${width}`).toBe(false);
    }
  }
});
