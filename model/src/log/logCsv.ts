import { harmlessCell } from '@zinc-ladder/core/csv/harmlessCell';
import Papa from 'papaparse';

/** An entry of the log as a row of a table, names instead of ids. */
export interface LogRow {
  /** local time of the shop, `2026-05-28 18:40` */
  readonly when: string;
  readonly kind: string;
  readonly prop: string;
  readonly part: string;
  readonly rung: string;
  readonly product: string;
  readonly plannedMinutes: number | null;
  readonly minutes: number | null;
  readonly celsius: number | null;
  readonly humidityPercent: number | null;
  readonly by: string;
  readonly words: string;
}

/** Columns of the table, in their order. A time sheet that is read back goes by the same names. */
export const LOG_COLUMNS = [
  ['when', 'when'],
  ['kind', 'kind'],
  ['prop', 'prop'],
  ['part', 'part'],
  ['rung', 'rung'],
  ['product', 'product'],
  ['planned minutes', 'plannedMinutes'],
  ['minutes', 'minutes'],
  ['celsius', 'celsius'],
  ['humidity percent', 'humidityPercent'],
  ['by', 'by'],
  ['words', 'words'],
] as const satisfies readonly (readonly [string, keyof LogRow])[];

/** The log as a CSV table (RFC 4180). Cells that a spreadsheet would run as a formula are written as text. */
export function writeLogCsv(rows: readonly LogRow[]): string {
  const cell = (value: string | number | null): string =>
    value === null ? '' : typeof value === 'number' ? String(value) : harmlessCell(value);
  return Papa.unparse(
    { fields: LOG_COLUMNS.map(([name]) => name), data: rows.map((row) => LOG_COLUMNS.map(([, key]) => cell(row[key]))) },
    { newline: '\r\n' },
  );
}
