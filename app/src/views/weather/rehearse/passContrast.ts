import type { Lab } from '@zinc-ladder/core/colour/lab';
import { paintOf } from '@zinc-ladder/core/colour/paint';
import { contrastOver } from '@zinc-ladder/core/weather/seen/willItShow';
import type { Weather } from '../useWeather';

/** What a pass's paint does over one of a part's colours. */
export interface ColourContrast {
  /** name of the paint under it; null where it has none */
  readonly over: string | null;
  readonly base: Lab;
  /** ΔE00 of the pass's paint, as it usually lies, over that */
  readonly contrast: number;
}

type Coloured = Pick<Weather, 'bases' | 'colours' | 'mirrored' | 'passes'>;

/** A pass over each colour of the part, where no region is first; empty: there is no such pass, or none of it is laid. */
export function contrastsOf({ bases, colours, mirrored, passes }: Coloured, at: number): ColourContrast[] {
  const pass = passes[at];
  if (!pass || pass.amount === 0) return [];
  return bases.map((base, region) => {
    const lab = region === 0 ? pass.lab : (pass.labIn?.[region - 1] ?? pass.lab);
    const paint = { paint: paintOf('asked', lab, 1, mirrored), scatterPerCoat: pass.scatterPerCoat };
    return {
      over: region === 0 ? colours.name : (colours.regions[region - 1]?.name ?? null),
      base,
      contrast: contrastOver(paint, base, undefined, mirrored),
    };
  });
}

/** A pass over the colour of the part it differs most from; null: there is no such pass, or none of it is laid. */
export function mostContrast(weather: Coloured, at: number): ColourContrast | null {
  return contrastsOf(weather, at).reduce<ColourContrast | null>((most, one) => (most && most.contrast >= one.contrast ? most : one), null);
}
