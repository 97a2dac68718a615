import type { Palette, PaletteEntry } from './palette';
import { MOST_ENTRIES, PaletteFaultError, plainLine } from './palette';

/** Colours as a GIMP palette: a first line that names the format, a name, and a line `r g b name` for each colour. */
export function writeGpl(name: string, entries: readonly PaletteEntry[]): string {
  const lines = entries.map(({ name: own, hex }) => {
    const [r, g, b] = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));
    return `${[r, g, b].map((value) => String(value).padStart(3)).join(' ')}\t${plainLine(own)}`;
  });
  return ['GIMP Palette', `Name: ${plainLine(name)}`, 'Columns: 0', '#', ...lines, ''].join('\n');
}

/**
 * Reads a GIMP palette. Comments and lines that are no colour are left aside and counted.
 *
 * @throws PaletteFaultError where it is none, or holds no colour
 */
export function readGpl(text: string): Palette {
  const [first = '', ...lines] = text.replace(/^\uFEFF/u, '').split(/\r?\n/u);
  if (first.trim() !== 'GIMP Palette') throw new PaletteFaultError('its first line is not “GIMP Palette”');
  let name = '';
  let skipped = 0;
  const entries: PaletteEntry[] = [];
  for (const line of lines) {
    const trimmed = line.trim();
    if (trimmed === '' || trimmed.startsWith('#') || /^Columns:/iu.test(trimmed)) continue;
    const title = /^Name:\s*(.*)$/iu.exec(trimmed);
    if (title && entries.length === 0) {
      name = plainLine(title[1] ?? '');
      continue;
    }
    const colour = /^(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/u.exec(trimmed);
    const values = colour ? [colour[1], colour[2], colour[3]].map(Number) : [];
    if (values.length !== 3 || values.some((value) => value > 255) || entries.length >= MOST_ENTRIES) {
      skipped += 1;
      continue;
    }
    const hex = `#${values.map((value) => value.toString(16).padStart(2, '0')).join('')}`;
    entries.push({ name: plainLine(colour?.[4] ?? '') || hex, hex });
  }
  if (entries.length === 0) throw new PaletteFaultError('it holds no colour');
  return { name, entries, skipped };
}
