import type { Paper } from '../stencil/stencilSheets';
import { escapeXml } from '../svg/escapeXml';

/** A label to cut out: words, and a code that leads to what they name. */
export interface PrintedLabel {
  readonly title: string;
  readonly lines: readonly string[];
  /** modules of a QR code, row by row; true: dark */
  readonly modules: readonly (readonly boolean[])[];
}

/** mm */
const LABEL = { width: 70, height: 30 } as const;
const MARGIN = 10;
const CODE = 24;
const PAD = 3;
/** Light modules around a code that readers need (ISO/IEC 18004, memory). */
export const QUIET_MODULES = 4;
const MOST_LETTERS = 24;

/**
 * Labels on sheets of paper at their true size, with lines to cut along.
 *
 * @returns one SVG a sheet
 */
export function labelSheets(labels: readonly PrintedLabel[], paper: Pick<Paper, 'width' | 'height'>): readonly string[] {
  const columns = Math.max(1, Math.floor((paper.width - 2 * MARGIN) / LABEL.width));
  const rows = Math.max(1, Math.floor((paper.height - 2 * MARGIN) / LABEL.height));
  const perSheet = columns * rows;
  const sheets: string[] = [];
  for (let first = 0; first < labels.length; first += perSheet) {
    const drawn = labels.slice(first, first + perSheet).map((label, at) => {
      const x = MARGIN + (at % columns) * LABEL.width;
      const y = MARGIN + Math.floor(at / columns) * LABEL.height;
      return `<g transform="translate(${x} ${y})">${drawLabel(label)}</g>`;
    });
    sheets.push(
      `<svg xmlns="http://www.w3.org/2000/svg" width="${paper.width}mm" height="${paper.height}mm" viewBox="0 0 ${paper.width} ${paper.height}">` +
        `<rect width="100%" height="100%" fill="#ffffff"/>${drawn.join('')}</svg>`,
    );
  }
  return sheets;
}

function drawLabel({ title, lines, modules }: PrintedLabel): string {
  const side = modules.length + 2 * QUIET_MODULES;
  const module = CODE / side;
  const dark = modules
    .flatMap((row, y) => row.map((isDark, x) => (isDark ? `M${x + QUIET_MODULES} ${y + QUIET_MODULES}h1v1h-1z` : '')))
    .join('');
  const left = PAD + CODE + PAD;
  const words = lines
    .map(
      (line, at) =>
        `<text x="${left}" y="${15 + at * 4.4}" font-size="3.2" font-family="sans-serif">${escapeXml(shorten(line, 1.4))}</text>`,
    )
    .join('');
  return (
    `<rect width="${LABEL.width}" height="${LABEL.height}" fill="none" stroke="#000000" stroke-width="0.15" stroke-dasharray="1.5 1.5"/>` +
    `<g transform="translate(${PAD} ${PAD}) scale(${module})"><path d="${dark}" fill="#000000" shape-rendering="crispEdges"/></g>` +
    `<text x="${left}" y="9" font-size="4.6" font-weight="bold" font-family="sans-serif">${escapeXml(shorten(title, 1))}</text>${words}`
  );
}

function shorten(text: string, share: number): string {
  const most = Math.round(MOST_LETTERS * share * 0.75);
  return text.length <= most ? text : `${text.slice(0, most - 1)}…`;
}
