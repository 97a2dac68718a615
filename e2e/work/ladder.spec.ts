import type { Page } from '@playwright/test';
import { expect, test } from '@playwright/test';
import { DEMO, openDemo } from '../shops';

const FACE = '/ladders/telegraph/telegraph-face?rung=telegraph-face-02';

function rungs(page: Page) {
  return page.getByRole('list', { name: 'Rungs, top first' }).getByRole('link');
}

test('rungs are added, duplicated, moved, left out, put back and removed; undo takes each back', async ({ page }) => {
  await openDemo(page, FACE);
  await expect(rungs(page)).toHaveCount(16);
  const before = await rungs(page).allInnerTexts();

  await page.getByRole('button', { name: 'Duplicate' }).click();
  await expect(rungs(page)).toHaveCount(17);
  await expect(page.getByText('Rung 3 of 17')).toBeVisible();
  await page.getByRole('button', { name: 'Add above' }).click();
  await expect(page.getByRole('heading', { level: 2, name: 'new rung' })).toBeVisible();
  await expect(page.getByText('Rung 4 of 18')).toBeVisible();
  await page.getByRole('button', { name: 'Move up' }).click();
  await expect(page.getByText('Rung 5 of 18')).toBeVisible();
  await page.getByRole('button', { name: 'Move down' }).click();
  await expect(page.getByText('Rung 4 of 18')).toBeVisible();
  await page.getByRole('button', { name: 'Leave out' }).click();
  await expect(page.getByRole('link', { name: 'new rung, left out' })).toBeVisible();
  await page.getByRole('button', { name: 'Put back in' }).click();
  await expect(page.getByRole('link', { name: /new rung, (to do|next)/u })).toBeVisible();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(rungs(page)).toHaveCount(17);

  for (let undone = 0; undone < 7; undone += 1) {
    const undo = page.getByRole('button', { name: /^Undo / });
    await undo.click();
    await page.waitForTimeout(150);
  }
  await expect.poll(() => rungs(page).allInnerTexts()).toEqual(before);
});

test('a rung’s method, product, film and minutes change where they stand, with cautions and core sample following', async ({ page }) => {
  await openDemo(page, FACE);
  await page.getByRole('button', { name: 'Change', exact: true }).click();
  await page.getByLabel('Method').selectOption({ label: 'Prime' });
  await page.getByLabel('Product').selectOption({ label: 'Grey filler primer, aerosol' });
  await expect(page.getByLabel('Dry film, µm')).toHaveValue('40');
  await expect(page.getByRole('complementary', { name: 'Cautions' })).toContainText('Organic-vapour respirator');
  await page.getByLabel('Dry film, µm').fill('9,5');
  await page.getByLabel('Dry film, µm').press('Enter');
  await expect(page.getByLabel('Dry film, µm')).toHaveValue('9.5');
  await page.getByLabel('Hands, min').fill('minus five');
  await expect(page.getByRole('alert')).toHaveText('This is not a number.');
  await page.getByLabel('Hands, min').press('Escape');
  await page.getByLabel('Hands, min').fill('33');
  await page.getByLabel('Hands, min').press('Enter');
  await expect(page.getByLabel('Hands, min')).toHaveValue('33');
  await expect(page.getByLabel('Hands, min')).toHaveAccessibleDescription(/^\d+ min, yours: [+−]\d+ %$/u);
  await page.getByRole('button', { name: 'That is all' }).click();
  // What is shown is planned at the finisher's own pace, and says so; why tells the minutes it comes from.
  await expect(page.getByRole('button', { name: 'Why planned' })).toHaveText(/^\d+ min\s*yours: [+−]\d+ %$/u);
  await page.getByRole('button', { name: 'Why planned' }).click();
  await expect(page.getByText('33 min')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('figure').getByText('P100')).toBeVisible();
});

test('a ladder grows anew above what is done', async ({ page }) => {
  await openDemo(page, '/ladders/telegraph/telegraph-case');
  await expect(rungs(page)).toHaveCount(23);
  await page.getByRole('tab', { name: 'Grow' }).click();
  await page.getByLabel('Smoothing').selectOption('brushEpoxy');
  await page.getByLabel('Finish').selectOption('satin');
  await expect(page.getByText(/rungs, /u)).toBeVisible();
  await page.getByRole('button', { name: 'Grow the ladder' }).click();
  await expect(page.getByRole('link', { name: /^levelling epoxy/u })).toBeVisible();
  await expect(page.getByRole('link', { name: 'cut, done' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(rungs(page)).toHaveCount(23);
  await expect(page.getByRole('link', { name: /^levelling epoxy/u })).toHaveCount(0);
});

test('a part keeps a mesh, changes its values, is taken away and comes back whole', async ({ page }) => {
  await openDemo(page, '/ladders/telegraph/telegraph-pointer');
  await page.getByRole('tab', { name: 'Part' }).click();
  await page.getByRole('link', { name: 'Mesh, layer lines and loops of this part' }).click();
  await page.getByLabel('Keep a mesh file').setInputFiles({ name: 'pointer.obj', mimeType: 'model/obj', buffer: Buffer.from('v 0 0 0') });
  await expect(page.getByText('pointer.obj gives nothing', { exact: false })).toBeVisible();
  await page
    .getByLabel('Another mesh file')
    .setInputFiles({ name: 'pointer.exe', mimeType: 'application/octet-stream', buffer: Buffer.from('MZ') });
  await expect(page.getByText('a mesh is an STL, OBJ or 3MF file', { exact: false }).first()).toBeVisible();
  await page.goto(`${DEMO}/ladders/telegraph/telegraph-pointer`);
  await page.getByRole('tab', { name: 'Part' }).click();
  await page.getByLabel('Pieces').fill('3');
  await page.getByLabel('Pieces').press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tide telegraph / Pointer × 3');
  // One of them goes its own way, until that is undone.
  await page.getByRole('button', { name: 'Make them a part of their own' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tide telegraph / Pointer, apart');
  await page.getByRole('button', { name: 'Undo Take 1 piece of Pointer out' }).click();
  await expect(page.getByText('This part is not here.')).toBeVisible();
  await page.goto(`${DEMO}/ladders/telegraph/telegraph-pointer`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tide telegraph / Pointer × 3');
  await page.getByRole('tab', { name: 'Part' }).click();
  await page.getByRole('button', { name: 'Take the part away' }).click();
  await page.getByRole('button', { name: 'Take it away' }).click();
  await expect(page).toHaveURL(/\/ladders\/telegraph$/u);
  await expect(page.getByRole('region', { name: 'Pointer × 3' })).toHaveCount(0);
  // The view changes at once; what is undone and left must have been kept before.
  await expect(page.getByRole('button', { name: 'Undo Take Pointer away' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: 'Redo Take Pointer away' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Pointer × 3' })).toBeVisible();
  await page.goto(`${DEMO}/surface/telegraph-pointer`);
  await expect(page.getByText('pointer.obj gives nothing', { exact: false })).toBeVisible();
});

test('a join is made, shown on both ladders and taken away', async ({ page }) => {
  await openDemo(page, '/ladders/cuff/cuff-clasp');
  await page.getByRole('tab', { name: 'Joins' }).click();
  await expect(page.getByText('This ladder meets no other.')).toBeVisible();
  await page.getByLabel('It must have climbed').selectOption({ index: 2 });
  await page.getByRole('button', { name: 'Join', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Take away: Plate × 14 to Clasp × 2' })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: /Plate × 14.*joins.*Clasp × 2/u })).toBeVisible();
  await page.goto(`${DEMO}/ladders/cuff`);
  await expect(page.getByText('Plate joins here')).toBeAttached();
  await page.goto(`${DEMO}/ladders/cuff/cuff-plates`);
  await page.getByRole('tab', { name: 'Joins' }).click();
  await page.getByRole('button', { name: 'Take away: Plate × 14 to Clasp × 2' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Clasp × 2' })).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Take away: Strap × 2 to Plate × 14' })).toBeVisible();
});
