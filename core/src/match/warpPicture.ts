import type { Pixels } from '../colour/picture/averageArea';
import type { ImagePoint } from '../reference/imagePoint';

/** Pixels between the places a warp is worked out at; in between it is straight. Off by a thousandth of a pixel on gentle plates, by a third beside spots that pull hard. */
const GRID = 16;

/** A channel's values as they are. */
const PLAIN = Uint8ClampedArray.from({ length: 256 }, (_, value) => value);

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
  const [red = PLAIN, green = PLAIN, blue = PLAIN] = tables ?? [];
  const { width: sourceWidth, height: sourceHeight } = source;
  // Plain bytes are read and written faster than clamped ones; all values are in range.
  const from = new Uint8Array(source.data.buffer, source.data.byteOffset, source.data.length);
  const out = new Uint8Array(data.buffer);
  const [lastColumn, lastRow] = [sourceWidth - 1, sourceHeight - 1];
  for (let y = 0; y < height; y += 1) {
    const row = Math.floor(y / GRID);
    const down = y / GRID - row;
    for (let column = 0; column * GRID < width; column += 1) {
      const above = (row * columns + column) * 2;
      const below = above + columns * 2;
      let u = between(nodes, above, below, down);
      let v = between(nodes, above + 1, below + 1, down);
      const stepU = (between(nodes, above + 2, below + 2, down) - u) / GRID;
      const stepV = (between(nodes, above + 3, below + 3, down) - v) / GRID;
      const first = column * GRID;
      const end = Math.min(GRID, width - first);
      let to = (y * width + first) * 4;
      // Four million times: what lies in between is written out rather than called.
      for (let x = 0; x < end; x += 1, u += stepU, v += stepV, to += 4) {
        if (!(u >= 0 && v >= 0 && u < sourceWidth && v < sourceHeight)) continue;
        const left = u | 0;
        const top = v | 0;
        const across = u - left;
        const under = v - top;
        const a = (top * sourceWidth + left) * 4;
        const b = left < lastColumn ? a + 4 : a;
        const rowBelow = top < lastRow ? sourceWidth * 4 : 0;
        const c = a + rowBelow;
        const d = b + rowBelow;
        const wa = (1 - across) * (1 - under);
        const wb = across * (1 - under);
        const wc = (1 - across) * under;
        const wd = across * under;
        const r = (from[a] as number) * wa + (from[b] as number) * wb + (from[c] as number) * wc + (from[d] as number) * wd;
        const g = (from[a + 1] as number) * wa + (from[b + 1] as number) * wb + (from[c + 1] as number) * wc + (from[d + 1] as number) * wd;
        const w = (from[a + 2] as number) * wa + (from[b + 2] as number) * wb + (from[c + 2] as number) * wc + (from[d + 2] as number) * wd;
        out[to] = red[(r + 0.5) | 0] as number;
        out[to + 1] = green[(g + 0.5) | 0] as number;
        out[to + 2] = blue[(w + 0.5) | 0] as number;
        out[to + 3] = 255;
      }
    }
  }
  return { data, width, height };
}

function between(nodes: Float64Array, a: number, b: number, share: number): number {
  return (nodes[a] as number) + ((nodes[b] as number) - (nodes[a] as number)) * share;
}
