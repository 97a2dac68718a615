import type { FacetGeometry } from '../mesh/facetGeometry';
import { boxSize } from '../mesh/facetGeometry';
import type { PrintSetup } from './layerRidges';
import { ridgeMicrometres } from './layerRidges';
import type { Mesh } from '../mesh/mesh';
import type { Vector } from '../mesh/vector';
import { dot, unit } from '../mesh/vector';

/** How a part would come out, printed in some direction. */
export interface DirectionScore {
  readonly up: Vector;
  /** ridge over what is seen, weighed by area, scars of supports counted, µm */
  readonly seenMicrometres: number;
  /** faces that must be held up, mm² */
  readonly supportSquareMillimetres: number;
  /** what lies on the bed, mm² */
  readonly bedSquareMillimetres: number;
  /** height as printed, mm */
  readonly heightMillimetres: number;
}

/** The direction there is and better ones, best first. */
export interface DirectionSearch {
  readonly present: DirectionScore;
  /** at most three, at least 15° apart */
  readonly better: readonly DirectionScore[];
  readonly tried: number;
}

/** Faces flatter than 45° that look down are held up (common practice). */
const OVERHANG = -Math.SQRT1_2;
/** What a support leaves on the face it held, share of the layer on top of the ridge; guessed. */
const SUPPORT_SCAR = 1;
const DIRECTIONS = 400;
/** Normals are gathered in cells of about 1.4° before directions are tried. */
const CELLS = 128;
const KEPT = 12;
const APART = Math.cos((15 * Math.PI) / 180);
/** Less than this is no better direction, µm. */
const LEAST_GAIN = 1;

/**
 * Searches the directions a part could be printed in for the least ridge on what is seen; supports scar what they touch. First all directions
 * by the part's normals gathered in cells, evenly over the sphere and along the normals that own most area; then the best again by every facet.
 *
 * @param seen weight of each facet, 0 hidden … 1 seen; null: all are
 */
export function searchPrintDirection(
  mesh: Mesh,
  geometry: FacetGeometry,
  setup: PrintSetup,
  seen: Float32Array | null = null,
): DirectionSearch {
  const cells = gatherNormals(geometry, seen);
  const largest = [...cells].sort((a, b) => b.area - a.area).slice(0, 24);
  const tried = [
    ...spreadDirections(),
    ...largest.map((cell) => cell.normal),
    ...largest.map(({ normal: [x, y, z] }): Vector => [-x, -y, -z]),
  ];
  const rough = tried.map((up) => ({ up, score: scoreCells(cells, up, setup) })).sort((a, b) => a.score - b.score);
  const present = scoreDirection(mesh, geometry, { ...setup, up: unit(setup.up) }, seen);
  const scored = spreadApart(
    rough.map(({ up }) => up),
    KEPT,
  )
    .map((up) => scoreDirection(mesh, geometry, { ...setup, up }, seen))
    .filter((score) => present.seenMicrometres - score.seenMicrometres > LEAST_GAIN)
    .sort((a, b) => a.seenMicrometres - b.seenMicrometres);
  return { present, better: scored.slice(0, 3), tried: tried.length };
}

/** How a part comes out in one direction, by every facet. */
export function scoreDirection(mesh: Mesh, geometry: FacetGeometry, setup: PrintSetup, seen: Float32Array | null): DirectionScore {
  const [ux, uy, uz] = setup.up;
  const { positions, indices } = mesh;
  let lowest = Infinity;
  let highest = -Infinity;
  for (let at = 0; at + 2 < positions.length; at += 3) {
    const height = (positions[at] ?? 0) * ux + (positions[at + 1] ?? 0) * uy + (positions[at + 2] ?? 0) * uz;
    if (height < lowest) lowest = height;
    if (height > highest) highest = height;
  }
  const bedTop = lowest + Math.max(0.02, setup.layerMillimetres / 2);
  const { normals, areas } = geometry;
  let weight = 0;
  let weighed = 0;
  let support = 0;
  let bed = 0;
  for (let facet = 0; facet < areas.length; facet += 1) {
    const area = areas[facet] ?? 0;
    if (area === 0) continue;
    const at = facet * 3;
    const cosine = (normals[at] ?? 0) * ux + (normals[at + 1] ?? 0) * uy + (normals[at + 2] ?? 0) * uz;
    let isOnBed = false;
    if (cosine < -0.999) {
      const vertex = (indices[at] ?? 0) * 3;
      isOnBed = (positions[vertex] ?? 0) * ux + (positions[vertex + 1] ?? 0) * uy + (positions[vertex + 2] ?? 0) * uz <= bedTop;
    }
    const isHeld = !isOnBed && cosine < OVERHANG;
    const isSeen = seen ? (seen[facet] ?? 0) : 1;
    weight += area * isSeen;
    weighed += area * isSeen * (ridgeMicrometres(cosine, setup, isOnBed) + (isHeld ? SUPPORT_SCAR * setup.layerMillimetres * 1000 : 0));
    if (isHeld) support += area;
    if (isOnBed) bed += area;
  }
  return {
    up: setup.up,
    seenMicrometres: weight > 0 ? weighed / weight : 0,
    supportSquareMillimetres: support,
    bedSquareMillimetres: bed,
    heightMillimetres: Number.isFinite(highest - lowest) ? highest - lowest : Math.max(...boxSize(geometry.boundingBox)),
  };
}

interface NormalCell {
  readonly normal: Vector;
  readonly area: number;
  readonly seenArea: number;
}

/** Normals by cell of the octahedron unfolded to a square. */
function gatherNormals({ normals, areas }: FacetGeometry, seen: Float32Array | null): NormalCell[] {
  const sums = new Float64Array(CELLS * CELLS * 5);
  for (let facet = 0; facet < areas.length; facet += 1) {
    const area = areas[facet] ?? 0;
    if (area === 0) continue;
    const at = facet * 3;
    const x = normals[at] ?? 0;
    const y = normals[at + 1] ?? 0;
    const z = normals[at + 2] ?? 0;
    const taxi = Math.abs(x) + Math.abs(y) + Math.abs(z);
    let u = x / taxi;
    let v = y / taxi;
    if (z < 0) [u, v] = [(1 - Math.abs(v)) * (u >= 0 ? 1 : -1), (1 - Math.abs(u)) * (v >= 0 ? 1 : -1)];
    const column = Math.min(CELLS - 1, Math.floor(((u + 1) / 2) * CELLS));
    const row = Math.min(CELLS - 1, Math.floor(((v + 1) / 2) * CELLS));
    const cell = (row * CELLS + column) * 5;
    sums[cell] = (sums[cell] ?? 0) + area * x;
    sums[cell + 1] = (sums[cell + 1] ?? 0) + area * y;
    sums[cell + 2] = (sums[cell + 2] ?? 0) + area * z;
    sums[cell + 3] = (sums[cell + 3] ?? 0) + area;
    sums[cell + 4] = (sums[cell + 4] ?? 0) + area * (seen ? (seen[facet] ?? 0) : 1);
  }
  const cells: NormalCell[] = [];
  for (let cell = 0; cell < sums.length; cell += 5) {
    const area = sums[cell + 3] ?? 0;
    const sum: Vector = [sums[cell] ?? 0, sums[cell + 1] ?? 0, sums[cell + 2] ?? 0];
    if (area > 0 && Math.hypot(...sum) > 0) cells.push({ normal: unit(sum), area, seenArea: sums[cell + 4] ?? 0 });
  }
  return cells;
}

function scoreCells(cells: readonly NormalCell[], up: Vector, setup: PrintSetup): number {
  let weight = 0;
  let weighed = 0;
  let lowest = 0;
  for (const { normal, seenArea } of cells) {
    const cosine = dot(normal, up);
    weight += seenArea;
    const ridge = ridgeMicrometres(cosine, setup);
    const scar = cosine < OVERHANG ? SUPPORT_SCAR * setup.layerMillimetres * 1000 : 0;
    weighed += seenArea * (ridge + scar);
    // One level face down may be the bed: the largest is let off, every facet decides later.
    if (cosine < -0.9998) lowest = Math.max(lowest, seenArea * (ridge + scar));
  }
  return weight > 0 ? (weighed - lowest) / weight : 0;
}

/** Directions evenly over the sphere (Fibonacci lattice). */
function spreadDirections(): Vector[] {
  return Array.from({ length: DIRECTIONS }, (_, at): Vector => {
    const z = 1 - (2 * at + 1) / DIRECTIONS;
    const radius = Math.sqrt(1 - z * z);
    const angle = Math.PI * (3 - Math.sqrt(5)) * at;
    return [radius * Math.cos(angle), radius * Math.sin(angle), z];
  });
}

function spreadApart(directions: readonly Vector[], most: number): Vector[] {
  const kept: Vector[] = [];
  for (const direction of directions) {
    if (kept.length >= most) break;
    if (kept.every((other) => dot(other, direction) < APART)) kept.push(direction);
  }
  return kept;
}
