import type { CoatPaint } from '../../colour/coats/coatsOver';
import type { Lab } from '../../colour/lab';
import { labOfHex } from '../../colour/lab';
import { paintOf } from '../../colour/paint';
import { guessScatter } from '../../colour/pigment/pigmentKinds';
import { findProductClass } from '../../cure/productClasses';
import type { Vector } from '../../surface/mesh/vector';
import type { WeatherPass } from '../seen/pass';
import type { Technique } from './technique';

/** What a finisher sets of a technique; what is left out is as usual. */
export interface TechniqueSetting {
  readonly amount?: number;
  readonly wiped?: number;
  readonly sizeMillimetres?: number;
  readonly seed?: number;
  readonly throwDirection?: Vector;
}

/** Way drops fly: from the front and a little from above. */
export const USUAL_THROW: Vector = [0, 0.94, -0.34];

/** A pass of a technique with a paint, as the rehearsal takes it. */
export function passFor(technique: Technique, paint: CoatPaint, setting: TechniqueSetting = {}): WeatherPass {
  return {
    carrier: technique.carrier,
    paint,
    amount: setting.amount ?? technique.usualAmount,
    wiped: setting.wiped ?? technique.usualWiped ?? 0,
    sizeMillimetres: setting.sizeMillimetres ?? technique.usualSizeMillimetres,
    seed: setting.seed ?? 1,
    throwDirection: setting.throwDirection ?? USUAL_THROW,
  };
}

/** A paint for a technique from its colour alone: how much a coat scatters is guessed from the usual film of its class. */
export function paintForTechnique(technique: Technique, lab: Lab, mirrored?: number): CoatPaint {
  const { coatMicrometres } = findProductClass(technique.classId).drying;
  return { paint: paintOf('deposit', lab, 1, mirrored), scatterPerCoat: guessScatter(coatMicrometres, lab) };
}

/** The colour that is usual for a technique. */
export function usualLab(technique: Technique): Lab {
  return labOfHex(technique.usualHex);
}
