import { findGrit, scratchMicrometres } from '../surface/grit/gritTable';

/** How both faces of a clear part were left. */
export interface ClearFaces {
  /** the last grit, `P2000`; null: polished */
  readonly lastGrit: string | null;
  /** a gloss varnish lies over the scratches */
  readonly isVarnished: boolean;
}

/** How clear it is, as shares of the light that falls on it. */
export interface Clarity {
  /** goes straight through: an edge behind it stays an edge */
  readonly straight: number;
  /** is let through, straight or spread */
  readonly through: number;
  readonly looks: 'clear' | 'hazy' | 'frosted';
}

/** Refractive indices at green light: acrylic and its lacquers about 1.49, cured clear resin about 1.51 (handbooks; memory). */
export const INDEX_OF_PART = 1.51;
export const INDEX_OF_VARNISH = 1.49;
/** Green light, µm: where the eye sees best. */
const WAVELENGTH = 0.55;
/** Root mean square of a sanded face as a share of its scratches' depth (guess). */
const ROUGHNESS_SHARE = 0.1;
/** A face that was polished, and a varnish that has levelled, µm (guesses). */
const POLISHED = 0.02;
const LEVELLED = 0.03;
/** From these straight shares of the light let through it is called clear, and hazy; below: frosted (guesses). */
const LOOKS_CLEAR = 0.9;
const LOOKS_HAZY = 0.3;

/**
 * Light straight through a clear part with two like faces: each loses by reflection ((n − 1) ÷ (n + 1))² (Fresnel) and by scatter 1 − exp(−(2π · Δn · σ ÷ λ)²)
 * (phase screen of a rough face; Beckmann). Varnish of nearly the part's index leaves its scratches almost no Δn.
 *
 * @throws RangeError for an unknown grit
 */
export function forecastClarity({ lastGrit, isVarnished }: ClearFaces): Clarity {
  const sigma = lastGrit === null ? POLISHED : scratchMicrometres(findGrit(lastGrit)) * ROUGHNESS_SHARE;
  const outer = isVarnished ? INDEX_OF_VARNISH : INDEX_OF_PART;
  const unscattered = isVarnished
    ? keptStraight(INDEX_OF_PART - INDEX_OF_VARNISH, sigma) * keptStraight(outer - 1, LEVELLED)
    : keptStraight(outer - 1, sigma);
  const through = (1 - ((outer - 1) / (outer + 1)) ** 2) ** 2;
  const shareStraight = unscattered ** 2;
  return {
    straight: through * shareStraight,
    through,
    looks: shareStraight >= LOOKS_CLEAR ? 'clear' : shareStraight >= LOOKS_HAZY ? 'hazy' : 'frosted',
  };
}

function keptStraight(indexStep: number, sigmaMicrometres: number): number {
  return Math.exp(-(((2 * Math.PI * indexStep * sigmaMicrometres) / WAVELENGTH) ** 2));
}
