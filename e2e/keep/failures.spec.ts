import { expect, test } from '@playwright/test';
import { openDemo } from '../shops';

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
