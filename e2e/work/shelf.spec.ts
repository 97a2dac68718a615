import { expect, test } from '@playwright/test';
import { openDemo } from '../shops';

test('the shelf says what runs out and by when to order, for as sure as one wants to be', async ({ page }) => {
  await openDemo(page, '/shelf');
  const shelf = page.getByRole('region', { name: 'What the plan takes' });
  const first = shelf.getByRole('row').nth(1);
  await expect(first).toContainText('Brass, metallic aerosol');
  await expect(first).toContainText('30 ml');
  await expect(shelf.getByText(/^\d of \d+ things runs? out before the plan is done\.$/u)).toBeVisible();
  await shelf.getByLabel('How sure').selectOption({ label: 'nineteen of twenty' });
  await expect(first).toContainText('Brass, metallic aerosol');
  await shelf.getByRole('button', { name: 'Satin clear, aerosol', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Along the plan' })).toContainText('Satin clear, aerosol');
});

test('what is missing is bought at least cost, ordered, waited for by the plan, and checked off', async ({ page }) => {
  await openDemo(page, '/shelf/buy');
  const list = page.getByRole('region', { name: 'To buy' });
  await expect(list.getByText('Brass, metallic aerosol')).toBeVisible();
  await list.getByRole('button', { name: 'All of it is ordered' }).click();
  const waiting = page.getByRole('region', { name: 'On its way' });
  await expect(list.getByText('Nothing is missing.')).toBeVisible();
  await waiting.getByRole('button', { name: 'It has come: Brass, metallic aerosol' }).click();
  await expect(waiting.getByRole('button', { name: 'It has come: Brass, metallic aerosol' })).toHaveCount(0);
  await page.getByRole('link', { name: 'What is there' }).click();
  await page.getByLabel(/by name, place or lot$/u).fill('brass, metallic');
  await expect(page.getByRole('list', { name: 'Things on the shelf' }).getByRole('listitem')).toHaveCount(2);
  await page.getByRole('button', { name: /^Undo/u }).click();
  await expect(page.getByRole('list', { name: 'Things on the shelf' }).getByRole('listitem')).toHaveCount(1);
});
