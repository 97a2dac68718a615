import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { crc32, deflateSync } from 'node:zlib';
import type { Page } from '@playwright/test';
import type { ProjectFile } from '../../model/src/file/projectFile';
import { zipBundle } from '../../model/src/file/zipProject';
import type { Product } from '../../model/src/records/shop/product';
import { openBenchBrowser } from './openBenchBrowser';
import { makeBigShop, withoutAttachments } from './bigShop';

/** What a bench tells: what, how long, and what was wanted. */
export type Tell = (what: string, ms: number, goal: string) => void;

const PORT = 4396;
const ADDRESS = `http://127.0.0.1:${PORT}`;
const PARTS = 200;
const RUNGS_EACH = 25;
const ENTRIES = 50_000;
const PRODUCTS = 300;
const PICTURES = 2000;
const FEW_PICTURES = 20;
const ROUNDS = 20;
const VIEWS = [
  ['ladders', 'Ladders'],
  ['plan', 'Plan'],
  ['surface', 'Surface'],
  ['colour', 'Colour'],
  ['log', 'Log'],
  ['shop', 'Shop'],
] as const;

/** A shop ten times as large as a large one, in the browser: start, edits, search, views, files, the first plan. */
export async function benchScale(root: string, project: ProjectFile, tell: Tell): Promise<void> {
  const { server, browser } = await openBenchBrowser(root, PORT);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
    // What runs this file names functions by a helper of its own, which a page does not have.
    await page.addInitScript('globalThis.__name = (named) => named');
    // Blocks are what keeps the page from answering; the browser itself tells of those over 50 ms.
    await page.addInitScript(() => {
      const kept = window as unknown as { blocks: number[] };
      kept.blocks = [];
      new PerformanceObserver((list) => kept.blocks.push(...list.getEntries().map((entry) => entry.duration))).observe({
        type: 'longtask',
        buffered: true,
      });
    });
    const big = makeLargeShop(project);
    // Files are given by their path: bytes handed over by the driver would block the page themselves.
    const folder = mkdtempSync(join(tmpdir(), 'zinc-scale-'));
    const file = join(folder, 'big.zip');
    const other = join(folder, 'other.zip');
    const zip = await zipBundle(big);
    writeFileSync(file, zip);
    const fewFile = join(folder, 'few.zip');
    const fewPictures = big.project.pictures.slice(0, FEW_PICTURES);
    writeFileSync(
      fewFile,
      await zipBundle({ project: { ...withoutAttachments(project), pictures: fewPictures }, attachments: big.attachments }),
    );
    writeFileSync(other, await zipBundle(elsewhere(big)));
    console.log(
      `a shop of ${big.project.rungs.length} rungs, ${ENTRIES} log entries, ${PICTURES} pictures: ${(zip.length / 1024 / 1024).toFixed(1)} MB`,
    );
    await page.goto(ADDRESS);
    await measured(page, tell, 'read and begin with it', 'wanted under 45 ×', async () => {
      await page.getByLabel('Open a file').setInputFiles(file);
      await page.getByRole('navigation', { name: 'Views' }).waitFor({ timeout: 300_000 });
    });
    await page.waitForTimeout(30_000);
    await measured(page, tell, 'start to the bench', 'wanted under 15 ×', async () => {
      await page.goto(`${ADDRESS}/bench`);
      await page.getByRole('navigation', { name: 'Views' }).waitFor({ timeout: 60_000 });
    });
    await measured(page, tell, 'from there to the first plan', 'wanted under 25 ×', () =>
      page.locator('[aria-haspopup="menu"]').first().waitFor({ timeout: 120_000 }),
    );
    await page.waitForTimeout(20_000);
    await page.goto(`${ADDRESS}/ladders/telegraph/big-3?rung=big-3-2`);
    await page.getByRole('button', { name: /^Log as done/u }).waitFor({ timeout: 60_000 });
    await page.waitForTimeout(15_000);
    for (const [press, shown] of [
      ['Log as done', 'Open again'],
      ['Open again', 'Log as done'],
      ['Log as done', 'Open again'],
    ] as const) {
      await page.waitForTimeout(5000);
      await measuredThere(page, tell, `an edit shown (${press})`, 'wanted under 2.5 ×', () => pressAndWait(page, press, shown));
    }
    await page.keyboard.press('Escape');
    for (const [path, name] of VIEWS) {
      await page.waitForTimeout(1500);
      await measured(page, tell, `the view ${name} opened`, '', async () => {
        await page.getByRole('link', { name, exact: true }).click();
        await page.waitForURL(new RegExp(path, 'u'));
        await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))));
      });
    }
    await tellMemory(page);
    await page.goto(`${ADDRESS}/log`);
    const field = page.getByRole('searchbox', { name: 'Words' });
    await field.waitFor({ timeout: 60_000 });
    await page.waitForTimeout(15_000);
    await page.evaluate(() => {
      // From the key to the frame that is drawn after it.
      const kept = window as unknown as { keyMs: number };
      addEventListener(
        'keydown',
        ({ timeStamp }) => requestAnimationFrame(() => setTimeout(() => (kept.keyMs = performance.now() - timeStamp))),
        true,
      );
    });
    for (const letter of 'edge')
      await measuredThere(page, tell, `a key (${letter}) in the log`, 'wanted under 0.5 ×', async () => {
        await field.press(letter);
        await page.waitForTimeout(500);
        return page.evaluate(() => (window as unknown as { keyMs: number }).keyMs);
      });
    const few = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
    const small = await few.newPage();
    await small.addInitScript('globalThis.__name = (named) => named');
    await small.goto(ADDRESS);
    await small.getByLabel('Open a file').setInputFiles(fewFile);
    await small.getByRole('navigation', { name: 'Views' }).waitFor({ timeout: 60_000 });
    await openPictures(small, FEW_PICTURES);
    tell(`${FEW_PICTURES} pictures shown`, await openPictures(small, FEW_PICTURES), '');
    await few.close();
    await openPictures(page, PICTURES);
    await measuredThere(page, tell, '2,000 pictures shown', 'wanted as quick as 20', () => openPictures(page, PICTURES));
    await page.goto(`${ADDRESS}/shop/files`);
    await page.getByRole('button', { name: 'Save everything (zip)' }).waitFor();
    await page.waitForTimeout(15_000);
    await measured(page, tell, 'save everything', 'wanted without a block', async () => {
      const saved = page.waitForEvent('download', { timeout: 300_000 });
      await page.getByRole('button', { name: 'Save everything (zip)' }).click();
      await saved;
    });
    await measured(page, tell, 'read a file', '', async () => {
      await page.getByLabel('Open a file').setInputFiles(other);
      await page.getByText('is sound').waitFor({ timeout: 300_000 });
    });
    await measured(page, tell, 'and put it in place of everything', 'with reading under 45 ×', async () => {
      await page.getByRole('button', { name: 'Replace everything', exact: true }).click();
      await page.getByText('Replaced', { exact: true }).first().waitFor({ timeout: 300_000 });
    });
    await page.waitForTimeout(10_000);
    await measured(page, tell, 'undo it', 'wanted without a block', async () => {
      await page.getByRole('button', { name: /^Undo/u }).first().click();
      await page
        .getByRole('button', { name: /^Redo ./u })
        .first()
        .waitFor({ timeout: 60_000 });
    });
  } finally {
    await browser.close();
    server.kill();
  }
}

/** Presses a button and waits until another is drawn: measured in the page itself, for a driver's own looking about takes longer than an edit. */
function pressAndWait(page: Page, press: string, shown: string): Promise<number> {
  return page.evaluate(
    ([from, to]) => {
      const find = (words: string): HTMLElement | undefined =>
        [...document.querySelectorAll('button')].find((button) => button.textContent.startsWith(words));
      const start = performance.now();
      find(from)?.click();
      return new Promise<number>((resolve) => {
        const look = (): void => {
          if (find(to)) resolve(performance.now() - start);
          else requestAnimationFrame(look);
        };
        look();
      });
    },
    [press, shown] as const,
  );
}

/** Goes round the views, and tells what the page holds after the third round and after the last. */
async function tellMemory(page: Page): Promise<void> {
  const session = await page.context().newCDPSession(page);
  const heapMegabytes = async (): Promise<string> => {
    await session.send('HeapProfiler.collectGarbage');
    const { usedSize } = await session.send('Runtime.getHeapUsage');
    return (usedSize / 1024 / 1024).toFixed(1);
  };
  let third = '';
  for (let round = 1; round <= ROUNDS; round += 1) {
    for (const [, name] of VIEWS) {
      await page.getByRole('link', { name, exact: true }).click();
      await page.waitForTimeout(250);
    }
    if (round === 3) third = await heapMegabytes();
  }
  console.log(`held by the page after 3 rounds of all views ${third} MB, after ${ROUNDS} ${await heapMegabytes()} MB   wanted level`);
  await session.detach();
}

/** From the press on the tab of pictures to the first of them drawn. */
async function openPictures(page: Page, count: number): Promise<number> {
  await page.goto(`${ADDRESS}/colour`);
  await page.getByRole('link', { name: 'Pictures', exact: true }).waitFor();
  await page.waitForTimeout(8000);
  return page.evaluate((pictures) => {
    const start = performance.now();
    [...document.querySelectorAll('a')].find((link) => link.textContent === 'Pictures')?.click();
    return new Promise<number>((resolve) => {
      const look = (): void => {
        const list = document.querySelector(`[aria-label="${pictures} pictures"]`);
        const images = [...(list?.querySelectorAll('img') ?? [])];
        if (images.length > 0 && images.every((image) => image.complete)) resolve(performance.now() - start);
        else requestAnimationFrame(look);
      };
      look();
    });
  }, count);
}

/** Measures an act on the page that tells its own time, and the longest block meanwhile. */
async function measuredThere(page: Page, tell: Tell, what: string, goal: string, act: () => Promise<number>): Promise<void> {
  await forgetBlocks(page);
  tell(what, await act(), goal);
  await tellBlocks(page);
}

/** Measures an act on the page, and the longest block meanwhile. */
async function measured(page: Page, tell: Tell, what: string, goal: string, act: () => Promise<unknown>): Promise<void> {
  await forgetBlocks(page);
  const start = performance.now();
  await act();
  tell(what, performance.now() - start, goal);
  await tellBlocks(page);
}

async function forgetBlocks(page: Page): Promise<void> {
  await page.evaluate(() => void ((window as unknown as { blocks?: number[] }).blocks = [])).catch(() => undefined);
}

async function tellBlocks(page: Page): Promise<void> {
  // What follows an act, such as drawing it, blocks as well.
  await page.waitForTimeout(400);
  const blocks = await page.evaluate(() => (window as unknown as { blocks?: number[] }).blocks ?? []);
  if (blocks.length > 0)
    console.log(
      `    longest block ${Math.max(...blocks).toFixed(0)} ms, ${blocks.length} over 50 ms, ${blocks.reduce((sum, ms) => sum + ms, 0).toFixed(0)} ms in all`,
    );
}

/** The same shop with every rung, product and log entry worded otherwise, so that all of them are written anew. */
export function elsewhere({ project, attachments }: ReturnType<typeof makeLargeShop>): ReturnType<typeof makeLargeShop> {
  const suffix = '(the other shop)';
  return {
    project: {
      ...project,
      rungs: project.rungs.map((rung) => ({ ...rung, detail: `${rung.detail} ${suffix}` })),
      products: project.products.map((product) => ({ ...product, note: `${product.note} ${suffix}` })),
      logEntries: project.logEntries.map((entry) => ({ ...entry, text: `${entry.text} ${suffix}` })),
    },
    attachments,
  };
}

export function makeLargeShop(demo: ProjectFile): { readonly project: ProjectFile; readonly attachments: ReadonlyMap<string, Uint8Array> } {
  const big = withoutAttachments(makeBigShop(demo, PARTS, RUNGS_EACH, ENTRIES));
  const products = Array.from({ length: PRODUCTS - demo.products.length }, (_, at): Product => ({
    ...(demo.products[at % demo.products.length] as Product),
    id: `product-${at}`,
    name: `Paint ${at}`,
  }));
  const png = plainPng(480, 360);
  const pictures: ProjectFile['pictures'] = Array.from({ length: PICTURES }, (_, at) => ({
    id: `picture-${at}`,
    revision: 0,
    name: `look ${at}`,
    mediaType: 'image/png',
    byteLength: png.length,
    propId: 'telegraph',
    partId: null,
    isOwn: false,
    focalShare: null,
    neutral: null,
    takenAtMs: null,
    note: '',
  }));
  return {
    project: { ...big, products: [...big.products, ...products], pictures },
    attachments: new Map(pictures.map(({ id }) => [id, png])),
  };
}

/** A picture of noise in grey, as PNG: large enough to be worth drawing, made without a library. */
function plainPng(width: number, height: number): Uint8Array {
  const rows = new Uint8Array((width + 1) * height);
  for (let at = 0; at < rows.length; at += 1) rows[at] = at % (width + 1) === 0 ? 0 : (at * 31 + (at >> 6)) & 0xff;
  const chunk = (kind: string, data: Uint8Array): Buffer => {
    const body = Buffer.concat([Buffer.from(kind), data]);
    const length = Buffer.alloc(4);
    length.writeUInt32BE(data.length);
    const sum = Buffer.alloc(4);
    sum.writeUInt32BE(crc32(body));
    return Buffer.concat([length, body, sum]);
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 0, 0, 0, 0], 8);
  return new Uint8Array(
    Buffer.concat([
      Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
      chunk('IHDR', head),
      chunk('IDAT', deflateSync(rows)),
      chunk('IEND', new Uint8Array()),
    ]),
  );
}
