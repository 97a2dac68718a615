import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';

/** A server without the demo: a new browser starts empty. */
export const EMPTY = 'http://127.0.0.1:4398';
/** A server with the demo: a new browser starts on it without a click. */
export const DEMO = 'http://127.0.0.1:4399';

/** How long the first screen may take: two browsers, each with its workers, may share one slow machine with the tests. */
const FIRST_SCREEN = { timeout: 40_000 };

/** Opens the demo, waits until its plan is made, and goes on as the rail does: no second load, so no second plan. */
export async function openDemo(page: Page, path = '/bench'): Promise<void> {
  await page.goto(`${DEMO}/bench`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Bench', FIRST_SCREEN);
  await expect(page.getByRole('timer')).toBeVisible(FIRST_SCREEN);
  if (path === '/bench') return;
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate', { state: null }));
  }, path);
  await page.waitForURL((url) => url.pathname === path.split('?')[0]);
}

/** Presses the start of an empty browser and waits until there is a shop. */
export async function pressStart(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Start my shop' }).click();
  await expect(page.getByRole('navigation', { name: 'Views' })).toBeVisible();
}

/** Starts a shop by hand, with hands and spraying at all hours so that the plan can begin at once. */
export async function startShop(page: Page): Promise<void> {
  await page.goto(EMPTY);
  await pressStart(page);
  await page.goto(`${EMPTY}/shop/hours`);
  for (const name of ['Hands', 'Spraying']) {
    const thursday = page.getByRole('textbox', { name: `${name}, Thursday 1 from` });
    await thursday.fill('00:00');
    await thursday.press('Enter');
    // The next is typed once this one is kept, as a hand would.
    await expect(thursday).toHaveValue('00:00');
    const to = page.getByRole('textbox', { name: `${name}, Thursday 1 to` });
    await to.fill('24:00');
    await to.press('Enter');
    await expect(to).toHaveValue('24:00');
  }
}

/** Types into a date by its parts, in the order they stand in, and leaves it by Enter. */
export async function typeDate(page: Page, label: string, digits: string): Promise<void> {
  await page.getByRole('group', { name: label }).getByRole('spinbutton').first().click();
  await page.keyboard.type(digits);
  await page.keyboard.press('Enter');
}
