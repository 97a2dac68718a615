import 'reflect-metadata';
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { chromium } from '@playwright/test';
import type { FaultCount } from './faults/browserFaults';
import { fillDisk, killBrowser, killWorkers, pressTwice } from './faults/browserFaults';
import { countMutated, fileKinds } from './faults/mutateFiles';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const PORT = 4395;
const ADDRESS = `http://127.0.0.1:${PORT}`;

const { values } = parseArgs({
  options: {
    faults: { type: 'string', default: '1000' },
    files: { type: 'string', default: '10000' },
    acts: { type: 'string', default: '1000' },
    seed: { type: 'string', default: '20260528' },
  },
});
const seed = Number(values.seed);
let bad = 0;

/** Files of every kind, damaged at random. */
for (const kind of await fileKinds(ROOT)) {
  const { read, refused, partial, crashes, hangs } = countMutated(kind, Number(values.files), seed);
  bad += partial + crashes.length + hangs.length;
  console.log(
    `${kind.kind.padEnd(10)} ${read} read whole, ${refused} refused with words, ${partial} partial, ${hangs.length} hangs, ${crashes.length} crashes`,
  );
  for (const line of [...crashes, ...hangs].slice(0, 20)) console.log(`  ${line}`);
}

/** Any acts in any order: saved, read back, equal. */
if (Number(values.acts) > 0) {
  const run = spawn(join(ROOT, 'node_modules/.bin/vitest'), ['run', 'app/src/data/changes/anyChanges.test.ts'], {
    cwd: ROOT,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, ZINC_RUNS: values.acts },
  });
  const code = await new Promise<number | null>((resolve) => run.on('exit', resolve));
  if (code !== 0) bad += 1;
  console.log(`acts       ${values.acts} runs of up to 60 acts: ${code === 0 ? 'all read back equal' : 'FAILED, see vitest'}`);
}

/** Faults of the browser, a quarter of each kind. */
const each = Math.ceil(Number(values.faults) / 4);
if (each > 0) {
  const server = spawn(
    join(ROOT, 'node_modules/.bin/tsx'),
    ['--tsconfig', 'tsconfig.run.json', 'server/src/main.ts', '--demo', '--port', String(PORT)],
    { cwd: ROOT },
  );
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking'],
  });
  try {
    await new Promise((resolve) => server.stdout.once('data', resolve));
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
    const page = await context.newPage();
    await page.goto(ADDRESS);
    await page.getByRole('navigation', { name: 'Views' }).waitFor({ timeout: 60_000 });
    tell(await killBrowser(ADDRESS, each, seed));
    tell(await fillDisk(context, ADDRESS, each, seed));
    tell(await killWorkers(context, ADDRESS, each, seed));
    tell(await pressTwice(context, ADDRESS, each));
  } finally {
    await browser.close();
    server.kill();
  }
}

function tell({ kind, faults, lost, partial, hangs, crashes }: FaultCount): void {
  bad += lost.length + partial.length + hangs.length + crashes.length;
  console.log(
    `${kind.padEnd(10)} ${faults} faults: ${lost.length} lost, ${partial.length} partial, ${hangs.length} hangs, ${crashes.length} crashes`,
  );
  for (const line of [...lost, ...partial, ...hangs, ...crashes].slice(0, 20)) console.log(`  ${line}`);
}

console.log(bad === 0 ? '0 lost, 0 partial, 0 hangs, 0 crashes' : `${bad} faults were not borne`);
process.exit(bad === 0 ? 0 : 1);
