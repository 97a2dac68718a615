/** A colour with its name. */
export interface PaletteEntry {
  readonly name: string;
  /** `#rrggbb` */
  readonly hex: string;
}

/** Colours that belong together. */
export interface Palette {
  readonly name: string;
  readonly entries: readonly PaletteEntry[];
  /** lines that were left aside */
  readonly skipped: number;
}

/** A file that holds no palette, with the reason. */
export class PaletteFaultError extends Error {}

/** Colours beyond that many are not read. */
export const MOST_ENTRIES = 5000;

/** One line of plain text. */
export function plainLine(text: string): string {
  return [...text]
    .map((letter) => (letter < ' ' || letter === '\u007f' ? ' ' : letter))
    .join('')
    .trim()
    .slice(0, 200);
}
