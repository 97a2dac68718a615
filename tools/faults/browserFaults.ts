import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BrowserContext, Page } from '@playwright/test';
import { chromium } from '@playwright/test';
import { drawer } from './drawer';

/** What came of faults of one kind: confirmed edits that are gone, edits that are there by half, pages that did not answer or broke. */
export interface FaultCount {
  readonly kind: string;
  readonly faults: number;
  readonly lost: readonly string[];
  readonly partial: readonly string[];
  readonly hangs: readonly string[];
  readonly crashes: readonly string[];
}

/** What the database holds of a rung and its history, read without the application. */
interface Kept {
  readonly state: string;
  readonly doneEntries: number;
  readonly labels: number;
  readonly changes: number;
}

const RUNG = 'telegraph-knobs-03';
const ANSWERS_WITHIN_MS = 20_000;
const LAUNCH = {
  executablePath: '/usr/bin/chromium',
  viewport: { width: 1280, height: 800 },
  serviceWorkers: 'block' as const,
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};

class Tally {
  readonly lost: string[] = [];
  readonly partial: string[] = [];
  readonly hangs: string[] = [];
  readonly crashes: string[] = [];
  faults = 0;

  constructor(readonly kind: string) {}

  /** Counts what a page throws by itself. */
  watch(page: Page): void {
    page.on('pageerror', (error) => {
      if (!error.message.includes('fault run')) this.crashes.push(`${this.kind} ${this.faults}: ${error.message}`);
    });
    if (this.kind !== 'kill') page.on('crash', () => this.crashes.push(`${this.kind} ${this.faults}: the page crashed`));
  }

  /** Holds a rung against what must be true of it whatever happened: an act is there whole, or not at all. */
  judge(kept: Kept, wanted: readonly string[]): void {
    if (!wanted.includes(kept.state)) this.lost.push(`${this.kind} ${this.faults}: ${kept.state} instead of ${wanted.join(' or ')}`);
    if ((kept.state === 'done') !== (kept.doneEntries % 2 === 1))
      this.partial.push(`${this.kind} ${this.faults}: ${kept.state} with ${kept.doneEntries} entries`);
    if (kept.labels !== kept.changes) this.partial.push(`${this.kind} ${this.faults}: ${kept.labels} labels, ${kept.changes} changes`);
  }
}

async function openRung(page: Page, address: string): Promise<void> {
  // The runner of TypeScript names inner functions by a helper of its own, which a page does not have.
  await page.addInitScript({ content: 'globalThis.__name ??= (value) => value;' });
  await page.goto(`${address}/ladders/telegraph/telegraph-knobs?rung=${RUNG}`);
  await page.getByRole('button', { name: /^(Log as done|Open again)/u }).waitFor({ timeout: ANSWERS_WITHIN_MS });
}

/** Reads the database as it lies there, with nothing of the application in between. */
async function readKept(page: Page): Promise<Kept> {
  return page.evaluate(async (rungId): Promise<Kept> => {
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      const request = indexedDB.open('zinc-ladder');
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error ?? new Error('not opened'));
    });
    const all = (table: string): Promise<Record<string, unknown>[]> =>
      new Promise((resolve, reject) => {
        const request = db.transaction(table).objectStore(table).getAll();
        // Some tables lie in rows of many records.
        request.onsuccess = () =>
          resolve(
            (request.result as Record<string, unknown>[]).flatMap(
              (row) => (row['records'] as Record<string, unknown>[] | undefined) ?? [row],
            ),
          );
        request.onerror = () => reject(request.error ?? new Error('not read'));
      });
    const [rungs, entries, labels, changes] = [
      await all('rungs'),
      await all('logEntries'),
      await all('history'),
      await all('historyChanges'),
    ];
    db.close();
    const own = entries.filter((entry) => entry['rungId'] === rungId);
    return {
      state: String(rungs.find((rung) => rung['id'] === rungId)?.['state']),
      // Each opening again takes one done away.
      doneEntries: own.filter((entry) => entry['kind'] === 'done').length - own.filter((entry) => entry['kind'] === 'reopened').length,
      labels: labels.length,
      changes: changes.length,
    };
  }, RUNG);
}

/** Presses whatever turns the rung over: logs it as done, or opens it again. Resolves to the state it should have then. */
async function turnOver(page: Page): Promise<'done' | 'open'> {
  const button = page.getByRole('button', { name: /^(Log as done|Open again)/u });
  const isDone = (await button.textContent())?.startsWith('Open') ?? false;
  await button.click();
  return isDone ? 'open' : 'done';
}

/** What a page that did not answer tells its reader: the view's words, those of a notice among them. */
async function saidBy(page: Page): Promise<string> {
  const words = await page.locator('body').innerText({ timeout: 2000 }).catch(String);
  return words.replaceAll(/\s+/gu, ' ').slice(0, 1500);
}

/** Kills the whole browser in the middle of edits, and looks at what is there when it starts again. */
export async function killBrowser(address: string, faults: number, seed: number): Promise<FaultCount> {
  const tally = new Tally('kill');
  const draw = drawer(seed);
  const folder = mkdtempSync(join(tmpdir(), 'zinc-faults-'));
  let confirmed: string | null = null;
  let asked: string | null = null;
  try {
    for (; tally.faults < faults; tally.faults += 1) {
      const context = await chromium.launchPersistentContext(folder, { ...LAUNCH, timeout: 60_000 });
      const page = context.pages()[0] ?? (await context.newPage());
      tally.watch(page);
      try {
        await openRung(page, address);
        if (confirmed !== null) tally.judge(await readKept(page), [confirmed, asked ?? confirmed]);
        confirmed = await turnOver(page);
        await page
          .getByRole('button', { name: confirmed === 'done' ? /^Open again/u : /^Log as done/u })
          .waitFor({ timeout: ANSWERS_WITHIN_MS });
        asked = await turnOver(page);
        await page.waitForTimeout(draw(40));
      } catch (error) {
        tally.hangs.push(`kill ${tally.faults}: ${String(error).slice(0, 160)}\n  ${await saidBy(page)}`);
      }
      // All its processes at once, without a word before: as a machine that is switched off under it.
      spawnSync('pkill', ['-9', '-f', folder]);
      await context.close().catch(() => undefined);
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
  return tally;
}

/** Lets the browser run out of room at any write of an edit. */
export async function fillDisk(context: BrowserContext, address: string, faults: number, seed: number): Promise<FaultCount> {
  const tally = new Tally('quota');
  const draw = drawer(seed);
  const page = await context.newPage();
  tally.watch(page);
  await openRung(page, address);
  for (; tally.faults < faults; tally.faults += 1) {
    const before = await readKept(page);
    await page.evaluate((nth) => {
      let writes = 0;
      const kept = { put: IDBObjectStore.prototype.put, add: IDBObjectStore.prototype.add };
      for (const name of ['put', 'add'] as const)
        IDBObjectStore.prototype[name] = function (this: IDBObjectStore, ...given: Parameters<typeof kept.put>) {
          writes += 1;
          if (writes > nth) throw new DOMException('the quota has been exceeded', 'QuotaExceededError');
          return kept[name].apply(this, given);
        };
      Object.assign(window, { restoreWrites: () => Object.assign(IDBObjectStore.prototype, kept) });
    }, draw(4));
    await turnOver(page);
    try {
      await page.getByText('The browser has no room left').first().waitFor({ timeout: ANSWERS_WITHIN_MS });
      await page.getByRole('button', { name: 'Put away' }).first().click();
    } catch (error) {
      tally.hangs.push(`quota ${tally.faults}: ${String(error).slice(0, 160)}`);
    }
    await page.evaluate(() => (window as unknown as { restoreWrites: () => void }).restoreWrites());
    tally.judge(await readKept(page), [before.state]);
    // And then it goes on.
    const state = await turnOver(page);
    await page.getByRole('button', { name: state === 'done' ? /^Open again/u : /^Log as done/u }).waitFor({ timeout: ANSWERS_WITHIN_MS });
    tally.judge(await readKept(page), [state]);
  }
  await page.close();
  return tally;
}

/** Lets the page's workers die at work; the next edit must be planned all the same. */
export async function killWorkers(context: BrowserContext, address: string, faults: number, seed: number): Promise<FaultCount> {
  const tally = new Tally('worker');
  const draw = drawer(seed);
  const page = await context.newPage();
  tally.watch(page);
  await openRung(page, address);
  for (; tally.faults < faults; tally.faults += 1) {
    const state = await turnOver(page);
    await page.waitForTimeout(draw(120));
    for (const worker of page.workers())
      await worker
        .evaluate(
          () =>
            void setTimeout(() => {
              throw new Error('fault run');
            }),
        )
        .catch(() => undefined);
    // The edit before is seen first, or the same button would be pressed for another act than it says.
    await page
      .getByRole('button', { name: state === 'done' ? /^Open again/u : /^Log as done/u })
      .waitFor({ timeout: ANSWERS_WITHIN_MS })
      .catch(() => undefined);
    const next = await turnOver(page).catch(() => state);
    try {
      await page.getByRole('button', { name: next === 'done' ? /^Open again/u : /^Log as done/u }).waitFor({ timeout: ANSWERS_WITHIN_MS });
      await page.waitForFunction(() => !document.body.textContent?.includes('could not be started'), null, { timeout: ANSWERS_WITHIN_MS });
    } catch (error) {
      tally.hangs.push(`worker ${tally.faults}: ${String(error).slice(0, 160)}`);
    }
    tally.judge(await readKept(page), [next]);
  }
  // A plan is there again.
  await page.goto(`${address}/plan`);
  await page
    .getByRole('group', { name: /^Plan\./u })
    .waitFor({ timeout: 60_000 })
    .catch(() => tally.hangs.push('worker: no plan at the end'));
  await page.close();
  return tally;
}

/** Two tabs press the same button at the same moment: it is done once. */
export async function pressTwice(context: BrowserContext, address: string, faults: number): Promise<FaultCount> {
  const tally = new Tally('two tabs');
  const pages = [await context.newPage(), await context.newPage()];
  for (const page of pages) {
    tally.watch(page);
    await openRung(page, address);
  }
  const [first] = pages as [Page, Page];
  for (; tally.faults < faults; tally.faults += 1) {
    const before = await readKept(first);
    // Both mean the same act: where one tab was so quick that the other shows the next one already, that is not pressed.
    const words = before.state === 'done' ? 'Open again' : 'Log as done';
    const pressed = await Promise.all(
      pages.map(async (page) =>
        page.evaluate((wanted) => {
          const button = [...document.querySelectorAll('button')].find((entry) => entry.textContent?.startsWith(wanted));
          button?.click();
          button?.click();
          return button !== undefined;
        }, words),
      ),
    );
    if (!pressed.some(Boolean)) tally.hangs.push(`two tabs ${tally.faults}: no button`);
    const state = before.state === 'done' ? 'open' : 'done';
    for (const page of pages)
      await page
        .getByRole('button', { name: state === 'done' ? /^Open again/u : /^Log as done/u })
        .waitFor({ timeout: ANSWERS_WITHIN_MS })
        .catch((error: unknown) => tally.hangs.push(`two tabs ${tally.faults}: ${String(error).slice(0, 160)}`));
    tally.judge(await readKept(first), [state]);
    for (const page of pages)
      await page.evaluate(() => {
        for (const button of document.querySelectorAll('button')) if (button.textContent === 'Put away') button.click();
      });
  }
  for (const page of pages) await page.close();
  return tally;
}
