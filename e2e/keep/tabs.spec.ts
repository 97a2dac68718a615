import { expect, test } from '@playwright/test';
import { DEMO, openDemo } from '../shops';

test('two tabs: a change in one shows in the other, and editing the same rung says who was first', async ({ context }) => {
  const first = await context.newPage();
  await openDemo(first, '/ladders/telegraph/telegraph-face?rung=telegraph-face-02');
  const second = await context.newPage();
  await second.goto(`${DEMO}/ladders/telegraph/telegraph-face?rung=telegraph-face-02`);
  for (const page of [first, second]) await page.getByRole('button', { name: 'Change', exact: true }).click();
  const mine = second.getByRole('textbox', { name: 'Name' });
  await mine.fill('my name for it');

  const theirs = first.getByRole('textbox', { name: 'Name' });
  await theirs.fill('coarse');
  await theirs.press('Enter');
  await expect(first.getByRole('heading', { level: 2, name: 'coarse' })).toBeVisible();

  // The change shows here at once; the draft is kept, but leaving the field does not write over what the other tab kept.
  await expect(second.getByRole('heading', { level: 2, name: 'coarse' })).toBeVisible();
  await expect(second.getByRole('alert')).toContainText('Changed in the meantime to “coarse”');
  await expect(mine).toHaveValue('my name for it');
  await second.getByLabel('Grit').focus();
  await expect(first.getByRole('heading', { level: 2, name: 'coarse' })).toBeVisible();
  await mine.press('Enter');
  await expect(first.getByRole('heading', { level: 2, name: 'my name for it' })).toBeVisible();
});

test('two tabs: taking a prop away in one takes it away in the other, and undo there brings it back here', async ({ context }) => {
  const first = await context.newPage();
  await openDemo(first, '/ladders/cuff');
  const second = await context.newPage();
  await second.goto(`${DEMO}/ladders/cuff`);
  await expect(second.getByRole('heading', { level: 1 })).toHaveText("Diver's cuff");
  await first.getByRole('button', { name: 'Change prop' }).click();
  await first.getByRole('button', { name: 'Take the prop away' }).click();
  await first.getByRole('button', { name: 'Take it away' }).click();
  await expect(second.getByRole('link', { name: "Diver's cuff" })).toHaveCount(0);
  await second.getByRole('button', { name: "Undo Take Diver's cuff away" }).click();
  await expect(first.getByRole('link', { name: "Diver's cuff" })).toBeVisible();
});

test('two tabs that are opened together in a new browser fetch the demo once, and both show it at its moment', async ({ context }) => {
  let fetched = 0;
  await context.route('**/demo/tide-office.zip', async (route) => {
    fetched += 1;
    await route.continue();
  });
  const pages = await Promise.all([context.newPage(), context.newPage()]);
  await Promise.all(pages.map((page) => page.goto(`${DEMO}/bench`)));
  for (const page of pages) await expect(page.getByRole('heading', { level: 1 })).toContainText('Bench, Thu 28 May', { timeout: 60_000 });
  expect(fetched).toBe(1);
});
