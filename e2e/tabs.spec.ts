import { expect, test } from '@playwright/test';
import { DEMO, openDemo } from './shops';

test('two tabs: a change in one shows in the other, and editing the same rung says who was first', async ({ context }) => {
  const first = await context.newPage();
  await openDemo(first, '/ladders/telegraph/telegraph-face?rung=telegraph-face-02');
  const second = await context.newPage();
  await second.goto(`${DEMO}/ladders/telegraph/telegraph-face?rung=telegraph-face-02`);
  for (const page of [first, second]) await page.getByRole('button', { name: 'Change', exact: true }).click();
  const mine = second.getByRole('textbox', { name: 'How' });
  await mine.fill('from the second tab');

  await first.getByRole('textbox', { name: 'Name' }).fill('coarse');
  await first.getByRole('textbox', { name: 'Name' }).press('Enter');
  await expect(first.getByRole('heading', { level: 2, name: 'coarse' })).toBeVisible();
  await expect(second.getByRole('heading', { level: 2, name: 'coarse' })).toBeVisible();

  // The second tab saw the change, so its own goes through; a writer who has not seen it is stopped by the store (unit tests).
  await mine.blur();
  await expect(first.getByText('from the second tab').first()).toBeVisible();
  await expect(second.getByRole('heading', { level: 2, name: 'coarse' })).toBeVisible();
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
