import type { ChildProcess } from 'node:child_process';
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import type { Browser } from '@playwright/test';
import { chromium } from '@playwright/test';

/** The built application on a server of its own, and a browser to measure it in. */
export async function openBenchBrowser(root: string, port: number): Promise<{ readonly server: ChildProcess; readonly browser: Browser }> {
  const server = spawn(
    join(root, 'node_modules/.bin/tsx'),
    ['--tsconfig', 'tsconfig.run.json', 'server/src/main.ts', '--port', String(port)],
    {
      cwd: root,
    },
  );
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  });
  await new Promise((resolve) => server.stdout.once('data', resolve));
  return { server, browser };
}
