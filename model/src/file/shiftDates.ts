import type { ProjectFile } from './projectFile';

const DAY_MS = 86_400_000;
/** Fields that are moments; spans such as `workedMs` are not. */
const MOMENTS: ReadonlySet<string> = new Set([
  'atMs',
  'dueMs',
  'notBeforeMs',
  'lockedAtMs',
  'startMs',
  'endMs',
  'startedAtMs',
  'endsAtMs',
  'doneAtMs',
  'openedAtMs',
  'madeAtMs',
  'takenAtMs',
  'savedAtMs',
]);

/** The same project, so many days later (or earlier): every moment and every exception's date moves along. */
export function shiftDates(project: ProjectFile, days: number): ProjectFile {
  return shift(project, days) as ProjectFile;
}

function shift(value: unknown, days: number, key = ''): unknown {
  if (Array.isArray(value)) return value.map((entry) => shift(entry, days));
  if (typeof value === 'object' && value !== null)
    return Object.fromEntries(Object.entries(value).map(([name, inner]) => [name, shift(inner, days, name)]));
  if (typeof value === 'number' && MOMENTS.has(key)) return value + days * DAY_MS;
  if (typeof value === 'string' && key === 'date')
    return new Date(Date.parse(`${value}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
  return value;
}
