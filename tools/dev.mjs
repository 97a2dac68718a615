import { spawn } from 'node:child_process';
import { bin, ensureInstalled, ROOT } from './installed.mjs';

ensureInstalled();
const children = [
  spawn(bin('tsx'), ['watch', '--tsconfig', 'tsconfig.run.json', 'server/src/main.ts', '--demo'], { cwd: ROOT, stdio: 'inherit' }),
  spawn('npm', ['run', '-s', 'dev', '-w', 'app'], { cwd: ROOT, stdio: 'inherit' }),
];
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => children.forEach((child) => child.kill(signal)));
children.forEach((child) => child.on('exit', () => children.forEach((other) => other.kill())));
