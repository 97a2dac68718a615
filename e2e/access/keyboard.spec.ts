import { expect, test } from '@playwright/test';
import { openDemo } from '../shops';

test('from view to view, across the ladders and into a rung by keys alone', async ({ page }) => {
  await openDemo(page);
  await page.keyboard.press('2');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Storm lantern No. 9');
  const first = page.getByRole('region', { name: 'Tank' }).getByRole('link', { name: 'cut, done' });
  await first.focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('region', { name: 'Tank' }).getByRole('link', { name: 'dry fit, done' })).toBeFocused();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('region', { name: 'Base' }).getByRole('link').nth(2)).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Storm lantern No. 9 / Base');
});

test('from an opened rung to Take in hand in five Tabs; what vanishes gives the keyboard back', async ({ page }) => {
  await openDemo(page, '/ladders/telegraph');
  await page
    .getByRole('region', { name: 'Dial face' })
    .getByRole('link', { name: /, next$/u })
    .focus();
  await page.keyboard.press('Enter');
  const list = page.getByRole('list', { name: 'Rungs, top first' });
  await expect(list.locator('[aria-current=true]')).toBeFocused();
  const take = page.getByRole('button', { name: 'Take in hand' });
  let tabs = 0;
  for (; tabs < 5 && !(await take.evaluate((button) => button === document.activeElement)); tabs += 1) await page.keyboard.press('Tab');
  await expect(take).toBeFocused();
  // Arrow keys climb the list, and Enter opens.
  await list.locator('[aria-current=true]').focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  await expect(list.locator('[aria-current=true]')).toBeFocused();
  // The button vanishes with what it did; the keyboard is not thrown to the top of the page.
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: /^Log as done/u }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Open again' })).toBeVisible();
  await expect.poll(() => page.evaluate(() => document.activeElement?.closest('#view') !== null)).toBe(true);
});

test('a rung is moved by its grip with the keyboard, and undone', async ({ page }) => {
  await openDemo(page, '/ladders/telegraph/telegraph-face');
  const rungs = page.getByRole('list', { name: 'Rungs, top first' }).getByRole('link');
  const order = async (): Promise<string[]> => rungs.allInnerTexts();
  await expect(rungs).toHaveCount(16);
  const before = await order();
  await page.getByRole('button', { name: 'Move satin clear' }).focus();
  await page.keyboard.press('Space');
  await page.waitForTimeout(200);
  await page.keyboard.press('ArrowDown');
  await page.waitForTimeout(300);
  await page.keyboard.press('Space');
  await expect.poll(order).not.toEqual(before);
  await page.keyboard.press('Control+z');
  await expect.poll(order).toEqual(before);
});

test('the plan is zoomed, moved and brought back to now by keys', async ({ page }) => {
  await openDemo(page, '/plan');
  const plan = page.getByRole('group', { name: /^Plan\./u });
  // Once the search is over, nothing but the keys changes the picture.
  await expect(page.getByRole('region', { name: 'What to count on' })).toBeVisible({ timeout: 30_000 });
  await plan.focus();
  const days = (): Promise<string[]> => plan.locator('text').allTextContents();
  const now = await days();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('-');
  await expect.poll(days).not.toEqual(now);
  await page.keyboard.press('+');
  await page.keyboard.press('n');
  await expect.poll(days).toEqual(now);
});

test('the keys are listed at ?', async ({ page }) => {
  await openDemo(page);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('why: a figure tells formula, inputs and source, and Escape puts it away', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Why dew gap' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Magnus formula, WMO-No. 8', { exact: false })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText('Magnus formula, WMO-No. 8', { exact: false })).toHaveCount(0);
});
