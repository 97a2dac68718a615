import { readTable } from '@zinc-ladder/core/csv/readTable';
import { TZDate } from '@date-fns/tz';

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

const CLOCK = '(?:[T ,]+(\\d{1,2})[:.](\\d{2})(?::\\d{2})?)?';
const FORMS: readonly (readonly [
  form: RegExp,
  order: readonly ['year' | 'month' | 'day', 'year' | 'month' | 'day', 'year' | 'month' | 'day'],
])[] = [
  [new RegExp(`^(\\d{4})-(\\d{1,2})-(\\d{1,2})${CLOCK}$`, 'u'), ['year', 'month', 'day']],
  [new RegExp(`^(\\d{1,2})\\.(\\d{1,2})\\.(\\d{4})${CLOCK}$`, 'u'), ['day', 'month', 'year']],
  [new RegExp(`^(\\d{1,2})/(\\d{1,2})/(\\d{4})${CLOCK}$`, 'u'), ['month', 'day', 'year']],
];

/** A day, noon where no time is said, or a moment of the shop's local time; null: none that is. */
function readMoment(text: string, timeZone: string): number | null {
  for (const [form, order] of FORMS) {
    const found = form.exec(text.trim());
    if (!found) continue;
    const part = { year: 0, month: 0, day: 0 };
    for (const [at, name] of order.entries()) part[name] = Number(found[at + 1]);
    const [hour, minute] = found[4] === undefined ? [12, 0] : [Number(found[4]), Number(found[5])];
    const date = new TZDate(part.year, part.month - 1, part.day, hour, minute, timeZone);
    const isReal = date.getMonth() === part.month - 1 && date.getDate() === part.day && hour < 24 && minute < 60;
    return isReal && part.year >= 2000 && part.year < 2100 ? date.getTime() : null;
  }
  return null;
}
