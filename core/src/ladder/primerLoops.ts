import type { Finish } from './finishes';
import type { Material } from './materials';
import type { SmoothingSchool } from './schools';

/** Predicted loops of filler primer and sanding, with the valleys behind them. */
export interface LoopForecast {
  readonly loops: number;
  readonly valleyStartMicrometres: number;
  readonly valleyBeforePrimerMicrometres: number;
  readonly valleyWantedMicrometres: number;
  readonly formula: string;
}

/** Part of a ridge that the first cut takes off; guessed. */
const FIRST_CUT_SHARE = 0.4;
/** What a loop takes off a valley: half of a 40 µm filler-primer coat stays after sanding; guessed. */
const LOOP_GAIN_MICROMETRES = 20;
const MOST_LOOPS = 6;

/**
 * Loops of filler primer + sanding until the deepest valley is one the finish forgives.
 *
 * A first, plain model, guessed by us and fitted to common practice: 0.2 mm layers, gloss, primer only → about 4 loops; epoxy first → 2 or 3;
 * 0.12 mm solvent smoothed → 1 or 2.
 *
 * @param layerMillimetres 0–1; 0 for a cast
 */
export function forecastPrimerLoops(material: Material, layerMillimetres: number, school: SmoothingSchool, finish: Finish): LoopForecast {
  const start = material.ridgeShare * layerMillimetres * 1000;
  const cut = start * (1 - FIRST_CUT_SHARE);
  const before = cut * (1 - school.valleyFilledShare);
  const open = before - finish.valleyForgivenMicrometres;
  const loops = Math.min(MOST_LOOPS, Math.max(finish.id === 'textureKept' ? 0 : 1, Math.ceil(open / LOOP_GAIN_MICROMETRES - 1e-9)));
  return {
    loops,
    valleyStartMicrometres: start,
    valleyBeforePrimerMicrometres: before,
    valleyWantedMicrometres: finish.valleyForgivenMicrometres,
    formula: `${round(start)} µm ridge − first cut → ${round(cut)} µm − school → ${round(before)} µm; each loop wins ${LOOP_GAIN_MICROMETRES} µm down to ${finish.valleyForgivenMicrometres} µm`,
  };
}

function round(value: number): number {
  return Math.round(value * 10) / 10;
}
