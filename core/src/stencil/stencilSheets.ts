import type { Outline } from './outline';
import { spanOf } from './outline';

/** A sheet of paper, mm. */
export interface Paper {
  readonly id: 'a4' | 'a3' | 'letter';
  readonly name: string;
  readonly width: number;
  readonly height: number;
}

/** Papers that printers take (ISO 216, ANSI Y14.1). */
export const PAPERS: readonly Paper[] = [
  { id: 'a4', name: 'A4', width: 210, height: 297 },
  { id: 'a3', name: 'A3', width: 297, height: 420 },
  { id: 'letter', name: 'Letter', width: 215.9, height: 279.4 },
];

/** What printers leave white at the edge, what sheets lie over each other, and the ruler to check the print by, mm. */
const MARGIN = 10;
const OVERLAP = 8;
const RULER = 100;
const RULER_SPACE = 14;
const MOST_SHEETS = 60;

/** One printed sheet. */
export interface StencilSheet {
  readonly column: number;
  readonly row: number;
  readonly svg: string;
}

/** A stencil at its true size, cut into sheets. */
export interface StencilSheets {
  readonly widthMillimetres: number;
  readonly heightMillimetres: number;
  readonly columns: number;
  readonly rows: number;
  readonly sheets: readonly StencilSheet[];
}

/**
 * mm a unit of the outline is, from one length known on the part.
 *
 * @param units the same length in the outline
 * @throws RangeError unless both are above 0
 */
export function scaleFromLength(knownMillimetres: number, units: number): number {
  if (!(knownMillimetres > 0) || !(units > 0)) throw new RangeError('a length must be above 0');
  return knownMillimetres / units;
}

/** The outline as an SVG of its own at true size: lines only. */
export function stencilSvg(outline: Outline, millimetresPerUnit: number): string {
  const { width, height } = spanOf(outline);
  const [w, h] = [width * millimetresPerUnit, height * millimetresPerUnit];
  return svg(w, h, `<path d="${pathData(outline, millimetresPerUnit, 0, 0)}" fill="none" stroke="#000" stroke-width="0.2"/>`);
}

/**
 * The outline at true size on sheets of paper, with a ruler of 100 mm on each to check that the printer did not scale, and marks where sheets meet.
 *
 * @throws RangeError where that needs more than 60 sheets
 */
export function stencilSheets(outline: Outline, millimetresPerUnit: number, paper: Paper): StencilSheets {
  const { width, height } = spanOf(outline);
  const [w, h] = [width * millimetresPerUnit, height * millimetresPerUnit];
  const stepX = paper.width - 2 * MARGIN - OVERLAP;
  const stepY = paper.height - 2 * MARGIN - RULER_SPACE - OVERLAP;
  const columns = Math.max(1, Math.ceil((w - OVERLAP) / stepX));
  const rows = Math.max(1, Math.ceil((h - OVERLAP) / stepY));
  if (columns * rows > MOST_SHEETS) throw new RangeError(`${columns} × ${rows} sheets are too many: is the known length right?`);
  const sheets: StencilSheet[] = [];
  for (let row = 0; row < rows; row += 1)
    for (let column = 0; column < columns; column += 1) {
      const left = MARGIN - column * stepX;
      const top = MARGIN - row * stepY;
      const clip = `sheet-${column}-${row}`;
      const inner = `<clipPath id="${clip}"><rect x="${MARGIN}" y="${MARGIN}" width="${num(stepX + OVERLAP)}" height="${num(stepY + OVERLAP)}"/></clipPath>`;
      const art = `<g clip-path="url(#${clip})"><path d="${pathData(outline, millimetresPerUnit, left, top)}" fill="none" stroke="#000" stroke-width="0.2"/></g>`;
      const marks = [...(column < columns - 1 ? [MARGIN + stepX] : []), ...(column > 0 ? [MARGIN + OVERLAP] : [])].map(
        (x) => `<path d="M${num(x)} ${MARGIN}v4M${num(x)} ${num(MARGIN + stepY + OVERLAP)}v-4" stroke="#000" stroke-width="0.15"/>`,
      );
      const across = [...(row < rows - 1 ? [MARGIN + stepY] : []), ...(row > 0 ? [MARGIN + OVERLAP] : [])].map(
        (y) => `<path d="M${MARGIN} ${num(y)}h4M${num(MARGIN + stepX + OVERLAP)} ${num(y)}h-4" stroke="#000" stroke-width="0.15"/>`,
      );
      sheets.push({
        column,
        row,
        svg: svg(
          paper.width,
          paper.height,
          `${inner}${art}${marks.join('')}${across.join('')}${ruler(paper)}${label(paper, column, row, columns, rows)}`,
        ),
      });
    }
  return { widthMillimetres: w, heightMillimetres: h, columns, rows, sheets };
}

function ruler(paper: Paper): string {
  const y = paper.height - MARGIN - 2;
  const ticks = Array.from({ length: RULER / 10 + 1 }, (_, at) => `M${MARGIN + at * 10} ${y}v${at % 5 === 0 ? -5 : -3}`).join('');
  return `<path d="M${MARGIN} ${y}h${RULER}${ticks}" fill="none" stroke="#000" stroke-width="0.2"/><text x="${MARGIN + RULER + 3}" y="${y}" font-family="sans-serif" font-size="4">must measure 100 mm</text>`;
}

function label(paper: Paper, column: number, row: number, columns: number, rows: number): string {
  return columns * rows === 1
    ? ''
    : `<text x="${num(paper.width - MARGIN - 40)}" y="${num(paper.height - MARGIN - 8)}" font-family="sans-serif" font-size="4">row ${row + 1} of ${rows}, column ${column + 1} of ${columns}</text>`;
}

function pathData(outline: Outline, scale: number, left: number, top: number): string {
  return outline.lines
    .map(
      (line) =>
        line.points
          .map(
            ([x, y], at) => `${at === 0 ? 'M' : 'L'}${num((x - outline.min[0]) * scale + left)} ${num((y - outline.min[1]) * scale + top)}`,
          )
          .join('') + (line.isClosed ? 'Z' : ''),
    )
    .join('');
}

function svg(width: number, height: number, inner: string): string {
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${num(width)}mm" height="${num(height)}mm" viewBox="0 0 ${num(width)} ${num(height)}">${inner}</svg>`;
}

function num(value: number): string {
  return String(Math.round(value * 1000) / 1000);
}
