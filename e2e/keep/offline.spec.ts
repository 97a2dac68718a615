import { expect, test } from '@playwright/test';
import { DEMO, openDemo } from '../shops';

test.use({ serviceWorkers: 'allow' });

test('works without the server after the first load, and says that the sensor is away', async ({ page, context }) => {
  await openDemo(page);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect.poll(() => page.evaluate(async () => (await caches.keys()).length)).toBeGreaterThan(0);
  await page.reload();
  await context.setOffline(true);
  await page.reload();
  await expect(page.getByRole('timer')).toBeVisible();
  await expect(page.getByText('sensor away')).toBeVisible();
  for (const [link, heading] of [
    ['Ladders', 'Storm lantern No. 9'],
    ['Plan', 'Plan'],
    ['Log', 'Log'],
  ] as const) {
    await page.getByRole('link', { name: link, exact: true }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(heading);
  }
  await page.goto(`${DEMO}/bench`);
  await page.getByRole('button', { name: 'Set down' }).click();
  await expect(page.getByRole('timer')).toHaveCount(0);
  await context.setOffline(false);
  await expect(page.getByText('sensor away')).toHaveCount(0, { timeout: 30_000 });
});
