import { readTable } from '@zinc-ladder/core/csv/readTable';
import { readMoment } from '@zinc-ladder/core/csv/readMoment';

/** What a column of a time sheet holds. */
export type SheetColumn = 'when' | 'start' | 'end' | 'minutes' | 'prop' | 'part' | 'rung' | 'words';

/** A row of a time sheet, as it was read. */
export interface SheetRow {
  /** line in the file, the header is 1 */
  readonly line: number;
  /** when it ended */
  readonly atMs: number;
  readonly minutes: number;
  readonly prop: string;
  readonly part: string;
  readonly rung: string;
  readonly words: string;
}

/** A row that cannot be taken, and why. */
export interface SheetFault {
  readonly line: number;
  readonly message: string;
}

/** A time sheet as it was read. */
export interface TimeSheet {
  readonly rows: readonly SheetRow[];
  readonly faults: readonly SheetFault[];
  /** what each column was taken for */
  readonly columns: Readonly<Partial<Record<SheetColumn, string>>>;
}

/** Names that columns go by, in small letters. */
const COLUMN_NAMES: Readonly<Record<SheetColumn, readonly string[]>> = {
  when: ['when', 'date', 'day', 'done', 'at'],
  start: ['start', 'from', 'begin', 'begun', 'started'],
  end: ['end', 'to', 'until', 'ended', 'finished'],
  minutes: ['minutes', 'min', 'duration', 'time', 'actual minutes', 'took'],
  prop: ['prop', 'project'],
  part: ['part', 'piece'],
  rung: ['rung', 'step', 'task', 'work', 'activity'],
  words: ['words', 'note', 'notes', 'comment', 'description'],
};
const MOST_ROWS = 20_000;
const MOST_BYTES = 8 * 1024 * 1024;
const MOST_MINUTES = 6000;
const MINUTE_MS = 60_000;

/**
 * Reads a time sheet: a CSV with a header, with whatever separator, with either a moment and minutes or a beginning and an end. Dates as 2026-05-28,
 * 28.5.2026 or 5/28/2026; minutes as 90, 1:30 or 1.5 h.
 *
 * @param timeZone of the shop: what is written is its local time
 */
export function readTimeSheet(text: string, timeZone: string): TimeSheet {
  if (text.length > MOST_BYTES) return { rows: [], faults: [{ line: 1, message: 'it is larger than 8 MB' }], columns: {} };
  const { columns, rows: given } = readTable(text, COLUMN_NAMES);
  if (columns.minutes === undefined && (columns.start === undefined || columns.end === undefined))
    return {
      rows: [],
      columns,
      faults: [{ line: 1, message: 'it needs a column “minutes”, or “start” and “end”, and a header that names them' }],
    };
  if (columns.when === undefined && columns.start === undefined && columns.end === undefined)
    return { rows: [], columns, faults: [{ line: 1, message: 'it needs a column “when” or “date”' }] };
  const rows: SheetRow[] = [];
  const faults: SheetFault[] = [];
  for (const { line, cell } of given) {
    if (rows.length >= MOST_ROWS) {
      faults.push({ line, message: `only ${MOST_ROWS} rows are taken: split the file` });
      break;
    }
    const read = readRow(cell, timeZone);
    if (typeof read === 'string') faults.push({ line, message: read });
    else rows.push({ line, ...read, prop: cell('prop'), part: cell('part'), rung: cell('rung'), words: cell('words').slice(0, 4000) });
  }
  return { rows, faults, columns };
}

function readRow(cell: (column: SheetColumn) => string, timeZone: string): Pick<SheetRow, 'atMs' | 'minutes'> | string {
  const day = cell('when');
  const moment = (column: 'start' | 'end'): number | null =>
    readMoment(cell(column), timeZone) ?? readMoment(`${day} ${cell(column)}`, timeZone);
  const [start, end] = [moment('start'), moment('end')];
  const said = cell('minutes') === '' ? null : readMinutes(cell('minutes'));
  if (cell('minutes') !== '' && said === null) return `“${cell('minutes')}” are no minutes`;
  const minutes = said ?? (start !== null && end !== null ? (end - start) / MINUTE_MS : null);
  if (minutes === null) return 'it says neither minutes nor a beginning and an end';
  if (!(minutes >= 0 && minutes <= MOST_MINUTES)) return `${Math.round(minutes)} minutes are not between 0 and ${MOST_MINUTES}`;
  const atMs = end ?? (start === null ? readMoment(day, timeZone) : start + minutes * MINUTE_MS);
  if (atMs === null) return day === '' ? 'it says no day' : `“${day}” is no day`;
  return { atMs: Math.round(atMs), minutes: Math.round(minutes * 10) / 10 };
}

/** `90`, `90 min`, `1:30`, `1.5 h`, `1,5 h` in minutes; null: none of these. */
function readMinutes(text: string): number | null {
  const clock = /^(\d{1,3}):([0-5]\d)$/u.exec(text);
  if (clock) return Number(clock[1]) * 60 + Number(clock[2]);
  const plain = /^(\d+(?:[.,]\d+)?)\s*(h|hours?|min|minutes?|m)?$/iu.exec(text);
  if (!plain) return null;
  const value = Number((plain[1] ?? '').replace(',', '.'));
  return /^h/iu.test(plain[2] ?? '') ? value * 60 : value;
}
