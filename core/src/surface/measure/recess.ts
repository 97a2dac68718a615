import type { FacetGeometry } from '../mesh/facetGeometry';
import type { Mesh } from '../mesh/mesh';
import type { RayTree } from '../mesh/rayTree';

/** Told how far a long computation is, 0 … 1. */
export type OnProgress = (share: number) => void;

/** How covered every facet is. */
export interface Recess {
  /** share of the half-sky over a facet that other faces cover within reach, 0 open … 1 closed */
  readonly covered: Float32Array;
  /** share of the area that is covered by more than half */
  readonly deepShare: number;
  readonly reachMillimetres: number;
}

/** Directions a facet looks into, in an order in which the first half is spread over the half-sky as well as all of them. */
const RAYS = 12;
const ORDER = [0, 6, 3, 9, 1, 7, 4, 10, 2, 8, 5, 11] as const;
/** Where the first half agrees that all is open or all is covered, the rest is not asked. */
const FIRST = 6;
/** Facets between two tellings of progress. */
const TELL_EVERY = 4096;
/** Off the face by this share of the reach, so that a facet does not meet itself. */
const OFF = 1e-4;

/**
 * Recess of each facet: from its middle, rays spread over the half-sky (as many as area counts in it, weighed by the cosine) and those that
 * meet something within reach are counted. Where a hand, a paper or a spray cone reaches badly, dirt and washes gather.
 * The rays are turned from facet to facet by a fixed pattern, so that the same mesh gives the same map.
 *
 * @param reachMillimetres how far a face still counts as near
 */
export function findRecess(
  mesh: Mesh,
  geometry: FacetGeometry,
  tree: RayTree,
  reachMillimetres: number,
  onProgress: OnProgress = () => undefined,
): Recess {
  const { positions, indices } = mesh;
  const { normals, areas } = geometry;
  const facets = areas.length;
  const covered = new Float32Array(facets);
  let total = 0;
  let deep = 0;
  const off = Math.max(1e-4, reachMillimetres * OFF);
  for (let facet = 0; facet < facets; facet += 1) {
    if (facet % TELL_EVERY === 0) onProgress(facet / facets);
    const area = areas[facet] ?? 0;
    if (area === 0) continue;
    const at = facet * 3;
    const nx = normals[at] ?? 0;
    const ny = normals[at + 1] ?? 0;
    const nz = normals[at + 2] ?? 0;
    const a = (indices[at] ?? 0) * 3;
    const b = (indices[at + 1] ?? 0) * 3;
    const c = (indices[at + 2] ?? 0) * 3;
    const x = ((positions[a] ?? 0) + (positions[b] ?? 0) + (positions[c] ?? 0)) / 3 + nx * off;
    const y = ((positions[a + 1] ?? 0) + (positions[b + 1] ?? 0) + (positions[c + 1] ?? 0)) / 3 + ny * off;
    const z = ((positions[a + 2] ?? 0) + (positions[b + 2] ?? 0) + (positions[c + 2] ?? 0)) / 3 + nz * off;
    // Two directions square to the normal (Duff and others 2017, from memory).
    const sign = nz >= 0 ? 1 : -1;
    const p = -1 / (sign + nz);
    const q = nx * ny * p;
    const turn = (Math.imul(facet, 0x9e3779b1) >>> 0) / 2 ** 32;
    let met = 0;
    let cast = 0;
    for (const ray of ORDER) {
      if (cast === FIRST && (met === 0 || met === FIRST)) break;
      cast += 1;
      // Evenly over the disc below the half-sky, which weighs by the cosine.
      const share = (ray + 0.5) / RAYS;
      const radius = Math.sqrt(share);
      const angle = 2 * Math.PI * (ray * 0.6180339887498949 + turn);
      const u = radius * Math.cos(angle);
      const v = radius * Math.sin(angle);
      const w = Math.sqrt(1 - share);
      const dx = u * (1 + sign * nx * nx * p) + v * q + w * nx;
      const dy = u * sign * q + v * (sign + ny * ny * p) + w * ny;
      const dz = u * -sign * nx + v * -ny + w * nz;
      if (tree.isMet(x, y, z, dx, dy, dz, reachMillimetres)) met += 1;
    }
    covered[facet] = met / cast;
    total += area;
    if (met > cast / 2) deep += area;
  }
  onProgress(1);
  return { covered, deepShare: total > 0 ? deep / total : 0, reachMillimetres };
}
