import { describe, expect, it } from 'vitest';
import type { ImagePoint } from './imagePoint';
import { measureArea } from './measureArea';
import type { MeasuredPicture } from './measureLengths';

type Four = [ImagePoint, ImagePoint, ImagePoint, ImagePoint];
const box = (x: number, y: number, width: number, height: number): Four => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
];
/** A plane seen at a slant: what lies further right is seen smaller. Places in mm to pixels. */
const slanted = ([x, y]: ImagePoint): ImagePoint => [(900 * x) / (200 + x), (700 * y + 60 * x) / (200 + x)];
const told = (picture: MeasuredPicture, corners: Four) => {
  const area = measureArea(picture, corners);
  if ('refusal' in area) throw new Error(area.refusal);
  return area;
};

describe('an area on a picture’s plane', () => {
  const square: MeasuredPicture = {
    id: 'p',
    tiltDegrees: 1,
    widthPixels: 2000,
    known: [{ a: [100, 100], b: [500, 100], millimetres: 80 }],
    wanted: [],
  };
  it('square on is width times height at the picture’s scale', () => {
    const { squareMillimetres, low, high } = told(square, box(200, 300, 400, 250));
    expect(squareMillimetres).toBeCloseTo(80 * 50, 6);
    expect(low).toBeLessThan(4000);
    expect(high).toBeGreaterThan(4000);
    // Both ends are as far away, in logarithms.
    expect(Math.log(high / 4000)).toBeCloseTo(Math.log(4000 / low), 9);
  });
  it('at a slant is what it is on the plane, whatever the picture makes of it', () => {
    const sheet = box(0, 0, 297, 210).map(slanted);
    const picture: MeasuredPicture = {
      id: 'p',
      known: [],
      rectangle: { corners: sheet, proportion: 297 / 210, sideMillimetres: 297 },
      wanted: [],
    };
    const corners = box(40, 60, 90, 70).map(slanted) as Four;
    expect(told(picture, corners).squareMillimetres).toBeCloseTo(90 * 70, 4);
  });
  it('is refused where lengths are: nothing known, one corner twice', () => {
    expect(measureArea({ ...square, known: [] }, box(0, 0, 10, 10))).toEqual({ refusal: 'noScale' });
    expect(measureArea(square, [[0, 0], [0, 0], [300, 300], [0, 300]])).toEqual({ refusal: 'samePoint' }); // prettier-ignore
  });
});
