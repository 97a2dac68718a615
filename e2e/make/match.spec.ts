import type { Locator } from '@playwright/test';
import { expect, test } from '@playwright/test';
import { openDemo } from '../shops';

test('the band that is too yellow is noticed first, and the correction of it is told to have won', async ({ page }) => {
  await openDemo(page, '/references/lantern/match/match-1');
  const verdict = page.getByRole('region', { name: 'What is noticed first' });
  const first = verdict.getByRole('list').first().getByRole('listitem').first();
  await expect(first.getByRole('heading', { name: 'enamel band' })).toBeVisible();
  await expect(first).toContainText('Yours is much yellower, lighter');
  await expect(first.getByRole('link', { name: 'Correct the mix' })).toHaveAttribute('href', '/colour/cards/card-green-1');
});

test('the later match says what the correction won, and the line between the pictures goes by keys and mouse', async ({ page }) => {
  await openDemo(page, '/references/lantern/match');
  const verdict = page.getByRole('region', { name: 'What is noticed first' });
  await expect(verdict.getByText(/it was 2\d\.\d apart: the correction won 1\d\.\d/u)).toBeVisible();
  await expect(verdict.getByText('Nothing that these pictures can tell.')).toBeVisible();
  const line = page.getByRole('slider', { name: /left of the line/u });
  await line.focus();
  await page.keyboard.press('End');
  await expect(line).toHaveAttribute('aria-valuenow', '100');
  await page.keyboard.press('ArrowLeft');
  await expect(line).toHaveAttribute('aria-valuenow', '99');
  const box = await line.boundingBox();
  if (!box) throw new Error('no picture');
  await page.mouse.click(box.x + box.width / 4, box.y + box.height / 2);
  await expect(line).toHaveAttribute('aria-valuenow', '25');
});

test('a new match takes the regions of the last one, offers its spots again and is taken back by undo', async ({ page }) => {
  await openDemo(page, '/references/lantern/match');
  await expect(page.getByRole('region', { name: 'What is noticed first' })).toBeVisible();
  await page.getByLabel('Another of your photographs').selectOption({ label: 'Test print, first green' });
  await expect(page.getByText('0 of at least 4 spots')).toBeVisible();
  const own = page.getByRole('application', { name: /^Test print, first green/u });
  for (const [x, y] of [
    [0.365, 0.853],
    [0.614, 0.868],
    [0.379, 0.731],
    [0.611, 0.746],
    [0.381, 0.656],
  ] as const)
    await pressAt(own, x, y);
  await expect(page.getByText(/^By 5 spots/u)).toBeVisible();
  await page.getByRole('button', { name: 'Take spot 5 off' }).click();
  await expect(page.getByText(/^By 4 spots/u)).toBeVisible();
  await page.getByRole('button', { name: /^Undo Take spot 5 off/u }).click();
  await expect(page.getByText(/^By 5 spots/u)).toBeVisible();
  await page.getByRole('button', { name: 'Regions 4' }).click();
  await expect(page.getByLabel('Region', { exact: true }).first()).toHaveValue('enamel band');
});

test('without a grey patch nothing is said of colours, and the way to mark one is shown', async ({ page }) => {
  await openDemo(page, '/references/lantern');
  await page.getByRole('checkbox', { name: /its light: colours/u }).click();
  await expect(page.getByRole('button', { name: /^Undo Do not trust the light/u })).toBeVisible();
  await page.getByRole('link', { name: 'How near' }).click();
  await expect(page.getByText('The light of Hall, daylight is not to be trusted')).toBeVisible();
});

async function pressAt(picture: Locator, x: number, y: number): Promise<void> {
  const before = await picture
    .page()
    .getByRole('status')
    .filter({ hasText: /^Spot \d/u })
    .textContent();
  const box = await picture.boundingBox();
  if (!box) throw new Error('no picture');
  await picture.page().mouse.click(box.x + x * box.width, box.y + y * box.height);
  await expect(
    picture
      .page()
      .getByRole('status')
      .filter({ hasText: /^Spot \d/u }),
  ).not.toHaveText(before ?? '');
}
