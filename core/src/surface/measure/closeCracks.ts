import { boxSize, boxRound } from '../mesh/facetGeometry';
import type { Mesh } from '../mesh/mesh';
import type { MeshEdges } from '../mesh/meshEdges';
import { findEdges } from '../mesh/meshEdges';

/** Closer than this two corners on open edges are one that was rounded twice, mm; or a millionth of the mesh, for large ones. */
const CRACK_MILLIMETRES = 0.001;
const CRACK_SHARE = 1e-6;

/** A mesh with its cracks closed. */
export interface ClosedMesh {
  readonly mesh: Mesh;
  readonly edges: MeshEdges;
  /** corners that were brought together */
  readonly cracks: number;
}

/**
 * Brings corners together that programs rounded apart, along open edges only: gaps a printer cannot print. What it would join wrongly (a facet
 * would lose its area) it still joins; real holes stay.
 */
export function closeCracks(mesh: Mesh): ClosedMesh {
  const edges = findEdges(mesh);
  if (edges.openEdges === 0) return { mesh, edges, cracks: 0 };
  const { positions } = mesh;
  const near = Math.max(CRACK_MILLIMETRES, CRACK_SHARE * Math.hypot(...boxSize(boxRound(positions))));
  const twins = findTwins(positions, [...new Set(edges.openVertices)], near);
  if (twins.size === 0) return { mesh, edges, cracks: 0 };
  const closed = { positions, indices: mesh.indices.map((vertex) => twins.get(vertex) ?? vertex) };
  return { mesh: closed, edges: findEdges(closed), cracks: twins.size };
}

/** For each vertex with an earlier one nearby, that one; neighbours are looked up by the cell they lie in. */
function findTwins(positions: Float32Array, vertices: readonly number[], near: number): Map<number, number> {
  const cells = new Map<string, number[]>();
  const twins = new Map<number, number>();
  const at = (vertex: number): readonly [number, number, number] => [
    positions[vertex * 3] ?? 0,
    positions[vertex * 3 + 1] ?? 0,
    positions[vertex * 3 + 2] ?? 0,
  ];
  for (const vertex of vertices) {
    const point = at(vertex);
    const [i, j, k] = point.map((value) => Math.floor(value / near)) as [number, number, number];
    const around = NEIGHBOURS.flatMap(([di, dj, dk]) => cells.get(`${i + di},${j + dj},${k + dk}`) ?? []);
    const twin = around.find((other) => Math.hypot(...at(other).map((value, axis) => value - (point[axis] ?? 0))) < near);
    if (twin !== undefined) {
      twins.set(vertex, twin);
      continue;
    }
    const key = `${i},${j},${k}`;
    cells.set(key, [...(cells.get(key) ?? []), vertex]);
  }
  return twins;
}

const SHIFTS = [-1, 0, 1] as const;
const NEIGHBOURS = SHIFTS.flatMap((i) => SHIFTS.flatMap((j) => SHIFTS.map((k) => [i, j, k] as const)));
