import { expect, test } from '@playwright/test';
import { DEMO, openDemo } from '../shops';

/** Opens the shop's database in a page of the same origin that is not the application, and leaves it open. */
const holdDatabase = (version: number | null): Promise<string> =>
  new Promise((resolve) => {
    const request = version === null ? indexedDB.open('zinc-ladder') : indexedDB.open('zinc-ladder', version);
    request.onupgradeneeded = () => request.result.objectStoreNames.contains('held') || request.result.createObjectStore('held');
    request.onsuccess = () => {
      Object.assign(window, { held: request.result });
      resolve('open');
    };
    request.onerror = () => resolve('refused');
    request.onblocked = () => undefined;
  });

test('an old tab that holds the database is named, and once it is closed this one goes on by itself', async ({ context }) => {
  const old = await context.newPage();
  await old.goto(`${DEMO}/icon.svg`);
  // The database of a first version, whose tab does not listen to newer ones.
  expect(await old.evaluate(holdDatabase, 1)).toBe('open');
  const page = await context.newPage();
  await page.goto(`${DEMO}/bench`);
  await expect(page.getByRole('heading', { name: 'Another tab holds the shop' })).toBeVisible();
  await old.close();
  await expect(page.getByRole('heading', { name: 'Another tab holds the shop' })).toHaveCount(0);
});

test('a tab steps aside for a newer version, with words', async ({ context }) => {
  const page = await context.newPage();
  await openDemo(page);
  const newer = await context.newPage();
  await newer.goto(`${DEMO}/icon.svg`);
  expect(await newer.evaluate(holdDatabase, 9990)).toBe('open');
  await expect(page.getByRole('heading', { name: 'A newer version has taken over' })).toBeVisible();
});

test('an emptied shop stays empty when it is loaded again, and undo still brings it back', async ({ page }) => {
  await openDemo(page, '/shop/files');
  await page.getByRole('button', { name: 'Empty the shop' }).click();
  await page.getByRole('button', { name: 'Empty it' }).click();
  await expect(page.getByRole('button', { name: 'Start my shop' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Start my shop' })).toBeVisible();
  await page.getByRole('button', { name: /^Undo/u }).click();
  await expect(page.getByRole('navigation', { name: 'Views' })).toBeVisible();
});

test('over a plain network address it works, logs what is done, and says what is missing', async ({ page }) => {
  await page.goto('http://zinc.test:4399/bench');
  await expect(page.getByRole('timer')).toBeVisible();
  expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
  await page.getByRole('button', { name: /^Done/u }).click();
  await expect(page.getByText(/logged$/u).first()).toBeVisible();
  await page.goto('http://zinc.test:4399/shop/files');
  await expect(page.getByText(/no calls, no use without the server, no screen kept awake/u).first()).toBeVisible();
});

test('a backup is kept by hand, looked at, and told as what it would do', async ({ page }) => {
  await openDemo(page, '/shop/files');
  await page.getByRole('button', { name: 'Keep one now' }).click();
  await page
    .getByRole('button', { name: /^Look at it: the backup/u })
    .first()
    .click();
  await expect(page.getByText('is sound.').first()).toBeVisible();
  await expect(page.getByText('0 taken away').first()).toBeVisible();
});

/** Makes the shop one that an older version left: a join names a rung that is gone, and nobody has looked through it. */
const leaveAsBefore = (): Promise<string> =>
  new Promise((resolve) => {
    const ask = indexedDB.open('zinc-ladder');
    ask.onsuccess = () => {
      const transaction = ask.result.transaction(['joins', 'meta'], 'readwrite');
      const joins = transaction.objectStore('joins');
      const read = joins.getAll();
      read.onsuccess = () => joins.put({ ...(read.result as object[])[0], hostRungId: 'gone' });
      transaction.objectStore('meta').delete('rulesVersion');
      transaction.oncomplete = () => {
        ask.result.close();
        resolve('left');
      };
    };
  });

test('a shop that an older version left contradicting itself is mended at the start, told, and undone', async ({ page }) => {
  await page.goto(`${DEMO}/shop/files`);
  await expect(page.getByRole('navigation', { name: 'Views' })).toBeVisible();
  expect(await page.evaluate(leaveAsBefore)).toBe('left');
  await page.reload();
  await expect(page.getByText('This shop was mended', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Undo Mend the shop' }).click();
  await expect(page.getByRole('button', { name: 'Redo Mend the shop' })).toBeVisible();
});
