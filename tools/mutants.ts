import { existsSync, statSync } from 'node:fs';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import type { FolderScore } from './mutants/folderScore';
import { caught, tellScore } from './mutants/folderScore';
import { mutateNumbers } from './mutants/mutateNumbers';
import { mutateStructure } from './mutants/mutateStructure';

/**
 * Changes the code of a folder, a place at a time, and counts how many changes the tests of that folder notice:
 * `npm run mutants -- core/src/cure [more folders]`. Only the tests that lie in the folder are asked, because a
 * rule should be held by the tests beside it and not by a story far away.
 */

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const WANTED = 0.8;

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    only: { type: 'string' },
    wanted: { type: 'string', default: String(WANTED) },
    quiet: { type: 'boolean', default: false },
  },
});
if (positionals.length === 0 || (values.only && !['structure', 'numbers'].includes(values.only))) {
  console.error('Say which folders: npm run mutants -- core/src/cure [--only structure|numbers] [--quiet]');
  process.exit(2);
}

let low = 0;
for (const given of positionals) {
  const folder = relative(ROOT, join(ROOT, given));
  if (folder.startsWith('..') || !existsSync(join(ROOT, folder)) || !statSync(join(ROOT, folder)).isDirectory()) {
    console.error(`${given} is no folder of this project.`);
    process.exit(2);
  }
  const told = (score: FolderScore): void => {
    tellScore(score, values.quiet);
    if (caught(score) < Number(values.wanted)) low += 1;
  };
  if (values.only !== 'numbers') told(await mutateStructure(ROOT, folder));
  if (values.only !== 'structure') told(await mutateNumbers(ROOT, folder));
}
process.exit(low === 0 ? 0 : 1);
