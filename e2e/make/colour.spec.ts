import { expect, test } from '@playwright/test';
import { openDemo } from '../shops';

test('a picture’s light is taken out by its grey, a place is sampled into a target, and a recipe is kept as a card', async ({ page }) => {
  await openDemo(page, '/colour/pictures/picture-lamp');
  const stage = page.getByRole('application', { name: /^Lamp on/u });
  await page.getByRole('button', { name: 'Leave the light in' }).click();
  await expect(page.getByText('No neutral yet', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Mark a known patch' }).click();
  // Asked for anew each time: what stands above the picture changes.
  const at = async (x: number, y: number): Promise<[number, number]> => {
    const box = await stage.boundingBox();
    if (!box) throw new Error('no picture');
    return [box.x + x * box.width, box.y + y * box.height];
  };
  await page.mouse.move(...(await at(0.14, 0.7)));
  await page.mouse.down();
  await page.mouse.move(...(await at(0.19, 0.8)), { steps: 4 });
  await page.mouse.up();
  await expect(page.getByText('Taken out: red', { exact: false })).toBeVisible();
  // The band's true colour is #3c5c4c; a middle grey of 18 % instead of the card's true 21.6 % leaves it a little darker.
  await page.getByLabel('Patch of a press').selectOption({ label: 'small' });
  await page.mouse.click(...(await at(0.5, 0.71)));
  await expect(page.getByText(/^Lab 3[2-7]\.\d, -1[3-7]\.\d, \d\.\d/u)).toBeVisible();
  await page.getByLabel('For', { exact: true }).selectOption({ label: 'a new target' });
  await page.getByLabel('Called').fill('Band, by lamp');
  await page.getByRole('button', { name: 'Keep as a target' }).click();
  await page.getByRole('link', { name: 'To the mix for Band, by lamp' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Band, by lamp' })).toBeVisible();
  await page.getByRole('button', { name: 'Keep as a card' }).click();
  await page.getByRole('button', { name: 'Read it simulated 3 ×' }).click();
  await expect(page.getByText(/read with a simulated reader/u)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Correction' })).toBeVisible();
});

test('a picture of 12 megapixels is brought in shrunk', async ({ page }) => {
  await openDemo(page, '/colour/pictures');
  // 12 megapixels, drawn here so that no file of that size lies in the repository.
  const bytes = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(4000, 3000);
    const context = canvas.getContext('2d');
    for (let y = 0; y < 3000; y += 50)
      for (let x = 0; x < 4000; x += 50) {
        if (context) context.fillStyle = `rgb(${(x * 7) % 255} ${(y * 5) % 255} ${(x + y) % 255})`;
        context?.fillRect(x, y, 50, 50);
      }
    const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.95 });
    return [...new Uint8Array(await blob.arrayBuffer())];
  });
  await page
    .locator('input[accept="image/jpeg,image/png,image/webp"]')
    .setInputFiles({ name: 'large.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(bytes) });
  await expect(page.getByRole('application', { name: /^large\.jpg/u })).toBeVisible({ timeout: 30_000 });
  const size = await page.evaluate(() => {
    const image = document.querySelector<HTMLImageElement>('[role="application"] img');
    return [image?.naturalWidth, image?.naturalHeight];
  });
  expect(size).toEqual([1600, 1200]);
});

test('what does not go together is mended from the layers; masks are put on the ladder and taken off by undo', async ({ page }) => {
  await openDemo(page, '/ladders/lantern/lantern-tank');
  await page.getByRole('tab', { name: 'Layers' }).click();
  const findings = page.getByRole('region', { name: 'What does not go together' });
  await findings
    .getByRole('button', { name: /^Put it in/u })
    .first()
    .click();
  await expect(page.getByRole('link', { name: /^scuff/u })).toBeVisible();
  await page.getByRole('tab', { name: 'Masks' }).click();
  const order = page.getByRole('region', { name: 'Order', exact: true });
  await expect(order.getByRole('listitem')).toHaveCount(3);
  await order.getByRole('button', { name: /^Put \d+ rungs?/u }).click();
  await expect(page.getByRole('link', { name: /^Rubber for chips in green band/u })).toBeVisible();
  await page.getByRole('button', { name: /^Undo:? Put the masks/u }).click();
  await expect(page.getByRole('link', { name: /^Rubber for chips/u })).toHaveCount(0);
});

test('cards go onto paper, palettes out and in again', async ({ page }) => {
  await openDemo(page, '/colour/palettes');
  await expect(page.getByRole('img', { name: 'Cards, sheet 1' })).toBeVisible();
  await page.getByLabel('Colours of').selectOption({ label: 'the paints' });
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'As GIMP palette' }).click();
  const path = await (await saving).path();
  await page
    .locator('input[accept=".gpl,.csv"]')
    .setInputFiles({ name: 'paints.gpl', mimeType: 'text/plain', buffer: await (await import('node:fs/promises')).readFile(path) });
  await page.getByRole('button', { name: 'Keep them' }).click();
  await page.getByRole('link', { name: 'Mix to match' }).click();
  await page.getByLabel('Target shown').selectOption({ label: 'Deep green, brush acrylic' });
  await expect(page.getByText('ΔE 0.0').first()).toBeVisible();
});
