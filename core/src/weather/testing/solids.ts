import type { Mesh } from '../../surface/mesh/mesh';
import { weldVertices } from '../../surface/mesh/weldVertices';
import checks from './weatherChecks.json';

/** A crate with ledges, grooves, a hole and feet: solid cells of a grid, two facets for every rectangle of their boundary. */
export function crate(): Mesh {
  const { xs, ys, zs } = checks.shapes.crate;
  const isSolid = (i: number, j: number, k: number): boolean => {
    if (i < 0 || j < 0 || k < 0 || i >= xs.length - 1 || j >= ys.length - 1 || k >= zs.length - 1) return false;
    const middle = (list: readonly number[], at: number): number => ((list[at] as number) + (list[at + 1] as number)) / 2;
    const [x, y, z] = [middle(xs, i), middle(ys, j), middle(zs, k)];
    const within = (value: number, low: number, high: number): boolean => low < value && value < high;
    if (z > 60) return (within(x, 40, 46) || within(x, 60, 66)) && (within(y, 10, 16) || within(y, 60, 66));
    if (y < 0) return within(z, 48, 52);
    if (z > 58 && (within(x, 10, 10.8) || within(x, 20, 21.5) || within(x, 30, 33))) return false;
    if (within(y, 0, 10) && within(x, 80, 100) && within(z, 15, 35)) return false;
    return true;
  };
  const corners: number[] = [];
  const at = (i: number, j: number, k: number): number[] => [xs[i] as number, ys[j] as number, zs[k] as number];
  const rectangle = (a: number[], b: number[], c: number[], d: number[]): void => void corners.push(...a, ...b, ...c, ...a, ...c, ...d);
  for (let i = 0; i < xs.length - 1; i += 1)
    for (let j = 0; j < ys.length - 1; j += 1)
      for (let k = 0; k < zs.length - 1; k += 1) {
        if (!isSolid(i, j, k)) continue;
        if (!isSolid(i + 1, j, k)) rectangle(at(i + 1, j, k), at(i + 1, j + 1, k), at(i + 1, j + 1, k + 1), at(i + 1, j, k + 1));
        if (!isSolid(i - 1, j, k)) rectangle(at(i, j, k), at(i, j, k + 1), at(i, j + 1, k + 1), at(i, j + 1, k));
        if (!isSolid(i, j + 1, k)) rectangle(at(i, j + 1, k), at(i, j + 1, k + 1), at(i + 1, j + 1, k + 1), at(i + 1, j + 1, k));
        if (!isSolid(i, j - 1, k)) rectangle(at(i, j, k), at(i + 1, j, k), at(i + 1, j, k + 1), at(i, j, k + 1));
        if (!isSolid(i, j, k + 1)) rectangle(at(i, j, k + 1), at(i + 1, j, k + 1), at(i + 1, j + 1, k + 1), at(i, j + 1, k + 1));
        if (!isSolid(i, j, k - 1)) rectangle(at(i, j, k), at(i, j + 1, k), at(i + 1, j + 1, k), at(i + 1, j, k));
      }
  return weldVertices(Float32Array.from(corners));
}
