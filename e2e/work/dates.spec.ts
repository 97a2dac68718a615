import { expect, test } from '@playwright/test';
import { openDemo } from '../shops';

test('a date is typed by its parts, put back on Escape, kept on Enter and emptied by its button', async ({ page }) => {
  await openDemo(page, '/ladders/lantern');
  await page.getByRole('button', { name: 'Change prop' }).click();
  const due = page.getByRole('group', { name: 'Due' });
  const day = due.getByRole('spinbutton', { name: /^day/u });
  await expect(due.getByRole('spinbutton')).toHaveCount(5);
  const before = await day.textContent();
  await day.click();
  await page.keyboard.type('07');
  await expect(day).toHaveText('07');
  await page.keyboard.press('Escape');
  await expect(day).toHaveText(before ?? '');
  await day.click();
  await page.keyboard.type('070620261830');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('definition').filter({ hasText: '7 Jun' })).toBeVisible();
  await page.getByRole('button', { name: 'Change prop' }).click();
  await page.getByRole('button', { name: 'No date: Due' }).click();
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('To spare')).toHaveCount(0);
});
