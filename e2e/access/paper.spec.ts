import type { Page } from '@playwright/test';
import { expect, test } from '@playwright/test';
import { DEMO, openDemo } from '../shops';

/** Points of a page, 72 an inch (PDF 32000-1, 8.3.2.3). */
const A4 = [595, 842] as const;
const LETTER = [612, 792] as const;

/** Width and height of each page of a PDF, whole points. */
function pagesOf(pdf: Buffer): (readonly [number, number])[] {
  const plain = pdf.toString('latin1');
  return [...plain.matchAll(/\/Type\s*\/Page\b[^s][\s\S]*?\/MediaBox\s*\[([^\]]+)\]/gu)].map((found) => {
    const [left = 0, bottom = 0, right = 0, top = 0] = (found[1] ?? '').trim().split(/\s+/u).map(Number);
    return [Math.round(right - left), Math.round(top - bottom)] as const;
  });
}

/** The page on the paper it names itself. */
async function onItsPaper(page: Page): Promise<(readonly [number, number])[]> {
  await page.waitForFunction(() => (globalThis as { isPrinted?: boolean }).isPrinted === true);
  return pagesOf(await page.pdf({ preferCSSPageSize: true }));
}

test.beforeEach(async ({ page }) => {
  // The browser's own dialog would wait for a hand.
  await page.addInitScript(() => Object.assign(globalThis, { print: () => Object.assign(globalThis, { isPrinted: true }) }));
});

test('a week of the plan is one page of A4 or letter, its long side across', async ({ page }) => {
  await openDemo(page, '/plan');
  await page.getByRole('radio', { name: 'Week' }).click();
  await expect(page.getByRole('button', { name: 'Print', exact: true })).toBeVisible();
  for (const [format, [short, long]] of [
    ['A4', A4],
    ['Letter', LETTER],
  ] as const) {
    const pages = pagesOf(
      await page.pdf({ format, landscape: true, margin: { top: '10mm', bottom: '10mm', left: '10mm', right: '10mm' } }),
    );
    expect(pages).toHaveLength(1);
    // The browser rounds its own papers up to whole points.
    expect(Math.abs((pages[0]?.[0] ?? 0) - long)).toBeLessThanOrEqual(1);
    expect(Math.abs((pages[0]?.[1] ?? 0) - short)).toBeLessThanOrEqual(1);
  }
});

test('stencils come out at their true size on the paper that was chosen, one sheet a page, none blank, nothing of the page around them', async ({
  page,
}) => {
  await openDemo(page, '/ladders/telegraph/telegraph-face');
  await page.getByRole('tab', { name: 'Masks' }).click();
  await page.getByLabel('It measures, mm').fill('250');
  await page.getByRole('button', { name: 'Size it' }).click();
  await expect(page.getByText('2 sheets', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Print', exact: true }).click();
  await page.waitForFunction(() => (globalThis as { isPrinted?: boolean }).isPrinted === true);
  await page.emulateMedia({ media: 'print' });
  const sheets = page.locator('.sheets-on-paper img');
  await expect(sheets).toHaveCount(2);
  // 96 px an inch: 210 mm are 793.7 px.
  for (const width of await sheets.evaluateAll((images) => images.map((image) => image.getBoundingClientRect().width)))
    expect(width).toBeCloseTo((210 / 25.4) * 96, 0);
  await expect(page.getByRole('tab', { name: 'Masks' })).toBeHidden();
  await page.emulateMedia({ media: null });
  // Once it is on paper, the page is as it was.
  expect(await onItsPaper(page)).toEqual([A4, A4]);
  await expect(sheets).toHaveCount(0);
  await page.evaluate(() => Object.assign(globalThis, { isPrinted: false }));
  await page.getByLabel('Paper').selectOption('letter');
  await page.getByRole('button', { name: 'Print', exact: true }).click();
  const pages = await onItsPaper(page);
  expect(pages.length).toBeGreaterThan(0);
  for (const size of pages) expect(size).toEqual(LETTER);
});

test('cards go onto the paper that is usual where the shop counts so', async ({ page }) => {
  await openDemo(page, '/colour/palettes');
  await page.getByRole('button', { name: 'Print', exact: true }).click();
  expect(await onItsPaper(page)).toEqual([A4, A4]);
  await page.goto(`${DEMO}/shop/places`);
  await page.getByRole('combobox', { name: 'Units' }).selectOption('us');
  await expect(page.getByRole('button', { name: /^Undo Change/u })).toBeEnabled();
  await page.goto(`${DEMO}/colour/palettes`);
  await page.getByRole('button', { name: 'Print', exact: true }).click();
  expect(await onItsPaper(page)).toEqual([LETTER, LETTER]);
});

/** What `count` finds in the page as it goes onto paper, after everything that listens has drawn. */
async function onPaper(page: Page, selector: string): Promise<number> {
  await page.evaluate((what) => {
    addEventListener('beforeprint', () => Object.assign(globalThis, { drawn: document.querySelectorAll(what).length }), { once: true });
  }, selector);
  await page.pdf({ preferCSSPageSize: true });
  return page.evaluate(() => (globalThis as { drawn?: number }).drawn ?? 0);
}

test('what is drawn only where it is in sight is whole on paper: the log, the plan and its list, the ladders', async ({ page }) => {
  await page.setViewportSize({ width: 1024, height: 420 });
  await openDemo(page, '/log');
  // The log is read last; until then it has none.
  const list = page.getByRole('region', { name: /^[1-9]\d* entries, newest first$/u });
  await expect(list.getByRole('listitem').first()).toBeVisible();
  const all = Number.parseInt((await list.getAttribute('aria-label')) ?? '', 10);
  expect(await list.getByRole('listitem').count()).toBeLessThan(all);
  expect(await onPaper(page, 'main ol > li')).toBe(all);
  await expect.poll(() => list.getByRole('listitem').count()).toBeLessThan(all);

  await page.goto(`${DEMO}/ladders/lantern`);
  await expect(page.getByRole('group', { name: /^Ladders;/u })).toBeVisible();
  expect(await onPaper(page, 'main section [data-grid$=".0"]')).toBe(7);

  await page.goto(`${DEMO}/plan`);
  await expect(page.getByRole('region', { name: 'Ready' })).toBeVisible();
  const rows = 'svg g > text.font-sans';
  const inSight = await page.locator(rows).count();
  expect(await onPaper(page, rows)).toBeGreaterThan(inSight);
  await page.getByRole('radio', { name: 'List' }).click();
  const days = page.getByRole('region', { name: /^Plan by day/u });
  const shown = await days.locator('section').count();
  expect(await onPaper(page, 'main [aria-label^="Plan by day"] section')).toBeGreaterThan(shown);
});

test('no page that comes out of a view is empty: the plan is its picture and what is told of it', async ({ page }) => {
  await openDemo(page, '/plan');
  await expect(page.getByRole('region', { name: 'Ready' })).toBeVisible();
  // The picture had the third page to itself, behind a heading and an empty one.
  await page.emulateMedia({ media: 'print' });
  await page.evaluate(() => dispatchEvent(new Event('beforeprint')));
  const picture = await page
    .getByRole('group', { name: /^Plan\. Plus and minus/u })
    .locator('svg')
    .first()
    .boundingBox();
  // A millimetre is 3.78 px: what A4 has across and down within its margins.
  expect(picture?.height ?? 9999).toBeLessThanOrEqual(190 * 3.78);
  expect(picture?.y ?? 9999).toBeLessThanOrEqual(25 * 3.78);
});
