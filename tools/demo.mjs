import { spawn } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { bin, ensureInstalled, ROOT, run } from './installed.mjs';

/** Newest change below a folder, ms; folders that are built or installed are passed over. */
function newest(folder) {
  return readdirSync(folder, { withFileTypes: true }).reduce((latest, entry) => {
    if (['node_modules', 'dist', '.git', 'files'].includes(entry.name)) return latest;
    const path = join(folder, entry.name);
    return Math.max(latest, entry.isDirectory() ? newest(path) : statSync(path).mtimeMs);
  }, 0);
}

function isBuilt() {
  const page = join(ROOT, 'app', 'dist', 'index.html');
  if (!existsSync(page)) return false;
  return (
    statSync(page).mtimeMs >=
    Math.max(...['core', 'model', 'app'].map((name) => newest(join(ROOT, name))), statSync(join(ROOT, 'package-lock.json')).mtimeMs)
  );
}

ensureInstalled();
if (!existsSync(join(ROOT, 'demo', 'files', 'tide-office.zip')) && !run('npm', ['run', '-s', 'demo:make'])) process.exit(1);
if (!isBuilt()) {
  console.log('Building …');
  if (!run('npm', ['run', '-s', 'build'], { stdio: ['ignore', 'ignore', 'inherit'] })) process.exit(1);
}
const server = spawn(bin('tsx'), ['--tsconfig', 'tsconfig.run.json', 'server/src/main.ts', '--demo', ...process.argv.slice(2)], {
  cwd: ROOT,
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
