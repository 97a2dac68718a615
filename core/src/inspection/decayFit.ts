/** One measured point of the curve: the valley left after so many hours of work. */
export interface DecayPoint {
  readonly hours: number;
  /** what is left, above 0 */
  readonly left: number;
  /** standard deviation of ln(left), the uncertainty of the measurement */
  readonly logDeviation: number;
}

/** What is believed before a point was seen. */
export interface DecayPrior {
  /** what is left at 0 hours, and the standard deviation of its logarithm */
  readonly start: number;
  readonly startLogDeviation: number;
  /** shares lost an hour, 1/h (left falls by exp(−rate · hours)), and its standard deviation */
  readonly ratePerHour: number;
  readonly rateDeviation: number;
}

/** An exponential decay with its uncertainty: ln(left) = ln(start) − rate · hours. */
export interface DecayFit {
  readonly logStart: number;
  readonly ratePerHour: number;
  /** covariance of (ln start, rate): [start, both, rate] */
  readonly covariance: readonly [number, number, number];
  readonly points: number;
}

/** A fitted value with its band of one standard deviation either way. */
export interface DecayEstimate {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

/** Passes never make it worse for ever: a rate below this is none, 1/h. */
const LEAST_RATE = 1e-3;

/**
 * Fits a decay to few points: Bayesian linear regression of ln(left) on hours with a Gaussian prior (closed form; any textbook, e.g. Bishop 2006,
 * section 3.3, from memory). With no point it is the prior, with many the least-squares line.
 *
 * @throws RangeError for a point or prior that is not above 0, or a deviation that is not
 */
export function fitDecay(points: readonly DecayPoint[], prior: DecayPrior): DecayFit {
  for (const value of [
    prior.start,
    prior.startLogDeviation,
    prior.rateDeviation,
    ...points.flatMap(({ left, logDeviation }) => [left, logDeviation]),
  ])
    if (!(value > 0 && Number.isFinite(value))) throw new RangeError(`values and deviations of a decay must be above 0, got ${value}`);
  // Precision and information of (ln start, rate); the row of a point is (1, −hours).
  let p11 = prior.startLogDeviation ** -2;
  let p12 = 0;
  let p22 = prior.rateDeviation ** -2;
  let i1 = Math.log(prior.start) * p11;
  let i2 = prior.ratePerHour * p22;
  for (const { hours, left, logDeviation } of points) {
    const weight = logDeviation ** -2;
    const value = Math.log(left);
    p11 += weight;
    p12 -= weight * hours;
    p22 += weight * hours * hours;
    i1 += weight * value;
    i2 -= weight * hours * value;
  }
  const determinant = p11 * p22 - p12 * p12;
  return {
    logStart: (p22 * i1 - p12 * i2) / determinant,
    ratePerHour: Math.max(LEAST_RATE, (p11 * i2 - p12 * i1) / determinant),
    covariance: [p22 / determinant, -p12 / determinant, p11 / determinant],
    points: points.length,
  };
}

/** What is left after some hours, with one standard deviation either way. */
export function decayAt(fit: DecayFit, hours: number): DecayEstimate {
  const [start, both, rate] = fit.covariance;
  const log = fit.logStart - fit.ratePerHour * hours;
  const deviation = Math.sqrt(Math.max(0, start - 2 * hours * both + hours * hours * rate));
  return { value: Math.exp(log), low: Math.exp(log - deviation), high: Math.exp(log + deviation) };
}

/**
 * Hours after which no more than a target is left, with one standard deviation (first-order propagation).
 *
 * @returns 0 hours where less is left from the start
 */
export function hoursToReach(fit: DecayFit, target: number): { readonly hours: number; readonly deviation: number } {
  const hours = Math.max(0, (fit.logStart - Math.log(target)) / fit.ratePerHour);
  const [start, both, rate] = fit.covariance;
  const variance = (start - 2 * hours * both + hours * hours * rate) / fit.ratePerHour ** 2;
  return { hours, deviation: Math.sqrt(Math.max(0, variance)) };
}
