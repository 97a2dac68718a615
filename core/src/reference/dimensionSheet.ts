import { escapeXml } from '../svg/escapeXml';
import type { ImagePoint } from './imagePoint';
import { distance, middle } from './imagePoint';

/** A stretch that is drawn over a picture, with its words. */
export interface SheetLine {
  readonly a: ImagePoint;
  readonly b: ImagePoint;
  readonly words: string;
  /** what is known is drawn in dashes, what was measured in one line */
  readonly isKnown: boolean;
}

/** A picture with dimensions drawn over it. */
export interface DimensionSheet {
  readonly widthPixels: number;
  readonly heightPixels: number;
  readonly title: string;
  /** the picture itself, as a data address; null leaves it out */
  readonly pictureAddress: string | null;
  readonly lines: readonly SheetLine[];
}

/** Sides of signs, as shares of the picture's longer side. */
const TEXT = 0.018;
const TICK = 0.011;
const STROKE = 0.0022;

/** A dimension sheet as SVG: light lines in a dark edge, seen on any picture; words at the middle of each stretch, clear of it. */
export function drawDimensionSheet({ widthPixels, heightPixels, title, pictureAddress, lines }: DimensionSheet): string {
  const side = Math.max(widthPixels, heightPixels);
  const [text, tick, stroke] = [TEXT * side, TICK * side, STROKE * side];
  const foot = text * 2.2;
  const drawn = lines.map((line) => drawLine(line, text, tick, stroke));
  const image = pictureAddress
    ? `<image href="${escapeXml(pictureAddress)}" width="${widthPixels}" height="${heightPixels}" preserveAspectRatio="none"/>`
    : `<rect width="${widthPixels}" height="${heightPixels}" fill="#e4e4e4"/>`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${widthPixels} ${round(heightPixels + foot)}" width="${widthPixels}" height="${round(heightPixels + foot)}" font-family="sans-serif">`,
    `<title>${escapeXml(title)}</title>`,
    '<rect width="100%" height="100%" fill="#ffffff"/>',
    image,
    ...drawn,
    `<text x="${round(text)}" y="${round(heightPixels + text * 1.5)}" font-size="${round(text)}" fill="#1d2427">${escapeXml(title)}</text>`,
    '</svg>',
  ].join('\n');
}

function drawLine({ a, b, words, isKnown }: SheetLine, text: number, tick: number, stroke: number): string {
  const length = distance(a, b) || 1;
  const [nx, ny] = [-(b[1] - a[1]) / length, (b[0] - a[0]) / length];
  const end = ([x, y]: ImagePoint): string =>
    `M${round(x - nx * tick)} ${round(y - ny * tick)}L${round(x + nx * tick)} ${round(y + ny * tick)}`;
  const path = `M${round(a[0])} ${round(a[1])}L${round(b[0])} ${round(b[1])}${end(a)}${end(b)}`;
  const [mx, my] = middle(a, b);
  // Above a level stretch, to the right of an upright one.
  const [dx, dy] =
    Math.abs(nx) > Math.abs(ny) ? [Math.sign(nx || 1) * nx, Math.sign(nx || 1) * ny] : [-Math.sign(ny) * nx, -Math.sign(ny) * ny];
  const anchor = Math.abs(nx) > Math.abs(ny) ? 'start' : 'middle';
  const dash = isKnown ? ` stroke-dasharray="${round(stroke * 4)} ${round(stroke * 3)}"` : '';
  return [
    `<path d="${path}" fill="none" stroke="#000000" stroke-width="${round(stroke * 2.4)}"/>`,
    `<path d="${path}" fill="none" stroke="#ffffff" stroke-width="${round(stroke)}"${dash}/>`,
    `<text x="${round(mx + dx * text * 0.7)}" y="${round(my + dy * text * 0.7)}" font-size="${round(text)}" text-anchor="${anchor}" fill="#ffffff" stroke="#000000" stroke-width="${round(text * 0.16)}" paint-order="stroke">${escapeXml(words)}</text>`,
  ].join('');
}

function round(value: number): number {
  return Math.round(value * 100) / 100;
}
