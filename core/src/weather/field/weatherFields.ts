import type { Mesh } from '../../surface/mesh/mesh';
import type { Vector } from '../../surface/mesh/vector';
import { unit } from '../../surface/mesh/vector';
import type { RayTree } from '../../surface/mesh/rayTree';
import { buildRayTree } from '../../surface/mesh/rayTree';
import type { OnProgress } from '../../surface/measure/recess';
import { boxRound, boxSize } from '../../surface/mesh/facetGeometry';
import type { RegionPin } from '../region/colourRegions';
import { facetsOfRegions, layStencils, regionOfPoints } from '../region/colourRegions';
import { measureConvexity } from './convexity';
import { measureCovered, measureRain } from './covered';
import { nearestPoint, wayFromPins } from './handling';
import type { LaidStencil } from '../region/laidStencil';
import { mendForWeather } from '../places/mendForWeather';
import type { NearPoints } from '../places/nearPoints';
import { findNearPoints } from '../places/nearPoints';
import { CROSSED_SEAM, prepareRunOff, wetByRuns } from './runOff';
import type { SamplePoints } from '../places/samplePoints';
import { spreadPoints } from '../places/samplePoints';

/** Places of a surface with what weather meets there: one value a place for each cause. */
export interface PlaceFields {
  readonly count: number;
  /** x, y, z, mm */
  readonly positions: Float32Array;
  readonly normals: Float32Array;
  /** share of the half-sky that faces within reach take, 0 … 1 */
  readonly covered: Float32Array;
  /** positive where the surface stands out, negative in corners; about ± 0.4 at right edges */
  readonly convexity: Float32Array;
  /** cosine of the normal with up, −1 … 1 */
  readonly facing: Float32Array;
  /** share of the rain that arrives, 0 … 1 */
  readonly rain: Float32Array;
  /** way along the surface from where it is handled, mm; Infinity where nothing is pinned */
  readonly handled: Float64Array;
  /** share of what runs off from named sources, 0 … 1 */
  readonly wet: Float32Array;
  /** region of another colour it lies in: 0 none, else 1 + place of the region */
  readonly regions: Uint8Array;
}

/** Where weather reaches a part, on sample points of equal area. */
export interface WeatherFields extends PlaceFields {
  /** the surface they lie on, mended */
  readonly mesh: Mesh;
  readonly points: SamplePoints;
  readonly near: NearPoints;
  /** unit */
  readonly up: Vector;
  /** a byte for each facet: bit n says that region n reaches it */
  readonly facetRegions: Uint8Array;
  /** the stencil each region was sprayed through, as it lies; null: through none */
  readonly laid: readonly (LaidStencil | null)[];
}

/** What is known of the part beside its mesh. */
export interface FieldSetup {
  readonly points: number;
  /** how far a face still counts as near, mm */
  readonly reachMillimetres: number;
  readonly seed: number;
  /** the way up as the prop is worn or stands */
  readonly up: Vector;
  /** where hands and other parts rub, mm */
  readonly handlingPins: readonly Vector[];
  /** where water, oil or rust runs from, mm */
  readonly runOffPins: readonly Vector[];
  /** places on other parts of the prop that something runs from, mm in this part's axes; what reaches this part runs on over it */
  readonly runOffFromOthers: readonly Vector[];
  /** where it has another colour; a later region lies over an earlier one */
  readonly regionPins: readonly RegionPin[];
}

/** Sample points that numbers are taken from: shares hold to 0.3 % of the area. */
export const USUAL_POINTS = 50_000;
/** How far dirt looks for a wall, mm (guessed). */
export const USUAL_REACH = 6;
/** Neighbours are gathered within so many spacings: what keeps ways along the surface within 2 %. */
const NEAR_SPACINGS = 2.5;
/** Convexity is taken over so many. */
const CONVEXITY_SPACINGS = 2;
/** Breadth of one run and the way after which half of it is left, mm (guessed). */
const RUN = { breadthMillimetres: 3, lengthMillimetres: 40 } as const;

/** Nothing pinned, up is the z axis. */
export const USUAL_SETUP: FieldSetup = {
  points: USUAL_POINTS,
  reachMillimetres: USUAL_REACH,
  seed: 1,
  up: [0, 0, 1],
  handlingPins: [],
  runOffPins: [],
  runOffFromOthers: [],
  regionPins: [],
};

/** Shares of the whole work that each step takes, for progress. */
const STEPS = { mended: 0.06, spread: 0.1, near: 0.18, tree: 0.26, covered: 0.9 } as const;

/**
 * All fields of a part, on points of equal area. Everything depends on the mesh and the setup only.
 *
 * @throws RangeError for a mesh without an area, or a direction that is none
 */
export function gatherFields(given: Mesh, setup: FieldSetup = USUAL_SETUP, onProgress: OnProgress = () => undefined): WeatherFields {
  const up = unit(setup.up);
  const { mesh } = mendForWeather(given);
  onProgress(STEPS.mended);
  const points = spreadPoints(mesh, setup.points, setup.seed);
  onProgress(STEPS.spread);
  const near = findNearPoints(points, NEAR_SPACINGS * points.spacingMillimetres);
  onProgress(STEPS.near);
  const tree: RayTree = buildRayTree(mesh);
  onProgress(STEPS.tree);
  const covered = measureCovered(points, tree, setup.reachMillimetres, (share) =>
    onProgress(STEPS.tree + share * (STEPS.covered - STEPS.tree)),
  );
  const far = Math.hypot(...boxSize(boxRound(mesh.positions)));
  const rain = measureRain(points, tree, up, far);
  const fields: WeatherFields = {
    mesh,
    points,
    near,
    count: points.count,
    positions: points.positions,
    normals: points.normals,
    covered,
    convexity: measureConvexity(points, near, CONVEXITY_SPACINGS * points.spacingMillimetres),
    facing: facingOf(points, up),
    rain,
    ...pinnedFields({ mesh, points, near, up }, setup),
    up,
  };
  onProgress(1);
  return fields;
}

/** What pins change alone: asked anew when one is set, without casting a ray. */
export function pinnedFields(
  { mesh, points, near, up }: Pick<WeatherFields, 'mesh' | 'points' | 'near' | 'up'>,
  setup: Pick<FieldSetup, 'handlingPins' | 'runOffPins' | 'runOffFromOthers' | 'regionPins'>,
): Pick<WeatherFields, 'handled' | 'wet' | 'regions' | 'facetRegions' | 'laid'> {
  const facetRegions = facetsOfRegions(mesh, setup.regionPins);
  const laid = layStencils(mesh, setup.regionPins, up);
  return {
    facetRegions,
    laid,
    regions: regionOfPoints(points, facetRegions, setup.regionPins, laid),
    handled: wayFromPins(points, near, setup.handlingPins),
    wet: wetFrom(mesh, points, up, setup),
  };
}

function wetFrom(
  mesh: Mesh,
  points: SamplePoints,
  up: Vector,
  { runOffPins, runOffFromOthers }: Pick<FieldSetup, 'runOffPins' | 'runOffFromOthers'>,
): Float32Array {
  const sources = [
    ...runOffPins.map((pin) => nearestPoint(points, pin)),
    ...runOffFromOthers.map((pin) => nearestPoint(points, pin)).filter(({ millimetres }) => millimetres <= CROSSED_SEAM),
  ];
  if (sources.length === 0) return new Float32Array(points.count);
  const runs = prepareRunOff(mesh, [-up[0], -up[1], -up[2]]);
  const ways = sources.map(({ point }) =>
    runs.wayFrom(points.facets[point] as number, [
      points.positions[point * 3] as number,
      points.positions[point * 3 + 1] as number,
      points.positions[point * 3 + 2] as number,
    ]),
  );
  return wetByRuns(points.positions, ways, RUN.breadthMillimetres, RUN.lengthMillimetres);
}

function facingOf({ normals, count }: SamplePoints, [x, y, z]: Vector): Float32Array {
  const facing = new Float32Array(count);
  for (let point = 0; point < count; point += 1)
    facing[point] = (normals[point * 3] as number) * x + (normals[point * 3 + 1] as number) * y + (normals[point * 3 + 2] as number) * z;
  return facing;
}

/** Where a place belongs, first that fits. */
export const WEATHER_ZONES = ['recess', 'edge', 'top', 'side'] as const;
/** Id of such a zone. */
export type WeatherZone = (typeof WEATHER_ZONES)[number];

/** Bounds of the zones, as the fields have them (guessed). */
const ZONE_BOUNDS = { covered: 0.25, corner: -0.15, edge: 0.15, top: 0.7 } as const;

/** Zone of each point as its place in `WEATHER_ZONES`. */
export function zonesOf({ count, covered, convexity, facing }: PlaceFields): Uint8Array {
  const zones = new Uint8Array(count);
  for (let point = 0; point < count; point += 1) {
    const k = convexity[point] as number;
    zones[point] =
      (covered[point] as number) > ZONE_BOUNDS.covered || k < ZONE_BOUNDS.corner
        ? 0
        : k > ZONE_BOUNDS.edge
          ? 1
          : (facing[point] as number) > ZONE_BOUNDS.top
            ? 2
            : 3;
  }
  return zones;
}

/** Share of the area in each zone. */
export function zoneShares(fields: PlaceFields): Readonly<Record<WeatherZone, number>> {
  const counts = [0, 0, 0, 0];
  for (const zone of zonesOf(fields)) counts[zone] = (counts[zone] as number) + 1;
  const share = (zone: number): number => (counts[zone] as number) / fields.count;
  return { recess: share(0), edge: share(1), top: share(2), side: share(3) };
}

/** Every n-th point. The points follow a space-filling curve over the surface, so a subset is spread just as evenly. */
export function thinOut(fields: PlaceFields, every: number): PlaceFields {
  const count = Math.floor((fields.count + every - 1) / every);
  const pick = <T extends Float32Array | Float64Array | Uint8Array>(list: T, width: number, next: T): T => {
    for (let at = 0; at < count; at += 1)
      for (let part = 0; part < width; part += 1) next[at * width + part] = list[at * every * width + part] as number;
    return next;
  };
  const single = (list: Float32Array): Float32Array => pick(list, 1, new Float32Array(count));
  return {
    count,
    positions: pick(fields.positions, 3, new Float32Array(count * 3)),
    normals: pick(fields.normals, 3, new Float32Array(count * 3)),
    covered: single(fields.covered),
    convexity: single(fields.convexity),
    facing: single(fields.facing),
    rain: single(fields.rain),
    handled: pick(fields.handled, 1, new Float64Array(count)),
    wet: single(fields.wet),
    regions: pick(fields.regions, 1, new Uint8Array(count)),
  };
}
