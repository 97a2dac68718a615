import { expect, test } from '@playwright/test';
import { openDemo, typeDate } from '../shops';

test('a mix is written down, scaled in whole drops, named on a rung and found from it', async ({ page }) => {
  await openDemo(page, '/colour/cards');
  await page.getByRole('button', { name: 'Write a card' }).click();
  await page.getByRole('button', { name: 'Keep the card' }).click();
  await expect(page.getByText('This is needed.').first()).toBeVisible();
  await page.getByRole('textbox', { name: 'Name' }).fill('Rope brown');
  await page.getByRole('textbox', { name: 'For' }).fill('handle grip');
  await page.getByLabel('Product').first().selectOption({ label: 'Burnt umber, brush acrylic' });
  await page.getByLabel('Amount').first().fill('3');
  await page.getByRole('button', { name: 'Add component' }).click();
  await page.getByRole('textbox', { name: 'Called' }).nth(1).fill('water');
  await page.getByLabel('Amount').nth(1).fill('2');
  await page.getByRole('button', { name: 'Keep the card' }).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Rope brown' })).toBeVisible();
  const make = page.getByLabel('Make, drops');
  await make.fill('20');
  await make.press('Enter');
  await expect(page.getByRole('row', { name: /Burnt umber.*12/u })).toBeVisible();
  await expect(page.getByRole('row', { name: /water.*8/u })).toBeVisible();
  await make.fill('1');
  await expect(page.getByRole('alert')).toContainText('Between 2 and');

  await page.getByRole('link', { name: 'Ladders', exact: true }).click();
  await page
    .getByRole('region', { name: 'Handle grip' })
    .getByRole('link', { name: /^black 2/u })
    .click();
  await page.getByRole('button', { name: 'Change', exact: true }).click();
  await page.getByLabel('Mix card').selectOption({ label: 'Rope brown' });
  await page.getByRole('button', { name: 'That is all' }).click();
  await page.getByRole('link', { name: 'Rope brown' }).click();
  await expect(page.getByRole('link', { name: 'Handle grip: black 2' })).toBeVisible();
});

test('an entry of the log is corrected; the old words stay beneath, and the film counts from the corrected moment', async ({ page }) => {
  await openDemo(page, '/log');
  const entry = page.getByRole('listitem').filter({ hasText: 'Cap: black' }).first();
  const air = /[\d.]+ °C · \d+ %/u;
  const before = air.exec(await entry.innerText())?.[0] ?? 'no air';
  await page.getByRole('button', { name: 'Correct Cap: black' }).click();
  await typeDate(page, 'Ended at', '290520261910');
  await expect(page.getByText('This is still to come.')).toBeVisible();
  // Pressed all the same, nothing is kept and the form stays.
  await page.getByRole('button', { name: 'Keep correction' }).click();
  await expect(page.getByText('This is still to come.')).toBeVisible();
  await typeDate(page, 'Ended at', '280520261910');
  await page.getByLabel('Minutes', { exact: true }).fill('9');
  await page.getByRole('button', { name: 'Keep correction' }).click();
  await expect(page.getByText('corrected; it said 19:30, 6 min').first()).toBeVisible();
  // With the moment goes its air.
  expect(before).toMatch(air);
  await expect(entry).toContainText(air);
  await expect(entry).not.toContainText(before);
  await page.getByRole('link', { name: 'Bench' }).click();
  const cap = page.getByRole('article').filter({ has: page.getByRole('heading', { name: 'Cap', exact: true }) });
  await expect(cap).toContainText('19:10');
});

test('a product’s label time wins over its class, says so, and moves the plan', async ({ page }) => {
  await openDemo(page, '/shop/products');
  await page.getByRole('button', { name: /^Brass, metallic aerosol/u }).click();
  await expect(page.getByText('class default 1440')).toBeVisible();
  const touch = page.getByRole('textbox', { name: 'Touch dry, min' });
  await touch.fill('45');
  await touch.press('Enter');
  await expect(page.getByLabel('Origin of Touch dry')).toHaveValue('label');
  await page.getByRole('button', { name: 'Default of the class: Touch dry' }).click();
  await expect(touch).toHaveValue('10');
});
