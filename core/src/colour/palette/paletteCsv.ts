import Papa from 'papaparse';
import { harmlessCell, plainCell } from '../../csv/harmlessCell';
import type { Lab } from '../lab';
import { hexOfLab, labOfHex } from '../lab';
import type { Palette, PaletteEntry } from './palette';
import { MOST_ENTRIES, PaletteFaultError, plainLine } from './palette';

/** A row of a table of colours. */
export interface PaletteRow extends PaletteEntry {
  readonly lab: Lab;
  /** what it is mixed of; empty for a paint */
  readonly mix: string;
}

/** Colours as a CSV table: name, hex, Lab, mix. Cells that a spreadsheet would run as a formula are written as text. */
export function writePaletteCsv(rows: readonly PaletteRow[]): string {
  return Papa.unparse(
    rows.map(({ name, hex, lab, mix }) => ({
      name: harmlessCell(name),
      hex,
      L: lab[0].toFixed(2),
      a: lab[1].toFixed(2),
      b: lab[2].toFixed(2),
      mix: harmlessCell(mix),
    })),
    { newline: '\r\n' },
  );
}

/**
 * Reads a table of colours: a header with `name`, and `hex` or `L`, `a`, `b`, in any order and with any separator. Rows without a colour are left
 * aside and counted.
 *
 * @throws PaletteFaultError for a table without those columns or without a colour
 */
export function readPaletteCsv(text: string): Palette {
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/u, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (header) => header.trim().toLowerCase(),
  });
  const has = (column: string): boolean => meta.fields?.includes(column) ?? false;
  if (!has('hex') && !(has('l') && has('a') && has('b'))) throw new PaletteFaultError('it needs a column “hex”, or “L”, “a” and “b”');
  const entries: PaletteEntry[] = [];
  let skipped = 0;
  for (const row of data) {
    const hex = colourOf(row);
    if (hex === null || entries.length >= MOST_ENTRIES) skipped += 1;
    else entries.push({ name: plainCell(plainLine(row['name'] ?? '')) || hex, hex });
  }
  if (entries.length === 0) throw new PaletteFaultError('it holds no colour');
  return { name: '', entries, skipped };
}

function colourOf(row: Readonly<Record<string, string>>): string | null {
  const hex = (row['hex'] ?? '').trim().toLowerCase();
  if (/^#?[0-9a-f]{6}$/u.test(hex)) return hexOfLab(labOfHex(hex.startsWith('#') ? hex : `#${hex}`));
  const [l, a, b] = ['l', 'a', 'b'].map((column) =>
    (row[column] ?? '').trim() === '' ? Number.NaN : Number((row[column] ?? '').replace(',', '.')),
  );
  if (l === undefined || a === undefined || b === undefined || ![l, a, b].every(Number.isFinite) || l < 0 || l > 100) return null;
  return hexOfLab([l, a, b]);
}
