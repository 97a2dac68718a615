import { expect, test } from '@playwright/test';
import { openDemo } from './shops';

test('the shelf says what runs out and by when to order, for as sure as one wants to be', async ({ page }) => {
  await openDemo(page, '/shop/shelf');
  const shelf = page.getByRole('region', { name: 'Shelf', exact: true });
  const first = shelf.getByRole('row').nth(1);
  await expect(first).toContainText('Brass, metallic aerosol');
  await expect(first).toContainText('30 ml');
  await expect(shelf.getByText('1 of 16 products run out before the plan is done.')).toBeVisible();
  // Nobody waits for a can that is fetched at once.
  const days = shelf.getByLabel('Days to get it');
  await days.fill('0');
  await days.press('Enter');
  await expect(first).not.toContainText('too late');
  await shelf.getByLabel('How sure').selectOption({ label: 'nineteen of twenty' });
  await expect(first).toContainText('Brass, metallic aerosol');
  await shelf.getByRole('button', { name: 'Satin clear, aerosol', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Along the plan' })).toContainText('Satin clear, aerosol');
});
