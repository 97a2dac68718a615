import { expect, test } from '@playwright/test';
import { EMPTY, pressStart, startShop } from '../shops';

test('from an empty browser to the first logged coat, and it is all there tomorrow', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-05-28T10:00:00+02:00') });
  await startShop(page);
  await page.getByRole('link', { name: 'Ladders', exact: true }).click();
  await page.getByRole('button', { name: 'Add the first prop' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Signal lamp');
  await page.getByRole('button', { name: 'Add prop' }).last().click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Signal lamp');

  await page.getByRole('button', { name: 'Add part' }).first().click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Housing');
  await page.getByLabel('Material').selectOption({ label: 'Resin' });
  await expect(page.getByLabel('Layer, mm')).toHaveValue('0.05');
  await page.getByLabel('Finish').selectOption({ label: 'Gloss colour' });
  await expect(page.getByText(/rungs, /u)).toBeVisible();
  await page.getByRole('button', { name: 'Add part' }).last().click();
  await expect(page.getByRole('link', { name: 'primer, to do' })).toBeVisible();

  // What comes before the primer is logged as done from the ladder; the primer itself is worked at the bench.
  for (const name of ['wash and UV cure', 'cut', 'P220', 'wash and dust']) {
    await page.getByRole('link', { name: new RegExp(`^${name}, `, 'u') }).click();
    await page.getByRole('button', { name: /Log as done/u }).click();
    await expect(page.getByRole('button', { name: 'Open again' })).toBeVisible();
  }
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(page.getByRole('heading', { level: 2 }).first()).toHaveText('Housing: primer');
  await page.getByRole('button', { name: /^Take in hand/u }).click();
  await expect(page.getByRole('timer')).toBeVisible();
  await page.clock.fastForward('12:00');
  await expect(page.getByRole('timer')).toContainText('00:12:');
  await page.reload();
  await expect(page.getByRole('timer')).toContainText('00:12:');
  await page.getByRole('button', { name: 'Done: log 12 min' }).click();
  await expect(page.getByRole('img', { name: /Now wet/u })).toBeVisible();

  await page.clock.fastForward('24:00:00');
  await page.reload();
  await expect(page.getByRole('img', { name: /Now (tape-safe|hard)/u }).or(page.getByText('Nothing is drying'))).toBeVisible();
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  // Twice: it was begun while the part was still wet from washing, which the log keeps, and then it was done.
  await expect(page.getByRole('heading', { name: 'Housing: primer' })).toHaveCount(2);
  await expect(page.getByRole('region', { name: 'entries, newest first' }).getByText('done all the same')).toBeVisible();
  await expect(page.getByText('12 min', { exact: false }).first()).toBeVisible();
});

test('a part whose school its material does not allow is refused with the reason', async ({ page }) => {
  await startShop(page);
  await page.goto(`${EMPTY}/ladders`);
  await page.getByRole('button', { name: 'Add the first prop' }).click();
  await page.getByRole('button', { name: 'Add prop' }).last().click();
  await expect(page.getByRole('alert').first()).toHaveText('This is needed.');
  await page.getByRole('textbox', { name: 'Name' }).fill('Cuff');
  await page.getByRole('button', { name: 'Add prop' }).last().click();
  await page.getByRole('button', { name: 'Add part' }).first().click();
  await page.getByLabel('Material').selectOption({ label: 'Flexible filament' });
  await page.getByLabel('Smoothing').selectOption('bodyFiller');
  await expect(page.getByRole('alert')).toContainText('it cracks on a part that bends');
  await expect(page.getByRole('button', { name: 'Add part' }).last()).toBeDisabled();
  await page.getByLabel('Smoothing').selectOption('primerOnly');
  await page.getByRole('textbox', { name: 'Name' }).fill('Plate');
  await page.getByLabel('Surface, cm²').fill('-4');
  await page.getByRole('button', { name: 'Add part' }).last().click();
  await expect(page.getByText('At least 0.')).toBeVisible();
});

test('a shop without hours says so, and ladders that wait for each other are named', async ({ page }) => {
  await page.goto(EMPTY);
  await pressStart(page);
  await page.goto(`${EMPTY}/shop/hours`);
  const takeAway = page.getByRole('button', { name: /Take away hands/u });
  await expect(takeAway).toHaveCount(7);
  for (let left = 7; left > 0; left -= 1) {
    await takeAway.first().click();
    await expect(takeAway).toHaveCount(left - 1);
  }
  await page.goto(`${EMPTY}/ladders`);
  await page.getByRole('button', { name: 'Add the first prop' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Box');
  await page.getByRole('button', { name: 'Add prop' }).last().click();
  for (const name of ['Lid', 'Body']) {
    await page.getByRole('button', { name: 'Add part' }).first().click();
    await page.getByRole('textbox', { name: 'Name' }).fill(name);
    await page.getByRole('button', { name: 'Add part' }).last().click();
    await expect(page.getByRole('region', { name })).toBeVisible();
  }
  await page.getByRole('link', { name: 'Plan' }).click();
  await expect(page.getByText('There are no hands hours.').first()).toBeVisible();
  for (const name of ['Lid', 'Body']) {
    await page.getByRole('link', { name: 'Ladders', exact: true }).click();
    await page.getByRole('link', { name: new RegExp(`^${name}`, 'u') }).click();
    await page.getByRole('tab', { name: 'Joins' }).click();
    await page.getByRole('button', { name: 'Join', exact: true }).click();
    await expect(page.getByText(/joins .* at fit/u).first()).toBeVisible();
  }
  await page.getByRole('link', { name: 'Plan' }).click();
  await expect(page.getByText('These wait for each other in a circle')).toBeVisible();
});
