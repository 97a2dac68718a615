import type { FacetGeometry } from '../mesh/facetGeometry';
import type { Mesh } from '../mesh/mesh';
import type { MeshEdges } from '../mesh/meshEdges';

/** A mesh as graphics cards like it: loose facets, each corner its own, and the edges worth a line. */
export interface MeshDrawing {
  /** x, y, z of three corners a facet, mm; length 9 × facets */
  readonly corners: Float32Array;
  /** x, y, z of both ends of every sharp or open edge; length 6 × edges */
  readonly lines: Float32Array;
}

/** Facets that meet at more than this get a line between them. */
const LINE_COSINE = Math.cos((35 * Math.PI) / 180);
/** More lines than this are a texture, not edges: none are drawn. */
const MOST_LINES = 200_000;

/** Lays a mesh out for drawing. */
export function drawMesh({ positions, indices }: Mesh, { normals }: FacetGeometry, edges: MeshEdges): MeshDrawing {
  const corners = new Float32Array(indices.length * 3);
  for (let corner = 0; corner < indices.length; corner += 1) {
    const at = (indices[corner] as number) * 3;
    corners[corner * 3] = positions[at] as number;
    corners[corner * 3 + 1] = positions[at + 1] as number;
    corners[corner * 3 + 2] = positions[at + 2] as number;
  }
  const ends: number[] = [...edges.openVertices];
  for (let pair = 0; pair < edges.pairs.length && ends.length <= MOST_LINES * 2; pair += 2) {
    const a = (edges.pairs[pair] as number) * 3;
    const b = (edges.pairs[pair + 1] as number) * 3;
    const cosine =
      (normals[a] as number) * (normals[b] as number) +
      (normals[a + 1] as number) * (normals[b + 1] as number) +
      (normals[a + 2] as number) * (normals[b + 2] as number);
    if (cosine < LINE_COSINE) ends.push(edges.pairVertices[pair] as number, edges.pairVertices[pair + 1] as number);
  }
  if (ends.length > MOST_LINES * 2) return { corners, lines: new Float32Array() };
  const lines = new Float32Array(ends.length * 3);
  ends.forEach((vertex, place) => lines.set(positions.subarray(vertex * 3, vertex * 3 + 3), place * 3));
  return { corners, lines };
}
