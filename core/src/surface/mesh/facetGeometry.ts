import type { Mesh } from './mesh';
import type { Vector } from './vector';

/** Lower and upper corner of the box round a mesh, mm. */
export interface BoundingBox {
  readonly min: Vector;
  readonly max: Vector;
}

/** What one pass over the facets tells. */
export interface FacetGeometry {
  /** unit normals, length 3 × facets; 0 for a degenerate facet */
  readonly normals: Float32Array;
  /** mm² */
  readonly areas: Float32Array;
  readonly areaSquareMillimetres: number;
  /** by the divergence theorem, seen from outside; trusted only where the mesh is closed. mm³ */
  readonly volumeCubicMillimetres: number;
  readonly boundingBox: BoundingBox;
  /** facets without an area */
  readonly degenerateFacets: number;
  /** the facets look inwards; normals here are turned back out */
  readonly isInsideOut: boolean;
}

/** A facet whose corners span less than this is no facet, mm². */
const LEAST_AREA = 1e-10;

/**
 * Areas, normals, box and volume. Volume is the sum of signed tetrahedra over all facets, taken from the middle of the box so that the sums
 * stay small.
 *
 * @param isClosed whether the skin has no holes; an open one is never turned round
 */
export function measureFacets({ positions, indices }: Mesh, isClosed = true): FacetGeometry {
  const boundingBox = boxRound(positions);
  const [ox, oy, oz] = [0, 1, 2].map((axis) => ((boundingBox.min[axis] ?? 0) + (boundingBox.max[axis] ?? 0)) / 2) as [
    number,
    number,
    number,
  ];
  const facets = indices.length / 3;
  const normals = new Float32Array(facets * 3);
  const areas = new Float32Array(facets);
  let area = 0;
  let volume = 0;
  let degenerateFacets = 0;
  for (let facet = 0; facet < facets; facet += 1) {
    const at = facet * 3;
    const a = (indices[at] ?? 0) * 3;
    const b = (indices[at + 1] ?? 0) * 3;
    const c = (indices[at + 2] ?? 0) * 3;
    const ax = (positions[a] ?? 0) - ox;
    const ay = (positions[a + 1] ?? 0) - oy;
    const az = (positions[a + 2] ?? 0) - oz;
    const ux = (positions[b] ?? 0) - ox - ax;
    const uy = (positions[b + 1] ?? 0) - oy - ay;
    const uz = (positions[b + 2] ?? 0) - oz - az;
    const vx = (positions[c] ?? 0) - ox - ax;
    const vy = (positions[c + 1] ?? 0) - oy - ay;
    const vz = (positions[c + 2] ?? 0) - oz - az;
    const nx = uy * vz - uz * vy;
    const ny = uz * vx - ux * vz;
    const nz = ux * vy - uy * vx;
    const double = Math.sqrt(nx * nx + ny * ny + nz * nz);
    if (!(double > 2 * LEAST_AREA)) {
      degenerateFacets += 1;
      continue;
    }
    normals[at] = nx / double;
    normals[at + 1] = ny / double;
    normals[at + 2] = nz / double;
    areas[facet] = double / 2;
    area += double / 2;
    volume += (ax * nx + ay * ny + az * nz) / 6;
  }
  // The sign of an open skin's volume tells where its hole is, not which side is out.
  const isInsideOut = isClosed && volume < 0;
  if (isInsideOut) for (let at = 0; at < normals.length; at += 1) normals[at] = -(normals[at] ?? 0);
  return {
    normals,
    areas,
    areaSquareMillimetres: area,
    volumeCubicMillimetres: Math.abs(volume),
    boundingBox,
    degenerateFacets,
    isInsideOut,
  };
}

/** The box round points; empty for none. */
export function boxRound(positions: Float32Array): BoundingBox {
  const min: [number, number, number] = [Infinity, Infinity, Infinity];
  const max: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (let at = 0; at + 2 < positions.length; at += 3) {
    const x = positions[at] ?? 0;
    const y = positions[at + 1] ?? 0;
    const z = positions[at + 2] ?? 0;
    if (x < min[0]) min[0] = x;
    if (y < min[1]) min[1] = y;
    if (z < min[2]) min[2] = z;
    if (x > max[0]) max[0] = x;
    if (y > max[1]) max[1] = y;
    if (z > max[2]) max[2] = z;
  }
  return { min, max };
}

/** Sides of a box, mm. */
export function boxSize({ min, max }: BoundingBox): Vector {
  return [max[0] - min[0], max[1] - min[1], max[2] - min[2]];
}
