import type { Material } from '../../ladder/materials';
import type { FacetGeometry } from '../mesh/facetGeometry';
import type { Mesh } from '../mesh/mesh';
import type { Vector } from '../mesh/vector';
import { unit } from '../mesh/vector';
import type { ZoneId } from './zones';
import { ZONES } from './zones';

/** How a part was printed, as far as its surface goes. */
export interface PrintSetup {
  /** mm */
  readonly layerMillimetres: number;
  /** direction in which layers were stacked, in the mesh's own axes */
  readonly up: Vector;
  /** ridge that a bead leaves even on a wall, share of the layer: 0.1 for filament, 0.02 for resin (common practice) */
  readonly beadShare: number;
}

/** Ridge of a bead on a wall as a share of the layer height (common practice). */
export function beadShareOf(material: Pick<Material, 'isResin'>): number {
  return material.isResin ? 0.02 : 0.1;
}

/** Closer to level than this a face is one layer and has no steps, cosine of 1°. */
const LEVEL = Math.cos(Math.PI / 180);
/** Steeper than this up or down is a wall, cosine: 78.5°. */
const WALL = 0.2;
/** Between dome and shoulder, cosine: 53°. */
const DOME = 0.6;

/** Height of layer ridges on every facet. */
export interface LayerRidges {
  /** µm */
  readonly ridges: Float32Array;
  /** place in ZONES */
  readonly zones: Uint8Array;
  readonly meanMicrometres: number;
  /** 95 % of the area is smoother */
  readonly p95Micrometres: number;
  readonly maxMicrometres: number;
  readonly bands: readonly RidgeBand[];
  readonly zoneSums: readonly ZoneSum[];
}

/** Area whose ridges lie between two heights. */
export interface RidgeBand {
  readonly fromMicrometres: number;
  /** null: and more */
  readonly toMicrometres: number | null;
  readonly areaSquareMillimetres: number;
}

/** A zone with what was found in it; zones without area are left out. */
export interface ZoneSum {
  readonly zone: ZoneId;
  readonly areaSquareMillimetres: number;
  readonly meanMicrometres: number;
  readonly p95Micrometres: number;
}

/** Where one band of roughness ends and the next begins, µm. */
export const BAND_EDGES = [10, 25, 50, 100, 150] as const;
const STEPS = 2000;

/**
 * Ridge of a face: `c = t · |cos θ|` (Dolenc and Mäkelä 1994, from memory), never less than what a bead leaves. A level face is one layer:
 * it has no steps; on the bed it has no ridge at all.
 *
 * @param cosine of the angle between the face's normal and the way up, −1 … 1
 * @param isOnBed level, facing down, at the lowest point
 * @returns µm
 */
export function ridgeMicrometres(cosine: number, setup: Pick<PrintSetup, 'layerMillimetres' | 'beadShare'>, isOnBed = false): number {
  const steep = Math.abs(cosine);
  if (isOnBed) return 0;
  const share = steep >= LEVEL ? setup.beadShare : Math.max(steep, setup.beadShare);
  return 1000 * setup.layerMillimetres * share;
}

/** The zone of a face by the cosine of its normal with the way up. */
export function zoneOf(cosine: number, isOnBed: boolean): ZoneId {
  if (isOnBed) return 'bed';
  if (Math.abs(cosine) >= LEVEL) return 'flat';
  if (cosine >= DOME) return 'dome';
  if (cosine >= WALL) return 'shoulder';
  return cosine > -WALL ? 'wall' : 'overhang';
}

/**
 * Layer ridges of every facet, with their sums by area.
 *
 * @throws RangeError for a direction that is none or a layer outside 0–5 mm
 */
export function findLayerRidges(mesh: Mesh, geometry: FacetGeometry, setup: PrintSetup): LayerRidges {
  const { layerMillimetres, beadShare } = setup;
  if (!(layerMillimetres >= 0 && layerMillimetres <= 5)) throw new RangeError(`a layer of ${layerMillimetres} mm is not printed`);
  const [ux, uy, uz] = unit(setup.up);
  const { normals, areas } = geometry;
  const facets = areas.length;
  const bed = lowestAlong(mesh.positions, [ux, uy, uz]) + Math.max(0.02, layerMillimetres / 2);
  const ridges = new Float32Array(facets);
  const zones = new Uint8Array(facets);
  const highest = Math.max(1e-9, layerMillimetres * 1000);
  // Areas by height, so that shares of the area come without sorting millions of facets.
  const counts = ZONES.map(() => new Float64Array(STEPS + 1));
  const sums = ZONES.map(() => ({ area: 0, weighed: 0 }));
  const bandAreas: number[] = new Array<number>(BAND_EDGES.length + 1).fill(0);
  let max = 0;
  for (let facet = 0; facet < facets; facet += 1) {
    const at = facet * 3;
    const area = areas[facet] ?? 0;
    const cosine = (normals[at] ?? 0) * ux + (normals[at + 1] ?? 0) * uy + (normals[at + 2] ?? 0) * uz;
    const isOnBed = cosine <= -LEVEL && heightOf(mesh, facet, ux, uy, uz) <= bed;
    const ridge = ridgeMicrometres(cosine, { layerMillimetres, beadShare }, isOnBed);
    const zone = ZONE_PLACE[zoneOf(cosine, isOnBed)];
    ridges[facet] = ridge;
    zones[facet] = zone;
    if (area === 0) continue;
    if (ridge > max) max = ridge;
    const sum = sums[zone];
    const count = counts[zone];
    const step = Math.min(STEPS, Math.round((ridge / highest) * STEPS));
    if (sum && count) {
      sum.area += area;
      sum.weighed += area * ridge;
      count[step] = (count[step] ?? 0) + area;
    }
    let band = 0;
    while (band < BAND_EDGES.length && ridge >= (BAND_EDGES[band] ?? 0)) band += 1;
    bandAreas[band] = (bandAreas[band] ?? 0) + area;
  }
  const all = new Float64Array(STEPS + 1);
  for (const count of counts) count.forEach((area, step) => (all[step] = (all[step] ?? 0) + area));
  const total = sums.reduce((sum, entry) => sum + entry.area, 0);
  return {
    ridges,
    zones,
    meanMicrometres: total > 0 ? sums.reduce((sum, entry) => sum + entry.weighed, 0) / total : 0,
    p95Micrometres: Math.min(max, shareOf(all, 0.95) * highest),
    maxMicrometres: max,
    bands: bandAreas.map((areaSquareMillimetres, band) => ({
      fromMicrometres: BAND_EDGES[band - 1] ?? 0,
      toMicrometres: BAND_EDGES[band] ?? null,
      areaSquareMillimetres,
    })),
    zoneSums: ZONES.flatMap(({ id }, place) => {
      const sum = sums[place];
      const count = counts[place];
      if (!sum || !count || sum.area === 0) return [];
      return [
        {
          zone: id,
          areaSquareMillimetres: sum.area,
          meanMicrometres: sum.weighed / sum.area,
          p95Micrometres: shareOf(count, 0.95) * highest,
        },
      ];
    }),
  };
}

const ZONE_PLACE = Object.fromEntries(ZONES.map(({ id }, place) => [id, place])) as Readonly<Record<ZoneId, number>>;

function lowestAlong(positions: Float32Array, [ux, uy, uz]: Vector): number {
  let lowest = Infinity;
  for (let at = 0; at + 2 < positions.length; at += 3) {
    const height = (positions[at] ?? 0) * ux + (positions[at + 1] ?? 0) * uy + (positions[at + 2] ?? 0) * uz;
    if (height < lowest) lowest = height;
  }
  return lowest;
}

function heightOf({ positions, indices }: Mesh, facet: number, ux: number, uy: number, uz: number): number {
  const at = (indices[facet * 3] ?? 0) * 3;
  return (positions[at] ?? 0) * ux + (positions[at + 1] ?? 0) * uy + (positions[at + 2] ?? 0) * uz;
}

/** The height, 0 … 1, below which a share of the area lies. */
function shareOf(areas: Float64Array, share: number): number {
  let total = 0;
  for (const area of areas) total += area;
  let sum = 0;
  for (let step = 0; step < areas.length; step += 1) {
    sum += areas[step] ?? 0;
    if (total > 0 && sum >= share * total) return step / STEPS;
  }
  return 0;
}
