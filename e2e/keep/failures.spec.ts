import type { Page } from '@playwright/test';
import { expect, test } from '@playwright/test';
import { DEMO, openDemo } from '../shops';

test('a browser with no room left says so and what to do, and keeps what was there', async ({ page }) => {
  await openDemo(page, '/shop/places');
  await page.evaluate(() => {
    const add = IDBObjectStore.prototype.add;
    IDBObjectStore.prototype.add = function (this: IDBObjectStore, ...given: Parameters<typeof add>) {
      if (this.name === 'history') throw new DOMException('the quota has been exceeded', 'QuotaExceededError');
      return add.apply(this, given);
    };
  });
  const places = page.getByRole('textbox', { name: 'Rack places' });
  await places.fill('5');
  await places.press('Enter');
  await expect(page.getByText('The browser has no room left').first()).toBeVisible();
  await expect(page.getByText(/Save a file from Shop, then free space/u).first()).toBeVisible();
  await page.reload();
  await expect(places).toHaveValue('8');
});

for (const [how, clear] of [
  [
    'clears its site data',
    async (page: Page): Promise<void> => {
      const session = await page.context().newCDPSession(page);
      await session.send('Storage.clearDataForOrigin', { origin: DEMO, storageTypes: 'all' });
    },
  ],
  ['deletes the database', (page: Page): Promise<void> => page.evaluate(() => void indexedDB.deleteDatabase('zinc-ladder'))],
] as const)
  test(`a browser that ${how} takes the records from nobody who has the shop open`, async ({ page }) => {
    await openDemo(page);
    await page.keyboard.press('d');
    await expect(page.getByText('Base: black logged', { exact: true })).toBeVisible();
    await page.waitForTimeout(2000);
    await clear(page);
    await expect(page.getByRole('heading', { name: 'The browser has cleared the shop' })).toBeVisible();
    await expect(page.getByRole('status')).toContainText(/\d+ rungs, \d+ log entries/u);
    await page.getByRole('button', { name: 'Put the records back' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Bench, Thu 28 May', { timeout: 40_000 });
    await page.getByRole('link', { name: 'Log', exact: true }).click();
    await expect(page.getByRole('region', { name: /entries, newest first$/u })).toContainText('Base: black');
    await page.goto(`${DEMO}/log`);
    await expect(page.getByRole('region', { name: /entries, newest first$/u })).toContainText('Base: black');
  });
