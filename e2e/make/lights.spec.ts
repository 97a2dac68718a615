import { expect, test } from '@playwright/test';
import { openDemo } from '../shops';

test('a group turned the wrong way round is said, mended, and the lights stand on their ladder', async ({ page }) => {
  await openDemo(page, '/lights/lantern');
  const power = page.getByRole('region', { name: 'Current and hours' });
  await expect(power.getByText('Nothing speaks against it.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'The glow' })).toContainText('It looks even: 13 % ripple');
  await page.getByLabel('Wire 2 to').selectOption({ label: 'Left out' });
  await expect(power.getByRole('list', { name: 'What speaks against it' })).toContainText('Left at its data out: it faces backwards');
  await page.getByRole('button', { name: 'Wire them in the best order' }).click();
  await expect(power.getByText('Nothing speaks against it.')).toBeVisible();
  await page.getByLabel('Sheets of foam').fill('0');
  await page.getByLabel('Sheets of foam').press('Enter');
  await expect(page.getByRole('region', { name: 'The glow' })).toContainText('Hot spots');
  // The foam was on the ladder: without it the lights are put on it anew, and what was soldered stays soldered.
  await page.getByRole('button', { name: /^Put them anew on the ladder of/u }).click();
  await expect(page.getByRole('button', { name: /^Undo Put the lights/u })).toBeVisible();
  await page.getByRole('link', { name: 'Its ladder', exact: true }).click();
  await expect(page.getByText('Chimney: fit the lights').first()).toBeVisible();
  await expect(page.getByText('Chimney: lay the foam')).toHaveCount(0);
});
