import { facetsAround } from '../../surface/mesh/facetsAround';
import type { Mesh } from '../../surface/mesh/mesh';
import type { Vector } from '../../surface/mesh/vector';
import { cross, dot } from '../../surface/mesh/vector';
import { findEdges } from '../../surface/mesh/meshEdges';

/** Water stops where it would fall less than this a millimetre of way (guessed). */
const LEAST_FALL = 0.08;
/** More crossings than this and the way goes round. */
const MOST_STEPS = 20_000;
/** A place this near to a corner, as a share of the facet, is in it. */
const IN_CORNER = 1e-6;

/** What runs from another part crosses a seam no wider than this, mm (guessed). */
export const CROSSED_SEAM = 5;

/** Answers where water runs from a place on a mesh. */
export interface RunOff {
  /**
   * The way water takes from a place: down the face, over edges, along valleys, until the surface is nearly level or ends.
   *
   * @param facet the facet the place lies on
   * @returns points of the way, mm, the place first; one only where water stays
   */
  readonly wayFrom: (facet: number, place: Vector) => readonly Vector[];
}

/**
 * Prepares a mesh for run-off. The way is walked facet by facet: exact on flat walls, and on a curved surface as exact as its facets are. (Stepping from
 * sample point to the lowest neighbour strays by some millimetres in fifty.)
 *
 * @param mesh facets outwards
 * @param down unit, the way things fall
 */
export function prepareRunOff(mesh: Mesh, down: Vector): RunOff {
  const { positions, indices } = mesh;
  const across = facetsAcross(mesh);
  const around = facetsAround(mesh);
  const placeOf = (vertex: number): Vector => [
    positions[vertex * 3] as number,
    positions[vertex * 3 + 1] as number,
    positions[vertex * 3 + 2] as number,
  ];
  const vertexOf = (facet: number, corner: number): number => indices[facet * 3 + corner] as number;
  const flowIn = (facet: number): Flow | null =>
    flowOf(placeOf(vertexOf(facet, 0)), placeOf(vertexOf(facet, 1)), placeOf(vertexOf(facet, 2)), down);

  /** From a corner: into the facet or along the edge that falls most. */
  const leaveCorner = (vertex: number): { readonly facet: number } | { readonly vertex: number } | null => {
    const from = placeOf(vertex);
    let most = LEAST_FALL;
    let best: { readonly facet: number } | { readonly vertex: number } | null = null;
    for (let place = around.starts[vertex] as number; place < (around.starts[vertex + 1] as number); place += 1) {
      const facet = around.facets[place] as number;
      const own = [0, 1, 2].find((corner) => vertexOf(facet, corner) === vertex) ?? 0;
      const flow = flowIn(facet);
      const [one, other] = [(own + 1) % 3, (own + 2) % 3];
      if (flow && (flow.rates[one] as number) >= 0 && (flow.rates[other] as number) >= 0 && flow.fall > most) {
        most = flow.fall;
        best = { facet };
      }
      for (const corner of [one, other]) {
        const to = vertexOf(facet, corner);
        const edge = minus(placeOf(to), from);
        const fall = dot(down, edge) / (Math.hypot(...edge) || 1);
        // An edge that falls as much as its face counts as the face's, which leads on more exactly.
        if (fall > most + 1e-9) {
          most = fall;
          best = { vertex: to };
        }
      }
    }
    return best;
  };

  const wayFrom = (first: number, start: Vector): readonly Vector[] => {
    const way: Vector[] = [start];
    let facet = first;
    let shares = sharesOf(start, placeOf(vertexOf(facet, 0)), placeOf(vertexOf(facet, 1)), placeOf(vertexOf(facet, 2)));
    let inCorner: number | null = null;
    for (let step = 0; step < MOST_STEPS; step += 1) {
      if (inCorner !== null) {
        const onward = leaveCorner(inCorner);
        if (!onward) break;
        if ('vertex' in onward) {
          inCorner = onward.vertex;
          way.push(placeOf(inCorner));
          continue;
        }
        facet = onward.facet;
        const corner = inCorner;
        shares = [0, 1, 2].map((at) => (vertexOf(facet, at) === corner ? 1 : 0)) as [number, number, number];
        inCorner = null;
      }
      const flow = flowIn(facet);
      if (!flow || flow.fall < LEAST_FALL) break;
      let time = Infinity;
      let opposite = -1;
      for (let corner = 0; corner < 3; corner += 1) {
        const rate = flow.rates[corner] as number;
        const until = rate < 0 ? Math.max(0, shares[corner] as number) / -rate : Infinity;
        if (until < time) {
          time = until;
          opposite = corner;
        }
      }
      if (opposite < 0) break;
      const left = shares.map((share, corner) => (corner === opposite ? 0 : Math.max(0, share + time * (flow.rates[corner] as number))));
      const sum = left.reduce((total, share) => total + share, 0) || 1;
      shares = left.map((share) => share / sum) as [number, number, number];
      way.push(placeIn(shares, placeOf(vertexOf(facet, 0)), placeOf(vertexOf(facet, 1)), placeOf(vertexOf(facet, 2))));
      const nearCorner = shares.findIndex((share) => share > 1 - IN_CORNER);
      if (nearCorner >= 0) {
        inCorner = vertexOf(facet, nearCorner);
        continue;
      }
      const [a, b] = [(opposite + 1) % 3, (opposite + 2) % 3];
      const next = across[facet * 3 + a] as number;
      if (next < 0) break;
      const beyond = flowIn(next);
      const [from, to] = [vertexOf(facet, a), vertexOf(facet, b)];
      const nextOpposite = [0, 1, 2].find((corner) => vertexOf(next, corner) !== from && vertexOf(next, corner) !== to) ?? 0;
      if (beyond && (beyond.rates[nextOpposite] as number) > 0) {
        const [shareFrom, shareTo] = [shares[a] as number, shares[b] as number];
        shares = [0, 1, 2].map((corner) => (corner === nextOpposite ? 0 : vertexOf(next, corner) === from ? shareFrom : shareTo)) as [
          number,
          number,
          number,
        ];
        facet = next;
        continue;
      }
      // The face beyond sends it back: a valley. It runs along the edge to the lower corner.
      const edge = minus(placeOf(to), placeOf(from));
      const fall = dot(down, edge) / (Math.hypot(...edge) || 1);
      if (Math.abs(fall) < LEAST_FALL) break;
      inCorner = fall > 0 ? to : from;
      way.push(placeOf(inCorner));
    }
    return way;
  };
  return { wayFrom };
}

/** How water goes within a facet: how fast the share of each corner grows, and how much it falls a millimetre of way. */
interface Flow {
  readonly rates: readonly [number, number, number];
  readonly fall: number;
}

function flowOf(a: Vector, b: Vector, c: Vector, down: Vector): Flow | null {
  const [u, v] = [minus(b, a), minus(c, a)];
  const square = cross(u, v);
  const length = Math.hypot(...square);
  if (!(length > 1e-12)) return null;
  const normal: Vector = [square[0] / length, square[1] / length, square[2] / length];
  const along = dot(down, normal);
  const way: Vector = [down[0] - along * normal[0], down[1] - along * normal[1], down[2] - along * normal[2]];
  const [p, q] = inPlane(u, v, way);
  return { rates: [-p - q, p, q], fall: Math.hypot(...way) };
}

/** A vector of the plane of u and v as p·u + q·v. */
function inPlane(u: Vector, v: Vector, w: Vector): readonly [number, number] {
  const [uu, uv, vv] = [dot(u, u), dot(u, v), dot(v, v)];
  const determinant = uu * vv - uv * uv;
  const [wu, wv] = [dot(w, u), dot(w, v)];
  return [(wu * vv - wv * uv) / determinant, (wv * uu - wu * uv) / determinant];
}

function sharesOf(place: Vector, a: Vector, b: Vector, c: Vector): [number, number, number] {
  const [p, q] = inPlane(minus(b, a), minus(c, a), minus(place, a));
  return Number.isFinite(p) && Number.isFinite(q) ? [1 - p - q, p, q] : [1, 0, 0];
}

function placeIn([p, q, r]: readonly [number, number, number], a: Vector, b: Vector, c: Vector): Vector {
  return [p * a[0] + q * b[0] + r * c[0], p * a[1] + q * b[1] + r * c[1], p * a[2] + q * b[2] + r * c[2]];
}

function minus(a: Vector, b: Vector): Vector {
  return [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
}

/** For each corner of each facet the facet across the edge that begins there, −1 for none. */
function facetsAcross(mesh: Mesh): Int32Array {
  const { indices } = mesh;
  const across = new Int32Array(indices.length).fill(-1);
  const { pairs, pairVertices } = findEdges(mesh);
  const file = (facet: number, other: number, from: number, to: number): void => {
    for (let corner = 0; corner < 3; corner += 1) {
      const [a, b] = [indices[facet * 3 + corner], indices[facet * 3 + ((corner + 1) % 3)]];
      if ((a === from && b === to) || (a === to && b === from)) across[facet * 3 + corner] = other;
    }
  };
  for (let pair = 0; pair < pairs.length; pair += 2) {
    const [one, other] = [pairs[pair] as number, pairs[pair + 1] as number];
    const [from, to] = [pairVertices[pair] as number, pairVertices[pair + 1] as number];
    file(one, other, from, to);
    file(other, one, from, to);
  }
  return across;
}

/** How far a point beside a run still takes from it, as parts of the run's breadth. */
const BESIDE = 2;

/**
 * How much of the run-off each point gets, 0 … 1: most on the way itself, less to both sides, fading with the way from its source.
 *
 * @param ways of the sources, mm
 * @param breadthMillimetres of one run
 * @param lengthMillimetres after which half is left
 */
export function wetByRuns(
  positions: Float32Array,
  ways: readonly (readonly Vector[])[],
  breadthMillimetres: number,
  lengthMillimetres: number,
): Float32Array {
  const wet = new Float32Array(positions.length / 3);
  for (const way of ways) {
    let run = 0;
    for (let at = 0; at + 1 < way.length; at += 1) {
      const [from, to] = [way[at] as Vector, way[at + 1] as Vector];
      const edge = minus(to, from);
      const length = Math.hypot(...edge);
      if (length === 0) continue;
      const reach = BESIDE * breadthMillimetres;
      const low = [0, 1, 2].map((axis) => Math.min(from[axis] as number, to[axis] as number) - reach);
      const high = [0, 1, 2].map((axis) => Math.max(from[axis] as number, to[axis] as number) + reach);
      for (let point = 0; point < wet.length; point += 1) {
        const [x, y, z] = [positions[point * 3] as number, positions[point * 3 + 1] as number, positions[point * 3 + 2] as number];
        if (x < (low[0] as number) || x > (high[0] as number) || y < (low[1] as number) || y > (high[1] as number)) continue;
        if (z < (low[2] as number) || z > (high[2] as number)) continue;
        const along = Math.min(
          1,
          Math.max(0, ((x - from[0]) * edge[0] + (y - from[1]) * edge[1] + (z - from[2]) * edge[2]) / (length * length)),
        );
        const aside = Math.hypot(x - from[0] - along * edge[0], y - from[1] - along * edge[1], z - from[2] - along * edge[2]);
        const share = Math.exp(-0.5 * (aside / (breadthMillimetres / 2)) ** 2) * 2 ** (-(run + along * length) / lengthMillimetres);
        if (share > (wet[point] as number)) wet[point] = share;
      }
      run += length;
    }
  }
  return wet;
}
