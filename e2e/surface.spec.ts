import { expect, test } from '@playwright/test';
import { openDemo } from './shops';

/** A binary STL of an upright box, mm. */
function boxStl(x: number, y: number, z: number): Buffer {
  const corner = (at: number): [number, number, number] => [at & 1 ? x : 0, at & 2 ? y : 0, at & 4 ? z : 0];
  const quads = [
    [0, 2, 3, 1],
    [4, 5, 7, 6],
    [0, 1, 5, 4],
    [1, 3, 7, 5],
    [3, 2, 6, 7],
    [2, 0, 4, 6],
  ];
  const facets = quads.flatMap(([a = 0, b = 0, c = 0, d = 0]) => [
    [a, b, c],
    [a, c, d],
  ]);
  const bytes = Buffer.alloc(84 + facets.length * 50);
  bytes.writeUInt32LE(facets.length, 80);
  facets.forEach((facet, at) => facet.flatMap(corner).forEach((value, place) => bytes.writeFloatLE(value, 84 + at * 50 + 12 + place * 4)));
  return bytes;
}

test('is it smooth enough: the case wants two more passes, the ladder gives up what is too many, undo takes it back', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Surface' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tide telegraph / Case');
  await expect(page.getByText('Two more passes')).toBeVisible();
  await expect(page.getByRole('row', { name: /Domes worst/u })).toContainText('218 cm²');
  await page.getByRole('button', { name: 'Why verdict' }).click();
  await expect(page.getByText('Bayesian regression of the logarithm', { exact: false })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Leave out 3' }).click();
  await expect(page.getByText('2 open turns of primer and sanding, as many as this asks for', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Undo Fit the loops of Case' }).click();
  await expect(page.getByRole('button', { name: 'Leave out 3' })).toBeVisible();
});

test('a mesh is turned by keys, pointed at, painted by recess, and a flaw is pinned on it; a pass changes the verdict', async ({
  page,
}) => {
  await openDemo(page, '/surface/telegraph-case');
  const part = page.getByRole('application', { name: /Case by layer ridges/u });
  await expect(part).toBeVisible();
  await expect(page.getByText('Point at the part to read a place.')).toBeVisible();
  // The scene is fetched and drawn after the page stands.
  await expect(async () => {
    await part.click({ position: { x: 150, y: 130 } });
    await expect(page.getByText(/there: \d+ µm ridge/u)).toBeVisible({ timeout: 1000 });
  }).toPass();
  const before = await part.screenshot();
  await part.press('ArrowLeft');
  await part.press('ArrowLeft');
  await expect(async () => expect((await part.screenshot()).equals(before)).toBe(false)).toPass();
  await page.getByLabel('Paint it by').selectOption('recess');
  await expect(page.getByText(/% of the area is more than half covered/u)).toBeVisible();
  await page.getByRole('link', { name: 'Inspect' }).click();
  const pinned = page.getByRole('application', { name: /Case with 21 pins/u });
  await expect(async () => {
    await pinned.click({ position: { x: 200, y: 200 } });
    await expect(page.getByText('A flaw there')).toBeVisible({ timeout: 1000 });
  }).toPass();
  await page.getByLabel('Kind').selectOption('pinhole');
  await page.getByRole('button', { name: 'Pin it there' }).click();
  await expect(page.getByRole('application', { name: /Case with 22 pins/u })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Open, 9' })).toBeVisible();
  for (const box of await page.getByRole('checkbox', { name: /jumps out|shows/u }).all()) await box.check();
  await page.getByLabel('Hands, min').fill('80');
  await page.getByLabel('Deepest valley, µm').fill('22');
  await page.getByRole('button', { name: 'Log the pass, 9 mended' }).click();
  await expect(page.getByText('Go: smooth enough')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Go: smooth enough')).toBeVisible();
});

test('an own mesh is kept, measured and taken over, and goes out and in again with the shop', async ({ page }) => {
  await openDemo(page, '/surface/telegraph-ring');
  await expect(page.getByText('No mesh is kept with this part', { exact: false })).toBeVisible();
  await page.getByLabel('Keep a mesh file').setInputFiles({ name: 'ring.stl', mimeType: 'model/stl', buffer: boxStl(50, 40, 30) });
  await expect(page.getByRole('row', { name: /Walls/u })).toContainText('54 cm²');
  await page.getByRole('button', { name: 'Take these over' }).click();
  await expect(page.getByText('The part reckons with these figures.')).toBeVisible();
  await page.goto(page.url().replace(/\/surface.*/u, '/ladders/telegraph/telegraph-ring'));
  await page.getByRole('tab', { name: 'Part' }).click();
  await expect(page.getByRole('textbox', { name: /Surface of a piece/u })).toHaveValue('94');
});

test('filler is mixed and its timers stand on the bench', async ({ page }) => {
  await openDemo(page, '/surface/lantern-tank/mix');
  await page.getByRole('button', { name: 'Mixed: start the timers' }).click();
  await page.getByRole('link', { name: 'Bench' }).click();
  const timers = page.getByRole('region', { name: 'Timers' });
  await expect(timers).toContainText('Filler: trim until');
  await timers.getByRole('button', { name: 'Done with Filler: work it' }).click();
  await expect(timers).not.toContainText('Filler: work it');
});
