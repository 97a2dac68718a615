// Loads all records: each tells which of its fields are moments.
import './projectFile';
import { MOMENT_FIELDS } from '../records/base/moment';
import type { ProjectFile } from './projectFile';

const DAY_MS = 86_400_000;

/** The same project, so many days later (or earlier): every moment and every exception's date moves along. */
export function shiftDates(project: ProjectFile, days: number): ProjectFile {
  return shift(project, days) as ProjectFile;
}

function shift(value: unknown, days: number, key = ''): unknown {
  if (Array.isArray(value)) return value.map((entry) => shift(entry, days));
  if (typeof value === 'object' && value !== null)
    return Object.fromEntries(Object.entries(value).map(([name, inner]) => [name, shift(inner, days, name)]));
  if (typeof value === 'number' && MOMENT_FIELDS.has(key)) return value + days * DAY_MS;
  if (typeof value === 'string' && key === 'date')
    return new Date(Date.parse(`${value}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
  return value;
}
