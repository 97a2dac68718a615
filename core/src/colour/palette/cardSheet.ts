import { escapeXml } from '../../svg/escapeXml';
/** A card as it goes onto paper. */
export interface PrintedCard {
  readonly name: string;
  readonly purpose: string;
  /** null: not read yet */
  readonly hex: string | null;
  readonly mix: readonly string[];
  readonly unit: string;
}

/** Paper, mm. */
export interface CardPage {
  readonly width: number;
  readonly height: number;
}

const A4: CardPage = { width: 210, height: 297 };
const MARGIN = 12;
const CARD = { width: 88, height: 54 } as const;
const GAP = 10;
const COLUMNS = 2;
const ROWS = 4;
const MOST_LINES = 5;

/** Sheets of A4 or letter with cards of 88 × 54 mm: swatch, room to paint, name, mix. One SVG a sheet, sizes in mm. */
export function cardSheets(cards: readonly PrintedCard[], page: CardPage = A4): string[] {
  const aSheet = COLUMNS * ROWS;
  return Array.from({ length: Math.ceil(cards.length / aSheet) }, (_, sheet) => {
    const own = cards.slice(sheet * aSheet, (sheet + 1) * aSheet);
    const drawn = own.map((card, at) =>
      drawCard(card, MARGIN + (at % COLUMNS) * (CARD.width + GAP), MARGIN + Math.floor(at / COLUMNS) * (CARD.height + GAP)),
    );
    return `<svg xmlns="http://www.w3.org/2000/svg" width="${page.width}mm" height="${page.height}mm" viewBox="0 0 ${page.width} ${page.height}" font-family="sans-serif">${drawn.join('')}</svg>`;
  });
}

function drawCard({ name, purpose, hex, mix, unit }: PrintedCard, x: number, y: number): string {
  const lines = mix.length > MOST_LINES ? [...mix.slice(0, MOST_LINES - 1), `and ${mix.length - MOST_LINES + 1} more`] : mix;
  const swatch = hex
    ? `<rect x="${x + 3}" y="${y + 12}" width="20" height="26" fill="${hex}"/>`
    : `<rect x="${x + 3}" y="${y + 12}" width="20" height="26" fill="none" stroke="#888" stroke-width="0.2" stroke-dasharray="1 1"/>`;
  return [
    `<rect x="${x}" y="${y}" width="${CARD.width}" height="${CARD.height}" fill="none" stroke="#888" stroke-width="0.2"/>`,
    text(x + 3, y + 6, 4, shorten(name, 40)),
    text(x + 3, y + 10, 2.8, shorten(purpose, 56)),
    swatch,
    `<rect x="${x + 25}" y="${y + 12}" width="20" height="26" fill="none" stroke="#888" stroke-width="0.2"/>`,
    text(x + 26, y + 42, 2.6, 'paint here'),
    text(x + 3, y + 42, 2.6, hex ?? 'not read'),
    ...lines.map((line, at) => text(x + 48, y + 15 + at * 4.6, 3, shorten(line, 26))),
    text(x + 48, y + 42, 2.6, unit),
    `<path d="M${x + 3} ${y + 50}h${CARD.width - 6}" stroke="#bbb" stroke-width="0.2"/>`,
  ].join('');
}

function text(x: number, y: number, size: number, words: string): string {
  return `<text x="${x}" y="${y}" font-size="${size}">${escapeXml(words)}</text>`;
}

function shorten(words: string, most: number): string {
  return words.length > most ? `${words.slice(0, most - 1)}…` : words;
}
