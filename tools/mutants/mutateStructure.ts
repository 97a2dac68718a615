import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Stryker } from '@stryker-mutator/core';
import type { FolderScore, Survivor } from './folderScore';

type Options = NonNullable<ConstructorParameters<typeof Stryker>[0]>;

const NOTICED = new Set(['Killed', 'Timeout', 'RuntimeError']);
const MISSED = new Set(['Survived', 'NoCoverage']);

/** Text of a place in a file on one line, short enough to read in a list. */
function inShort(text: string): string {
  const flat = text.replace(/\s+/g, ' ');
  return flat.length > 60 ? `${flat.slice(0, 57)}…` : flat;
}

/**
 * Conditions, signs, blocks and calls of a folder changed in a copy of the project. Texts are left alone: words are
 * for people to judge, and a kind misspelt is an error of types.
 */
export async function mutateStructure(root: string, folder: string): Promise<FolderScore> {
  process.env.MUTANTS_OF = folder;
  const results = await new Stryker({
    mutate: [`${folder}/**/*.ts`, `!${folder}/**/*.test.ts`],
    // The library is also a set of globs: what is not the code and its tests need not be copied.
    ignorePatterns: ['**/dist', '.cache', 'docs/screenshots', 'demo/files', 'app/public'],
    plugins: ['@stryker-mutator/vitest-runner'],
    testRunner: 'vitest',
    vitest: { configFile: 'tools/mutants/vitestOfFolder.config.mjs', related: false },
    mutator: { excludedMutations: ['StringLiteral'] },
    coverageAnalysis: 'perTest',
    concurrency: 2,
    timeoutMS: 5000,
    reporters: ['progress'],
    logLevel: 'error' as NonNullable<Options['logLevel']>,
    tempDirName: '.cache/mutants',
    cleanTempDir: 'always',
    checkers: [],
    // A remark put on top of every file would change those that a test holds against what they are made from.
    disableTypeChecks: false,
    allowConsoleColors: false,
  }).runMutationTest();
  const survivors: Survivor[] = [];
  let noticed = 0;
  for (const { status, fileName, location, replacement, mutatorName } of results) {
    if (NOTICED.has(status)) noticed += 1;
    if (!MISSED.has(status)) continue;
    const file = fileName.slice(fileName.indexOf(folder));
    const lines = readFileSync(join(root, file), 'utf8').split('\n');
    const { start, end } = location;
    const old =
      start.line === end.line
        ? lines[start.line - 1]!.slice(start.column - 1, end.column - 1)
        : [lines[start.line - 1]!.slice(start.column - 1), ...lines.slice(start.line, end.line)].join(' ');
    survivors.push({ file, line: start.line, change: `${mutatorName}: ${inShort(old)} → ${inShort(replacement ?? '')}` });
  }
  return { folder, kind: 'structure', noticed, survivors };
}
