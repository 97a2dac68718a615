import type { FacetGeometry } from '../mesh/facetGeometry';
import type { Mesh } from '../mesh/mesh';
import type { RayTree } from '../mesh/rayTree';
import type { OnProgress } from './recess';

/** How thick the part is behind each facet. */
export interface WallThickness {
  /** mm; Infinity where nothing is met */
  readonly millimetres: Float32Array;
  /** all but a thousandth of the area with another side is thicker (slivers of the mesh lie); Infinity for an open sheet */
  readonly thinnestMillimetres: number;
  /** area of walls thinner than asked */
  readonly thinSquareMillimetres: number;
  readonly thinBelowMillimetres: number;
}

/** Thinner filament walls flex and sand through (two lines of a 0.4 mm nozzle and some; common practice). */
export const THIN_MILLIMETRES = 1.2;
const TELL_EVERY = 8192;

/**
 * Wall behind each facet: the way from its middle straight in to the other side. Large facets are asked in their middle only.
 */
export function findWallThickness(
  mesh: Mesh,
  geometry: FacetGeometry,
  tree: RayTree,
  thinBelowMillimetres = THIN_MILLIMETRES,
  onProgress: OnProgress = () => undefined,
): WallThickness {
  const { positions, indices } = mesh;
  const { normals, areas, boundingBox } = geometry;
  const facets = areas.length;
  const far = Math.hypot(...[0, 1, 2].map((axis) => (boundingBox.max[axis] ?? 0) - (boundingBox.min[axis] ?? 0))) * 1.01;
  const off = Math.max(1e-4, far * 1e-6);
  const millimetres = new Float32Array(facets).fill(Infinity);
  let thin = 0;
  for (let facet = 0; facet < facets; facet += 1) {
    if (facet % TELL_EVERY === 0) onProgress(facet / facets);
    const area = areas[facet] ?? 0;
    if (area === 0) continue;
    const at = facet * 3;
    const nx = normals[at] ?? 0;
    const ny = normals[at + 1] ?? 0;
    const nz = normals[at + 2] ?? 0;
    const [a, b, c] = [(indices[at] ?? 0) * 3, (indices[at + 1] ?? 0) * 3, (indices[at + 2] ?? 0) * 3];
    const x = ((positions[a] ?? 0) + (positions[b] ?? 0) + (positions[c] ?? 0)) / 3 - nx * off;
    const y = ((positions[a + 1] ?? 0) + (positions[b + 1] ?? 0) + (positions[c + 1] ?? 0)) / 3 - ny * off;
    const z = ((positions[a + 2] ?? 0) + (positions[b + 2] ?? 0) + (positions[c + 2] ?? 0)) / 3 - nz * off;
    const met = tree.cast(x, y, z, -nx, -ny, -nz, far);
    // Only a face that looks the other way is the other side; at a knife edge the ray meets a slanted neighbour at once.
    const other = tree.lastFacet() * 3;
    if (met === Infinity || nx * (normals[other] ?? 0) + ny * (normals[other + 1] ?? 0) + nz * (normals[other + 2] ?? 0) > -0.5) continue;
    const wall = met + off;
    millimetres[facet] = wall;
    if (wall < thinBelowMillimetres) thin += area;
  }
  onProgress(1);
  return { millimetres, thinnestMillimetres: thinnestOf(millimetres, areas), thinSquareMillimetres: thin, thinBelowMillimetres };
}

function thinnestOf(millimetres: Float32Array, areas: Float32Array): number {
  const order = Uint32Array.from(millimetres.keys())
    .filter((facet) => (millimetres[facet] ?? Infinity) < Infinity)
    .sort((a, b) => (millimetres[a] ?? 0) - (millimetres[b] ?? 0));
  const total = order.reduce((sum, facet) => sum + (areas[facet] ?? 0), 0);
  let sum = 0;
  for (const facet of order) {
    sum += areas[facet] ?? 0;
    if (sum > total / 1000) return millimetres[facet] ?? Infinity;
  }
  return Infinity;
}
