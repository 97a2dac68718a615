import { HALF_90 } from '../number/half90';

/** One reading of a length: millimetres, standard deviation of its logarithm, and the spreads of the things it goes by. */
export interface LengthReading {
  readonly picture: string;
  readonly millimetres: number;
  readonly relativeSd: number;
  readonly spreads: Readonly<Record<string, number>>;
}

/** Several readings of one length as one. */
export interface CombinedLength {
  readonly millimetres: number;
  /** 90 % interval */
  readonly low: number;
  readonly high: number;
  /** standard deviation between pictures that their own errors do not explain, as a share; never under `BETWEEN_PICTURES` */
  readonly betweenSd: number;
  /** each reading's distance from the mean of the others, in standard deviations of it; null where there are no others */
  readonly residuals: readonly (number | null)[];
  /** pictures that disagree with the others; of two pictures nobody can say which errs */
  readonly disagrees: readonly string[];
}

/** What pictures differ by besides reading, at least: the lens, the plane that is none (measured on barrel distortion of 1–3 %). */
export const BETWEEN_PICTURES = 0.015;
/** A reading farther from the others than this, in standard deviations, disagrees. */
export const DISAGREES_ABOVE = 3;

/**
 * Several readings of one length: weighted mean of logarithms with the scatter between pictures by Mandel and Paule (1970, memory), at least
 * `BETWEEN_PICTURES`. The spread of a thing whose size they all go by counts once, after the mean.
 *
 * @returns null without readings
 */
export function combineLengths(readings: readonly LengthReading[]): CombinedLength | null {
  if (readings.length === 0) return null;
  const logs = readings.map(({ millimetres }) => Math.log(millimetres));
  const sds = readings.map(({ relativeSd }) => relativeSd);
  const all = weighted(logs, sds);
  const residuals = readings.map((_, left) => {
    if (readings.length < 2) return null;
    const without = <Value>(values: readonly Value[]): readonly Value[] => values.filter((_value, at) => at !== left);
    const others = weighted(without(logs), without(sds));
    const sd = Math.hypot(sds[left] as number, others.tau, others.sd);
    return ((logs[left] as number) - others.mean) / sd;
  });
  const things = new Map<string, number>();
  for (const [at, { spreads }] of readings.entries())
    for (const [thing, spread] of Object.entries(spreads))
      things.set(thing, (things.get(thing) ?? 0) + spread * (all.shares[at] as number));
  const sd = Math.hypot(all.sd, ...things.values());
  return {
    millimetres: Math.exp(all.mean),
    low: Math.exp(all.mean - HALF_90 * sd),
    high: Math.exp(all.mean + HALF_90 * sd),
    betweenSd: all.tau,
    residuals,
    disagrees:
      readings.length < 3 ? [] : readings.filter((_, at) => Math.abs(residuals[at] ?? 0) > DISAGREES_ABOVE).map(({ picture }) => picture),
  };
}

interface Weighted {
  readonly mean: number;
  readonly sd: number;
  readonly tau: number;
  /** of each value in the mean */
  readonly shares: readonly number[];
}

function weighted(values: readonly number[], sds: readonly number[]): Weighted {
  const at = (tau: number): { mean: number; sum: number; shares: number[] } => {
    const weights = sds.map((sd) => 1 / (sd * sd + tau * tau));
    const sum = weights.reduce((total, weight) => total + weight, 0);
    const mean = values.reduce((total, value, index) => total + value * (weights[index] as number), 0) / sum;
    return { mean, sum, shares: weights.map((weight) => weight / sum) };
  };
  const chiSquared = (tau: number): number => {
    const { mean } = at(tau);
    return values.reduce((total, value, index) => total + (value - mean) ** 2 / ((sds[index] as number) ** 2 + tau * tau), 0);
  };
  let tau = BETWEEN_PICTURES;
  const wanted = values.length - 1;
  if (wanted > 0 && chiSquared(tau) > wanted) {
    // The sum falls as tau grows, so bisection finds the tau at which it equals its expected value.
    let [low, high] = [tau, Math.max(...values) - Math.min(...values) + tau];
    while (chiSquared(high) > wanted) high *= 2;
    for (let step = 0; step < 60; step += 1) {
      tau = (low + high) / 2;
      if (chiSquared(tau) > wanted) low = tau;
      else high = tau;
    }
  }
  const { mean, sum, shares } = at(tau);
  return { mean, sd: 1 / Math.sqrt(sum), tau, shares };
}
