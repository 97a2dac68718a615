import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The workspace's root folder. */
export const ROOT = fileURLToPath(new URL('..', import.meta.url));

/** Runs a program in the root folder, its output shown; true when it ended well. */
export function run(program, args, options = {}) {
  const result = spawnSync(program, args, { cwd: ROOT, stdio: 'inherit', ...options });
  return result.status === 0;
}

/** Runs a program in the root folder beside others: what it writes is told when it has ended. */
export function runAside(program, args) {
  return new Promise((resolve) => {
    const child = spawn(program, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) stream.setEncoding('utf8').on('data', (text) => (output += text));
    child.on('error', (error) => resolve({ isPassed: false, output: `${output}${error.message}\n` }));
    child.on('close', (code) => resolve({ isPassed: code === 0, output }));
  });
}

/** The program of an installed package. */
export function bin(name) {
  return join(ROOT, 'node_modules', '.bin', name);
}

/** Installs what the lock file names, unless that is what is there. Node's own modules only: nothing else may be there yet. */
export function ensureInstalled() {
  const stamp = join(ROOT, 'node_modules', '.zinc-lock');
  const hash = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === hash) return;
  console.log('Installing what is missing …');
  if (!run('npm', ['ci', '--no-audit', '--no-fund'])) {
    console.error('npm ci failed: see above. A network to the npm registry is needed this once.');
    process.exit(1);
  }
  writeFileSync(stamp, hash);
}

/** Debian's Chromium for the browser tests; installed when it is missing and the machine lets us. */
export function ensureChromium() {
  if (existsSync('/usr/bin/chromium')) return true;
  console.log('Installing Chromium from Debian …');
  const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  const apt = (...args) =>
    run([...sudo, 'apt-get', ...args][0], [...sudo, 'apt-get', ...args].slice(1), {
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  apt('update', '-qq');
  apt('install', '-y', '-qq', 'chromium');
  return existsSync('/usr/bin/chromium');
}
