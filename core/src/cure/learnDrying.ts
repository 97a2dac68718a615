import { HALF_90 } from '../number/half90';
import { normalShare } from '../number/normalShare';
import type { DryingData, Milestone } from './dryingData';
import { MILESTONES } from './dryingData';

/** A stage a film can be tried for by hand. */
export type SightedStage = Milestone;

/** All of them. */
export const SIGHTED_STAGES = MILESTONES;

/** A film that was tried: had it come to the stage by then? Both spans in minutes at label conditions. */
export interface Sighting {
  readonly isReached: boolean;
  /** label minutes the film had dried when it was tested */
  readonly elapsedMinutes: number;
  /** label minutes this stage needs before anything is learned */
  readonly expectedMinutes: number;
}

/** How fast a product really dries here. */
export interface LearnedDrying {
  /** factor on all its drying times; 1 leaves those of the class or label */
  readonly factor: number;
  /** 90 % interval of it */
  readonly low: number;
  readonly high: number;
  readonly count: number;
}

/** One standard deviation of ln(real time ÷ label time) between cans and shops before anything is seen (guessed). */
const BETWEEN_CANS = 0.35;
/** One standard deviation of what a thumb calls a stage, of ln time (guessed). */
const BETWEEN_THUMBS = 0.2;
/** ln of the factor is looked for within this of 0, in steps of. */
const WIDEST = 2;
const STEP = 0.01;

/**
 * How fast a product dries, from films that were tried. A film that has not reached a stage shows that the stage takes longer; one that has
 * shows that it takes at most so long. Each test is a one-sided bound, blurred by how differently thumbs judge. Posterior of ln(factor)
 * over a normal prior about 0, on a grid.
 */
export function learnDrying(sightings: readonly Sighting[]): LearnedDrying {
  const usable = sightings.filter(({ elapsedMinutes, expectedMinutes }) => elapsedMinutes > 0 && expectedMinutes > 0);
  if (usable.length === 0) return { factor: 1, ...spread(0, BETWEEN_CANS), count: 0 };
  const bounds = usable.map(({ isReached, elapsedMinutes, expectedMinutes }) => ({
    isReached,
    at: Math.log(elapsedMinutes / expectedMinutes),
  }));
  const grid = Array.from({ length: Math.round((2 * WIDEST) / STEP) + 1 }, (_, nth) => {
    const value = -WIDEST + nth * STEP;
    // In logarithms: many tries that speak against each other would otherwise vanish.
    let score = -0.5 * (value / BETWEEN_CANS) ** 2;
    for (const { isReached, at } of bounds) {
      const below = normalShare((at - value) / BETWEEN_THUMBS);
      score += Math.log(Math.max(1e-12, isReached ? below : 1 - below));
    }
    return { value, score };
  });
  const most = Math.max(...grid.map(({ score }) => score));
  const weights = grid.map(({ value, score }) => ({ value, weight: Math.exp(score - most) }));
  const total = weights.reduce((sum, { weight }) => sum + weight, 0);
  const mean = weights.reduce((sum, { value, weight }) => sum + value * weight, 0) / total;
  return {
    factor: Math.exp(mean),
    low: Math.exp(quantile(weights, total * 0.05)),
    high: Math.exp(quantile(weights, total * 0.95)),
    count: usable.length,
  };
}

/**
 * Drying with what was learned in it: every stage is moved by the factor. The closing of a recoat window is only ever drawn nearer, and its reopening only
 * ever put off: there the label's caution stays.
 */
export function withLearned(drying: DryingData, { factor }: Pick<LearnedDrying, 'factor'>): DryingData {
  const scaled = <Minutes extends number | null>(minutes: Minutes): Minutes =>
    minutes === null ? minutes : ((minutes * factor) as Minutes);
  const recoatFromMinutes = scaled(drying.recoatFromMinutes);
  const until = drying.recoatUntilMinutes;
  const again = drying.recoatAgainMinutes;
  return {
    ...drying,
    touchMinutes: scaled(drying.touchMinutes),
    recoatFromMinutes,
    recoatUntilMinutes: until === null ? null : Math.max(recoatFromMinutes, until * Math.min(1, factor)),
    recoatAgainMinutes: again === null ? null : again * Math.max(1, factor),
    handleMinutes: scaled(drying.handleMinutes),
    sandMinutes: scaled(drying.sandMinutes),
    tapeMinutes: scaled(drying.tapeMinutes),
    hardMinutes: scaled(drying.hardMinutes),
  };
}

function spread(mean: number, deviation: number): { readonly low: number; readonly high: number } {
  return { low: Math.exp(mean - HALF_90 * deviation), high: Math.exp(mean + HALF_90 * deviation) };
}

function quantile(weights: readonly { readonly value: number; readonly weight: number }[], goal: number): number {
  let sum = 0;
  for (const { value, weight } of weights) {
    sum += weight;
    if (sum >= goal) return value;
  }
  return WIDEST;
}
