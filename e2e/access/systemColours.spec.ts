import { expect, test } from '@playwright/test';
import { openDemo } from '../shops';

test('where the system chooses the colours, what is open has a frame and paint keeps its own', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await openDemo(page, '/ladders');
  const views = page.getByRole('navigation', { name: 'Views' });
  await expect(views.getByRole('link', { name: 'Ladders' })).toHaveCSS('outline-style', 'solid');
  await expect(views.getByRole('link', { name: 'Bench' })).toHaveCSS('outline-style', 'none');
  const black = page.getByRole('link', { name: 'black, done' }).first();
  await expect(black).toHaveCSS('background-color', 'rgb(35, 34, 33)');
  // The keyboard's ring is not hidden by the frame.
  await views.getByRole('link', { name: 'Ladders' }).focus();
  await page.keyboard.press('Shift+Tab');
  await page.keyboard.press('Tab');
  await expect(views.getByRole('link', { name: 'Ladders' })).toHaveCSS('outline-offset', '2px');
});
