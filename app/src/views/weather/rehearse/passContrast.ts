import { paintOf } from '@zinc-ladder/core/colour/paint';
import { contrastOver } from '@zinc-ladder/core/weather/seen/willItShow';
import type { Weather } from '../useWeather';

/** ΔE00 of a pass's paint, as it usually lies, over what is under the weathering; null: there is no such pass, or none of it is laid. */
export function passContrast({ base, mirrored, passes }: Pick<Weather, 'base' | 'mirrored' | 'passes'>, at: number): number | null {
  const pass = passes[at];
  if (!pass || pass.amount === 0) return null;
  return contrastOver({ paint: paintOf('asked', pass.lab, 1, mirrored), scatterPerCoat: pass.scatterPerCoat }, base, undefined, mirrored);
}
