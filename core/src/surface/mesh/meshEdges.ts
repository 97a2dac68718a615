import type { FacetGeometry } from './facetGeometry';
import type { Mesh } from './mesh';

/** How the facets of a mesh hang together. */
export interface MeshEdges {
  /** edges of one facet only: a hole runs along them */
  readonly openEdges: number;
  readonly openLengthMillimetres: number;
  /** the two vertices of every open edge; length 2 × open edges */
  readonly openVertices: readonly number[];
  /** edges that three or more facets share */
  readonly nonManifoldEdges: number;
  /** edges whose two facets disagree which side is out */
  readonly misorientedEdges: number;
  /** pieces that do not touch along an edge */
  readonly shells: number;
  /** shell of each facet, 0 … shells − 1, the largest first by number of facets */
  readonly shellOfFacet: Uint32Array;
  /** the two facets of every edge that two share; length 2 × pairs */
  readonly pairs: Uint32Array;
  /** the two vertices of the same edges, in the order in which the first facet goes round; length 2 × pairs */
  readonly pairVertices: Uint32Array;
}

/** Edges of a vertex are compared each with each up to here; beyond they are sorted first. */
const FEW = 24;

/**
 * Finds how facets meet: each edge is filed under its lower vertex, and there matched with the others that lead to the same vertex.
 * Facets that name a vertex twice have no edges.
 */
export function findEdges({ positions, indices }: Mesh): MeshEdges {
  const facets = indices.length / 3;
  const { starts, halves, ends } = fileEdges(indices, positions.length / 3);
  const parents = Uint32Array.from({ length: facets }, (_, facet) => facet);
  const pairs = new Uint32Array(halves.length);
  const pairVertices = new Uint32Array(halves.length);
  let pairLength = 0;
  const openVertices: number[] = [];
  let openLengthMillimetres = 0;
  let nonManifoldEdges = 0;
  let misorientedEdges = 0;
  for (let vertex = 0; vertex + 1 < starts.length; vertex += 1) {
    const from = starts[vertex] as number;
    const to = starts[vertex + 1] as number;
    const isLong = to - from > FEW;
    if (isLong) sortByEnd(halves, ends, from, to);
    for (let place = from; place < to;) {
      const half = halves[place] as number;
      const end = ends[place] as number;
      let shared = 1;
      // Those that lead to the same vertex are brought next to each other.
      for (let other = place + 1; other < to; other += 1) {
        if (ends[other] !== end) {
          if (isLong) break;
          continue;
        }
        swap(halves, other, place + shared);
        swap(ends, other, place + shared);
        shared += 1;
      }
      const facet = facetOf(half);
      const mate = halves[place + 1] as number;
      if (shared === 1) {
        openVertices.push(vertex, end);
        openLengthMillimetres += distance(positions, vertex, end);
      } else if (shared > 2) nonManifoldEdges += 1;
      else {
        if (indices[half] === indices[mate]) misorientedEdges += 1;
        pairs[pairLength] = facet;
        pairs[pairLength + 1] = facetOf(mate);
        pairVertices[pairLength] = indices[half] as number;
        pairVertices[pairLength + 1] = indices[nextCorner(half)] as number;
        pairLength += 2;
      }
      for (let member = 1; member < shared; member += 1) unite(parents, facet, facetOf(halves[place + member] as number));
      place += shared;
    }
  }
  const { shells, shellOfFacet } = numberShells(parents);
  return {
    openEdges: openVertices.length / 2,
    openLengthMillimetres,
    openVertices,
    nonManifoldEdges,
    misorientedEdges,
    shells,
    shellOfFacet,
    pairs: pairs.slice(0, pairLength),
    pairVertices: pairVertices.slice(0, pairLength),
  };
}

/** Half edges by their lower vertex, with the vertex each leads to. */
function fileEdges(indices: Uint32Array, vertices: number): { starts: Uint32Array; halves: Uint32Array; ends: Uint32Array } {
  const starts = new Uint32Array(vertices + 1);
  for (let half = 0; half < indices.length; half += 1) {
    if (half % 3 === 0 && !hasThreeVertices(indices, half)) {
      half += 2;
      continue;
    }
    const from = indices[half] as number;
    const to = indices[nextCorner(half)] as number;
    const low = from < to ? from : to;
    starts[low + 1] = (starts[low + 1] as number) + 1;
  }
  for (let vertex = 0; vertex < vertices; vertex += 1) starts[vertex + 1] = (starts[vertex + 1] as number) + (starts[vertex] as number);
  const places = starts.slice();
  const halves = new Uint32Array(starts[vertices] ?? 0);
  const ends = new Uint32Array(halves.length);
  for (let half = 0; half < indices.length; half += 1) {
    if (half % 3 === 0 && !hasThreeVertices(indices, half)) {
      half += 2;
      continue;
    }
    const from = indices[half] as number;
    const to = indices[nextCorner(half)] as number;
    const low = from < to ? from : to;
    const place = places[low] as number;
    halves[place] = half;
    ends[place] = from < to ? to : from;
    places[low] = place + 1;
  }
  return { starts, halves, ends };
}

/** A facet that names a vertex twice has no edges. */
function hasThreeVertices(indices: Uint32Array, corner: number): boolean {
  const a = indices[corner];
  const b = indices[corner + 1];
  const c = indices[corner + 2];
  return a !== b && b !== c && c !== a;
}

function sortByEnd(halves: Uint32Array, ends: Uint32Array, from: number, to: number): void {
  const order = Array.from({ length: to - from }, (_, place) => from + place).sort((a, b) => (ends[a] ?? 0) - (ends[b] ?? 0));
  halves.set(
    order.map((place) => halves[place] ?? 0),
    from,
  );
  ends.set(
    order.map((place) => ends[place] ?? 0),
    from,
  );
}

function swap(list: Uint32Array, a: number, b: number): void {
  const kept = list[a] as number;
  list[a] = list[b] as number;
  list[b] = kept;
}

function facetOf(half: number): number {
  return (half - (half % 3)) / 3;
}

function nextCorner(half: number): number {
  return half % 3 === 2 ? half - 2 : half + 1;
}

function distance(positions: Float32Array, a: number, b: number): number {
  return Math.hypot(
    (positions[a * 3] ?? 0) - (positions[b * 3] ?? 0),
    (positions[a * 3 + 1] ?? 0) - (positions[b * 3 + 1] ?? 0),
    (positions[a * 3 + 2] ?? 0) - (positions[b * 3 + 2] ?? 0),
  );
}

function rootOf(parents: Uint32Array, facet: number): number {
  let at = facet;
  while (parents[at] !== at) {
    parents[at] = parents[parents[at] ?? 0] ?? 0;
    at = parents[at] ?? 0;
  }
  return at;
}

function unite(parents: Uint32Array, a: number, b: number): void {
  if (parents[a] === parents[b]) return;
  const [rootA, rootB] = [rootOf(parents, a), rootOf(parents, b)];
  if (rootA < rootB) parents[rootB] = rootA;
  else parents[rootA] = rootB;
}

function numberShells(parents: Uint32Array): { shells: number; shellOfFacet: Uint32Array } {
  const sizes = new Uint32Array(parents.length);
  for (let facet = 0; facet < parents.length; facet += 1) {
    const root = rootOf(parents, facet);
    sizes[root] = (sizes[root] as number) + 1;
  }
  const roots: number[] = [];
  sizes.forEach((size, facet) => {
    if (size > 0) roots.push(facet);
  });
  roots.sort((a, b) => (sizes[b] ?? 0) - (sizes[a] ?? 0) || a - b);
  const places = sizes;
  roots.forEach((root, place) => (places[root] = place));
  return { shells: roots.length, shellOfFacet: parents.map((_, facet) => places[rootOf(parents, facet)] as number) };
}

/** Sharp edges of a mesh. */
export interface SharpEdges {
  /** edges that stand out, mm: hands and tools touch them, paint thins on them */
  readonly convexMillimetres: number;
  /** edges in a corner, mm: paint and filler gather in them */
  readonly concaveMillimetres: number;
}

/** Facets that meet at more than this are an edge; less is a curve cut into facets (common practice in modelling; guessed). */
export const SHARP_DEGREES = 30;

/** Length of the edges whose facets meet at more than an angle, by whether they stand out or lie in a corner. */
export function findSharpEdges(mesh: Mesh, geometry: FacetGeometry, edges: MeshEdges, degrees = SHARP_DEGREES): SharpEdges {
  const { positions, indices } = mesh;
  const { normals } = geometry;
  const least = Math.cos((degrees * Math.PI) / 180);
  let convexMillimetres = 0;
  let concaveMillimetres = 0;
  for (let pair = 0; pair < edges.pairs.length; pair += 2) {
    const a = (edges.pairs[pair] ?? 0) * 3;
    const b = (edges.pairs[pair + 1] ?? 0) * 3;
    const [ax, ay, az] = [normals[a] ?? 0, normals[a + 1] ?? 0, normals[a + 2] ?? 0];
    const [bx, by, bz] = [normals[b] ?? 0, normals[b + 1] ?? 0, normals[b + 2] ?? 0];
    if (ax * bx + ay * by + az * bz > least || (ax === 0 && ay === 0 && az === 0) || (bx === 0 && by === 0 && bz === 0)) continue;
    const from = edges.pairVertices[pair] ?? 0;
    const to = edges.pairVertices[pair + 1] ?? 0;
    const length = distance(positions, from, to);
    const third = [indices[b], indices[b + 1], indices[b + 2]].find((vertex) => vertex !== from && vertex !== to) ?? from;
    const above =
      ax * ((positions[third * 3] ?? 0) - (positions[from * 3] ?? 0)) +
      ay * ((positions[third * 3 + 1] ?? 0) - (positions[from * 3 + 1] ?? 0)) +
      az * ((positions[third * 3 + 2] ?? 0) - (positions[from * 3 + 2] ?? 0));
    if (above < 0) convexMillimetres += length;
    else concaveMillimetres += length;
  }
  return { convexMillimetres, concaveMillimetres };
}
