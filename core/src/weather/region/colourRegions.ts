import { measureFacets } from '../../surface/mesh/facetGeometry';
import type { Mesh } from '../../surface/mesh/mesh';
import { findEdges } from '../../surface/mesh/meshEdges';
import type { Vector } from '../../surface/mesh/vector';
import type { LaidStencil, RegionStencil } from './laidStencil';
import { isOpenAt, layStencil } from './laidStencil';
import { nearestFacet } from '../places/nearestFacet';
import type { SamplePoints } from '../places/samplePoints';

/** A region of another colour, as it is pointed at: what a mask left open. */
export interface RegionPin {
  /** on the surface, mm */
  readonly place: Vector;
  /** where the surface bends by more than this the region ends, degrees */
  readonly edgeDegrees: number;
  /** it reaches no further from its place than this, mm; null: to its edges alone */
  readonly reachMillimetres: number | null;
  /** within that, it was sprayed through this only; null: all of it is open */
  readonly stencil: RegionStencil | null;
}

/** More regions than this are not told apart: each has a bit of one byte. */
export const MOST_COLOUR_REGIONS = 8;
/** The edge at which a mask usually ends (guessed): beads and steps are sharper, curved faces cut into facets bend less. */
export const USUAL_EDGE_DEGREES = 25;

/**
 * The facets each region reaches: from the facet nearest to its place over every edge where the surface bends by no more than its edge. How far it
 * reaches from its place is not asked here.
 *
 * @param mesh welded, so that facets that meet share their vertices
 * @param pins at most {@link MOST_COLOUR_REGIONS}; the rest is passed over
 * @returns a byte for each facet; bit n: region n reaches it
 */
export function facetsOfRegions(mesh: Mesh, pins: readonly RegionPin[]): Uint8Array {
  const facets = mesh.indices.length / 3;
  const reached = new Uint8Array(facets);
  if (pins.length === 0) return reached;
  const { normals, areas } = measureFacets(mesh, false);
  const { pairs } = findEdges(mesh);
  const { starts, others } = neighboursOf(pairs, facets);
  const bendOf = (one: number, other: number): number =>
    (normals[one * 3] as number) * (normals[other * 3] as number) +
    (normals[one * 3 + 1] as number) * (normals[other * 3 + 1] as number) +
    (normals[one * 3 + 2] as number) * (normals[other * 3 + 2] as number);
  const stack = new Uint32Array(facets);
  pins.slice(0, MOST_COLOUR_REGIONS).forEach(({ place, edgeDegrees }, region) => {
    const bit = 1 << region;
    const least = Math.cos((edgeDegrees * Math.PI) / 180) - 1e-6;
    const first = nearestFacet(mesh, place);
    if (first < 0) return;
    reached[first] = (reached[first] as number) | bit;
    stack[0] = first;
    for (let depth = 1; depth > 0;) {
      depth -= 1;
      const facet = stack[depth] as number;
      const end = starts[facet + 1] as number;
      for (let at = starts[facet] as number; at < end; at += 1) {
        const other = others[at] as number;
        if (((reached[other] as number) & bit) !== 0) continue;
        // A sliver without an area looks nowhere: it ends nothing.
        const isSliver = areas[facet] === 0 || areas[other] === 0;
        if (!isSliver && bendOf(facet, other) < least) continue;
        reached[other] = (reached[other] as number) | bit;
        stack[depth] = other;
        depth += 1;
      }
    }
  });
  return reached;
}

function neighboursOf(pairs: Uint32Array, facets: number): { readonly starts: Uint32Array; readonly others: Uint32Array } {
  const starts = new Uint32Array(facets + 1);
  for (const facet of pairs) starts[facet + 1] = (starts[facet + 1] as number) + 1;
  for (let facet = 0; facet < facets; facet += 1) starts[facet + 1] = (starts[facet + 1] as number) + (starts[facet] as number);
  const places = starts.slice(0, facets);
  const others = new Uint32Array(pairs.length);
  for (let at = 0; at < pairs.length; at += 1) {
    const facet = pairs[at] as number;
    others[places[facet] as number] = pairs[at ^ 1] as number;
    places[facet] = (places[facet] as number) + 1;
  }
  return { starts, others };
}

/** The stencils of regions as they lie on the part; null for a region without one. */
export function layStencils(mesh: Mesh, pins: readonly RegionPin[], up: Vector): (LaidStencil | null)[] {
  return pins.map(({ place, stencil }) => stencil && layStencil(mesh, { place, stencil }, up));
}

/**
 * The region each sample point lies in. A later region lies over an earlier one, as it is sprayed.
 *
 * @param reached as {@link facetsOfRegions} has it
 * @param laid as {@link layStencils} has them
 * @returns 0 where none is, else 1 + place of the region
 */
export function regionOfPoints(
  { count, positions, normals, facets }: SamplePoints,
  reached: Uint8Array,
  pins: readonly RegionPin[],
  laid: readonly (LaidStencil | null)[],
): Uint8Array {
  const of = new Uint8Array(count);
  const vectorAt = (list: Float32Array, point: number): Vector => [
    list[point * 3] as number,
    list[point * 3 + 1] as number,
    list[point * 3 + 2] as number,
  ];
  for (let point = 0; point < count; point += 1) {
    const bits = reached[facets[point] as number] as number;
    if (bits === 0) continue;
    for (let region = Math.min(pins.length, MOST_COLOUR_REGIONS) - 1; region >= 0; region -= 1) {
      const pin = pins[region] as RegionPin;
      if ((bits & (1 << region)) === 0 || !isWithinReach(pin, positions, point * 3)) continue;
      const stencil = laid[region] ?? null;
      if (stencil && !isOpenAt(stencil, vectorAt(positions, point), vectorAt(normals, point))) continue;
      of[point] = region + 1;
      break;
    }
  }
  return of;
}

function isWithinReach({ place: [x, y, z], reachMillimetres }: RegionPin, positions: Float32Array, at: number): boolean {
  if (reachMillimetres === null) return true;
  const dx = (positions[at] as number) - x;
  const dy = (positions[at + 1] as number) - y;
  const dz = (positions[at + 2] as number) - z;
  return dx * dx + dy * dy + dz * dz <= reachMillimetres * reachMillimetres;
}

/** Share of the area in each region: the first is what lies in none. */
export function regionShares(of: Uint8Array, regions: number): number[] {
  const counts = Array.from({ length: regions + 1 }, () => 0);
  for (const region of of) counts[region] = (counts[region] ?? 0) + 1;
  return counts.map((count) => count / Math.max(1, of.length));
}
