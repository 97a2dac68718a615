import type { CoatPaint } from '../../colour/coats/coatsOver';
import type { Lab } from '../../colour/lab';
import { paintOf } from '../../colour/paint';
import type { Vector } from '../../surface/mesh/vector';
import type { WeatherPass } from '../seen/pass';
import { passFor } from './passFor';
import { findTechnique } from './techniques';

/** A pass as plain data: what travels to a worker and to the graphics card. */
export interface RehearsedPass {
  readonly techniqueId: string;
  /** colour of what it leaves, hiding */
  readonly lab: Lab;
  readonly scatterPerCoat: number;
  readonly amount: number;
  readonly wiped: number;
  readonly sizeMillimetres: number;
  readonly seed: number;
  readonly throwDirection?: Vector;
  /** colour of what it leaves in regions of another colour, by their place; null: the same as everywhere */
  readonly labIn?: readonly (Lab | null)[];
  /** bit mask of where its deposit is drawn as metal: bit 0 outside all colour regions, then one bit a region */
  readonly metals?: number;
}

/** A gloss changes no colour: its film is taken as all but clear. */
const CLEAR_SCATTER = 1e-6;

/**
 * A pass as the rehearsal takes it.
 *
 * @throws RangeError for an unknown technique
 */
export function toWeatherPass(pass: RehearsedPass, mirrored?: number): WeatherPass {
  const technique = findTechnique(pass.techniqueId);
  const scatterPerCoat = technique.shows === 'sheen' ? CLEAR_SCATTER : pass.scatterPerCoat;
  const paintOfLab = (lab: Lab): CoatPaint => ({ paint: paintOf('deposit', lab, 1, mirrored), scatterPerCoat });
  return {
    ...passFor(technique, paintOfLab(pass.lab), pass),
    ...(pass.labIn ? { paintIn: pass.labIn.map((lab) => lab && paintOfLab(lab)) } : {}),
  };
}
