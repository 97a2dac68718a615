import type { Vector } from '../../surface/mesh/vector';
import { squareTo } from '../../surface/mesh/vector';
import type { RayTree } from '../../surface/mesh/rayTree';
import type { OnProgress } from '../../surface/measure/recess';
import type { SamplePoints } from '../places/samplePoints';

/** Rays that tell whether anything is near at all, and those that measure it where something is. */
const FIRST_RAYS = 12;
const RAYS = 48;
const GOLDEN = 0.6180339887498949;
/** Points between two tellings of progress. */
const TELL_EVERY = 4096;
/** Off the face by this share of the reach, so that a ray does not meet its own facet. */
const OFF = 1e-4;

/**
 * How covered each point is: the share of the half-sky over it, weighed by the cosine, that other faces take within reach. 0 on an open face, 1 in a
 * closed crack. Washes gather and hands fail to reach where it is high. In a groove of width w and depth d, a point of the floor at x from one wall has
 * `1 − (x/√(x²+d²) + (w−x)/√((w−x)²+d²))/2` (view factors, any text on radiation exchange); 48 rays are off by 0.02 (rms). It must not be smoothed
 * over neighbours: that would blur what a groove is.
 *
 * @param reachMillimetres how far a face still counts as near; at least four facets long
 */
export function measureCovered(
  points: SamplePoints,
  tree: RayTree,
  reachMillimetres: number,
  onProgress: OnProgress = () => undefined,
): Float32Array {
  const { positions, normals, count } = points;
  const covered = new Float32Array(count);
  const off = Math.max(1e-3, reachMillimetres * OFF);
  for (let point = 0; point < count; point += 1) {
    if (point % TELL_EVERY === 0) onProgress(point / count);
    const at = point * 3;
    const nx = normals[at] as number;
    const ny = normals[at + 1] as number;
    const nz = normals[at + 2] as number;
    const x = (positions[at] as number) + nx * off;
    const y = (positions[at + 1] as number) + ny * off;
    const z = (positions[at + 2] as number) + nz * off;
    // Two directions square to the normal (Duff and others 2017, from memory). In place, as in the recess map: one function for both cost a third more.
    const sign = nz >= 0 ? 1 : -1;
    const p = -1 / (sign + nz);
    const q = nx * ny * p;
    const turn = (Math.imul(point, 0x9e3779b1) >>> 0) / 2 ** 32;
    const countMet = (rays: number): number => {
      let met = 0;
      for (let ray = 0; ray < rays; ray += 1) {
        // Evenly over the disc below the half-sky, which weighs by the cosine.
        const share = (ray + 0.5) / rays;
        const radius = Math.sqrt(share);
        const angle = 2 * Math.PI * (ray * GOLDEN + turn);
        const u = radius * Math.cos(angle);
        const v = radius * Math.sin(angle);
        const w = Math.sqrt(1 - share);
        const dx = u * (1 + sign * nx * nx * p) + v * q + w * nx;
        const dy = u * sign * q + v * (sign + ny * ny * p) + w * ny;
        const dz = u * -sign * nx + v * -ny + w * nz;
        if (tree.isMet(x, y, z, dx, dy, dz, reachMillimetres)) met += 1;
      }
      return met;
    };
    if (countMet(FIRST_RAYS) > 0) covered[point] = countMet(RAYS) / RAYS;
  }
  onProgress(1);
  return covered;
}

const RAIN_RAYS = 8;
/** How far rain comes from aside and from above. */
const RAIN_ASIDE = 0.35;
const RAIN_UP = 0.94;

/**
 * Share of the rain that reaches each point: of eight directions about straight up those in which nothing lies.
 *
 * @param up unit, the way up as the prop is worn or stands
 * @param farMillimetres the part's own size: what lies further is another part
 */
export function measureRain(points: SamplePoints, tree: RayTree, up: Vector, farMillimetres: number): Float32Array {
  const { positions, normals, count } = points;
  const rain = new Float32Array(count);
  const [first, second] = squareTo(up);
  const directions = Array.from({ length: RAIN_RAYS }, (_, ray) => {
    const angle = (2 * Math.PI * (ray + 0.5)) / RAIN_RAYS;
    const [c, s] = [Math.cos(angle) * RAIN_ASIDE, Math.sin(angle) * RAIN_ASIDE];
    return [0, 1, 2].map((axis) => (up[axis] ?? 0) * RAIN_UP + (first[axis] ?? 0) * c + (second[axis] ?? 0) * s) as [
      number,
      number,
      number,
    ];
  });
  const off = Math.max(1e-3, farMillimetres * 1e-6);
  for (let point = 0; point < count; point += 1) {
    const at = point * 3;
    const nx = normals[at] as number;
    const ny = normals[at + 1] as number;
    const nz = normals[at + 2] as number;
    let open = 0;
    for (const [dx, dy, dz] of directions) {
      // From behind its own face nothing reaches it.
      if (nx * dx + ny * dy + nz * dz <= 0) continue;
      if (
        !tree.isMet(
          (positions[at] as number) + nx * off,
          (positions[at + 1] as number) + ny * off,
          (positions[at + 2] as number) + nz * off,
          dx,
          dy,
          dz,
          farMillimetres,
        )
      )
        open += 1;
    }
    rain[point] = open / RAIN_RAYS;
  }
  return rain;
}
