import { expect, test } from '@playwright/test';
import { DEMO, openDemo } from '../shops';

const LADDER = '/ladders/telegraph/telegraph-knobs?rung=telegraph-knobs-03';

for (const [width, path] of [
  [1280, LADDER],
  [1100, '/bench'],
  [800, '/bench'],
] as const)
  test(`what the plan tells the strip pushes nothing down under a finger, ${width} px wide`, async ({ page }) => {
    await openDemo(page);
    await page.setViewportSize({ width, height: 800 });
    await page.addInitScript(() => {
      const heights = new Set<number>();
      const look = (): void => {
        const strip = document.querySelector('header dl');
        const hasView = document.querySelector('main h2') !== null;
        if (strip && hasView) heights.add(Math.round(strip.getBoundingClientRect().bottom));
        requestAnimationFrame(look);
      };
      look();
      Object.assign(window, { stripHeights: heights });
    });
    await page.goto(`${DEMO}${path}`);
    // The last to come: it asks for the plan and for what stands on the shelf.
    await expect(page.getByText('Order today')).toBeVisible({ timeout: 40_000 });
    await page.waitForTimeout(500);
    const heights = await page.evaluate(() => [...(window as unknown as { stripHeights: Set<number> }).stripHeights]);
    expect(heights).toHaveLength(1);
  });
