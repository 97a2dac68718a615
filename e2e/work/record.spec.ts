import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, test } from '@playwright/test';
import { exifJpeg } from '../exifJpeg';
import { openDemo } from '../shops';

/** Goes to an address as a link does. */
async function goTo(page: Page, path: string): Promise<void> {
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate', { state: null }));
  }, path);
}

test('a note for next time comes back with the same product, is laid to rest, and undo tells it again', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Note' }).click();
  await page.getByLabel('Note', { exact: true }).fill('black pulled at the seam: mist first');
  await page.getByRole('checkbox', { name: /^Tell me next time/u }).click();
  await page.getByRole('button', { name: 'Keep note' }).click();
  await expect(page.getByRole('button', { name: /^Undo Keep a note/u })).toBeVisible();
  await goTo(page, '/log?kind=forNextTime');
  await expect(page.getByText('black pulled at the seam: mist first')).toBeVisible();
  await expect(page.getByText('to be told next time').first()).toBeVisible();
  await goTo(page, '/ladders/telegraph/telegraph-pointer');
  await page.getByRole('region', { name: 'Ladder', exact: true }).getByRole('link', { name: /black/u }).first().click();
  const notes = page.getByRole('region', { name: 'Noted for next time' });
  await expect(notes).toContainText('black pulled at the seam');
  await notes.getByRole('button', { name: /^Lay to rest/u }).click();
  await expect(notes).toBeHidden();
  await page.getByRole('button', { name: /^Undo Lay a note to rest/u }).click();
  await expect(notes).toBeVisible();
});

test('a film that was not ready teaches its product, the sheet says so, and undo forgets it', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'I tried it: Handle grip: matte clear' }).click();
  await page.getByRole('group', { name: 'Tried: Handle grip: matte clear' }).getByRole('button', { name: 'Not yet' }).click();
  await expect(page.getByText(/^It dries in 1\.\d\d × the label’s time here/u)).toBeVisible();
  await goTo(page, '/shop/products');
  await page
    .getByRole('link', { name: 'Matte waterborne clear' })
    .or(page.getByRole('button', { name: 'Matte waterborne clear' }))
    .first()
    .click();
  const learned = page.getByRole('region', { name: 'How it really dries here' });
  await expect(learned).toContainText('not tape-safe yet');
  await page.getByRole('button', { name: /^Undo Try matte clear/u }).click();
  await expect(learned).toBeHidden();
});

test('photographs are kept upright and without where they were taken, in the order they were taken, and held beside each other', async ({
  page,
}) => {
  await openDemo(page, '/ladders/lantern/lantern-cap');
  await page.getByRole('tab', { name: 'Record' }).click();
  const strip = page.getByRole('region', { name: 'Photographs along time' });
  for (let orientation = 1; orientation <= 8; orientation += 1) {
    await strip
      .getByLabel('Add a photograph')
      .setInputFiles({ name: `held ${orientation}.jpg`, mimeType: 'image/jpeg', buffer: exifJpeg(orientation) });
    await expect(strip.getByRole('listitem')).toHaveCount(orientation);
  }
  await strip
    .getByLabel('Add a photograph')
    .setInputFiles({ name: 'broken.jpg', mimeType: 'image/jpeg', buffer: exifJpeg(1).subarray(0, 60) });
  await expect(page.getByText(/this picture could not be read/u).first()).toBeVisible();
  await expect(strip.getByRole('listitem')).toHaveCount(8);
  const kept = await page.evaluate(async () => {
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      const ask = indexedDB.open('zinc-ladder');
      ask.onsuccess = () => resolve(ask.result);
      ask.onerror = () => reject(new Error('no database'));
    });
    const all = <Kept>(table: string): Promise<Kept[]> =>
      new Promise((resolve) => {
        const ask = db.transaction(table).objectStore(table).getAll();
        ask.onsuccess = () => resolve(ask.result as Kept[]);
      });
    type Kept = { id: string; name: string; takenAtMs: number; focalShare: number };
    const pictures = (await all<{ records: Kept[] }>('pictures')).flatMap(({ records }) => records);
    const files = new Map((await all<{ id: string; blob: Blob }>('attachments')).map(({ id, blob }) => [id, blob]));
    const told = [];
    for (const { id, name, takenAtMs, focalShare } of pictures.filter((one) => one.name.startsWith('held'))) {
      const blob = files.get(id) as Blob;
      const bytes = new Uint8Array(await blob.arrayBuffer());
      const bitmap = await createImageBitmap(blob);
      told.push({
        name,
        size: [bitmap.width, bitmap.height],
        holdsExif: new TextDecoder('latin1').decode(bytes).includes('Exif'),
        day: new Date(takenAtMs).getDate(),
        focalShare,
      });
    }
    db.close();
    return told.sort((a, b) => a.name.localeCompare(b.name));
  });
  expect(kept.map(({ size }) => size)).toEqual([
    ...Array.from({ length: 4 }, () => [40, 20]),
    ...Array.from({ length: 4 }, () => [20, 40]),
  ]);
  expect(kept.every(({ holdsExif, day, focalShare }) => !holdsExif && day === 20 && Math.abs(focalShare - 26 / 36) < 1e-9)).toBe(true);
  await strip
    .getByRole('button', { name: /held 1\.jpg/u })
    .first()
    .click();
  await strip
    .getByRole('button', { name: /held 2\.jpg/u })
    .first()
    .click();
  await strip.getByRole('button', { name: 'Under a line' }).click();
  const line = strip.getByRole('slider');
  await line.focus();
  await page.keyboard.press('Home');
  await expect(line).toHaveAttribute('aria-valuenow', '0');
});

test('a second is made from the record, and its ladder has what was done', async ({ page }) => {
  await openDemo(page, '/ladders/telegraph/telegraph-pointer');
  await page.getByRole('tab', { name: 'Grow' }).click();
  const second = page.getByRole('region', { name: 'Make a second' });
  await second.getByLabel('As it was done on').selectOption({ label: 'Storm lantern No. 9: Badge' });
  await second.getByRole('checkbox', { name: 'Take satin clear' }).click();
  await expect(second.getByRole('button', { name: /^Grow these 13 rungs/u })).toBeVisible();
  await second.getByRole('button', { name: /^Grow these 13 rungs/u }).click();
  await expect(page.getByRole('button', { name: /^Undo Grow the ladder of Pointer as Badge was made/u })).toBeVisible();
});

test('a filter of the log stands in the address, the table that is saved reads back, and a time sheet is taken in or left', async ({
  page,
}) => {
  await openDemo(page, '/log');
  await page.getByLabel('Words').fill('primer');
  await expect(page).toHaveURL(/words=primer/u);
  await goTo(page, '/log?words=verdigris');
  await expect(page.getByLabel('Words')).toHaveValue('verdigris');
  await expect(page.getByText('Cards and flaws that say so')).toContainText('Verdigris');
  await page.getByLabel('Words').fill('');
  // Sums and chart follow the filter: nothing moves any more once they have.
  await expect(page).not.toHaveURL(/words=/u);
  await page.waitForTimeout(600);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save what is shown (CSV)' }).click();
  const csv = readFileSync(await (await saved).path(), 'utf8');
  expect(csv.split('\r\n')[0]).toBe('when,kind,prop,part,rung,product,planned minutes,minutes,celsius,humidity percent,by,words');
  await page.getByLabel('Take in a time sheet (CSV)').setInputFiles({
    name: 'sheet.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('date;duration;part;task\n28.5.2026 19:20;0:25;Tank;wash\n28.5.2026;soon;Tank;edges\n28.5.2026;5;Keel;sand\n'),
  });
  const sheet = page.getByRole('region', { name: 'Time sheet' });
  await expect(sheet).toContainText('Line 3: “soon” are no minutes.');
  await expect(sheet).toContainText('left aside: no part is called “Keel”');
  await sheet.getByRole('button', { name: 'Take in 1 row' }).click();
  await expect(page.getByRole('button', { name: /^Undo Take in a time sheet/u })).toBeVisible();
  await expect(page.getByRole('region', { name: /entries, newest first/u })).toContainText('Tank: wash');
});

test('a label’s code opens its part on the bench, and the plan’s order is a press away', async ({ page }) => {
  await openDemo(page, '/ladders/lantern');
  await page.getByRole('button', { name: 'Change prop' }).click();
  const labels = page.getByRole('region', { name: 'Part labels' });
  await labels.getByLabel('Address of this program').fill('not an address');
  await expect(labels.getByText('An address such as')).toBeVisible();
  await labels.getByLabel('Address of this program').fill('http://192.168.1.20:4310');
  const saved = page.waitForEvent('download');
  await labels.getByRole('button', { name: 'Save as SVG' }).click();
  expect(readFileSync(await (await saved).path(), 'utf8')).toContain('Cage bar × 4');
  await goTo(page, '/bench');
  await page.getByRole('button', { name: /^Set down/u }).click();
  await goTo(page, '/bench?part=lantern-chimney');
  await expect(page.getByRole('region', { name: 'Next' })).toContainText('Chimney');
  await page.getByRole('button', { name: 'Back to the plan’s order' }).click();
  await expect(page.getByRole('button', { name: 'Back to the plan’s order' })).toBeHidden();
});
