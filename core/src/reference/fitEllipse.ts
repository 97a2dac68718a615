import { EigenvalueDecomposition, inverse, Matrix } from 'ml-matrix';
import type { ImagePoint } from './imagePoint';

/** A conic `A x² + B x y + C y² + D x + E y + F = 0`, in pixels. */
export type Conic = readonly [A: number, B: number, C: number, D: number, E: number, F: number];

/** An ellipse: centre, half axes (the longer first), and how far the longer one is turned from x towards y. Pixels, radians. */
export interface Ellipse {
  readonly centre: ImagePoint;
  readonly semiAxes: readonly [number, number];
  readonly turnRadians: number;
  readonly conic: Conic;
}

/** Fewest points of a rim. */
export const LEAST_RIM_POINTS = 5;

/**
 * The ellipse through points of a rim: least squares that can give nothing but an ellipse (Halíř and Flusser 1998, memory).
 *
 * @returns null with fewer than five points, or where they lie on a line
 */
export function fitEllipse(rim: readonly ImagePoint[]): Ellipse | null {
  if (rim.length < LEAST_RIM_POINTS) return null;
  const mx = rim.reduce((sum, [x]) => sum + x, 0) / rim.length;
  const my = rim.reduce((sum, [, y]) => sum + y, 0) / rim.length;
  const scale = Math.max(...rim.map(([x, y]) => Math.hypot(x - mx, y - my)));
  if (!(scale > 0)) return null;
  const local = rim.map(([x, y]): ImagePoint => [(x - mx) / scale, (y - my) / scale]);
  const quadratic = new Matrix(local.map(([x, y]) => [x * x, x * y, y * y]));
  const linear = new Matrix(local.map(([x, y]) => [x, y, 1]));
  const s1 = quadratic.transpose().mmul(quadratic);
  const s2 = quadratic.transpose().mmul(linear);
  const s3 = linear.transpose().mmul(linear);
  let reduced: Matrix;
  let back: Matrix;
  try {
    back = inverse(s3).mmul(s2.transpose()).mul(-1);
    const m = s1.add(s2.mmul(back));
    reduced = new Matrix([
      m.getRow(2).map((entry) => entry / 2),
      m.getRow(1).map((entry) => -entry),
      m.getRow(0).map((entry) => entry / 2),
    ]);
  } catch {
    // Points on a line: nothing to invert.
    return null;
  }
  const vectors = new EigenvalueDecomposition(reduced).eigenvectorMatrix;
  for (let column = 0; column < 3; column += 1) {
    const [a = 0, b = 0, c = 0] = vectors.getColumn(column);
    if (!(4 * a * c - b * b > 0)) continue;
    const [d = 0, e = 0, f = 0] = back.mmul(Matrix.columnVector([a, b, c])).to1DArray();
    return ellipseOf(toPixels([a, b, c, d, e, f], mx, my, scale));
  }
  return null;
}

/** A conic about a middle and in units of a scale, told in pixels. */
function toPixels([a, b, c, d, e, f]: Conic, mx: number, my: number, scale: number): Conic {
  const [p, q, r] = [a / scale ** 2, b / scale ** 2, c / scale ** 2];
  const [s, t] = [d / scale, e / scale];
  return [p, q, r, s - 2 * p * mx - q * my, t - q * mx - 2 * r * my, p * mx * mx + q * mx * my + r * my * my - s * mx - t * my + f];
}

/** An ellipse's measures from its conic; null where the conic is no ellipse, or none with points. */
export function ellipseOf(conic: Conic): Ellipse | null {
  const [a, b, c, d, e, f] = conic;
  const determinant = 4 * a * c - b * b;
  if (!(determinant > 0)) return null;
  const cx = (b * e - 2 * c * d) / determinant;
  const cy = (b * d - 2 * a * e) / determinant;
  const atCentre = a * cx * cx + b * cx * cy + c * cy * cy + d * cx + e * cy + f;
  const half = Math.hypot(a - c, b) / 2;
  const [near, far] = [(a + c) / 2 + half, (a + c) / 2 - half];
  // The smaller eigenvalue belongs to the longer axis; both take the sign of the conic.
  const [long, short] = Math.abs(near) < Math.abs(far) ? [near, far] : [far, near];
  const semiAxes = [Math.sqrt(-atCentre / long), Math.sqrt(-atCentre / short)] as const;
  if (!semiAxes.every((axis) => axis > 0 && Number.isFinite(axis))) return null;
  const sign = a + c >= 0 ? 1 : -1;
  const turnRadians = Math.atan2(-sign * b, sign * (c - a)) / 2;
  return { centre: [cx, cy], semiAxes, turnRadians, conic };
}
