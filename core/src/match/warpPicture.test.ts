import { describe, expect, it } from 'vitest';
import type { Pixels } from '../colour/picture/averageArea';
import type { ImagePoint } from '../reference/imagePoint';
import { fitThinPlate } from './thinPlate';
import { warpPicture } from './warpPicture';

const WIDTH = 300;
const HEIGHT = 220;

/** A picture whose red and green say where one is: a quarter of x, half of y. */
function ramp(width: number, height: number): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y += 1) for (let x = 0; x < width; x += 1) data.set([x / 2, y, 77, 255], (y * width + x) * 4);
  return { data, width, height };
}

const pixelAt = ({ data, width }: Pixels, x: number, y: number): number[] => [
  ...data.subarray((y * width + x) * 4, (y * width + x) * 4 + 4),
];

describe('one picture in the frame of another', () => {
  const source = ramp(WIDTH, HEIGHT);
  it('is the same picture where nothing is moved', () => {
    expect(warpPicture(source, source, (point) => point).data).toEqual(source.data);
  });
  it('is moved, turned and enlarged as the map says, to half a step of a channel', () => {
    const frame = { width: 180, height: 130 };
    const toSource = ([x, y]: ImagePoint): ImagePoint => [40 + 1.1 * x - 0.2 * y, 35 + 0.15 * x + 0.9 * y];
    const warped = warpPicture(source, frame, toSource);
    for (const [x, y] of [
      [0, 0],
      [17, 99],
      [179, 3],
      [100, 129],
    ] as const) {
      const [u, v] = toSource([x, y]);
      const [red = 0, green = 0, blue, alpha] = pixelAt(warped, x, y);
      // The source's own steps are rounded to whole numbers.
      expect(Math.abs(red - u / 2)).toBeLessThan(1);
      expect(Math.abs(green - v)).toBeLessThan(1);
      expect([blue, alpha]).toEqual([77, 255]);
    }
  });
  it('is transparent where the other picture ends', () => {
    const warped = warpPicture(source, { width: 40, height: 40 }, ([x, y]) => [x - 20, y]);
    expect(pixelAt(warped, 19, 5)[3]).toBe(0);
    expect(pixelAt(warped, 20, 5)[3]).toBe(255);
  });
  it('follows a plate that is bent hard to a third of a pixel, although it is straight between the places of its grid', () => {
    const from: ImagePoint[] = [[20, 20], [280, 25], [30, 200], [270, 190], [150, 110], [90, 60]]; // prettier-ignore
    const to = from.map(([x, y], at): ImagePoint => [x + (at % 2 === 0 ? 4 : -3), y + (at % 3) * 3]);
    const plate = fitThinPlate(from, to);
    if (!plate) throw new RangeError('no plate');
    // A picture in half pixels: what is read back tells the place.
    const wide: Pixels = { width: 600, height: 440, data: new Uint8ClampedArray(600 * 440 * 4) };
    for (let y = 0; y < 440; y += 1)
      for (let x = 0; x < 600; x += 1) wide.data.set([(x * 8) % 256, (y * 8) % 256, 0, 255], (y * 600 + x) * 4);
    const warped = warpPicture(wide, { width: WIDTH, height: HEIGHT }, plate.map);
    let [worst, looked] = [0, 0];
    for (let y = 30; y < 180; y += 7)
      for (let x = 40; x < 260; x += 9) {
        const [u] = plate.map([x, y]);
        if (u % 32 > 30) continue; // the pattern starts anew here
        looked += 1;
        worst = Math.max(worst, Math.abs((pixelAt(warped, x, y)[0] as number) - (u % 32) * 8) / 8);
      }
    expect(looked).toBeGreaterThan(400);
    expect(worst).toBeLessThan(0.35);
  });
  it('has its light taken out on the way', () => {
    const half = Uint8ClampedArray.from({ length: 256 }, (_, value) => value / 2);
    const warped = warpPicture(source, { width: 10, height: 10 }, ([x, y]) => [x + 100, y + 50], [half, half, half]);
    expect(pixelAt(warped, 0, 0)).toEqual([25, 25, 38, 255]);
  });
});
