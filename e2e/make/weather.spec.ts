import type { Locator, Page } from '@playwright/test';
import { expect, test } from '@playwright/test';
import { openDemo } from '../shops';

/** Same places of the demo's two photographs, and places no pass touched, as the script that drew them knows them: shares of the sides. */
const PAIRS = [
  [
    [0.149, 0.151],
    [0.15, 0.144],
  ],
  [
    [0.851, 0.181],
    [0.853, 0.171],
  ],
  [
    [0.821, 0.839],
    [0.828, 0.834],
  ],
  [
    [0.161, 0.829],
    [0.163, 0.829],
  ],
  [
    [0.449, 0.701],
    [0.453, 0.696],
  ],
] as const;
const CLEAN = [
  [0.187, 0.287],
  [0.453, 0.261],
  [0.352, 0.464],
  [0.137, 0.362],
  [0.357, 0.778],
  [0.716, 0.157],
  [0.654, 0.439],
  [0.278, 0.313],
  [0.14, 0.517],
  [0.542, 0.73],
] as const;

async function press(board: Locator, [x, y]: readonly [number, number]): Promise<void> {
  const box = await board.boundingBox();
  if (!box) throw new Error('the photograph is not drawn');
  await board.click({ position: { x: x * box.width, y: y * box.height } });
}

/** What the canvas shows. */
async function shoot(page: Page): Promise<Buffer> {
  return page.getByRole('application').screenshot();
}

/** How long a machine without a graphics card, and busy with another browser, may take to draw a part for the first time. */
const DRAWN_MS = 90_000;
test.describe.configure({ timeout: 240_000 });

test('how far do I go: passes of a story move the picture and the line, are put on the ladder, and undo takes all back', async ({
  page,
}) => {
  await openDemo(page, '/weather/lantern-cap');
  const passes = page.getByRole('region', { name: 'Passes' });
  await expect(passes.getByRole('button', { name: /Dark wash, wiped \d+ %/u })).toBeVisible({ timeout: DRAWN_MS });
  await expect(page.getByRole('application')).toBeVisible();
  await page.waitForTimeout(1500);
  const worn = await shoot(page);
  await page.getByRole('button', { name: 'Half clean' }).click();
  await page.waitForTimeout(800);
  expect((await shoot(page)).equals(worn)).toBe(false);
  await page.getByRole('button', { name: 'Half clean' }).click();
  await passes.getByRole('button', { name: /Polished edges/u }).click();
  const sheet = page.getByRole('region', { name: 'Polished edges' });
  const before = await sheet.getByText(/Stop at/u).textContent();
  await sheet.getByRole('slider', { name: 'Amount' }).press('End');
  await expect(sheet.getByText(/Stop at/u)).not.toHaveText(before ?? '', { timeout: 15_000 });
  await passes.getByRole('button', { name: /^Put \d on the ladder$/u }).click();
  await expect(passes.getByText('on the ladder').first()).toBeVisible();
  await sheet.getByRole('link', { name: 'Its rung' }).click();
  await expect(page.getByRole('heading', { name: /polished edges/iu }).first()).toBeVisible();
  await page.goBack();
  await page.getByRole('button', { name: /^Undo Put the passes on the ladder/u }).click();
  await expect(passes.getByRole('button', { name: /^Put \d on the ladder$/u })).toBeVisible();
});

test('where it is held is told by the tank it stands under, or pointed at on the part itself; undo takes the pin back', async ({
  page,
}) => {
  await openDemo(page, '/weather/lantern-base');
  const passes = page.getByRole('region', { name: 'Passes' });
  await expect(passes.getByRole('button', { name: /Dark wash, wiped \d+ %/u })).toBeVisible({ timeout: DRAWN_MS });
  await page.getByRole('combobox', { name: 'Add a technique' }).selectOption('grime');
  const grime = page.getByRole('region', { name: 'Grime where hands go' });
  await expect(grime.getByText(/Stop at [1-9]\d* % covered/u)).toBeVisible({ timeout: 20_000 });
  await page.getByText(/^Its life: 0 held, 0 run from, 1 on other parts/u).click();
  await page.getByRole('combobox', { name: 'Sits in Storm lantern No. 9' }).selectOption({ label: 'nobody knows where' });
  await expect(grime.getByText(/^No marks seen from [\d.]+ m$/u)).toBeVisible({ timeout: 20_000 });
  await page.getByRole('button', { name: 'Point at where it is held' }).click();
  const canvas = page.getByRole('application');
  await canvas.press('ArrowLeft');
  await canvas.press('ArrowLeft');
  const box = await canvas.boundingBox();
  if (!box) throw new Error('no canvas');
  await canvas.click({ position: { x: box.width / 2, y: box.height * 0.55 } });
  await expect(page.getByText(/held at/u)).toBeVisible({ timeout: 20_000 });
  await expect(grime.getByText(/Stop at [1-9]\d* % covered/u)).toBeVisible({ timeout: 20_000 });
  await page.getByRole('button', { name: /^Undo Pin where it is held/u }).click();
  await expect(page.getByText(/held at/u)).toHaveCount(0);
});

test('a region of another colour is pointed at on the mesh, tells its share, and undo takes it off', async ({ page }) => {
  await openDemo(page, '/weather/lantern-tank');
  await page.getByText(/^Its colours: Brass.*Harbour green enamel, aerosol on 41 %$/u).click({ timeout: DRAWN_MS });
  await page.getByRole('button', { name: 'Point at a region of another colour' }).click();
  const canvas = page.getByRole('application', { name: /Tank with/u });
  await canvas.scrollIntoViewIfNeeded();
  const box = await canvas.boundingBox();
  if (!box) throw new Error('no canvas');
  await canvas.click({ position: { x: box.width / 2, y: box.height * 0.33 } });
  const row = page.getByRole('listitem', { name: 'another colour' });
  await expect(row.getByText(/^[1-9]\d* % of it/u)).toBeVisible({ timeout: DRAWN_MS });
  await row.getByRole('combobox', { name: 'Its paint' }).selectOption({ label: 'Bakelite brown, gloss aerosol' });
  await expect(page.getByText(/Bakelite brown, gloss aerosol on [1-9]\d* %$/u)).toBeVisible({ timeout: DRAWN_MS });
  await page.getByRole('button', { name: /^Undo Paint of a region/u }).click();
  await page.getByRole('button', { name: /^Undo Point at a region/u }).click();
  await expect(page.getByRole('listitem', { name: 'another colour' })).toHaveCount(0);
});

/** Shares of a picture's pixels: of the part on its neutral ground, and of the part those that are nearly black. */
async function sharesOf(page: Page, canvas: Locator): Promise<{ readonly part: number; readonly black: number }> {
  const png = (await canvas.screenshot()).toString('base64');
  return page.evaluate(async (data) => {
    const image = new Image();
    image.src = `data:image/png;base64,${data}`;
    await image.decode();
    const flat = Object.assign(document.createElement('canvas'), { width: image.width, height: image.height });
    const context = flat.getContext('2d');
    if (!context) throw new Error('no canvas');
    context.drawImage(image, 0, 0);
    const pixels = context.getImageData(0, 0, image.width, image.height).data;
    let part = 0;
    let black = 0;
    for (let at = 0; at < pixels.length; at += 4) {
      const [r = 0, g = 0, b = 0] = pixels.subarray(at, at + 3);
      const isGround = Math.max(r, g, b) - Math.min(r, g, b) < 4 && r > 90;
      if (isGround) continue;
      part += 1;
      if (Math.max(r, g, b) < 70) black += 1;
    }
    return { part: part / (pixels.length / 4), black: black / part };
  }, png);
}

test('numerals are sprayed through their stencil: as much of the dial is drawn black as is reckoned, and undo opens all of it', async ({
  page,
}) => {
  await openDemo(page, '/weather/telegraph-face');
  await page.getByText(/^Its colours: Cream.*Black, gloss aerosol on [12] %$/u).click({ timeout: DRAWN_MS });
  const canvas = page.getByRole('application', { name: /Dial face with/u });
  await page.getByRole('button', { name: 'Top', exact: true }).click();
  const row = page.getByRole('listitem', { name: 'Black, gloss aerosol' });
  // The dial's flat top is a circle of 105.6 mm; its numerals are what the stencil opens, as is told beside it.
  const squareCentimetres = Number(/, ([\d.]+) cm²/u.exec((await row.getByText(/% of it/u).textContent()) ?? '')?.[1]);
  const wanted = squareCentimetres / (Math.PI * 5.28 ** 2);
  expect(wanted).toBeGreaterThan(0.03);
  await expect.poll(async () => Math.abs((await sharesOf(page, canvas)).black - wanted), { timeout: 20_000 }).toBeLessThan(0.012);
  await row.getByRole('combobox', { name: 'Sprayed through' }).selectOption({ label: 'no stencil: all of it' });
  await expect(page.getByText(/Black, gloss aerosol on 4\d %$/u)).toBeVisible({ timeout: 20_000 });
  await expect.poll(async () => (await sharesOf(page, canvas)).black, { timeout: 20_000 }).toBeGreaterThan(0.8);
  await page.getByRole('button', { name: /^Undo Stencil of a region/u }).click();
  await expect(page.getByText(/Black, gloss aerosol on [12] %$/u)).toBeVisible({ timeout: 20_000 });
});

test('the mistake a rehearsal avoids: umber wash on bakelite brown does not show', async ({ page }) => {
  await openDemo(page, '/weather/telegraph-knobs');
  const sheet = page.getByRole('region', { name: 'Dark wash, dabbed and left' });
  await expect(sheet.getByRole('alert')).toContainText('This will not show over Bakelite brown, gloss aerosol', { timeout: DRAWN_MS });
  await expect(sheet.getByRole('button', { name: /^Black, brush acrylic/u })).toBeVisible();
  await expect(page.getByText('by its shape: no recesses known')).toBeVisible();
});

test('a photographed pass is one light turn short of its line, and is read anew against the clean photograph', async ({ page }) => {
  await openDemo(page, '/weather/lantern-base/steer?pass=lantern-base-w2');
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict.getByText('One more, light')).toBeVisible({ timeout: 40_000 });
  await page.getByRole('combobox', { name: /of those there are/u }).selectOption({ label: 'Base after sponge stipple' });
  const clean = page.getByRole('application', { name: /Base, clean/u });
  const after = page.getByRole('application', { name: /Base, after sponge stipple/u });
  await expect(after).toBeVisible();
  for (const [before, later] of PAIRS) {
    await press(clean, before);
    await press(after, later);
  }
  // Marks of many presses are still there when the view is come back to.
  await page.getByRole('link', { name: 'Rehearse' }).click();
  await expect(after).toHaveCount(0);
  await page.goBack();
  await expect(page.getByText(`After · ${PAIRS.length} places`)).toBeVisible();
  await page.getByRole('button', { name: 'Read it' }).click();
  // Without clean places the change of light is not known.
  await expect(page.getByRole('alert').filter({ hasText: 'clean places are pinned' })).toBeVisible();
  await page.getByRole('button', { name: 'Clean places', exact: true }).click();
  for (const place of CLEAN) await press(after, place);
  await page.getByRole('button', { name: 'Read it' }).click();
  const reading = page.getByRole('status').filter({ hasText: 'covered' });
  await expect(reading).toContainText('against the clean photograph', { timeout: DRAWN_MS });
  // The script covered 21 % of it.
  const [share] = /(\d+) %/u.exec((await reading.textContent()) ?? '')?.slice(1) ?? [];
  expect(Math.abs(Number(share) - 21)).toBeLessThanOrEqual(5);
  await page.getByRole('button', { name: 'Keep this reading' }).click();
  await expect(page.getByRole('region', { name: 'Turns so far' }).getByRole('listitem')).toHaveCount(2);
});

test('a place is set on a photograph by keys alone', async ({ page }) => {
  await openDemo(page, '/weather/lantern-base/steer?pass=lantern-base-w2');
  await page.getByRole('combobox', { name: /of those there are/u }).selectOption({ label: 'Base after sponge stipple' });
  const after = page.getByRole('application', { name: /Base, after sponge stipple/u });
  await after.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(page.getByText('After · 1 places, 0 clean')).toBeVisible();
});

test('all parts of the lantern stand side by side: which looks too new, and the pass that brings it nearer', async ({ page }) => {
  await openDemo(page, '/weather/lantern-cap/level');
  await expect(page.getByRole('heading', { name: /Storm lantern No. 9: most look \d+/u })).toBeVisible({ timeout: 90_000 });
  const row = page.getByRole('row').filter({ has: page.getByRole('rowheader', { name: 'Tank' }) });
  await expect(row).toContainText(/\d+/u);
});
