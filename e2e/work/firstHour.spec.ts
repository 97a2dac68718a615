import { expect, test } from '@playwright/test';
import { EMPTY, pressStart } from '../shops';

test('from an empty browser to the first logged rung of a part of one’s own', async ({ page }) => {
  await page.goto(EMPTY);
  await pressStart(page);
  await page.getByLabel('Hands').selectOption({ label: 'Whenever I can, early to late' });
  await page.getByLabel(/^Gloss enamel/u).check();
  await page.getByLabel('Prop', { exact: true }).fill('Harbour buoy');
  await page.getByLabel('Part', { exact: true }).fill('Hull');
  await page.getByLabel('Or near to a').selectOption({ label: 'Ball' });
  await page.getByLabel('To look like').selectOption({ label: 'Gloss colour' });
  await page.getByRole('button', { name: 'Grow its ladder, to the bench' }).click();
  await expect(page.getByRole('region', { name: 'Next' })).toContainText('Hull: cut');
  await page.keyboard.press('t');
  await expect(page.getByRole('timer')).toBeVisible();
  await page.keyboard.press('d');
  await expect(page.getByText('Hull: cut logged', { exact: true })).toBeVisible();
  await page.keyboard.press('8');
  await expect(page.getByRole('main')).toContainText('cut');
  // What was asked once is not asked again.
  await page.goto(`${EMPTY}/start`);
  await expect(page).toHaveURL(/\/bench$/u);
});
