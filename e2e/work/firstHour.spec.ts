import { expect, test } from '@playwright/test';
import { EMPTY, pressStart, typeDate } from '../shops';

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

test('a part that was begun before it came here is told as it is, and the bench goes on from there', async ({ page }) => {
  await page.goto(EMPTY);
  await pressStart(page);
  await page.getByLabel('Hands').selectOption({ label: 'Whenever I can, early to late' });
  await page.getByLabel(/^Gloss enamel/u).check();
  await page.getByLabel(/^Filling and smoothing/u).check();
  await page.getByLabel('Prop', { exact: true }).fill('Harbour buoy');
  await page.getByLabel('Part', { exact: true }).fill('Hull');
  await page.getByRole('button', { name: 'Grow its ladder, to the bench' }).click();
  await expect(page.getByRole('region', { name: 'Next' })).toContainText('Hull: cut');
  await page.getByRole('link', { name: 'Ladders' }).click();
  await page
    .getByRole('link', { name: /^filler primer, / })
    .first()
    .click();
  await page.getByRole('button', { name: 'Done earlier' }).click();
  const form = page.getByRole('form', { name: 'Done earlier' });
  const count = await form.getByRole('listitem').count();
  expect(count).toBeGreaterThan(3);
  // As the bench stands in for a day that is over: two days ago, by the page's own clock.
  const then = new Date((await page.evaluate(() => Date.now())) - 2 * 86_400_000);
  const two = (value: number): string => String(value).padStart(2, '0');
  await typeDate(page, 'Ended at', `${two(then.getDate())}${two(then.getMonth() + 1)}${then.getFullYear()}1930`);
  await expect(form.getByRole('listitem').last()).toContainText('19:30');
  await form.getByRole('button', { name: `Log ${count} rungs as done` }).click();
  await expect(page.getByRole('button', { name: `Undo Log ${count} rungs as done` }).first()).toBeEnabled();
  await expect(page.getByText(/^Rung \d+ of \d+ · done/u)).toContainText('19:30');
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await expect(page.getByRole('region', { name: `${count} entries, newest first` })).toContainText('told afterwards');
  // Nothing was timed, so nothing is compared with what was planned.
  await expect(page.getByRole('region', { name: 'Planned and actual' })).not.toContainText('of the planned time');
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(page.getByRole('region', { name: 'Next' })).toContainText('Hull: P320');
});
