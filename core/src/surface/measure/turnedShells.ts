import type { FacetGeometry } from '../mesh/facetGeometry';
import type { Mesh } from '../mesh/mesh';
import type { MeshEdges } from '../mesh/meshEdges';

/** Files of more skins than this are plates of small pieces; which lies in which is not asked any more. */
const MOST_SHELLS = 400;
/** A direction along which a ray hardly ever runs through an edge. */
const RAY = [0.577_35, 0.211_32, 0.788_67] as const;

interface Shell {
  readonly facets: number[];
  readonly min: [number, number, number];
  readonly max: [number, number, number];
  volume: number;
}

/**
 * How many closed skins face the wrong way; a mesh that is inside out as a whole is turned round before.
 *
 * @param edges of a mesh without open edges
 */
export function countTurnedShells(mesh: Mesh, geometry: FacetGeometry, edges: MeshEdges): number {
  if (edges.shells < 2 || edges.shells > MOST_SHELLS) return 0;
  const wrong = findTurnedShells(mesh, edges)?.length ?? 0;
  return geometry.isInsideOut ? edges.shells - wrong : wrong;
}

/**
 * The closed skins that face the wrong way: one that lies in no other, or in an even number of them, bounds a body and must face outwards; one in an odd
 * number bounds a hollow and must face inwards.
 *
 * @returns numbers of the shells; null where there are too many to ask which lies in which
 */
export function findTurnedShells(mesh: Mesh, edges: MeshEdges): number[] | null {
  if (edges.shells > MOST_SHELLS) return null;
  const shells = gatherShells(mesh, edges);
  return shells.flatMap((shell, own) => {
    const from = pointOf(mesh, shell);
    if (!from) return [];
    const around = shells.filter((other, at) => at !== own && boxHolds(other, from) && isWithin(mesh, other, from)).length;
    return shell.volume < 0 !== (around % 2 === 1) ? [own] : [];
  });
}

function gatherShells({ positions, indices }: Mesh, { shells, shellOfFacet }: MeshEdges): Shell[] {
  const found = Array.from({ length: shells }, (): Shell => ({
    facets: [],
    min: [Infinity, Infinity, Infinity],
    max: [-Infinity, -Infinity, -Infinity],
    volume: 0,
  }));
  for (let facet = 0; facet < shellOfFacet.length; facet += 1) {
    const shell = found[shellOfFacet[facet] ?? 0];
    if (!shell) continue;
    shell.facets.push(facet);
    const corner = (n: number): readonly [number, number, number] => cornerOf(positions, indices, facet, n);
    const [[ax, ay, az], [bx, by, bz], [cx, cy, cz]] = [corner(0), corner(1), corner(2)];
    shell.volume += (ax * (by * cz - bz * cy) + ay * (bz * cx - bx * cz) + az * (bx * cy - by * cx)) / 6;
    for (const point of [[ax, ay, az] as const, [bx, by, bz] as const, [cx, cy, cz] as const])
      for (const axis of [0, 1, 2] as const) {
        shell.min[axis] = Math.min(shell.min[axis], point[axis]);
        shell.max[axis] = Math.max(shell.max[axis], point[axis]);
      }
  }
  return found;
}

function cornerOf(positions: Float32Array, indices: Uint32Array, facet: number, corner: number): readonly [number, number, number] {
  const at = (indices[facet * 3 + corner] ?? 0) * 3;
  return [positions[at] ?? 0, positions[at + 1] ?? 0, positions[at + 2] ?? 0];
}

/** A point on a skin: the middle of its first facet that has an area; null where none has. */
function pointOf({ positions, indices }: Mesh, shell: Shell): readonly [number, number, number] | null {
  const [facet] = shell.facets;
  if (facet === undefined) return null;
  const [a, b, c] = [0, 1, 2].map((corner) => cornerOf(positions, indices, facet, corner)) as [Triple, Triple, Triple];
  return [(a[0] + b[0] + c[0]) / 3, (a[1] + b[1] + c[1]) / 3, (a[2] + b[2] + c[2]) / 3];
}

type Triple = readonly [number, number, number];

function boxHolds({ min, max }: Shell, point: Triple): boolean {
  return ([0, 1, 2] as const).every((axis) => min[axis] <= point[axis] && point[axis] <= max[axis]);
}

/** Whether a ray from a point leaves a closed skin an odd number of times (Möller and Trumbore's test of a ray against a triangle). */
function isWithin({ positions, indices }: Mesh, shell: Shell, [px, py, pz]: Triple): boolean {
  const [dx, dy, dz] = RAY;
  let crossings = 0;
  for (const facet of shell.facets) {
    const [ax, ay, az] = cornerOf(positions, indices, facet, 0);
    const [bx, by, bz] = cornerOf(positions, indices, facet, 1);
    const [cx, cy, cz] = cornerOf(positions, indices, facet, 2);
    const [ux, uy, uz] = [bx - ax, by - ay, bz - az];
    const [vx, vy, vz] = [cx - ax, cy - ay, cz - az];
    const [hx, hy, hz] = [dy * vz - dz * vy, dz * vx - dx * vz, dx * vy - dy * vx];
    const scale = ux * hx + uy * hy + uz * hz;
    if (Math.abs(scale) < 1e-12) continue;
    const [sx, sy, sz] = [px - ax, py - ay, pz - az];
    const u = (sx * hx + sy * hy + sz * hz) / scale;
    if (u < 0 || u > 1) continue;
    const [qx, qy, qz] = [sy * uz - sz * uy, sz * ux - sx * uz, sx * uy - sy * ux];
    const v = (dx * qx + dy * qy + dz * qz) / scale;
    if (v < 0 || u + v > 1) continue;
    if ((vx * qx + vy * qy + vz * qz) / scale > 0) crossings += 1;
  }
  return crossings % 2 === 1;
}
