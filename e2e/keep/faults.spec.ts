import { expect, test } from '@playwright/test';
import type { FaultCount } from '../../tools/faults/browserFaults';
import { fillDisk, killBrowser, killWorkers, pressTwice } from '../../tools/faults/browserFaults';
import { DEMO, openDemo } from '../shops';

/** `npm run faults` does a thousand. */
const FAULTS = 20;
const SEED = 20_260_528;

function expectNothingLost({ faults, lost, partial, hangs, crashes }: FaultCount): void {
  expect(faults).toBe(FAULTS);
  expect({ lost, partial, hangs, crashes }).toEqual({ lost: [], partial: [], hangs: [], crashes: [] });
}

test.describe.configure({ timeout: 240_000 });

test('a browser that is killed in the middle of edits keeps every confirmed one, and no half of any', async () => {
  expectNothingLost(await killBrowser(DEMO, FAULTS, SEED));
});
test('a full disk at any write leaves what was there, says so, and goes on', async ({ context, page }) => {
  await openDemo(page);
  await page.close();
  expectNothingLost(await fillDisk(context, DEMO, FAULTS, SEED));
});
test('workers that die are made anew, and nothing is lost by it', async ({ context, page }) => {
  await openDemo(page);
  await page.close();
  expectNothingLost(await killWorkers(context, DEMO, FAULTS, SEED));
});
test('two tabs that press the same at once do it once', async ({ context, page }) => {
  await openDemo(page);
  await page.close();
  expectNothingLost(await pressTwice(context, DEMO, FAULTS));
});
