import { expect, test } from '@playwright/test';
import { openDemo, typeDate } from '../shops';

test('the plan gets better by itself, says what to count on, and is steered by hand', async ({ page }) => {
  await openDemo(page, '/plan');
  const odds = page.getByRole('region', { name: 'What to count on' });
  await expect(odds.getByText('No plan before')).toBeVisible({ timeout: 30_000 });
  await expect(odds.getByText('Each by its date')).toBeVisible();

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
  await expect(then.getByRole('button', { name: /^19:37/u })).toBeVisible();
  await page.getByRole('button', { name: 'I am away' }).click();
  await typeDate(page, 'Until', '300520261200');
  await page.getByRole('button', { name: 'Plan round it' }).click();
  await expect(then.getByRole('button', { name: /^19:37/u })).toHaveCount(0, { timeout: 20_000 });
  await page.keyboard.press('Control+z');
  await expect(then.getByRole('button', { name: /^19:37/u })).toBeVisible({ timeout: 20_000 });
});

test('the camera test: what to let go, what the Sunday is worth in dates, the week; and against the clock', async ({ page }) => {
  test.slow();
  await openDemo(page, '/plan');
  const ready = page.getByRole('region', { name: 'Ready' });
  await expect(ready.getByText(/ late$/u).first()).toBeVisible({ timeout: 30_000 });
  const odds = page.getByRole('region', { name: 'What to count on' });
  await expect(odds).toBeVisible({ timeout: 60_000 });
  const triage = page.getByRole('region', { name: 'What to let go' });
  const telegraph = triage
    .getByRole('listitem')
    .filter({ hasText: /^Let Tide telegraph/u })
    .first();
  await expect(telegraph).toContainText(/of your dates/u, { timeout: 60_000 });
  await expect(telegraph).toContainText(/Storm lantern No\. 9/u);
  const late = await ready.getByText(/ late$/u).count();
  await telegraph.getByRole('button', { name: /away$/u }).click({ timeout: 60_000 });
  await expect(ready.getByRole('row', { name: /Tide telegraph/u })).not.toContainText('due', { timeout: 60_000 });
  await expect.poll(() => ready.getByText(/ late$/u).count(), { timeout: 60_000 }).toBeLessThan(late);
  await page.keyboard.press('Control+z');
  await expect(ready.getByRole('row', { name: /Tide telegraph/u })).toContainText('due', { timeout: 60_000 });

  const tryOut = page.getByRole('button', { name: 'Try it out' });
  await expect(tryOut).toBeEnabled({ timeout: 60_000 });
  await tryOut.click();
  const help = page.getByRole('region', { name: 'What would help' });
  await expect(help).toContainText('Beside the shop as it is, planned once more', { timeout: 120_000 });
  const sunday = help.getByRole('listitem').filter({ hasText: 'Hands on Sun' });
  await expect(sunday).toContainText(/\d+ % → \d+ % of your dates/u, { timeout: 120_000 });
  await sunday.getByRole('button', { name: /^Do it: Hands on Sun/u }).click({ timeout: 120_000 });

  await page.getByRole('radio', { name: 'Week' }).click();
  await expect(page.getByRole('region', { name: /^Sun/u })).toContainText(/ of hands/u);

  await page.getByRole('radio', { name: 'Against the clock' }).click();
  await page.getByRole('button', { name: 'Drill it' }).click();
  const came = page.getByRole('region', { name: 'What came of the drill' });
  await expect(came).toContainText(/One part after another/u, { timeout: 120_000 });
  await expect(came).toContainText(/Hands stand idle/u);
});

test('a rung is pulled with the mouse, and the reasons of another are followed back', async ({ page }) => {
  await openDemo(page, '/plan');
  const piece = page.locator('[data-pull="lantern-badge-13"]').first();
  await expect(piece).toBeVisible({ timeout: 20_000 });
  for (let step = 0; step < 3; step += 1) await page.getByRole('button', { name: 'Nearer' }).click();
  // A better plan may be put in place of the one before while the mouse is on its way: then the piece is pulled again, where it is now.
  await expect(async () => {
    const box = await piece.boundingBox();
    if (!box) throw new Error('no piece');
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 30, box.y + box.height / 2, { steps: 5 });
    await page.mouse.up();
    await expect(page.getByText('locked to this time')).toBeVisible({ timeout: 5000 });
  }).toPass({ timeout: 40_000 });
  await page.keyboard.press('Control+z');
  await expect(page.getByText('locked to this time')).toHaveCount(0, { timeout: 20_000 });
  const chosen = page.getByRole('region', { name: 'Chosen rung' });
  await expect(chosen).toContainText('Badge: enamel blue 2');
});

test('a page that is loaded again goes on from the plan it showed', async ({ page }) => {
  await page.clock.install();
  await openDemo(page, '/plan');
  /** The day of each rung. */
  const days = async (): Promise<Map<string, string>> => {
    const found = new Map<string, string>();
    for (const day of await page.locator('main section[aria-label]').all()) {
      const date = (await day.getAttribute('aria-label')) ?? '';
      for (const rung of await day.getByRole('button').allInnerTexts()) found.set(rung, date);
    }
    return found;
  };
  /** Once the search is over its plan is kept beside the shop. */
  const kept = async (): Promise<number> =>
    page.evaluate(async () => {
      if (!(await indexedDB.databases()).some(({ name }) => name === 'zinc-ladder plan')) return 0;
      const db = await new Promise<IDBDatabase>((resolve) => {
        const opened = indexedDB.open('zinc-ladder plan');
        opened.onsuccess = () => resolve(opened.result);
      });
      const row = await new Promise<{ order?: object } | undefined>((resolve) => {
        const asked = db.transaction('plans').objectStore('plans').get('last') as IDBRequest<{ order?: object } | undefined>;
        asked.onsuccess = () => resolve(asked.result);
      });
      db.close();
      return Object.keys(row?.order ?? {}).length;
    });
  await expect.poll(kept, { timeout: 90_000 }).toBeGreaterThan(100);
  await page.setViewportSize({ width: 1280, height: 6000 });
  await page.getByRole('radio', { name: 'List' }).click();
  await expect(page.getByRole('region', { name: /^Plan by day/u })).toBeVisible();
  const before = await days();
  expect(before.size).toBeGreaterThan(100);
  await page.clock.fastForward('00:05:00');
  await page.reload();
  await page.getByRole('radio', { name: 'List' }).click();
  await expect(page.getByRole('region', { name: /^Plan by day/u })).toBeVisible();
  const after = await days();
  const both = [...before.keys()].filter((rung) => after.has(rung));
  // A search from the beginning put a fifth of them on another day.
  expect(both.filter((rung) => before.get(rung) === after.get(rung)).length / both.length).toBeGreaterThan(0.9);
});
