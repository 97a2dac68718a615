import Papa from 'papaparse';
import { plainCell } from './harmlessCell';
import { separatorOf } from './separatorOf';

/** A table whose columns were found by their names. */
export interface NamedTable<Column extends string> {
  /** what each column is called in the file */
  readonly columns: Readonly<Partial<Record<Column, string>>>;
  /** every column of the file as it is called there */
  readonly header: readonly string[];
  /** rows that hold anything, with their line in the file; the header is 1 */
  readonly rows: readonly { readonly line: number; readonly cell: (column: Column) => string }[];
}

/**
 * A CSV table with a header, with whatever separator, its columns found by the names they go by. A column that is not there has empty cells.
 *
 * @param names for each column the names it goes by, in small letters
 * @param chosen what the finisher says a column is called in the file, in place of a guess; null: it is not there
 */
export function readTable<Column extends string>(
  text: string,
  names: Readonly<Record<Column, readonly string[]>>,
  chosen: Partial<Record<Column, string | null>> | null = null,
): NamedTable<Column> {
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/u, ''), {
    header: true,
    delimiter: separatorOf(text),
    skipEmptyLines: false,
    transformHeader: (name) => name.trim(),
  });
  const columns: Partial<Record<Column, string>> = {};
  for (const [column, known] of Object.entries(names) as [Column, readonly string[]][]) {
    const said = chosen?.[column];
    const field =
      said === undefined ? meta.fields?.find((name) => known.includes(name.toLowerCase())) : meta.fields?.find((name) => name === said);
    if (field !== undefined) columns[column] = field;
  }
  const rows = data.flatMap((cells, at) => {
    if (Object.values(cells).every((cell) => String(cell ?? '').trim() === '')) return [];
    const cell = (column: Column): string => plainCell(String(cells[columns[column] ?? ''] ?? '').trim());
    return [{ line: at + 2, cell }];
  });
  return { columns, header: meta.fields ?? [], rows };
}
