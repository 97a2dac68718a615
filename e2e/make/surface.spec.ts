import { expect, test } from '@playwright/test';
import { openDemo } from '../shops';

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

test('a flaw is pinned on a photograph, which is shrunk, kept, and taken away with its pins losing their place', async ({ page }) => {
  await openDemo(page, '/surface/telegraph-knobs/inspect');
  await expect(page.getByText('Neither mesh nor photograph', { exact: false })).toBeVisible();
  // A photograph of the screen itself, larger than what is kept.
  const large = await page.screenshot({ scale: 'css', clip: { x: 0, y: 0, width: 1200, height: 700 } });
  await page.getByLabel('Add a photograph').setInputFiles({ name: 'knob.png', mimeType: 'image/png', buffer: large });
  const photograph = page.getByRole('img', { name: 'knob.png, 0 pins' });
  await expect(photograph).toBeVisible();
  await photograph.click({ position: { x: 100, y: 60 } });
  await expect(page.getByText('A flaw there')).toBeVisible();
  await page.getByLabel('Kind').selectOption('orangePeel');
  await page.getByLabel('Across, mm').fill('1,5');
  await page.getByRole('button', { name: 'Pin it there' }).click();
  await expect(page.getByRole('img', { name: 'knob.png, 1 pins' })).toBeVisible();
  await expect(page.getByRole('checkbox', { name: /Orange peel 1.5 mm/u })).toBeVisible();
  await page.getByText('Orange peel, 1', { exact: true }).click();
  await expect(page.getByRole('region', { name: 'Flaws' })).toContainText('Droplets dried before they flowed together');
  await page.reload();
  await expect(page.getByRole('img', { name: 'knob.png, 1 pins' })).toBeVisible();
  await page.getByRole('button', { name: 'Take this photograph away' }).click();
  await expect(page.getByText('Neither mesh nor photograph', { exact: false })).toBeVisible();
  await expect(page.getByRole('checkbox', { name: /Orange peel 1.5 mm/u })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('img', { name: 'knob.png, 1 pins' })).toBeVisible();
});

test('what is no picture and no mesh is refused with a reason, and nothing is lost', async ({ page }) => {
  await openDemo(page, '/surface/telegraph-case/inspect');
  await page
    .getByLabel('Add a photograph')
    .setInputFiles({ name: 'notes.png', mimeType: 'image/png', buffer: Buffer.from('this is no picture') });
  await expect(page.getByText('this picture could not be read', { exact: false }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Lines and loops' }).click();
  await page
    .getByLabel('Another mesh file')
    .setInputFiles({ name: 'case.3mf', mimeType: 'model/3mf', buffer: Buffer.from('PK\u0003\u0004 no zip after all') });
  await expect(page.getByText('case.3mf gives nothing: it is not a sound 3MF (zip) file', { exact: false })).toBeVisible();
  // The mesh of before is a press away, and so are the pins on it.
  await page.getByRole('button', { name: 'Undo Keep case.3mf' }).click();
  await expect(page.getByRole('row', { name: /Domes worst/u })).toBeVisible();
  await page.getByRole('link', { name: 'Inspect' }).click();
  await expect(page.getByRole('application', { name: /Case with 21 pins/u })).toBeVisible();
});

test('all of it goes by keyboard: part and page, heat, a flaw ticked, a pass logged', async ({ page }) => {
  await openDemo(page);
  await page.keyboard.press('4');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tide telegraph / Case');
  await page.getByRole('combobox', { name: 'Part' }).focus();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Lines and loops' })).toBeFocused();
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/telegraph-case\/inspect$/u);
  const dust = page.getByRole('checkbox', { name: /Dust 0.5 mm/u });
  await dust.focus();
  await page.keyboard.press('Space');
  await expect(dust).toBeChecked();
  await page.getByLabel('Hands, min').focus();
  await page.keyboard.type('20');
  await page.keyboard.press('Tab');
  await page.keyboard.type('48');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Pass 4', { exact: true }).first()).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Open, 7' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo Log pass 4 of Case' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Open, 8' })).toBeVisible();
});
