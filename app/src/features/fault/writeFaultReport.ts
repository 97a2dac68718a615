/** What an edit touched: how many records of which tables. */
export interface ActTouched {
  readonly atMs: number;
  readonly touched: Readonly<Record<string, number>>;
}

/** What a fault's report is written from. */
export interface FaultFacts {
  readonly version: string;
  readonly browser: string;
  /** address of the page within the application */
  readonly path: string;
  readonly error: unknown;
  /** the last edits, newest first */
  readonly acts: readonly ActTouched[];
  readonly nowMs: number;
}

/** A message longer than this may quote what was typed. */
const MOST_MESSAGE = 200;
const MOST_STACK_LINES = 12;

/**
 * A fault as text to pass on: version, browser, view, where it happened, and the last edits by the tables they touched. Names, notes and ids of
 * records are not in it.
 */
export function writeFaultReport({ version, browser, path, error, acts, nowMs }: FaultFacts): string {
  const view = path.split('/')[1] || 'bench';
  const [name, message, stack] =
    error instanceof Error ? [error.name, error.message, error.stack ?? ''] : ['Something else than an error', '', ''];
  const places = stack
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line.startsWith('at ') || line.includes('@'))
    .slice(0, MOST_STACK_LINES)
    // Addresses of the server are nobody's business; which file and line is.
    .map((line) => line.replace(/https?:\/\/[^/\s)]+/gu, ''));
  const done = acts.map(({ atMs, touched }) => {
    const tables = Object.entries(touched).map(([table, count]) => `${table} ${count}`);
    return `${Math.max(0, Math.round((nowMs - atMs) / 60_000))} min before: ${tables.join(', ') || 'bytes only'}`;
  });
  return [
    `Zinc Ladder ${version}`,
    `Browser: ${browser}`,
    `View: ${view}`,
    `Fault: ${name}${message === '' ? '' : `: ${message.slice(0, MOST_MESSAGE)}`}`,
    ...places.map((line) => `  ${line}`),
    `Last edits, by the tables they touched: ${done.length === 0 ? 'none' : ''}`,
    ...done.map((line) => `  ${line}`),
  ].join('\n');
}
