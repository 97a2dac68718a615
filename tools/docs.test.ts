import { readdirSync, readFileSync } from 'node:fs';
import { FORMAT_VERSION } from '../model/src/file/fileFormat';
import { describe, expect, it } from 'vitest';

const DOCUMENTS = ['README.md', 'CONTRIBUTING.md', 'docs/architecture.md', 'docs/glossary.md', 'docs/method.md', 'docs/promises.md'];
const NOT_OURS = new Set(['node_modules', 'dist', 'dev-dist', '.git', '.cache']);

/** Files and folders of the project, by their paths from its root. */
function pathsIn(folder: string): string[] {
  return readdirSync(folder || '.', { withFileTypes: true }).flatMap((entry) => {
    if (NOT_OURS.has(entry.name)) return [];
    const path = folder === '' ? entry.name : `${folder}/${entry.name}`;
    return entry.isDirectory() ? [path, ...pathsIn(path)] : [path];
  });
}
const paths = pathsIn('');

/** A name in a document, `plan/judge/slack.ts` or `core/src/cure`, is the end of a path: the documents leave out what goes without saying. */
const isThere = (name: string): boolean => paths.some((path) => path === name || path.endsWith(`/${name}`));

describe('documents', () => {
  it('docs/file-format.md is of the version that is written', () => {
    const text = readFileSync('docs/file-format.md', 'utf8');
    expect(text).toContain(`# File format, version ${FORMAT_VERSION}\n`);
    expect(text).toContain(`"version": ${FORMAT_VERSION},`);
    expect(text).toContain(`version ${FORMAT_VERSION} added`);
  });
  it.each(DOCUMENTS)('%s names only files and folders that are there', (document) => {
    const named = [...readFileSync(document, 'utf8').matchAll(/`([\w./-]+)`/gu)].map((match) => match[1] ?? '');
    const isPath = (name: string): boolean =>
      /\.(ts|tsx|mjs|cjs|md)$/u.test(name) || /^(core|model|app|server|lab|demo|e2e|tools|docs)\//u.test(name);
    const wanted = named.filter(isPath).map((name) => name.replace(/\/$/u, ''));
    expect(wanted.filter((name) => !isThere(name))).toEqual([]);
  });
});
