import { lightOfScreen } from '@zinc-ladder/core/colour/screenLight';

/** What a mesh is painted by. */
export type HeatId = 'ridges' | 'recess' | 'wall';

/** A ramp of bands, least to most, with where one ends and the next begins. */
export interface Heat {
  readonly id: HeatId;
  readonly name: string;
  readonly unit: string;
  readonly edges: readonly number[];
  /** the first band is the worst: thin walls */
  readonly isWorstFirst: boolean;
  readonly why: string;
}

/** All heats. */
export const HEATS: readonly Heat[] = [
  {
    id: 'ridges',
    name: 'Layer ridges',
    unit: 'µm',
    edges: [10, 25, 50, 100, 150],
    isWorstFirst: false,
    why: 'height of the steps that layers leave, t · |cos θ|, never less than a bead’s',
  },
  {
    id: 'recess',
    name: 'Recess',
    unit: '%',
    edges: [5, 20, 40, 60, 80],
    isWorstFirst: false,
    why: 'share of the half-sky over a face that other faces cover: where hands, paper and spray reach badly',
  },
  {
    id: 'wall',
    name: 'Walls',
    unit: 'mm',
    edges: [0.8, 1.2, 2, 3, 5],
    isWorstFirst: true,
    why: 'way from a face straight in to the other side: thin walls flex and are sanded through',
  },
];

/** The heat of that id. */
export function findHeat(id: HeatId): Heat {
  const found = HEATS.find((heat) => heat.id === id);
  if (!found) throw new RangeError(`unknown heat: ${String(id)}`);
  return found;
}

/** The band a value falls into, 0 … edges. */
export function bandOf(heat: Heat, value: number): number {
  const band = heat.edges.findIndex((edge) => value < edge);
  return band === -1 ? heat.edges.length : band;
}

/** `10–25 µm`, `150 µm and more`, or the same in the unit it is shown in. */
export function bandName(heat: Heat, band: number, unit: string = heat.unit, shown: (edge: number) => string = String): string {
  const [from, to] = [heat.edges[band - 1], heat.edges[band]].map((edge) => (edge === undefined ? undefined : shown(edge)));
  if (from === undefined) return `under ${to} ${unit}`;
  return to === undefined ? `${from} ${unit} and more` : `${from}–${to} ${unit}`;
}

/** Neutrals from almost the sheet to almost the ink: paint is judged beside them. */
const RAMP = [232, 205, 172, 132, 88, 44] as const;

/** The grey of a band, 0–255; the worst is darkest. */
export function greyOf(heat: Heat, band: number): number {
  return RAMP[heat.isWorstFirst ? heat.edges.length - band : band] ?? 128;
}

/** What a value is times to be shown in the heat's unit: shares are kept as 0 … 1 and shown in per cent. */
export function shownTimes(id: HeatId): number {
  return id === 'recess' ? 100 : 1;
}

/** The same grey in linear light, as graphics cards want it: 0–255 by IEC 61966-2-1. */
export function linearGrey(grey: number): number {
  return Math.round(255 * lightOfScreen(grey));
}

/** Red, green, blue of each of three corners a facet, 0–255 in linear light; length 9 × facets. Made where the mesh is measured, not where it is shown. */
export function paintCorners(id: HeatId, values: Float32Array): Uint8Array<ArrayBuffer> {
  const heat = findHeat(id);
  const times = shownTimes(id);
  const greys = Array.from({ length: heat.edges.length + 1 }, (_, band) => linearGrey(greyOf(heat, band)));
  const colours = new Uint8Array(values.length * 9);
  for (let facet = 0; facet < values.length; facet += 1)
    colours.fill(greys[bandOf(heat, (values[facet] as number) * times)] as number, facet * 9, facet * 9 + 9);
  return colours;
}
