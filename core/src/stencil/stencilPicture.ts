import type { Outline } from './outline';
import { spanOf } from './outline';

/** What a stencil leaves open, as a square picture of its middle: looked up by place, and drawn from as it is. */
export interface StencilPicture {
  /** mm the picture's side is long on the part */
  readonly spanMillimetres: number;
  /** of the outline itself, mm */
  readonly widthMillimetres: number;
  readonly heightMillimetres: number;
  /** share of each pixel that is open, 0–255; the lowest row first, each from the left */
  readonly open: Uint8Array;
}

/** Pixels of the picture's side: a stencil of 100 mm is told to a fifth of a millimetre. */
export const STENCIL_PIXELS = 512;
/** Rows of pixels at every side that stay closed, so that beyond the picture nothing is open. */
const MARGIN_PIXELS = 2;
/** Lines are followed so many times across a pixel's height. */
const SCANS = 4;
/** Crossings of lines and scans: more would take seconds and are no stencil. */
const MOST_CROSSINGS = 20_000_000;

/**
 * Fills what an outline's closed lines enclose, a line within another closing it again (even–odd). Lines that are not closed cut nothing open.
 *
 * @throws RangeError for a size that is none, or lines that cross back and forth without end
 */
export function pictureOfStencil(outline: Outline, millimetresPerUnit: number): StencilPicture {
  const { width, height } = spanOf(outline);
  const longest = Math.max(width, height);
  if (!(longest > 0 && millimetresPerUnit > 0)) throw new RangeError('a stencil without a size');
  const pixelsPerUnit = (STENCIL_PIXELS - 2 * MARGIN_PIXELS) / longest;
  const middle = STENCIL_PIXELS / 2;
  const [middleX, middleY] = [(outline.min[0] + outline.max[0]) / 2, (outline.min[1] + outline.max[1]) / 2];
  const crossings: number[][] = Array.from({ length: STENCIL_PIXELS * SCANS }, () => []);
  let count = 0;
  for (const { points, isClosed } of outline.lines) {
    if (!isClosed) continue;
    points.forEach(([x, y], at) => {
      const [nextX, nextY] = points[(at + 1) % points.length] ?? [x, y];
      // Files count downwards, the picture upwards.
      const from = [middle + (x - middleX) * pixelsPerUnit, (middle - (y - middleY) * pixelsPerUnit) * SCANS] as const;
      const to = [middle + (nextX - middleX) * pixelsPerUnit, (middle - (nextY - middleY) * pixelsPerUnit) * SCANS] as const;
      const [low, high] = from[1] < to[1] ? [from, to] : [to, from];
      const first = Math.ceil(low[1] - 0.5);
      const last = Math.ceil(high[1] - 0.5);
      count += Math.max(0, last - first);
      if (count > MOST_CROSSINGS) throw new RangeError('its lines go back and forth too often to be laid on a part');
      for (let scan = first; scan < last; scan += 1)
        crossings[scan]?.push(low[0] + ((scan + 0.5 - low[1]) / (high[1] - low[1])) * (high[0] - low[0]));
    });
  }
  return {
    spanMillimetres: (STENCIL_PIXELS / pixelsPerUnit) * millimetresPerUnit,
    widthMillimetres: width * millimetresPerUnit,
    heightMillimetres: height * millimetresPerUnit,
    open: filled(crossings),
  };
}

function filled(crossings: readonly number[][]): Uint8Array {
  const open = new Uint8Array(STENCIL_PIXELS * STENCIL_PIXELS);
  const row = new Float64Array(STENCIL_PIXELS);
  for (let y = 0; y < STENCIL_PIXELS; y += 1) {
    row.fill(0);
    for (let scan = 0; scan < SCANS; scan += 1) {
      const sorted = (crossings[y * SCANS + scan] as number[]).sort((a, b) => a - b);
      for (let at = 0; at + 1 < sorted.length; at += 2) addSpan(row, sorted[at] as number, sorted[at + 1] as number);
    }
    for (let x = 0; x < STENCIL_PIXELS; x += 1) open[y * STENCIL_PIXELS + x] = Math.round(((row[x] as number) / SCANS) * 255);
  }
  return open;
}

/** Adds to each pixel the share of it that lies between two places of its row. */
function addSpan(row: Float64Array, from: number, to: number): void {
  const last = Math.min(row.length - 1, Math.floor(to));
  for (let x = Math.max(0, Math.floor(from)); x <= last; x += 1)
    row[x] = (row[x] as number) + Math.max(0, Math.min(to, x + 1) - Math.max(from, x));
}

/** How far a place is open, 0–1, between the pixels round it; 0 beyond the picture. */
export function openAt({ open, spanMillimetres }: StencilPicture, x: number, y: number): number {
  const across = (x / spanMillimetres + 0.5) * STENCIL_PIXELS - 0.5;
  const upwards = (y / spanMillimetres + 0.5) * STENCIL_PIXELS - 0.5;
  if (!(across >= 0 && upwards >= 0 && across < STENCIL_PIXELS - 1 && upwards < STENCIL_PIXELS - 1)) return 0;
  const [column, line] = [Math.floor(across), Math.floor(upwards)];
  const [right, above] = [across - column, upwards - line];
  const at = line * STENCIL_PIXELS + column;
  const lower = (open[at] as number) * (1 - right) + (open[at + 1] as number) * right;
  const upper = (open[at + STENCIL_PIXELS] as number) * (1 - right) + (open[at + STENCIL_PIXELS + 1] as number) * right;
  return (lower * (1 - above) + upper * above) / 255;
}

/** Share of the picture's square that is open, mm². */
export function openAreaOf({ open, spanMillimetres }: StencilPicture): number {
  let sum = 0;
  for (const share of open) sum += share;
  return (sum / 255 / open.length) * spanMillimetres * spanMillimetres;
}
