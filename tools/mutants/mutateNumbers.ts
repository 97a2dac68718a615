import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { createVitest } from 'vitest/node';
import type { FolderScore, Survivor } from './folderScore';

interface NumberAt {
  file: string;
  start: number;
  end: number;
  line: number;
  text: string;
}

/** Calls whose numbers are places in a list or digits to be shown. */
const PLACES = new Set(['at', 'slice', 'toFixed']);
const BITWISE: ReadonlySet<ts.SyntaxKind> = new Set([
  ts.SyntaxKind.LessThanLessThanToken,
  ts.SyntaxKind.GreaterThanGreaterThanToken,
  ts.SyntaxKind.GreaterThanGreaterThanGreaterThanToken,
]);
/** Guards against rounding are smaller than any figure of the field. */
const LEAST = 1e-6;

/** Tests that take so many times as long as they did, and some seconds beside, go round for ever: that was noticed. */
const PATIENCE = 4;
const LEAST_PATIENCE_MS = 10_000;
const MOST_PATIENCE_MS = 600_000;
/** A file of tests that takes less than this is asked first. */
const QUICK_MS = 1500;

/** Ends the processes that run the tests, which is all that ends a loop. */
function endTests(): void {
  spawnSync('pkill', ['-KILL', '-P', String(process.pid)]);
}

/** Every number that is written out in a file and that a figure depends on. */
function numbersIn(root: string, file: string): NumberAt[] {
  const source = ts.createSourceFile(file, readFileSync(join(root, file), 'utf8'), ts.ScriptTarget.Latest, true);
  const found: NumberAt[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isElementAccessExpression(node)) return visit(node.expression);
    if (ts.isTypeNode(node)) return;
    // Bits are whole: a tenth more of one is the same bit.
    if (ts.isBinaryExpression(node) && BITWISE.has(node.operatorToken.kind)) {
      for (const side of [node.left, node.right]) if (!ts.isNumericLiteral(side)) visit(side);
      return;
    }
    if (ts.isCallExpression(node) && ts.isPropertyAccessExpression(node.expression) && PLACES.has(node.expression.name.text))
      return visit(node.expression);
    if (ts.isNumericLiteral(node)) {
      const value = Math.abs(Number(node.text));
      if (value > 0 && value < LEAST) return;
      const start = node.getStart();
      const line = source.getLineAndCharacterOfPosition(start).line + 1;
      found.push({ file, start, end: node.end, line, text: node.text });
      return;
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** A number a tenth larger, and one for nothing: a test that holds a figure notices that it is another. */
function anotherNumber(text: string): string {
  const value = Number(text);
  return value === 0 ? '1' : String(Number((value * 1.1).toPrecision(6)));
}

/**
 * Every number of a folder made a tenth larger, one at a time, while the code is being loaded: no file is touched.
 */
export async function mutateNumbers(root: string, folder: string): Promise<FolderScore> {
  const files = readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.ts') && !/\.(test|d)\.ts$/.test(file))
    .map((file) => join(folder, file));
  const numbers = files.flatMap((file) => numbersIn(root, file));
  process.env.MUTANTS_OF = folder;
  let now: NumberAt | undefined;
  const vitest = await createVitest(
    'test',
    { root, watch: true, reporters: [{}], bail: 1, config: join(root, 'tools/mutants/vitestOfFolder.config.mjs') },
    {
      plugins: [
        {
          name: 'another-number',
          enforce: 'pre',
          transform(code: string, id: string) {
            if (!now || id !== join(root, now.file)) return undefined;
            return code.slice(0, now.start) + anotherNumber(now.text) + code.slice(now.end);
          },
        },
      ],
    },
  );
  const survivors: Survivor[] = [];
  let noticed = 0;
  try {
    const specifications = await vitest.globTestSpecifications();
    const durations = new Map<string, number>();
    const passes = async (asked: typeof specifications, patienceMs: number): Promise<boolean> => {
      const timer = setTimeout(endTests, patienceMs);
      try {
        const { testModules, unhandledErrors } = await vitest.runTestSpecifications(asked, true);
        for (const module of testModules) if (!now) durations.set(module.moduleId, module.diagnostic().duration);
        // A file that was called off after the first failure in another is not "passed" either.
        return unhandledErrors.length === 0 && testModules.every((module) => module.state() === 'passed');
      } finally {
        clearTimeout(timer);
      }
    };
    const begunMs = Date.now();
    if (!(await passes(specifications, MOST_PATIENCE_MS))) throw new Error(`The tests of ${folder} fail as they are.`);
    const patienceMs = LEAST_PATIENCE_MS + PATIENCE * (Date.now() - begunMs);
    // Most changes are noticed by tests that take no time; those that take long are asked of what is left.
    const isQuick = ({ moduleId }: (typeof specifications)[number]): boolean => (durations.get(moduleId) ?? 0) < QUICK_MS;
    const quick = specifications.filter(isQuick);
    const slow = specifications.filter((specification) => !isQuick(specification));
    for (const number of numbers) {
      now = number;
      vitest.invalidateFile(join(root, number.file));
      if ((quick.length === 0 || (await passes(quick, patienceMs))) && (slow.length === 0 || (await passes(slow, patienceMs)))) {
        const { file, line, text } = number;
        survivors.push({ file, line, change: `${text} → ${anotherNumber(text)}` });
      } else noticed += 1;
      vitest.invalidateFile(join(root, number.file));
    }
    now = undefined;
    // Tests that fail by themselves by now have noticed nothing.
    if (!(await passes(specifications, patienceMs)))
      throw new Error(`The tests of ${folder} fail as they are, after all changes were taken back.`);
  } finally {
    await vitest.close();
  }
  return { folder, kind: 'numbers', noticed, survivors };
}
