import { facetsAround } from '../../surface/mesh/facetsAround';
import type { Mesh } from '../../surface/mesh/mesh';
import { boxRound, boxSize, measureFacets } from '../../surface/mesh/facetGeometry';
import { buildPointGrid } from '../places/nearPoints';
import type { WeatherFields } from '../field/weatherFields';
import { handledShare } from '../deposit/carrier';

/** A surface as a graphics card draws it: three corners a facet, each with what weather meets there. */
export interface DrawnSurface {
  /** x, y, z of each corner, mm; length 9 × facets */
  readonly positions: Float32Array<ArrayBuffer>;
  /** at each corner: of the facet, smoothed with neighbours that bend away a little */
  readonly normals: Int8Array<ArrayBuffer>;
  /** covered, convexity (128 is flat), rain and handled, 0–255; length 12 × facets */
  readonly fields: Uint8Array<ArrayBuffer>;
  /** run-off, 0–255; length 3 × facets */
  readonly wet: Uint8Array<ArrayBuffer>;
  /** regions of another colour that reach the facet, a bit each, the same at its three corners; length 3 × facets */
  readonly regions: Uint8Array<ArrayBuffer>;
  readonly facets: number;
}

/** Edges longer than this are halved, mm, or than this share of the longest side where that is more. */
const LONGEST_EDGE = 2;
const LONGEST_SHARE = 1 / 60;
/** Halving stops here. */
const MOST_FACETS = 150_000;

/**
 * A surface for drawing: only long edges are halved, and the fields of the sample points are carried to the corners.
 *
 * @param mesh mended, facets outwards; the same that the fields were gathered on
 */
export function drawSurface(mesh: Mesh, fields: WeatherFields): DrawnSurface {
  const longest = Math.max(...boxSize(boxRound(mesh.positions)));
  const fine = halveLongEdges(mesh, Math.max(LONGEST_EDGE, longest * LONGEST_SHARE), MOST_FACETS);
  const { positions, indices, origins } = fine;
  const facets = indices.length / 3;
  const corners = new Float32Array(facets * 9);
  const normals = new Int8Array(facets * 9);
  const carried = new Uint8Array(facets * 12);
  const wet = new Uint8Array(facets * 3);
  const regions = new Uint8Array(facets * 3);
  const carry = carrier(fields);
  const smooth = smoothNormals(fine);
  const known = new Map<number, number>();
  for (let facet = 0; facet < facets; facet += 1) {
    for (let corner = 0; corner < 3; corner += 1)
      for (let axis = 0; axis < 3; axis += 1)
        corners[facet * 9 + corner * 3 + axis] = positions[(indices[facet * 3 + corner] as number) * 3 + axis] as number;
    regions.fill(fields.facetRegions[origins[facet] as number] as number, facet * 3, facet * 3 + 3);
    const [nx, ny, nz] = normalOf(corners, facet * 9);
    // Corners of one vertex on faces that look the same way share what was carried.
    const side = Math.round((nx + 1) * 20) * 1681 + Math.round((ny + 1) * 20) * 41 + Math.round((nz + 1) * 20);
    for (let corner = 0; corner < 3; corner += 1) {
      const vertex = indices[facet * 3 + corner] as number;
      const at = facet * 3 + corner;
      normals.set(
        smooth(vertex, facet).map((part) => part * 127),
        at * 3,
      );
      const key = vertex * 68_921 + side;
      const before = known.get(key);
      if (before === undefined) {
        known.set(key, at);
        const x = corners[at * 3] as number;
        const y = corners[at * 3 + 1] as number;
        const z = corners[at * 3 + 2] as number;
        carry(x, y, z, nx, ny, nz, carried, wet, at);
      } else {
        carried.copyWithin(at * 4, before * 4, before * 4 + 4);
        wet[at] = wet[before] as number;
      }
    }
  }
  return { positions: corners, normals, fields: carried, wet, regions, facets };
}

function normalOf(corners: Float32Array, at: number): readonly [number, number, number] {
  const p = (offset: number): number => corners[at + offset] as number;
  const [ux, uy, uz] = [p(3) - p(0), p(4) - p(1), p(5) - p(2)];
  const [vx, vy, vz] = [p(6) - p(0), p(7) - p(1), p(8) - p(2)];
  const [x, y, z] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
  const length = Math.hypot(x, y, z) || 1;
  return [x / length, y / length, z / length];
}

/** Facets that meet flatter than this (cosine of 40°) are one curved face cut small. */
const ONE_FACE = 0.766;

/** Gives the normal at a facet's corner, smoothed over the facets round it that bend away by less than an edge does. */
function smoothNormals(mesh: Mesh): (vertex: number, facet: number) => readonly [number, number, number] {
  const { normals, areas } = measureFacets(mesh, false);
  const { starts, facets: around } = facetsAround(mesh);
  return (vertex, facet) => {
    const [nx, ny, nz] = [normals[facet * 3] as number, normals[facet * 3 + 1] as number, normals[facet * 3 + 2] as number];
    let [x, y, z] = [0, 0, 0];
    for (let place = starts[vertex] as number; place < (starts[vertex + 1] as number); place += 1) {
      const other = around[place] as number;
      const [ox, oy, oz] = [normals[other * 3] as number, normals[other * 3 + 1] as number, normals[other * 3 + 2] as number];
      if (nx * ox + ny * oy + nz * oz < ONE_FACE) continue;
      const area = areas[other] as number;
      x += ox * area;
      y += oy * area;
      z += oz * area;
    }
    const length = Math.hypot(x, y, z);
    return length > 0 ? [x / length, y / length, z / length] : [nx, ny, nz];
  };
}

/** A point lends its fields to a corner within so many spacings, if it looks within 45° of the same way and lies near the facet's plane. */
const LENDS_WITHIN = 2;
const LENDS_COSINE = Math.SQRT1_2;
const NEAR_PLANE = 0.5;

/** Writes what a corner gets from the points round it. */
type Carry = (
  x: number,
  y: number,
  z: number,
  nx: number,
  ny: number,
  nz: number,
  carried: Uint8Array,
  wet: Uint8Array,
  at: number,
) => void;

function carrier(fields: WeatherFields): Carry {
  const { points, covered, convexity, rain, handled } = fields;
  const { positions, normals, spacingMillimetres } = points;
  const reach = LENDS_WITHIN * spacingMillimetres;
  const grid = buildPointGrid(positions, reach);
  return (x, y, z, nx, ny, nz, carried, wetOut, at) => {
    let [weight, c, k, r, h, w] = [0, 0, 0, 0, 0, 0];
    let nearest = Infinity;
    let fallback = -1;
    grid.eachNear(x, y, z, (point) => {
      const dx = (positions[point * 3] as number) - x;
      const dy = (positions[point * 3 + 1] as number) - y;
      const dz = (positions[point * 3 + 2] as number) - z;
      const square = dx * dx + dy * dy + dz * dz;
      if (square > reach * reach) return;
      const facing =
        nx * (normals[point * 3] as number) + ny * (normals[point * 3 + 1] as number) + nz * (normals[point * 3 + 2] as number);
      // Where none looks the same way, the nearest of any lends.
      const penalty = square + (facing < LENDS_COSINE ? 4 * reach * reach : 0);
      if (penalty < nearest) [nearest, fallback] = [penalty, point];
      if (facing < LENDS_COSINE || Math.abs(dx * nx + dy * ny + dz * nz) > NEAR_PLANE * spacingMillimetres) return;
      const own = 1 / (square + 0.3 * reach * reach);
      weight += own;
      c += own * (covered[point] as number);
      k += own * (convexity[point] as number);
      r += own * (rain[point] as number);
      h += own * handledShare(handled[point] as number);
      w += own * (fields.wet[point] as number);
    });
    if (weight === 0 && fallback >= 0) {
      weight = 1;
      c = covered[fallback] as number;
      k = convexity[fallback] as number;
      r = rain[fallback] as number;
      h = handledShare(handled[fallback] as number);
      w = fields.wet[fallback] as number;
    }
    const over = weight || 1;
    carried[at * 4] = (255 * c) / over;
    carried[at * 4 + 1] = Math.min(255, Math.max(0, 128 + (127 * k) / over));
    carried[at * 4 + 2] = (255 * r) / over;
    carried[at * 4 + 3] = (255 * h) / over;
    wetOut[at] = (255 * w) / over;
  };
}

/** A mesh cut finer, with the facet of the coarse one that each of its facets was. */
export interface HalvedMesh extends Mesh {
  readonly origins: Uint32Array;
}

/** The same surface with its long edges halved until none is longer than `most`, or there are `mostFacets`. */
export function halveLongEdges({ positions, indices }: Mesh, most: number, mostFacets: number): HalvedMesh {
  const places: number[] = Array.from(positions);
  let facets: number[] = Array.from(indices);
  let origins: number[] = Array.from({ length: indices.length / 3 }, (_, facet) => facet);
  const middles = new Map<number, number>();
  const squareOf = (a: number, b: number): number => {
    const dx = (places[a * 3] as number) - (places[b * 3] as number);
    const dy = (places[a * 3 + 1] as number) - (places[b * 3 + 1] as number);
    const dz = (places[a * 3 + 2] as number) - (places[b * 3 + 2] as number);
    return dx * dx + dy * dy + dz * dz;
  };
  const middleOf = (a: number, b: number): number => {
    const key = Math.min(a, b) * 67_108_864 + Math.max(a, b);
    const known = middles.get(key);
    if (known !== undefined) return known;
    const vertex = places.length / 3;
    for (let axis = 0; axis < 3; axis += 1) places.push(((places[a * 3 + axis] as number) + (places[b * 3 + axis] as number)) / 2);
    middles.set(key, vertex);
    return vertex;
  };
  const limit = most * most;
  for (let isDone = false; !isDone && facets.length / 3 < mostFacets;) {
    isDone = true;
    const next: number[] = [];
    const from: number[] = [];
    for (let at = 0; at < facets.length; at += 3) {
      const [a, b, c] = [facets[at] as number, facets[at + 1] as number, facets[at + 2] as number];
      const [ab, bc, ca] = [squareOf(a, b), squareOf(b, c), squareOf(c, a)];
      const longest = Math.max(ab, bc, ca);
      const origin = origins[at / 3] as number;
      from.push(origin);
      if (longest <= limit) {
        next.push(a, b, c);
        continue;
      }
      isDone = false;
      from.push(origin);
      // A neighbour halves the same edge at the same middle, so no crack opens.
      if (longest === ab) {
        const middle = middleOf(a, b);
        next.push(a, middle, c, middle, b, c);
      } else if (longest === bc) {
        const middle = middleOf(b, c);
        next.push(a, b, middle, a, middle, c);
      } else {
        const middle = middleOf(c, a);
        next.push(a, b, middle, middle, b, c);
      }
    }
    facets = next;
    origins = from;
  }
  return { positions: Float32Array.from(places), indices: Uint32Array.from(facets), origins: Uint32Array.from(origins) };
}
