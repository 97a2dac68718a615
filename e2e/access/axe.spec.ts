import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test } from '@playwright/test';
import { DEMO, EMPTY, openDemo, pressStart } from '../shops';

const VIEWS = [
  '/bench',
  '/ladders',
  '/ladders/lantern/lantern-tank',
  '/plan',
  '/surface/telegraph-case',
  '/surface/telegraph-case/inspect',
  '/surface/telegraph-case/sand',
  '/surface/lantern-tank/bond',
  '/surface/telegraph-knobs',
  '/surface/telegraph-case/mix',
  '/colour/mix',
  '/colour/pictures/picture-lamp',
  '/references/lantern/picture-hall',
  '/references/lantern/match/match-1',
  '/colour/cards/card-green-1',
  '/colour/cards/teach',
  '/colour/coats',
  '/colour/thin',
  '/colour/palettes',
  '/weather/lantern-cap',
  '/weather/lantern-base/steer',
  '/weather/lantern-base/level',
  '/weather/lantern-base/cards',
  '/log',
  '/shop/hours',
  '/shop/people',
  '/shop/air',
  '/shop/products',
  '/lights/lantern',
  '/fittings/cuff',
  '/fittings/cuff/formed',
  '/fittings/cuff/magnets',
  '/fittings/cuff/straps',
  '/fittings/cuff/clear',
  '/fittings/cuff/mend',
  '/shelf/needs',
  '/shelf/there',
  '/shelf/buy',
  '/shelf/kit',
  '/shelf/cost',
  '/shop/places',
  '/shop/files',
];

/** Goes to an address as a link does: a page that is loaded anew for each of forty views takes most of the time. */
async function goWithin(page: Page, path: string): Promise<void> {
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate', { state: null }));
  }, path);
  // Some lead on to the first thing they hold, sooner or later than one looks.
  await expect(page).toHaveURL((url) => url.pathname.startsWith(path));
}

/** What axe finds in both themes. They differ in colours alone: names, roles and order are looked at in the light one. */
async function findFaults(page: Page): Promise<string[]> {
  const found: string[] = [];
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme });
    await expect(page.locator('html')).toHaveAttribute('data-theme', colorScheme === 'dark' ? 'evening' : 'light');
    // No page has frames, so nothing is gained by asking each frame apart, which takes three times as long.
    // Who speaks to the page says what stands on a button (WCAG 2.2, 2.5.3); axe does not ask for it by itself.
    const rules = { 'label-content-name-mismatch': { enabled: colorScheme === 'light' } };
    const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'], rules });
    const { violations } = await (colorScheme === 'dark' ? axe.withRules(['color-contrast']) : axe).analyze();
    for (const { id, nodes } of violations) found.push(`${colorScheme}: ${id}: ${nodes.map((node) => node.target.join(' ')).join(' | ')}`);
  }
  return found;
}

test.describe('axe finds nothing, light and dark', () => {
  // Two dozen views, each looked through whole.
  test.setTimeout(480_000);
  test('on any view', async ({ page }) => {
    const said: string[] = [];
    page.on('console', (message) => (message.type() === 'error' ? said.push(message.text()) : undefined));
    page.on('pageerror', (error) => said.push(error.message));
    await openDemo(page);
    for (const path of VIEWS) {
      await goWithin(page, path);
      await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Zinc Ladder');
      await page.waitForTimeout(700);
      expect(await findFaults(page), path).toEqual([]);
    }
    expect(said, 'errors in the console').toEqual([]);
  });
  test('on forms, and on the first screen', async ({ page }) => {
    await openDemo(page, '/ladders');
    await page.getByRole('button', { name: 'Add part' }).click();
    expect(await findFaults(page)).toEqual([]);
    await page.goto(`${DEMO}/ladders/lantern/lantern-tank`);
    await page.getByRole('button', { name: 'Change', exact: true }).click();
    expect(await findFaults(page)).toEqual([]);
    for (const tab of ['Part', 'Grow', 'Joins', 'Record']) {
      await page.getByRole('tab', { name: tab }).click();
      expect(await findFaults(page), tab).toEqual([]);
    }
    await page.goto(`${DEMO}/plan`);
    for (const mode of ['List', 'Week', 'Against the clock']) {
      await page.getByRole('radio', { name: mode }).click();
      expect(await findFaults(page), mode).toEqual([]);
    }
    await page.goto(`${DEMO}/colour/cards`);
    await page.getByRole('button', { name: 'Write a card' }).click();
    expect(await findFaults(page)).toEqual([]);
    await page.goto(`${DEMO}/shop/air`);
    await page.getByRole('checkbox', { name: /^It is sprayed out of doors/u }).click();
    await expect(page.getByLabel('Lowest these days, °C')).toBeVisible();
    expect(await findFaults(page), 'the air out of doors').toEqual([]);
    await page.goto(EMPTY);
    await expect(page.getByRole('button', { name: 'Start my shop' })).toBeVisible();
    expect(await findFaults(page)).toEqual([]);
    await pressStart(page);
    await expect(page.getByLabel('Prop', { exact: true })).toBeVisible();
    expect(await findFaults(page)).toEqual([]);
  });
});
