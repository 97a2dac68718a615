import { paintOf } from '@zinc-ladder/core/colour/paint';
import { contrastOver } from '@zinc-ladder/core/weather/seen/willItShow';
import type { Weather } from '../useWeather';

/** What a pass's paint does over one of a part's colours. */
export interface ColourContrast {
  /** name of the paint under it; null where it has none */
  readonly over: string | null;
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
      contrast: contrastOver(paint, base, undefined, mirrored),
    };
  });
}

/** The most a pass differs from any colour of the part it lies on; null: there is no such pass, or none of it is laid. */
export function passContrast(weather: Coloured, at: number): number | null {
  const contrasts = contrastsOf(weather, at).map(({ contrast }) => contrast);
  return contrasts.length === 0 ? null : Math.max(...contrasts);
}
