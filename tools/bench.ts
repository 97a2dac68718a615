import 'reflect-metadata';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import type { Locator, Page } from '@playwright/test';
import { planShop, planShopAtOnce } from '../core/src/plan/shopPlan/planShop';
import { benchColour } from './bench/colourBench';
import { benchMatch } from './bench/matchBench';
import { benchMeshes } from './bench/meshBench';
import { benchScale } from './bench/scaleBench';
import { benchPlanner } from './bench/plannerBench';
import { benchShelf } from './bench/shelfBench';
import { benchSurest } from './bench/surestBench';
import { benchWeather } from './bench/weatherBench';
import { readBundle, zipBundle } from '../model/src/file/zipProject';
import { gatherAirs } from '../model/src/gather/gatherAirs';
import { gatherPlan } from '../model/src/gather/plan/gatherPlan';
import { standingLog } from '../model/src/log/standingLog';
import { NO_FILTER } from '../app/src/views/log/logFilter';
import { LogSearch } from '../app/src/views/log/LogSearch';
import { openBenchBrowser } from './bench/openBenchBrowser';
import { makeBigShop, withoutAttachments } from './bench/bigShop';
import { medianMs, referenceMs } from './bench/measure';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
/** Long enough for the planner to end its search for the big shop on two cores. */
const PLANNER_RESTS_MS = 25_000;
/** `npm run bench -- colour planner` measures these alone; without names, all. */
const PARTS = ['shop', 'colour', 'match', 'meshes', 'weather', 'planner', 'surest', 'log', 'shelf', 'screens', 'scale'] as const;
const named = process.argv.slice(2);
const wants = (part: (typeof PARTS)[number]): boolean => named.length === 0 || named.includes(part);
const unknown = named.filter((name) => !PARTS.some((part) => part === name));
if (unknown.length > 0) {
  console.error(`bench: no part called ${unknown.join(', ')}; there are ${PARTS.join(', ')}`);
  process.exit(2);
}
let lastReference = referenceMs();

/** A figure against the reference as it was before and is after: a borrowed machine can be three times slower a minute later. */
function tell(what: string, ms: number, goal: string): void {
  const now = referenceMs();
  const reference = (lastReference + now) / 2;
  lastReference = now;
  console.log(
    `${what.padEnd(58)} ${ms.toFixed(1).padStart(8)} ms  ${(ms / reference).toFixed(2).padStart(7)} × reference (${reference.toFixed(0)} ms)   ${goal}`,
  );
}

console.log(`reference (200,000 numbers sorted): ${lastReference.toFixed(1)} ms`);
const demo = readBundle(readFileSync(join(ROOT, 'demo/files/tide-office.zip')));
const { project } = demo;
if (wants('shop')) benchShop();
if (wants('colour')) benchColour(tell);
if (wants('match')) benchMatch(tell, demo);
if (wants('meshes')) benchMeshes(tell);
if (wants('weather')) benchWeather(tell);
if (wants('planner')) benchPlanner(tell);
if (wants('surest')) benchSurest(tell);
if (wants('log')) await benchLog();
if (wants('shelf')) benchShelf(tell, project);
if (wants('screens')) await benchScreens();
if (wants('scale')) await benchScale(ROOT, project, tell);

/** First plans of the demo and of larger shops, with the building of their problems. */
function benchShop(): void {
  const now = project.savedAtMs;
  for (const [parts, rungs] of [
    [0, 0],
    [40, 25],
    [60, 25],
  ] as const) {
    const big =
      parts === 0
        ? project
        : {
            ...makeBigShop(project, parts, rungs, 0),
            parts: makeBigShop(project, parts, rungs, 0).parts.filter((part) => part.id.startsWith('big')),
          };
    const input = gatherPlan(big, gatherAirs(big.shop, big.climateReadings, now), now);
    tell(
      parts === 0 ? 'first plan of the demo' : `first plan of ${parts} parts × ${rungs} rungs, with its problem`,
      medianMs(() => planShopAtOnce(input), 5),
      parts === 40 ? 'wanted under 300 ms' : '',
    );
    if (parts === 0)
      tell(
        'the whole search for the demo',
        medianMs(() => planShop(input), 3),
        '',
      );
  }
}

/** A log of ten thousand entries. */
async function benchLog(): Promise<void> {
  const long = makeBigShop(project, 0, 0, 10_000);
  const standing = standingLog(long.logEntries);
  tell(
    'log of 10,000 entries put in standing order',
    medianMs(() => standingLog(long.logEntries)),
    '',
  );
  tell(
    'log of 10,000 entries filtered by a word',
    medianMs(() => new LogSearch(standing, { words: ({ text }) => text, key: () => '' }).find({ ...NO_FILTER, text: 'run' })),
    '',
  );
  const zipped = await zipBundle({ project: withoutAttachments(long), attachments: new Map() });
  tell(
    'a file of 10,000 entries read and checked',
    medianMs(() => readBundle(zipped), 3),
    '',
  );
}

/** The application's size, and its screens under a large shop. */
async function benchScreens(): Promise<void> {
  const assets = join(ROOT, 'app/dist/assets');
  if (!existsSync(assets)) {
    console.log('the application is not built: npm run build, then bench again for its size and screens');
    return;
  }
  tellSize(assets);
  await tellScreens();
}

/** JavaScript the page asks for before any view but the bench, gzip. */
function tellSize(assets: string): void {
  const page = readFileSync(join(ROOT, 'app/dist/index.html'), 'utf8');
  const first = [...page.matchAll(/assets\/[^"]+\.js/gu)].map(([path]) => path.replace('assets/', ''));
  const bytes = readdirSync(assets)
    .filter((name) => first.includes(name))
    .reduce((sum, name) => sum + gzipSync(readFileSync(join(assets, name))).length, 0);
  console.log(
    `${'JavaScript of the first load, gzip'.padEnd(58)} ${(bytes / 1024).toFixed(1).padStart(8)} kB                       wanted under 250 kB`,
  );
}

/** Typing with a long log, and scrolling sixty ladders, in the browser. */
async function tellScreens(): Promise<void> {
  const { server, browser } = await openBenchBrowser(ROOT, 4397);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto('http://127.0.0.1:4397');
    const big = withoutAttachments(makeBigShop(project, 60, 25, 10_000));
    const buffer = Buffer.from(await zipBundle({ project: big, attachments: new Map() }));
    await page.getByLabel('Open a file').setInputFiles({ name: 'big.zip', mimeType: 'application/zip', buffer });
    await page.getByRole('navigation', { name: 'Views' }).waitFor({ timeout: 60_000 });
    await page.goto('http://127.0.0.1:4397/log');
    const field = page.getByRole('searchbox', { name: 'Words' });
    await field.waitFor();
    await page.waitForTimeout(1500);
    await typeWords(page, field, 'planner at work');
    await page.waitForTimeout(PLANNER_RESTS_MS);
    await typeWords(page, field, 'planner at rest');
    await page.goto('http://127.0.0.1:4397/ladders/telegraph');
    await page.getByRole('region', { name: 'Case' }).waitFor();
    await page.waitForTimeout(2500);
    await scrollLadders(page, 'planner at work');
    await page.waitForTimeout(PLANNER_RESTS_MS);
    await scrollLadders(page, 'planner at rest');
    await page.goto('http://127.0.0.1:4397/plan');
    await page.getByRole('group', { name: /^Plan\./u }).waitFor({ timeout: 60_000 });
    await page.waitForTimeout(PLANNER_RESTS_MS);
    await movePlan(page);
  } finally {
    await browser.close();
    server.kill();
  }
}

/** A word typed letter by letter into the log's filter. */
async function typeWords(page: Page, field: Locator, state: string): Promise<void> {
  await field.fill('');
  const delays: number[] = [];
  for (const letter of 'lower edge run') {
    await page.evaluate(() => {
      const keys = window as unknown as { keyAt: number; shownAfter: number };
      keys.shownAfter = -1;
      document.addEventListener('keydown', () => (keys.keyAt = performance.now()), { once: true, capture: true });
      document.addEventListener(
        'input',
        () => requestAnimationFrame(() => setTimeout(() => (keys.shownAfter = performance.now() - keys.keyAt))),
        { once: true },
      );
    });
    await field.press(letter === ' ' ? 'Space' : letter);
    await page.waitForFunction(() => (window as unknown as { shownAfter: number }).shownAfter >= 0);
    delays.push(await page.evaluate(() => (window as unknown as { shownAfter: number }).shownAfter));
  }
  delays.sort((a, b) => a - b);
  tell(
    `a key to the screen, 10,000 log entries, ${state}, median`,
    delays[Math.floor(delays.length / 2)] ?? Number.NaN,
    'wanted under 50 ms',
  );
  tell(`a key to the screen, 10,000 log entries, ${state}, slowest`, delays.at(-1) ?? Number.NaN, 'wanted under 50 ms');
}

async function scrollLadders(page: Page, state: string): Promise<void> {
  const frames = await page.evaluate(async () => {
    const box = document.querySelector<HTMLElement>('[aria-label^="Ladders;"]');
    const gaps: number[] = [];
    let last = performance.now();
    for (let step = 0; step < 120; step += 1) {
      if (box) box.scrollLeft += 70;
      await new Promise(requestAnimationFrame);
      const time = performance.now();
      gaps.push(time - last);
      last = time;
    }
    return gaps.sort((a, b) => a - b);
  });
  tell(`a frame while scrolling 65 ladders, ${state}, median`, frames[60] ?? Number.NaN, '16.7 ms is every frame');
  tell(`a frame while scrolling 65 ladders, ${state}, 95 of 100`, frames[114] ?? Number.NaN, '');
}

/** The plan of 65 parts moved along time, a twentieth of its width a frame. */
async function movePlan(page: Page): Promise<void> {
  const frames = await page.evaluate(async () => {
    const picture = document.querySelector<HTMLElement>('[aria-label^="Plan. Plus"]');
    const gaps: number[] = [];
    let last = performance.now();
    for (let step = 0; step < 120; step += 1) {
      picture?.dispatchEvent(new WheelEvent('wheel', { deltaX: 40, bubbles: true }));
      await new Promise(requestAnimationFrame);
      const time = performance.now();
      gaps.push(time - last);
      last = time;
    }
    return gaps.sort((a, b) => a - b);
  });
  tell('a frame while moving the plan of 65 parts × 25 rungs, median', frames[60] ?? Number.NaN, '16.7 ms is every frame');
  tell('a frame while moving the plan of 65 parts × 25 rungs, 95 of 100', frames[114] ?? Number.NaN, '');
}
