import { expect, test } from '@playwright/test';
import { openDemo } from './shops';

test('the plan gets better by itself, says what to count on, and is steered by hand', async ({ page }) => {
  await openDemo(page, '/plan');
  const odds = page.getByRole('region', { name: 'What to count on' });
  await expect(odds.getByText('No plan before')).toBeVisible({ timeout: 30_000 });
  await expect(odds.getByText(/Storm lantern No. 9 by its date/u)).toBeVisible();

  await page.getByRole('radio', { name: 'List' }).click();
  await page
    .getByRole('button', { name: /^Tank: / })
    .first()
    .click();
  await page.getByRole('button', { name: 'Lock here' }).click();
  await expect(page.getByText('locked to this time')).toBeVisible({ timeout: 20_000 });
  await page.reload();
  await page.getByRole('radio', { name: 'List' }).click();
  await expect(page.getByText('locked', { exact: true })).toBeVisible({ timeout: 20_000 });
  await page.keyboard.press('Control+z');
  await expect(page.getByText('locked', { exact: true })).toHaveCount(0, { timeout: 20_000 });
});

test('being away moves the plan, and undo moves it back', async ({ page }) => {
  await openDemo(page);
  const then = page.getByRole('region', { name: 'Then' });
  await expect(then.getByRole('button', { name: /^19:37.*Badge/u })).toBeVisible();
  await page.getByRole('button', { name: 'I am away' }).click();
  await page.getByLabel('Until').fill('2026-05-30T12:00');
  await page.getByRole('button', { name: 'Plan round it' }).click();
  await expect(then.getByRole('button', { name: /^19:37/u })).toHaveCount(0, { timeout: 20_000 });
  await page.keyboard.press('Control+z');
  await expect(then.getByRole('button', { name: /^19:37.*Badge/u })).toBeVisible({ timeout: 20_000 });
});
