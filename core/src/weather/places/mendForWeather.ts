import type { Mesh } from '../../surface/mesh/mesh';
import type { MeshEdges } from '../../surface/mesh/meshEdges';
import { findEdges } from '../../surface/mesh/meshEdges';
import { closeCracks } from '../../surface/measure/closeCracks';
import { measureFacets } from '../../surface/mesh/facetGeometry';
import { findTurnedShells } from '../../surface/measure/turnedShells';

/** A mesh whose facets agree which side is out, and what was done for that. */
export interface MendedMesh {
  readonly mesh: Mesh;
  /** facets that were there twice, or had no three corners */
  readonly droppedFacets: number;
  readonly turnedFacets: number;
  readonly isClosed: boolean;
}

/**
 * Makes a mesh fit for asking where weather reaches it: facets that stand twice or collapse are dropped, facets are turned to agree with their
 * neighbours, then every shell is turned so that its outside is out. Holes stay.
 */
export function mendForWeather(given: Mesh): MendedMesh {
  const { mesh: closed } = closeCracks(given);
  const { indices, dropped } = dropTwins(closed);
  const single: Mesh = { positions: closed.positions, indices };
  const edges = findEdges(single);
  const turns = agreeAcrossEdges(indices, edges);
  const turned = turnFacets(indices, turns);
  const agreed: Mesh = { positions: closed.positions, indices: turned };
  const isClosed = edges.openEdges === 0 && edges.nonManifoldEdges === 0;
  const outward = turnShells(agreed, edges, isClosed);
  let turnedFacets = 0;
  for (let corner = 0; corner < indices.length; corner += 3) if (indices[corner + 1] !== outward[corner + 1]) turnedFacets += 1;
  return { mesh: { positions: closed.positions, indices: outward }, droppedFacets: dropped, turnedFacets, isClosed };
}

/** Facets with three corners, each set of corners once. */
function dropTwins({ positions, indices }: Mesh): { readonly indices: Uint32Array; readonly dropped: number } {
  const facets = indices.length / 3;
  const vertices = positions.length / 3;
  // Filed under the lowest corner: twins lie in one short list.
  const starts = new Uint32Array(vertices + 1);
  const lowest = new Uint32Array(facets);
  for (let facet = 0; facet < facets; facet += 1) {
    const low = Math.min(indices[facet * 3] as number, indices[facet * 3 + 1] as number, indices[facet * 3 + 2] as number);
    lowest[facet] = low;
    starts[low + 1] = (starts[low + 1] as number) + 1;
  }
  for (let vertex = 0; vertex < vertices; vertex += 1) starts[vertex + 1] = (starts[vertex + 1] as number) + (starts[vertex] as number);
  const ends = starts.slice(0, vertices);
  const filed = new Uint32Array(facets * 2);
  const kept = new Uint32Array(indices.length);
  let length = 0;
  for (let facet = 0; facet < facets; facet += 1) {
    const a = indices[facet * 3] as number;
    const b = indices[facet * 3 + 1] as number;
    const c = indices[facet * 3 + 2] as number;
    if (a === b || b === c || c === a) continue;
    const low = lowest[facet] as number;
    const high = Math.max(a, b, c);
    const middle = a + b + c - low - high;
    let isTwin = false;
    const end = ends[low] as number;
    for (let place = starts[low] as number; place < end && !isTwin; place += 1)
      isTwin = filed[place * 2] === middle && filed[place * 2 + 1] === high;
    if (isTwin) continue;
    filed[end * 2] = middle;
    filed[end * 2 + 1] = high;
    ends[low] = end + 1;
    kept.set([a, b, c], length);
    length += 3;
  }
  return { indices: kept.slice(0, length), dropped: facets - length / 3 };
}

/** For each facet whether it is turned, so that along every edge of two facets they go opposite ways; walked from the first facet of each piece. */
function agreeAcrossEdges(indices: Uint32Array, edges: MeshEdges): Uint8Array {
  const facets = indices.length / 3;
  const turns = new Uint8Array(facets);
  const { pairs, pairVertices } = edges;
  const starts = new Uint32Array(facets + 1);
  for (let at = 0; at < pairs.length; at += 1) {
    const facet = pairs[at] as number;
    starts[facet + 1] = (starts[facet + 1] as number) + 1;
  }
  for (let facet = 0; facet < facets; facet += 1) starts[facet + 1] = (starts[facet + 1] as number) + (starts[facet] as number);
  const places = starts.slice(0, facets);
  const neighbours = new Uint32Array(pairs.length);
  const disagrees = new Uint8Array(pairs.length);
  for (let pair = 0; pair < pairs.length; pair += 2) {
    const one = pairs[pair] as number;
    const other = pairs[pair + 1] as number;
    const isSame = goesFrom(indices, other, pairVertices[pair] as number, pairVertices[pair + 1] as number) ? 1 : 0;
    for (const [from, to] of [
      [one, other],
      [other, one],
    ] as const) {
      const place = places[from] as number;
      neighbours[place] = to;
      disagrees[place] = isSame;
      places[from] = place + 1;
    }
  }
  const isSeen = new Uint8Array(facets);
  const stack = new Uint32Array(facets);
  for (let first = 0; first < facets; first += 1) {
    if (isSeen[first]) continue;
    isSeen[first] = 1;
    let depth = 1;
    stack[0] = first;
    while (depth > 0) {
      depth -= 1;
      const facet = stack[depth] as number;
      for (let place = starts[facet] as number; place < (starts[facet + 1] as number); place += 1) {
        const next = neighbours[place] as number;
        if (isSeen[next]) continue;
        isSeen[next] = 1;
        turns[next] = (turns[facet] as number) ^ (disagrees[place] as number);
        stack[depth] = next;
        depth += 1;
      }
    }
  }
  return turns;
}

function goesFrom(indices: Uint32Array, facet: number, from: number, to: number): boolean {
  for (let corner = 0; corner < 3; corner += 1)
    if (indices[facet * 3 + corner] === from) return indices[facet * 3 + ((corner + 1) % 3)] === to;
  return false;
}

function turnFacets(indices: Uint32Array, turns: Uint8Array): Uint32Array {
  const next = indices.slice();
  for (let facet = 0; facet < turns.length; facet += 1) {
    if (!turns[facet]) continue;
    next[facet * 3 + 1] = indices[facet * 3 + 2] as number;
    next[facet * 3 + 2] = indices[facet * 3 + 1] as number;
  }
  return next;
}

/** A shell that encloses less than this, over its area to the power of 1.5, has no inside to tell by: a ball encloses 0.094. */
const LEAST_ENCLOSED = 0.01;

function turnShells(mesh: Mesh, edges: MeshEdges, isClosed: boolean): Uint32Array {
  const { positions, indices } = mesh;
  const wrong = isClosed && edges.shells > 1 ? findTurnedShells(mesh, edges) : null;
  const facets = indices.length / 3;
  const turnsShell = new Uint8Array(edges.shells);
  if (wrong) for (const shell of wrong) turnsShell[shell] = 1;
  else {
    const { areas } = measureFacets(mesh, false);
    const sums = Array.from({ length: edges.shells }, () => ({ area: 0, x: 0, y: 0, z: 0, volume: 0 }));
    const eachFacet = (
      tell: (sum: { area: number; x: number; y: number; z: number; volume: number }, a: number, b: number, c: number, area: number) => void,
    ): void => {
      for (let facet = 0; facet < facets; facet += 1) {
        const sum = sums[edges.shellOfFacet[facet] as number];
        if (sum)
          tell(
            sum,
            (indices[facet * 3] as number) * 3,
            (indices[facet * 3 + 1] as number) * 3,
            (indices[facet * 3 + 2] as number) * 3,
            areas[facet] as number,
          );
      }
    };
    const p = (at: number): number => positions[at] as number;
    eachFacet((sum, a, b, c, area) => {
      sum.area += area;
      sum.x += (area * (p(a) + p(b) + p(c))) / 3;
      sum.y += (area * (p(a + 1) + p(b + 1) + p(c + 1))) / 3;
      sum.z += (area * (p(a + 2) + p(b + 2) + p(c + 2))) / 3;
    });
    // From the middle of its own skin, an open shell's volume tells best on which side it bulges.
    eachFacet((sum, a, b, c) => {
      if (sum.area === 0) return;
      const [ox, oy, oz] = [sum.x / sum.area, sum.y / sum.area, sum.z / sum.area];
      const [ax, ay, az] = [p(a) - ox, p(a + 1) - oy, p(a + 2) - oz];
      const [bx, by, bz] = [p(b) - ox, p(b + 1) - oy, p(b + 2) - oz];
      const [cx, cy, cz] = [p(c) - ox, p(c + 1) - oy, p(c + 2) - oz];
      sum.volume += (ax * (by * cz - bz * cy) + ay * (bz * cx - bx * cz) + az * (bx * cy - by * cx)) / 6;
    });
    sums.forEach((sum, shell) => {
      if (sum.volume < -LEAST_ENCLOSED * sum.area ** 1.5) turnsShell[shell] = 1;
    });
  }
  const turns = new Uint8Array(facets);
  for (let facet = 0; facet < facets; facet += 1) turns[facet] = turnsShell[edges.shellOfFacet[facet] as number] as number;
  return turnFacets(indices, turns);
}
