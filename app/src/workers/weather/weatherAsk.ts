import type { MeshFormat } from '@zinc-ladder/core/surface/mesh/mesh';
import type { PartSize, ShapeId } from '@zinc-ladder/core/surface/measure/shapes';
import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import type { RegionPin } from '@zinc-ladder/core/weather/region/colourRegions';

/** A part to be rehearsed on: its mesh, or its shape where it has none. */
export interface WeatherAsk {
  /** changes with the file, its unit and scale */
  readonly key: string;
  readonly mesh: { readonly format: MeshFormat; readonly millimetres: number } | null;
  readonly shape: { readonly id: ShapeId; readonly size: PartSize } | null;
  readonly up: Vector;
  readonly heldPins: readonly Vector[];
  readonly runPins: readonly Vector[];
  /** the same, as other parts of its prop lend them */
  readonly lent: { readonly held: readonly Vector[]; readonly runs: readonly Vector[] };
  /** where it has another colour; a later region lies over an earlier one */
  readonly regionPins: readonly AskedRegion[];
}

/** A region as it is asked for: its stencil by its lines. */
export interface AskedRegion extends Omit<RegionPin, 'stencil'> {
  readonly stencil: AskedStencil | null;
}

/** A stencil as it is kept. */
export interface AskedStencil {
  /** changes with its lines */
  readonly key: string;
  readonly outline: string;
  readonly millimetresPerUnit: number;
  readonly turnDegrees: number;
}

/** What is asked of a surface, as a name: lines of stencils are long and named by their key. */
export function nameOfAsk({ regionPins, ...ask }: WeatherAsk): string {
  return JSON.stringify([ask, regionPins.map(({ stencil, ...pin }) => [pin, stencil && { ...stencil, outline: '' }])]);
}
