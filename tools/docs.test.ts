import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

const DOCUMENTS = ['README.md', 'CONTRIBUTING.md', 'docs/architecture.md', 'docs/glossary.md', 'docs/method.md', 'docs/promises.md'];
const files = execFileSync('git', ['ls-files'], { encoding: 'utf8' }).split('\n').filter(Boolean);
const paths = [...files, ...new Set(files.flatMap((file) => file.split('/').map((_, depth, parts) => parts.slice(0, depth).join('/'))))];

/** A name in a document, `plan/judge/slack.ts` or `core/src/cure`, is the end of a path: the documents leave out what goes without saying. */
const isThere = (name: string): boolean => paths.some((path) => path === name || path.endsWith(`/${name}`));

describe('documents', () => {
  it.each(DOCUMENTS)('%s names only files and folders that are there', (document) => {
    const named = [...readFileSync(document, 'utf8').matchAll(/`([\w./-]+)`/gu)].map((match) => match[1] ?? '');
    const isPath = (name: string): boolean =>
      /\.(ts|tsx|mjs|cjs|md)$/u.test(name) || /^(core|model|app|server|lab|demo|e2e|tools|docs)\//u.test(name);
    const wanted = named.filter(isPath).map((name) => name.replace(/\/$/u, ''));
    expect(wanted.filter((name) => !isThere(name))).toEqual([]);
  });
});
