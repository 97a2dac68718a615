import { expect, test } from '@playwright/test';
import { openDemo } from '../shops';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

/** What is pressed and is lower than a fingertip, but for what stands in a line of text, which is pressed around it too. */
function tooLow(): string[] {
  const found: string[] = [];
  for (const element of document.querySelectorAll<HTMLElement>(
    'main button, main select, main summary, nav a, main .target, main .field',
  )) {
    const { width, height } = element.getBoundingClientRect();
    if (width === 0 || height === 0 || element.classList.contains('in-text')) continue;
    if (height < 43.5) found.push(`${element.textContent} ${Math.round(width)} × ${Math.round(height)}`);
  }
  return found;
}

for (const path of ['/bench', '/ladders/lantern', '/plan', '/surface/telegraph-case', '/colour', '/log', '/shop/products'])
  test(`a fingertip meets everything that is pressed on ${path}, and nothing runs off the side`, async ({ page }) => {
    await openDemo(page, path);
    await expect(page.getByRole('navigation', { name: 'Views' })).toBeVisible();
    await page.waitForTimeout(1500);
    expect(await page.evaluate(tooLow)).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  });
