import { determinant, LuDecomposition, Matrix, SingularValueDecomposition } from 'ml-matrix';
import type { ImagePoint } from './imagePoint';

/** A map of one plane onto another, as a camera makes it: nine numbers, row by row, up to a common factor. */
export type Homography = readonly number[];

/** Fewest pairs that settle one. */
export const LEAST_CORNERS = 4;

/**
 * The homography that takes points to others, by least squares of the normalised direct linear transformation (Hartley 1997, memory; singular value
 * decomposition by ml-matrix).
 *
 * @returns null with fewer than four pairs, or where they do not settle it: three of four on a line, points that coincide
 */
export function fitHomography(from: readonly ImagePoint[], to: readonly ImagePoint[]): Homography | null {
  if (from.length < LEAST_CORNERS || from.length !== to.length) return null;
  const source = normalise(from);
  const target = normalise(to);
  if (!source || !target) return null;
  const rows: number[][] = source.points.flatMap(([x, y], at) => {
    const [u, v] = target.points[at] as ImagePoint;
    return [
      [-x, -y, -1, 0, 0, 0, u * x, u * y, u],
      [0, 0, 0, -x, -y, -1, v * x, v * y, v],
    ];
  });
  const numbers = from.length === LEAST_CORNERS ? solveExactly(rows) : solveByLeastSquares(rows);
  if (!numbers) return null;
  const map = new Matrix([numbers.slice(0, 3), numbers.slice(3, 6), numbers.slice(6, 9)]);
  // Three of four points on a line and their pictures on none: such a map folds the plane onto a line.
  if (!(Math.abs(determinant(map)) > 1e-9)) return null;
  return target.back.mmul(map).mmul(source.there).to1DArray();
}

/** The nine numbers that four pairs give, the last of them 1: about the middle of the points it is never 0. Twelve times as quick as decomposing. */
function solveExactly(rows: readonly (readonly number[])[]): number[] | null {
  const decomposition = new LuDecomposition(new Matrix(rows.map((row) => row.slice(0, 8))));
  if (decomposition.isSingular()) return null;
  const solved = decomposition.solve(Matrix.columnVector(rows.map((row) => -(row[8] ?? 0)))).to1DArray();
  return solved.every(Number.isFinite) ? [...solved, 1] : null;
}

/** The nine numbers of unit length that meet more pairs than four best. */
function solveByLeastSquares(rows: readonly (readonly number[])[]): number[] | null {
  const { diagonal, rightSingularVectors } = new SingularValueDecomposition(new Matrix(rows.map((row) => [...row])), {
    autoTranspose: true,
  });
  return (diagonal[7] ?? 0) > 1e-10 * (diagonal[0] ?? 0) ? rightSingularVectors.getColumn(8) : null;
}

/** Where a point goes; w is the map's denominator: where its sign changes lies the horizon, and nothing can be read across it. */
export function project(h: Homography, [x, y]: ImagePoint): { readonly point: ImagePoint; readonly w: number } {
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, i = 0, j = 0] = h;
  const w = g * x + i * y + j;
  return { point: [(a * x + b * y + c) / w, (d * x + e * y + f) / w], w };
}

/** The other way round. Null where the map loses a dimension. */
export function invertHomography(h: Homography): Homography | null {
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, i = 0, j = 0] = h;
  const adjugate = [
    e * j - f * i,
    c * i - b * j,
    b * f - c * e,
    f * g - d * j,
    a * j - c * g,
    c * d - a * f,
    d * i - e * g,
    b * g - a * i,
    a * e - b * d,
  ];
  const volume = a * (adjugate[0] ?? 0) + b * (adjugate[3] ?? 0) + c * (adjugate[6] ?? 0);
  return Math.abs(volume) > 1e-300 ? adjugate.map((entry) => entry / volume) : null;
}

interface Normalised {
  readonly points: readonly ImagePoint[];
  readonly there: Matrix;
  readonly back: Matrix;
}

/** Moves points about zero at a mean distance of √2: without it pixels squared drown what is not. Null where they coincide. */
function normalise(points: readonly ImagePoint[]): Normalised | null {
  const mx = points.reduce((sum, [x]) => sum + x, 0) / points.length;
  const my = points.reduce((sum, [, y]) => sum + y, 0) / points.length;
  const mean = points.reduce((sum, [x, y]) => sum + Math.hypot(x - mx, y - my), 0) / points.length;
  if (!(mean > 0) || !Number.isFinite(mean)) return null;
  const scale = Math.SQRT2 / mean;
  return {
    points: points.map(([x, y]) => [(x - mx) * scale, (y - my) * scale]),
    there: new Matrix([
      [scale, 0, -scale * mx],
      [0, scale, -scale * my],
      [0, 0, 1],
    ]),
    back: new Matrix([
      [1 / scale, 0, mx],
      [0, 1 / scale, my],
      [0, 0, 1],
    ]),
  };
}
