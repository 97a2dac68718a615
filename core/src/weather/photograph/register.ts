import { solveLinear } from '../../number/solveLinear';
import type { PhotoPoint } from './photo';

/** Takes a place of one photograph to the same place of the part in another. */
export interface Registration {
  readonly map: (x: number, y: number) => PhotoPoint;
  /** how far the given pairs are off after it, root of the mean square, pixels */
  readonly residual: number;
}

/** Fewest pairs: three settle shift, turn, scale and slant; from five on perspective too, with pairs to spare. */
export const LEAST_PAIRS = 3;
const PERSPECTIVE_PAIRS = 5;

/**
 * The registration of pairs of points by least squares: affine from three, a plane's perspective from five.
 *
 * @param from places in the photograph that is looked at
 * @param to the same places in the clean one
 * @returns null where the pairs lie on a line or are too few
 */
export function registerPairs(from: readonly PhotoPoint[], to: readonly PhotoPoint[]): Registration | null {
  const pairs = Math.min(from.length, to.length);
  if (pairs < LEAST_PAIRS || !spansPlane(from) || !spansPlane(to)) return null;
  const affine = fitAffine(from, to, pairs);
  if (!affine) return null;
  const perspective = pairs >= PERSPECTIVE_PAIRS ? fitPerspective(from, to, pairs) : null;
  const map = perspective ?? affine;
  let sum = 0;
  for (let pair = 0; pair < pairs; pair += 1) {
    const [x, y] = map((from[pair] as PhotoPoint)[0], (from[pair] as PhotoPoint)[1]);
    sum += (x - (to[pair] as PhotoPoint)[0]) ** 2 + (y - (to[pair] as PhotoPoint)[1]) ** 2;
  }
  return { map, residual: Math.sqrt(sum / pairs) };
}

/** When all points lie closer to a line than this share of its length, they cannot determine a shear. */
const LEAST_BREADTH = 0.03;

/** Whether points span a plane: the breadth of their spread over its length. */
function spansPlane(points: readonly PhotoPoint[]): boolean {
  const [mx, my] = [0, 1].map((axis) => points.reduce((sum, point) => sum + (point[axis] ?? 0), 0) / points.length) as [number, number];
  let [xx, xy, yy] = [0, 0, 0];
  for (const [x, y] of points) {
    xx += (x - mx) ** 2;
    xy += (x - mx) * (y - my);
    yy += (y - my) ** 2;
  }
  const half = Math.sqrt(((xx - yy) / 2) ** 2 + xy * xy);
  const [most, least] = [(xx + yy) / 2 + half, (xx + yy) / 2 - half];
  return most > 0 && least > LEAST_BREADTH * LEAST_BREADTH * most;
}

function fitAffine(from: readonly PhotoPoint[], to: readonly PhotoPoint[], pairs: number): Registration['map'] | null {
  const rows: number[][] = [];
  const right: number[] = [];
  for (let pair = 0; pair < pairs; pair += 1) {
    const [x, y] = from[pair] as PhotoPoint;
    rows.push([x, y, 1, 0, 0, 0], [0, 0, 0, x, y, 1]);
    right.push(...(to[pair] as PhotoPoint));
  }
  const fit = leastSquares(rows, right);
  if (!fit) return null;
  const [a = 1, b = 0, c = 0, d = 0, e = 1, f = 0] = fit;
  return (x, y) => [a * x + b * y + c, d * x + e * y + f];
}

function fitPerspective(from: readonly PhotoPoint[], to: readonly PhotoPoint[], pairs: number): Registration['map'] | null {
  const rows: number[][] = [];
  const right: number[] = [];
  // Scaled to about 1, so that the products of coordinates do not drown the rest.
  const scale = Math.max(1, ...from.flat().map(Math.abs), ...to.flat().map(Math.abs));
  for (let pair = 0; pair < pairs; pair += 1) {
    const [x, y] = (from[pair] as PhotoPoint).map((value) => value / scale) as [number, number];
    const [u, v] = (to[pair] as PhotoPoint).map((value) => value / scale) as [number, number];
    rows.push([x, y, 1, 0, 0, 0, -u * x, -u * y], [0, 0, 0, x, y, 1, -v * x, -v * y]);
    right.push(u, v);
  }
  const fit = leastSquares(rows, right);
  if (!fit) return null;
  const [a = 1, b = 0, c = 0, d = 0, e = 1, f = 0, g = 0, h = 0] = fit;
  return (x, y) => {
    const [p, q] = [x / scale, y / scale];
    const depth = g * p + h * q + 1;
    return [(scale * (a * p + b * q + c)) / depth, (scale * (d * p + e * q + f)) / depth];
  };
}

/** The solution of least squares by the normal equations; null where they have none. */
export function leastSquares(rows: readonly (readonly number[])[], right: readonly number[]): Float64Array | null {
  const width = rows[0]?.length ?? 0;
  const matrix = new Float64Array(width * width);
  const sums = new Float64Array(width);
  rows.forEach((row, at) => {
    for (let i = 0; i < width; i += 1) {
      sums[i] = (sums[i] as number) + (row[i] as number) * (right[at] as number);
      for (let j = 0; j < width; j += 1)
        matrix[i * width + j] = (matrix[i * width + j] as number) + (row[i] as number) * (row[j] as number);
    }
  });
  let largest = 0;
  for (let i = 0; i < width; i += 1) largest = Math.max(largest, matrix[i * width + i] as number);
  // What is hardly determined is held near nothing rather than let run away.
  for (let i = 0; i < width; i += 1) matrix[i * width + i] = (matrix[i * width + i] as number) + largest * 1e-12;
  if (!solveLinear(matrix, sums)) return null;
  return sums.every(Number.isFinite) ? sums : null;
}
