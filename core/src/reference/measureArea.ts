import type { ImagePoint } from './imagePoint';
import type { MeasuredPicture } from './measureLengths';
import { measurePicture } from './measureLengths';
import type { LengthRefusal } from './planeScale';

/** An area on a picture's plane: 90 % interval, or why there is none. */
export type PlaneArea =
  { readonly squareMillimetres: number; readonly low: number; readonly high: number } | { readonly refusal: LengthRefusal };

/**
 * Area of a region with four corners, going round, by its sides and one diagonal (Heron). An area goes with the square of a length: its relative error is
 * taken as twice that of its least sure side, as what errs most, the scale, errs in all of them alike.
 */
export function measureArea(picture: MeasuredPicture, corners: readonly [ImagePoint, ImagePoint, ImagePoint, ImagePoint]): PlaneArea {
  const [a, b, c, d] = corners;
  const sides = [[a, b], [b, c], [c, a], [c, d], [d, a]] as const; // prettier-ignore
  const lengths = measurePicture(
    picture,
    sides.map(([from, to], at) => ({ id: String(at), a: from, b: to })),
  );
  const known: number[] = [];
  let half = 0;
  for (const length of lengths) {
    if ('refusal' in length) return { refusal: length.refusal };
    known.push(length.millimetres);
    half = Math.max(half, Math.log(length.high / length.millimetres));
  }
  const [ab = 0, bc = 0, ca = 0, cd = 0, da = 0] = known;
  const squareMillimetres = triangle(ab, bc, ca) + triangle(ca, cd, da);
  return { squareMillimetres, low: squareMillimetres * Math.exp(-2 * half), high: squareMillimetres * Math.exp(2 * half) };
}

/** Heron's formula; sides that reading errors keep from meeting make none. */
function triangle(a: number, b: number, c: number): number {
  const s = (a + b + c) / 2;
  return Math.sqrt(Math.max(0, s * (s - a) * (s - b) * (s - c)));
}
