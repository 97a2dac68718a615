import type { Pixels } from '../colour/picture/averageArea';
import type { ImagePoint } from '../reference/imagePoint';

/** Pixels between the places a warp is worked out at; in between it is straight. Off by a thousandth of a pixel on gentle plates, by a third beside spots that pull hard. */
const GRID = 16;

/**
 * One picture drawn in the frame of another.
 *
 * @param source the picture that is drawn
 * @param size of the frame, pixels
 * @param toSource from a place of the frame to one of the source, pixels
 * @param tables what each channel's 256 values become, such as with the light taken out; null: as they are
 * @returns pixels of the frame; transparent where the source has nothing
 */
export function warpPicture(
  source: Pixels,
  size: { readonly width: number; readonly height: number },
  toSource: (point: ImagePoint) => ImagePoint,
  tables: readonly Uint8ClampedArray[] | null = null,
): Pixels & { readonly data: Uint8ClampedArray<ArrayBuffer> } {
  const { width, height } = size;
  const columns = Math.ceil(width / GRID) + 1;
  const rows = Math.ceil(height / GRID) + 1;
  const nodes = new Float64Array(columns * rows * 2);
  for (let row = 0; row < rows; row += 1)
    for (let column = 0; column < columns; column += 1) {
      const [u, v] = toSource([column * GRID, row * GRID]);
      const at = (row * columns + column) * 2;
      nodes[at] = u;
      nodes[at + 1] = v;
    }
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y += 1) {
    const row = Math.floor(y / GRID);
    const down = y / GRID - row;
    for (let column = 0; column * GRID < width; column += 1) {
      const above = (row * columns + column) * 2;
      const below = above + columns * 2;
      const lerp = (from: number, to: number): number => (nodes[from] as number) + ((nodes[to] as number) - (nodes[from] as number)) * down;
      const [leftU, leftV] = [lerp(above, below), lerp(above + 1, below + 1)];
      const [stepU, stepV] = [(lerp(above + 2, below + 2) - leftU) / GRID, (lerp(above + 3, below + 3) - leftV) / GRID];
      const end = Math.min(GRID, width - column * GRID);
      for (let x = 0; x < end; x += 1)
        copyPixel(source, leftU + stepU * x, leftV + stepV * x, data, (y * width + column * GRID + x) * 4, tables);
    }
  }
  return { data, width, height };
}

/** The source's colour at a place between its pixels, by the four around it. */
function copyPixel(
  { data: from, width, height }: Pixels,
  u: number,
  v: number,
  to: Uint8ClampedArray,
  at: number,
  tables: readonly Uint8ClampedArray[] | null,
): void {
  const [left, top] = [Math.floor(u), Math.floor(v)];
  if (!(left >= 0 && top >= 0 && left < width && top < height)) return;
  const [right, bottom] = [Math.min(left + 1, width - 1), Math.min(top + 1, height - 1)];
  const [across, down] = [u - left, v - top];
  const a = (top * width + left) * 4;
  const b = (top * width + right) * 4;
  const c = (bottom * width + left) * 4;
  const d = (bottom * width + right) * 4;
  for (let channel = 0; channel < 3; channel += 1) {
    const upper = (from[a + channel] as number) * (1 - across) + (from[b + channel] as number) * across;
    const lower = (from[c + channel] as number) * (1 - across) + (from[d + channel] as number) * across;
    const value = upper * (1 - down) + lower * down;
    to[at + channel] = tables ? ((tables[channel] as Uint8ClampedArray)[Math.round(value)] as number) : value;
  }
  to[at + 3] = 255;
}
