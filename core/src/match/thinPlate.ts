import { LuDecomposition, Matrix } from 'ml-matrix';
import type { ImagePoint } from '../reference/imagePoint';
import { distance } from '../reference/imagePoint';

/** A thin plate spline from one picture to another. */
export interface ThinPlate {
  readonly map: (point: ImagePoint) => ImagePoint;
  /** for each pair, how far it would be off were the plate fitted without it: pixels of the target */
  readonly leaveOneOut: () => readonly number[];
}

/** Fewest pairs: three of them hold the plane of the plate. */
export const LEAST_PLATE_PAIRS = 4;

/**
 * The thin plate spline through pairs of points (Bookstein 1989, memory; kernel r² ln r). Maps that keep straight lines parallel are reproduced exactly.
 *
 * @param smoothing 0 goes through all pairs; more lets them be missed and bends less. Relative to the spread of the points
 * @returns null with fewer than four pairs, or where they coincide or lie on a line
 */
export function fitThinPlate(from: readonly ImagePoint[], to: readonly ImagePoint[], smoothing = 0): ThinPlate | null {
  const count = from.length;
  if (count < LEAST_PLATE_PAIRS || to.length !== count) return null;
  const [mx, my] = [0, 1].map((axis) => from.reduce((sum, point) => sum + (point[axis] ?? 0), 0) / count) as [number, number];
  const scale = Math.sqrt(from.reduce((sum, [x, y]) => sum + (x - mx) ** 2 + (y - my) ** 2, 0) / count);
  if (!(scale > 0)) return null;
  // About the middle and in units of the spread: raw pixels squared would drown the constants.
  const local = from.map(([x, y]): ImagePoint => [(x - mx) / scale, (y - my) / scale]);
  const size = count + 3;
  const system = Matrix.zeros(size, size);
  for (const [row, one] of local.entries()) {
    for (const [column, other] of local.entries()) system.set(row, column, kernel(distance(one, other)));
    system.set(row, row, smoothing);
    for (const [at, value] of [1, one[0], one[1]].entries()) {
      system.set(row, count + at, value);
      system.set(count + at, row, value);
    }
  }
  const solver = new LuDecomposition(system);
  if (solver.isSingular()) return null;
  const wanted = Matrix.zeros(size, 2);
  for (const [row, [x, y]] of to.entries()) wanted.setRow(row, [x, y]);
  const weights = solver.solve(wanted);
  if (!weights.to1DArray().every((weight) => Number.isFinite(weight) && Math.abs(weight) < 1e12)) return null;
  const [wx, wy] = [weights.getColumn(0), weights.getColumn(1)];
  return {
    map: ([x, y]) => {
      const place: ImagePoint = [(x - mx) / scale, (y - my) / scale];
      let u = (wx[count] as number) + (wx[count + 1] as number) * place[0] + (wx[count + 2] as number) * place[1];
      let v = (wy[count] as number) + (wy[count + 1] as number) * place[0] + (wy[count + 2] as number) * place[1];
      for (let at = 0; at < count; at += 1) {
        const bend = kernel(distance(place, local[at] as ImagePoint));
        u += (wx[at] as number) * bend;
        v += (wy[at] as number) * bend;
      }
      return [u, v];
    },
    // Closed form: the weight of a pair over its own entry in the inverse.
    leaveOneOut: () => {
      const inverse = solver.solve(Matrix.eye(size));
      return from.map((_, at) => Math.hypot(wx[at] as number, wy[at] as number) / Math.abs(inverse.get(at, at)));
    },
  };
}

function kernel(r: number): number {
  return r > 0 ? r * r * Math.log(r) : 0;
}
