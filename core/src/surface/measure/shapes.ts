import type { PrintSetup, RidgeBand, ZoneSum } from './layerRidges';
import type { ZoneId } from './zones';
import { BAND_EDGES, ridgeMicrometres, zoneOf } from './layerRidges';
import { ZONES } from './zones';

/** Shapes a part without a mesh may be near to. */
export type ShapeId = 'box' | 'cylinder' | 'dome' | 'ball' | 'plate' | 'organic';

/** Length, breadth and height as it stood on the printer, mm. */
export type PartSize = readonly [length: number, breadth: number, height: number];

/** Area whose normals are spread evenly between two cosines with the way up. */
interface Face {
  readonly areaSquareMillimetres: number;
  readonly from: number;
  readonly to: number;
  readonly isOnBed: boolean;
}

/** A shape with its faces in closed form. */
export interface PartShape {
  readonly id: ShapeId;
  readonly name: string;
  readonly formula: string;
  readonly faces: (size: PartSize) => readonly Face[];
}

const face = (areaSquareMillimetres: number, from: number, to = from, isOnBed = false): Face => ({
  areaSquareMillimetres,
  from,
  to,
  isOnBed,
});

/**
 * All shapes. On a ball equal bands of height own equal areas (Archimedes), so its cosines are spread evenly; where length and breadth differ,
 * the round ones take their geometric mean. An organic part is taken as a ball's spread over the surface of its box's ellipsoid (Knud Thomsen's
 * formula, from memory).
 */
export const SHAPES: readonly PartShape[] = [
  {
    id: 'box',
    name: 'Box',
    formula: '2 · (l · b + l · h + b · h)',
    faces: ([l, b, h]) => [face(l * b, -1, -1, true), face(l * b, 1), face(2 * h * (l + b), 0)],
  },
  {
    id: 'cylinder',
    name: 'Upright cylinder',
    formula: 'π · d · h + π · d² / 2',
    faces: ([l, b, h]) => {
      const d = Math.sqrt(l * b);
      return [face((Math.PI * d * d) / 4, -1, -1, true), face((Math.PI * d * d) / 4, 1), face(Math.PI * d * h, 0)];
    },
  },
  {
    id: 'dome',
    name: 'Dome on its rim',
    formula: '2 · π · r · h over the cap, walls below it where it is taller than half its width, and its foot',
    faces: ([l, b, h]) => {
      const r = Math.sqrt(l * b) / 2;
      const cap = Math.min(h, r);
      // The ball whose cap of this height stands on a circle of radius r.
      const ball = (r * r + cap * cap) / (2 * cap);
      return [
        face(Math.PI * r * r, -1, -1, true),
        face(2 * Math.PI * ball * cap, Math.max(0, (ball - cap) / ball), 1),
        ...(h > r ? [face(2 * Math.PI * r * (h - r), 0)] : []),
      ];
    },
  },
  {
    id: 'ball',
    name: 'Ball',
    formula: 'π · d²',
    faces: ([l, b, h]) => [face(Math.PI * (l * b * h) ** (2 / 3), -1, 1)],
  },
  {
    id: 'plate',
    name: 'Flat plate',
    formula: '2 · l · b + 2 · h · (l + b)',
    faces: ([l, b, h]) => [face(l * b, -1, -1, true), face(l * b, 1), face(2 * h * (l + b), 0)],
  },
  {
    id: 'organic',
    name: 'Curved all over',
    formula: 'ellipsoid, Thomsen: 4 π · (((ab)^1.6075 + (ac)^1.6075 + (bc)^1.6075) / 3)^(1/1.6075)',
    faces: ([l, b, h]) => {
      const p = 1.6075;
      const [x, y, z] = [l / 2, b / 2, h / 2];
      return [face(4 * Math.PI * (((x * y) ** p + (x * z) ** p + (y * z) ** p) / 3) ** (1 / p), -1, 1)];
    },
  },
];

/** What a shape says of a part, as a mesh would. */
export interface ShapeSurvey {
  readonly areaSquareMillimetres: number;
  readonly meanMicrometres: number;
  readonly p95Micrometres: number;
  readonly maxMicrometres: number;
  readonly zoneSums: readonly ZoneSum[];
  readonly bands: readonly RidgeBand[];
}

const SLICES = 400;

/**
 * Area and ridges of a part from its size and shape alone.
 *
 * @throws RangeError for an unknown shape or a side that is not above 0
 */
export function surveyShape(id: ShapeId, size: PartSize, setup: Pick<PrintSetup, 'layerMillimetres' | 'beadShare'>): ShapeSurvey {
  const shape = SHAPES.find((entry) => entry.id === id);
  if (!shape) throw new RangeError(`unknown shape: ${String(id)}`);
  if (!size.every((side) => side > 0 && Number.isFinite(side))) throw new RangeError(`sides must be above 0, got ${size.join(' × ')}`);
  const slices = shape.faces(size).flatMap(({ areaSquareMillimetres, from, to, isOnBed }) => {
    const count = from === to ? 1 : SLICES;
    return Array.from({ length: count }, (_, at) => {
      const cosine = from + ((at + 0.5) / count) * (to - from);
      return { area: areaSquareMillimetres / count, ridge: ridgeMicrometres(cosine, setup, isOnBed), zone: zoneOf(cosine, isOnBed) };
    });
  });
  const sum = (list: readonly Slice[]): Omit<ZoneSum, 'zone'> & { readonly maxMicrometres: number } => sumSlices(list);
  const whole = sum(slices);
  return {
    ...whole,
    zoneSums: ZONES.flatMap(({ id: zone }) => {
      const own = slices.filter((slice) => slice.zone === zone);
      if (own.length === 0) return [];
      const { areaSquareMillimetres, meanMicrometres, p95Micrometres } = sum(own);
      return [{ zone, areaSquareMillimetres, meanMicrometres, p95Micrometres }];
    }),
    bands: [0, ...BAND_EDGES].map((fromMicrometres, band) => {
      const toMicrometres = BAND_EDGES[band] ?? null;
      const own = slices.filter((slice) => slice.ridge >= fromMicrometres && slice.ridge < (toMicrometres ?? Infinity));
      return { fromMicrometres, toMicrometres, areaSquareMillimetres: own.reduce((area, slice) => area + slice.area, 0) };
    }),
  };
}

interface Slice {
  readonly area: number;
  readonly ridge: number;
  readonly zone: ZoneId;
}

function sumSlices(slices: readonly Slice[]) {
  const areaSquareMillimetres = slices.reduce((sum, slice) => sum + slice.area, 0);
  const rising = slices.toSorted((a, b) => a.ridge - b.ridge);
  let below = 0;
  const p95 = rising.find((slice) => (below += slice.area) >= 0.95 * areaSquareMillimetres - 1e-9);
  return {
    areaSquareMillimetres,
    meanMicrometres: slices.reduce((sum, slice) => sum + slice.area * slice.ridge, 0) / areaSquareMillimetres,
    p95Micrometres: p95?.ridge ?? 0,
    maxMicrometres: rising.at(-1)?.ridge ?? 0,
  };
}
