import { expect, test } from '@playwright/test';
import { openDemo } from '../shops';

test('a coat delayed past its recoat window is planned anew for when it opens again', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-25T12:00:00Z') });
  await openDemo(page);
  const then = page.getByRole('region', { name: 'Then' });
  await expect(then.getByRole('button', { name: /19:37.*Badge.*enamel blue 2.*closes 19:52/u })).toBeVisible();
  const badge = page.getByRole('article').filter({ has: page.getByRole('heading', { name: 'Badge', exact: true }) });
  await expect(badge).toContainText('recoat closes 19:52');
  await expect(badge).toContainText('then not before Sat 14:28');

  await page.clock.fastForward('01:10:00');
  await expect(badge).toContainText('recoat opens again Sat 14:28');
  await expect(then.getByText(/closes 19:52/u)).toHaveCount(0);

  await page.getByRole('link', { name: 'Ladders', exact: true }).click();
  await page.getByRole('link', { name: /^enamel blue 2, /u }).click();
  await expect(page.getByText('Signal blue enamel, aerosol can be recoated')).toBeVisible();
  await expect(page.getByText(/Sat 1\d:\d\d to Sat/u)).toBeVisible();
});

test('a coat logged at the bench moves what waits for it, and undo moves it back', async ({ page }) => {
  await openDemo(page);
  const then = page.getByRole('region', { name: 'Then' });
  await then.getByRole('button', { name: /Badge.*enamel blue 2/u }).click();
  await page.getByRole('menuitem', { name: /Log as done/u }).click();
  await expect(then.getByRole('button', { name: /Badge.*enamel blue 2/u })).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(then.getByRole('button', { name: /Badge.*enamel blue 2/u })).toBeVisible();
});

test('the screen that slept asks what to make of the time', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-25T12:00:00Z') });
  await openDemo(page);
  await page.waitForTimeout(1500);
  // A page that is closed sees no tick at all.
  await page.goto('about:blank');
  await page.clock.fastForward('02:00:00');
  await page.goto('http://127.0.0.1:4399/bench');
  await expect(page.getByText(/Nobody looked from 19:3\d to 21:3\d/u)).toBeVisible();
  await page.getByRole('button', { name: /^Count \d min so far/u }).click();
  await expect(page.getByRole('timer')).toContainText(/00:0[12]:/u);
});

test('the browser calls ten minutes before a window closes, once, where that was allowed', async ({ page }) => {
  await page.addInitScript(() => {
    const said: string[] = [];
    class FakeNotification {
      static permission = 'granted';
      constructor(title: string, options: NotificationOptions) {
        said.push(`${title}: ${options.body ?? ''}`);
      }
    }
    Object.assign(window, { Notification: FakeNotification, said });
  });
  await page.clock.install({ time: new Date('2026-11-25T12:00:00Z') });
  await openDemo(page);
  const said = (): Promise<string[]> => page.evaluate(() => (window as unknown as { said: string[] }).said);
  await expect(page.getByText('recoat closes 19:52')).toBeVisible();
  await page.clock.fastForward('08:00');
  await expect.poll(async () => (await said()).filter((words) => words.startsWith('Badge'))).toEqual([]);
  await page.clock.fastForward('05:00');
  // Readings that came in meanwhile may have moved the close by a minute; it is called once all the same.
  await expect
    .poll(async () => (await said()).filter((words) => words.startsWith('Badge')))
    .toEqual([expect.stringMatching(/^Badge: enamel blue: recoat closes at 19:5\d$/u)]);
  await page.clock.fastForward('03:00');
  await page.waitForTimeout(500);
  expect((await said()).filter((words) => words.startsWith('Badge'))).toHaveLength(1);
});
