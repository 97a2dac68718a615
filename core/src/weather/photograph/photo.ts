import { lightOfScreen } from '../../colour/screenLight';

/** A photograph in linear light: three numbers a pixel, row by row, 0 … 1; clipped pixels are remembered. */
export interface Photo {
  readonly width: number;
  readonly height: number;
  readonly light: Float32Array;
  /** share of the original's pixels under each that were burnt out or black */
  readonly clipped: Float32Array;
  /** original pixels a pixel stands for, along a side */
  readonly shrunkBy: number;
}

/** Longest side that is reckoned with: larger photographs are averaged down, which costs nothing of a share and much of the noise. */
const LONGEST_SIDE = 900;
const LIGHT = Float32Array.from({ length: 256 }, (_, value) => lightOfScreen(value));
/** Screen values that tell nothing any more. */
const BURNT = 252;
const BLACK = 2;

/**
 * A photograph from a screen's pixels, averaged down in linear light.
 *
 * @param rgba four bytes a pixel
 */
export function photoOfPixels(rgba: Uint8Array | Uint8ClampedArray, width: number, height: number): Photo {
  const by = Math.max(1, Math.ceil(Math.max(width, height) / LONGEST_SIDE));
  const [w, h] = [Math.floor(width / by), Math.floor(height / by)];
  const light = new Float32Array(w * h * 3);
  const clipped = new Float32Array(w * h);
  const share = 1 / (by * by);
  for (let y = 0; y < h; y += 1)
    for (let x = 0; x < w; x += 1) {
      let [r, g, b, lost] = [0, 0, 0, 0];
      for (let dy = 0; dy < by; dy += 1)
        for (let dx = 0; dx < by; dx += 1) {
          const at = ((y * by + dy) * width + x * by + dx) * 4;
          const [red, green, blue] = [rgba[at] as number, rgba[at + 1] as number, rgba[at + 2] as number];
          r += LIGHT[red] as number;
          g += LIGHT[green] as number;
          b += LIGHT[blue] as number;
          if (Math.max(red, green, blue) >= BURNT || Math.max(red, green, blue) <= BLACK) lost += 1;
        }
      const to = (y * w + x) * 3;
      light[to] = r * share;
      light[to + 1] = g * share;
      light[to + 2] = b * share;
      clipped[y * w + x] = lost * share;
    }
  return { width: w, height: h, light, clipped, shrunkBy: by };
}

/** Place in a photograph, pixels of the original. */
export type PhotoPoint = readonly [x: number, y: number];

/** Light between pixels, bilinear; written into `out`. False outside of the picture. */
export function writeLightAt({ width, height, light }: Photo, x: number, y: number, out: Float32Array): boolean {
  const [left, top] = [Math.floor(x), Math.floor(y)];
  if (left < 0 || top < 0 || left + 1 >= width || top + 1 >= height) return false;
  const [u, v] = [x - left, y - top];
  for (let channel = 0; channel < 3; channel += 1) {
    const at = (top * width + left) * 3 + channel;
    const high = (light[at] as number) * (1 - u) + (light[at + 3] as number) * u;
    const low = (light[at + width * 3] as number) * (1 - u) + (light[at + width * 3 + 3] as number) * u;
    out[channel] = high * (1 - v) + low * v;
  }
  return true;
}
