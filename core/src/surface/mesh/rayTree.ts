import { BufferAttribute, BufferGeometry } from 'three';
import { MeshBVH } from 'three-mesh-bvh';
import type { Mesh } from './mesh';

/** Answers what a ray meets. Not to be shared between callers at work at once: it keeps its stack. */
export interface RayTree {
  /**
   * Distance to the first facet, from either side; Infinity when nothing is nearer than `far`.
   *
   * @param far mm
   */
  readonly cast: (ox: number, oy: number, oz: number, dx: number, dy: number, dz: number, far: number) => number;
  /** the facet that the last cast met, −1 for none */
  readonly lastFacet: () => number;
  /** whether anything is nearer than `far`: as `cast`, but ends at the first meeting */
  readonly isMet: (ox: number, oy: number, oz: number, dx: number, dy: number, dz: number, far: number) => boolean;
}

/** Words of a node as three-mesh-bvh serializes it: six of its box, then the offset of its facets or of its second child, then count or axis. */
const NODE = 8;
const LEAF = 0xffff;
const MOST_DEPTH = 128;

/**
 * Builds the tree that rays are cast through. The tree is three-mesh-bvh's; it is walked here, over its serialized form, because a recess map
 * casts millions of short rays and the library's general call is several times slower for them. The test compares both ray by ray.
 */
export function buildRayTree({ positions, indices }: Mesh): RayTree {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(positions, 3));
  geometry.setIndex(new BufferAttribute(indices, 1));
  // Indirect: the facets themselves keep their order and numbers.
  const { roots, indirectBuffer } = MeshBVH.serialize(new MeshBVH(geometry, { indirect: true, targetLeafSize: 4 }), {
    cloneBuffers: false,
  });
  const [root] = roots;
  const order = indirectBuffer ?? new Uint32Array();
  const boxes = new Float32Array(root ?? new ArrayBuffer(0));
  const words = new Uint32Array(boxes.buffer);
  const halves = new Uint16Array(boxes.buffer);
  const facets = gatherFacets(positions, indices, order);
  const stack = new Uint32Array(MOST_DEPTH);
  let lastFacet = -1;
  const walk = (ox: number, oy: number, oz: number, dx: number, dy: number, dz: number, far: number, isAnyEnough: boolean): number => {
    const ix = 1 / dx;
    const iy = 1 / dy;
    const iz = 1 / dz;
    const firstX = ix < 0 ? 3 : 0;
    const firstY = iy < 0 ? 4 : 1;
    const firstZ = iz < 0 ? 5 : 2;
    let nearest = far;
    let met = -1;
    let depth = 1;
    stack[0] = 0;
    while (depth > 0) {
      depth -= 1;
      const node = stack[depth] as number;
      // Slabs: where the ray enters the last pair of planes and leaves the first.
      const enterX = ((boxes[node + firstX] as number) - ox) * ix;
      const leaveX = ((boxes[node + 3 - firstX] as number) - ox) * ix;
      const enterY = ((boxes[node + firstY] as number) - oy) * iy;
      const leaveY = ((boxes[node + 5 - firstY] as number) - oy) * iy;
      const enterZ = ((boxes[node + firstZ] as number) - oz) * iz;
      const leaveZ = ((boxes[node + 7 - firstZ] as number) - oz) * iz;
      // Comparisons with what is no number (0 × ∞, on a plane's edge) are false: such a box is entered.
      if (enterX > leaveY || enterY > leaveX || enterX > leaveZ || enterZ > leaveX || enterY > leaveZ || enterZ > leaveY) continue;
      if (enterX > nearest || enterY > nearest || enterZ > nearest || leaveX < 0 || leaveY < 0 || leaveZ < 0) continue;
      const offset = words[node + 6] as number;
      if ((halves[node * 2 + 15] as number) === LEAF) {
        const end = offset + (halves[node * 2 + 14] as number);
        for (let place = offset; place < end; place += 1) {
          const distance = meet(facets, place * 9, ox, oy, oz, dx, dy, dz);
          if (distance >= 0 && distance < nearest) {
            nearest = distance;
            met = place;
            if (isAnyEnough) return distance;
          }
        }
      } else if (depth + 2 <= MOST_DEPTH) {
        const axis = words[node + 7] as number;
        const isForward = (axis === 0 ? dx : axis === 1 ? dy : dz) >= 0;
        const left = node + NODE;
        const right = node + offset * NODE;
        stack[depth] = isForward ? right : left;
        stack[depth + 1] = isForward ? left : right;
        depth += 2;
      }
    }
    lastFacet = met < 0 ? -1 : (order[met] ?? -1);
    return met < 0 ? Infinity : nearest;
  };
  return {
    cast: (ox, oy, oz, dx, dy, dz, far) => walk(ox, oy, oz, dx, dy, dz, far, false),
    lastFacet: () => lastFacet,
    isMet: (ox, oy, oz, dx, dy, dz, far) => walk(ox, oy, oz, dx, dy, dz, far, true) < Infinity,
  };
}

/** A corner and the two edges from it, for each facet in the tree's order: what a leaf asks for lies together. */
function gatherFacets(positions: Float32Array, indices: Uint32Array, order: Uint32Array | Uint16Array): Float32Array {
  const facets = new Float32Array(order.length * 9);
  for (let place = 0; place < order.length; place += 1) {
    const facet = (order[place] ?? 0) * 3;
    const [a, b, c] = [(indices[facet] ?? 0) * 3, (indices[facet + 1] ?? 0) * 3, (indices[facet + 2] ?? 0) * 3];
    for (let axis = 0; axis < 3; axis += 1) {
      const corner = positions[a + axis] ?? 0;
      facets[place * 9 + axis] = corner;
      facets[place * 9 + 3 + axis] = (positions[b + axis] ?? 0) - corner;
      facets[place * 9 + 6 + axis] = (positions[c + axis] ?? 0) - corner;
    }
  }
  return facets;
}

/** Distance along a ray to a facet (Möller and Trumbore 1997), −1 when it misses. */
function meet(facets: Float32Array, at: number, ox: number, oy: number, oz: number, dx: number, dy: number, dz: number): number {
  const ux = facets[at + 3] as number;
  const uy = facets[at + 4] as number;
  const uz = facets[at + 5] as number;
  const vx = facets[at + 6] as number;
  const vy = facets[at + 7] as number;
  const vz = facets[at + 8] as number;
  const px = dy * vz - dz * vy;
  const py = dz * vx - dx * vz;
  const pz = dx * vy - dy * vx;
  const determinant = ux * px + uy * py + uz * pz;
  if (determinant === 0) return -1;
  const inverse = 1 / determinant;
  const tx = ox - (facets[at] as number);
  const ty = oy - (facets[at + 1] as number);
  const tz = oz - (facets[at + 2] as number);
  const u = (tx * px + ty * py + tz * pz) * inverse;
  if (u < 0 || u > 1) return -1;
  const qx = ty * uz - tz * uy;
  const qy = tz * ux - tx * uz;
  const qz = tx * uy - ty * ux;
  const v = (dx * qx + dy * qy + dz * qz) * inverse;
  if (v < 0 || u + v > 1) return -1;
  return (vx * qx + vy * qy + vz * qz) * inverse;
}
