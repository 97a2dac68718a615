import type { Finish } from './finishes';
import type { Material } from './materials';
import type { SmoothingSchool } from './schools';

/** A step of smoothing and the deepest valley after it. */
export interface ValleyStep {
  readonly name: string;
  readonly valleyMicrometres: number;
}

/** Predicted loops of filler primer and sanding, with the valleys behind them. */
export interface LoopForecast {
  readonly loops: number;
  readonly valleyStartMicrometres: number;
  readonly valleyBeforePrimerMicrometres: number;
  readonly valleyWantedMicrometres: number;
  /** from the print to the last loop */
  readonly steps: readonly ValleyStep[];
  readonly formula: string;
  /** nothing on the route fills or sands the ridges: they stay as printed */
  readonly ridgesStay: boolean;
}

/** Where the print's own surface is known better than by layer and material, and what is wanted other than what the finish forgives nearby. */
export interface KnownSurface {
  /** deepest ridges of what is seen, µm */
  readonly ridgeMicrometres?: number | null;
  /** deepest valley that may stay, µm */
  readonly wantedMicrometres?: number;
}

/** Part of a ridge that the first cut takes off; guessed. */
const FIRST_CUT_SHARE = 0.4;
/** What a loop takes off a valley: half of a 40 µm filler-primer coat stays after sanding; guessed. */
export const LOOP_GAIN_MICROMETRES = 20;
/** Primer shrinks into what it fills: this share of a valley shows again however often it is filled once; guessed. */
export const SHRINKAGE_TRACE = 0.15;
export const MOST_LOOPS = 6;

/**
 * Loops of filler primer + sanding until the deepest valley is one the finish forgives. A loop takes what the film builds, and leaves a trace
 * by shrinkage: `v → max(v − 20 µm, 0.15 · v)`.
 *
 * A plain model, guessed by us and fitted to common practice: 0.2 mm layers, gloss, primer only → about 4 loops; epoxy first → 2 or 3;
 * 0.12 mm solvent smoothed → 1 or 2.
 *
 * @param layerMillimetres 0–1; 0 for a cast
 */
export function forecastPrimerLoops(
  material: Material,
  layerMillimetres: number,
  school: SmoothingSchool,
  finish: Finish,
  known: KnownSurface = {},
): LoopForecast {
  const start = known.ridgeMicrometres ?? material.ridgeShare * layerMillimetres * 1000;
  const wanted = known.wantedMicrometres ?? finish.valleyForgivenMicrometres;
  const cut = start * (1 - FIRST_CUT_SHARE);
  const before = cut * (1 - school.valleyFilledShare);
  const steps: ValleyStep[] = [
    { name: 'as printed', valleyMicrometres: start },
    { name: 'first cut', valleyMicrometres: cut },
  ];
  if (school.valleyFilledShare > 0) steps.push({ name: school.name.toLowerCase(), valleyMicrometres: before });
  const least = finish.id === 'textureKept' ? 0 : 1;
  let valley = before;
  let loops = 0;
  while (loops < MOST_LOOPS && (loops < least || valley > wanted + 1e-9)) {
    loops += 1;
    valley = afterLoop(valley);
    steps.push({ name: `loop ${loops}`, valleyMicrometres: valley });
  }
  return {
    loops,
    valleyStartMicrometres: start,
    valleyBeforePrimerMicrometres: before,
    valleyWantedMicrometres: wanted,
    steps,
    ridgesStay: false,
    formula: `${round(start)} µm ridge − first cut → ${round(cut)} µm − school → ${round(before)} µm; each loop wins ${LOOP_GAIN_MICROMETRES} µm down to ${round(wanted)} µm`,
  };
}

/**
 * The forecast of a route that has no loop, such as one for a flexible or a lit part: what is left is what its other rungs leave.
 *
 * @param does which of the steps before the loops the route has
 */
export function forecastWithoutLoops(forecast: LoopForecast, does: { readonly isCut: boolean; readonly isFilled: boolean }): LoopForecast {
  const { valleyStartMicrometres: start } = forecast;
  const cut = does.isCut ? start * (1 - FIRST_CUT_SHARE) : start;
  const filled = does.isFilled ? forecast.steps.find((step) => step.name !== 'as printed' && step.name !== 'first cut') : undefined;
  const steps: ValleyStep[] = [{ name: 'as printed', valleyMicrometres: start }];
  if (does.isCut) steps.push({ name: 'first cut', valleyMicrometres: cut });
  const share = filled ? forecast.valleyBeforePrimerMicrometres / (start * (1 - FIRST_CUT_SHARE) || 1) : 1;
  const left = cut * share;
  if (filled) steps.push({ name: filled.name, valleyMicrometres: left });
  return {
    ...forecast,
    loops: 0,
    valleyBeforePrimerMicrometres: left,
    steps,
    ridgesStay: start > 0 && !does.isCut && !filled,
    formula:
      steps.length === 1
        ? `${round(start)} µm ridge; nothing on this route fills or sands it`
        : `${round(start)} µm ridge → ${round(left)} µm; no loop of primer and sanding on this route`,
  };
}

/** The deepest valley after one more loop, µm. */
export function afterLoop(valleyMicrometres: number): number {
  return Math.max(valleyMicrometres - LOOP_GAIN_MICROMETRES, SHRINKAGE_TRACE * valleyMicrometres);
}

function round(value: number): number {
  return Math.round(value * 10) / 10;
}
