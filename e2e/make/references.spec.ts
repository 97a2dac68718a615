import { readFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import { expect, test } from '@playwright/test';
import { openDemo } from '../shops';

/** Presses on a place of the picture, as shares of its sides. */
async function pointAt(page: Page, x: number, y: number): Promise<void> {
  const picture: Locator = page.getByRole('application');
  const box = await picture.boundingBox();
  if (!box) throw new Error('no picture');
  await page.mouse.click(box.x + x * box.width, box.y + y * box.height);
}

test('the lantern’s height comes off its pictures, the one that disagrees is named and set aside, and undo counts it again', async ({
  page,
}) => {
  await openDemo(page, '/references/lantern');
  const dimensions = page.getByRole('region', { name: 'Dimensions' });
  const height = dimensions.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'height, foot to cap' }) });
  await expect(height.getByText('disagrees with the others')).toBeVisible();
  await height.getByRole('button', { name: 'Set aside: Night still for height, foot to cap' }).click();
  await expect(height.getByText('disagrees with the others')).toBeHidden();
  await expect(height.getByText('Night still: set aside')).toBeVisible();
  // 276 pixels at 76 mm to 59: 355.5 mm is what the script drew.
  await expect(height.getByRole('button', { name: /why height/u })).toHaveText(/^35[3-8](\.\d)? mm \(/u);
  await expect(page.getByRole('region', { name: 'Scale' })).toContainText(/Scale the mesh to (109|110|111)\.\d %/u);
  await page.getByRole('button', { name: 'Undo', exact: false }).first().click();
  await expect(height.getByText('disagrees with the others')).toBeVisible();
});

test('a new dimension is marked by mouse and by keys, and comes out over the picture', async ({ page }) => {
  await openDemo(page, '/references/lantern/picture-hall');
  const dimensions = page.getByRole('region', { name: 'Dimensions' });
  await dimensions.getByLabel('Another dimension').fill('band');
  await dimensions.getByRole('button', { name: 'Add', exact: true }).click();
  await dimensions.getByRole('button', { name: 'Mark it here: band' }).click();
  await expect(page.getByRole('application')).toBeFocused();
  await pointAt(page, 0.38, 0.68);
  // The cross stands where the mouse was: a hundred and twenty steps on is a fifth of the picture to the right, and a little.
  for (let step = 0; step < 8; step += 1) await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Enter');
  const band = dimensions.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'band' }) });
  // 0.24 of 480 pixels at 76 mm to 59.
  await expect(band.getByRole('button', { name: 'Why band' })).toHaveText(/^14[7-9](\.\d)? mm/u);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the sheet (SVG)' }).click();
  const svg = readFileSync(await (await saved).path(), 'utf8');
  expect(svg).toContain('height, foot to cap');
  expect(svg).toContain('band 14');
  const png = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the sheet (PNG)' }).click();
  const bytes = readFileSync(await (await png).path());
  expect([bytes.readUInt32BE(16), bytes.subarray(1, 4).toString()]).toEqual([480, 'PNG']);
});

test('a build report comes out as one page that opens by itself, with the chosen sections and without the shop', async ({
  page,
  context,
}) => {
  await openDemo(page, '/ladders/lantern');
  await page.getByRole('button', { name: 'Change prop' }).click();
  const report = page.getByRole('region', { name: 'Build report' });
  await report.getByLabel('What to do better').click();
  await report.getByLabel("Leave the shop's name out").click();
  const saved = page.waitForEvent('download');
  await report.getByRole('button', { name: 'Save the report (HTML)' }).click();
  const file = await (await saved).path();
  const opened = await context.newPage();
  const asked: string[] = [];
  opened.on('request', (request) => asked.push(request.url()));
  await opened.setContent(readFileSync(file, 'utf8'));
  await expect(opened.getByRole('heading', { level: 1, name: 'Storm lantern No. 9' })).toBeVisible();
  await expect(opened.getByRole('heading', { name: 'Parts as they were climbed' })).toBeVisible();
  await expect(opened.getByRole('heading', { name: 'What to do better' })).toBeHidden();
  await expect(opened.getByText('Garage by the quay')).toBeHidden();
  expect(await opened.evaluate(() => [...document.images].every((image) => image.naturalWidth > 0))).toBe(true);
  expect(asked.filter((url) => !url.startsWith('data:'))).toEqual([]);
});
