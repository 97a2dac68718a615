import type { NearPoints } from '../places/nearPoints';
import type { SamplePoints } from '../places/samplePoints';

/** Points whose normals are further apart than this (cosine) lie on the other side of a thin wall. */
const OTHER_SIDE = -0.3;

/**
 * How much the surface stands out at each point: the mean, over points within a radius, of how far their normals open away from its own,
 * `(nⱼ − nᵢ) · (pⱼ − pᵢ) / |pⱼ − pᵢ|`. On a ball of radius R exactly 2r / 3R; about 0.4 beside a right edge; negative in corners and grooves; 0 on flats.
 * It needs no edges of the mesh, so it works on files whose facets share no corners.
 *
 * @param radiusMillimetres at most the radius the neighbours were gathered for
 * @returns one number a point, positive where it stands out
 */
export function measureConvexity(points: SamplePoints, near: NearPoints, radiusMillimetres: number): Float32Array {
  const { positions, normals, count } = points;
  const out = new Float32Array(count);
  for (let point = 0; point < count; point += 1) {
    const at = point * 3;
    const x = positions[at] as number;
    const y = positions[at + 1] as number;
    const z = positions[at + 2] as number;
    const nx = normals[at] as number;
    const ny = normals[at + 1] as number;
    const nz = normals[at + 2] as number;
    let sum = 0;
    let seen = 0;
    const end = near.starts[point + 1] as number;
    for (let place = near.starts[point] as number; place < end; place += 1) {
      const distance = near.distances[place] as number;
      if (distance > radiusMillimetres || distance === 0) continue;
      const other = (near.neighbours[place] as number) * 3;
      const mx = normals[other] as number;
      const my = normals[other + 1] as number;
      const mz = normals[other + 2] as number;
      if (nx * mx + ny * my + nz * mz < OTHER_SIDE) continue;
      sum +=
        ((mx - nx) * ((positions[other] as number) - x) +
          (my - ny) * ((positions[other + 1] as number) - y) +
          (mz - nz) * ((positions[other + 2] as number) - z)) /
        distance;
      seen += 1;
    }
    out[point] = seen > 0 ? sum / seen : 0;
  }
  return out;
}
