import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, test } from '@playwright/test';
import { DEMO, openDemo } from '../shops';

async function save(page: Page, name: string): Promise<Buffer> {
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name }).click()]);
  return readFileSync(await download.path());
}
/** A saved project without the moment it was saved at. */
function content(bytes: Buffer): unknown {
  return { ...(JSON.parse(bytes.toString()) as Record<string, unknown>), savedAtMs: 0 };
}

test('save, empty, open again: everything is as it was', async ({ page }) => {
  await openDemo(page, '/shop/files');
  // Readings come in by themselves; the typical day keeps the two files comparable.
  await page.goto(`${DEMO}/shop/air`);
  await page.getByLabel('Known from').selectOption('typical');
  await expect(page.getByText('Shop air')).toBeVisible();
  await page.goto(`${DEMO}/shop/files`);
  const before = content(await save(page, 'Save records (JSON)'));
  const zip = await save(page, 'Save everything (zip)');
  await page.getByRole('button', { name: 'Empty the shop' }).click();
  await page.getByRole('button', { name: 'Empty it' }).click();
  await expect(page.getByRole('button', { name: 'Start my shop' })).toBeVisible();
  await page.getByLabel('Open a file').setInputFiles({ name: 'shop.zip', mimeType: 'application/zip', buffer: zip });
  await expect(page.getByRole('navigation', { name: 'Views' })).toBeVisible();
  await page.goto(`${DEMO}/shop/files`);
  expect(content(await save(page, 'Save records (JSON)'))).toEqual(before);
  await page.goto(`${DEMO}/colour/cards/card-green-1`);
  await expect(page.getByRole('img', { name: 'Picture of Band green, first try' })).toBeVisible();
});

test('an emptied shop comes back by undo', async ({ page }) => {
  await openDemo(page, '/shop/files');
  await page.getByRole('button', { name: 'Empty the shop' }).click();
  await page.getByRole('button', { name: 'Empty it' }).click();
  await page.getByRole('button', { name: 'Undo: Empty the shop' }).click();
  await expect(page.getByRole('heading', { name: 'Start over' })).toBeVisible();
});

for (const [what, body, words] of [
  ['truncated', '{"format":"zinc-ladder-project","version":1,"shop":{', 'this is not complete JSON'],
  ['of another kind', '{"hello":"world"}', 'must be "zinc-ladder-project"'],
  ['from the future', '{"format":"zinc-ladder-project","version":99}', 'this program reads up to'],
  ['full of faults', '{"format":"zinc-ladder-project","version":1,"props":[{"id":"<script>","name":5}]}', 'props[0].name'],
] as const) {
  test(`a file that is ${what} is refused with the reason, and nothing is lost`, async ({ page }) => {
    await openDemo(page, '/shop/files');
    await page.getByLabel('Open a file').setInputFiles({ name: 'bad.json', mimeType: 'application/json', buffer: Buffer.from(body) });
    await expect(page.getByText('The file was not taken').first()).toBeVisible();
    await expect(page.getByText(words, { exact: false }).first()).toBeVisible();
    await page.goto(`${DEMO}/ladders`);
    await expect(page.getByText('7 ladders · 114 rungs')).toBeVisible();
  });
}

test('a merge is told before it is done and undone after', async ({ page }) => {
  await openDemo(page, '/shop/files');
  const zip = await save(page, 'Save everything (zip)');
  await page.getByLabel('Open a file').setInputFiles({ name: 'same.zip', mimeType: 'application/zip', buffer: zip });
  await page.getByRole('button', { name: 'Merge' }).click();
  await expect(page.getByText('nothing was changed').first()).toBeVisible();
  // Then something is different from the file.
  await page.goto(`${DEMO}/bench`);
  await page.getByRole('button', { name: 'Set down' }).click();
  await expect(page.getByRole('timer')).toHaveCount(0);
  await page.goto(`${DEMO}/shop/files`);
  await page.getByLabel('Open a file').setInputFiles({ name: 'shop.zip', mimeType: 'application/zip', buffer: zip });
  await expect(page.getByText('shop.zip is sound.')).toBeVisible();
  await expect(page.getByText(/^0 added, \d+ overwritten, 0 taken away/u).first()).toBeVisible();
  await page.getByRole('button', { name: 'Merge' }).click();
  await expect(page.getByText('Merged', { exact: true }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo Merge a file' }).click();
  await expect(page.getByText('Undone: Merge a file').first()).toBeVisible();
  // The search for a plan stood still while the file was taken in, and goes on: chances are told of the plan that it ends with.
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.getByRole('region', { name: 'What to count on' }).getByText(/\d %/u).first()).toBeVisible({ timeout: 40_000 });
});
