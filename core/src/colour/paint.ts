import { INSIDE_REFLECTION, bodyUnderSurface, ratioOfReflectance, reflectanceOfRatio, seenThroughSurface } from './kubelkaMunk';
import type { Lab } from './lab';
import { BANDS } from './spectrum/cieTables';
import type { Spectrum } from './spectrum/observer';
import { labOfReflectance } from './spectrum/observer';
import { reflectanceOf } from './spectrum/reflectance';

/** A paint as far as mixing goes. */
export interface MixPaint {
  readonly id: string;
  /** colour of a film that hides, dry */
  readonly lab: Lab;
  /** K/S of each band */
  readonly ratio: Spectrum;
  /** how much of a mix's colour one part takes; white is 1, only ratios count */
  readonly strength: number;
}

/** A paint and its amount, in parts by volume. */
export interface MixPart {
  readonly paint: MixPaint;
  readonly parts: number;
}

/** Share of light the surface mirrors that readings see: 0 where gloss was left out, 0.02–0.04 where cards fit better. */
export const DEFAULT_MIRRORED = 0;
/** K/S is kept from 0: a pure white would make every tint of it impossible to weigh. */
const LEAST_RATIO = 1e-5;

/**
 * A paint from the colour of its dry, hiding film.
 *
 * @param strength above 0
 * @throws RangeError for another strength
 */
export function paintOf(id: string, lab: Lab, strength = 1, mirrored = DEFAULT_MIRRORED): MixPaint {
  if (!(strength > 0 && Number.isFinite(strength))) throw new RangeError(`strength must be above 0, got ${strength}`);
  return { id, lab, ratio: ratioOfSeen(reflectanceOf(lab), mirrored), strength };
}

/** K/S of each band from a reflectance as it is seen. */
export function ratioOfSeen(seen: Spectrum, mirrored: number): Spectrum {
  return seen.map((value) => Math.max(LEAST_RATIO, ratioOfReflectance(bodyUnderSurface(value, mirrored))));
}

/**
 * K/S of a mix: the mean of its paints' by parts × strength (Kubelka–Munk, two constants with scattering taken into the strength).
 *
 * @throws RangeError for no paint or parts of 0 in all
 */
export function mixRatio(mix: readonly MixPart[]): Spectrum {
  const mass = mixMass(mix);
  if (!(mass > 0)) throw new RangeError('a mix needs at least one part of a paint');
  const sum = new Float64Array(BANDS);
  for (const { paint, parts } of mix)
    for (let band = 0; band < BANDS; band += 1)
      sum[band] = (sum[band] as number) + (parts * paint.strength * (paint.ratio[band] as number)) / mass;
  return sum;
}

/** Parts × strength of a mix. */
export function mixMass(mix: readonly MixPart[]): number {
  return mix.reduce((sum, { paint, parts }) => sum + parts * paint.strength, 0);
}

/** Reflectance, as it is seen, of a film that hides. */
export function seenOfRatio(ratio: Spectrum, mirrored = DEFAULT_MIRRORED): Spectrum {
  return ratio.map((value) => seenThroughSurface(reflectanceOfRatio(value), mirrored, INSIDE_REFLECTION));
}

/** Colour of a mix that hides, dry. Drying shifts, metals and fluorescence are not in it. */
export function mixLab(mix: readonly MixPart[], mirrored = DEFAULT_MIRRORED): Lab {
  return labOfReflectance(seenOfRatio(mixRatio(mix), mirrored));
}
