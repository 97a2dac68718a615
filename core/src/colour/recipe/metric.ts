import type { Lab } from '../lab';
import { difference } from '../lab';

/** `[ll, aa, bb, la, lb, ab]` of a symmetric 3 × 3 metric. */
export type Metric = readonly [number, number, number, number, number, number];

const STEP = 0.25;

/**
 * CIEDE2000 near a colour as a quadratic form, by finite differences: `ΔE² ≈ dᵀ G d`. Good at about a step's distance.
 *
 * @param h step of the differences, Lab units
 */
export function localMetric(at: Lab, h = STEP): Metric {
  const squared = (dl: number, da: number, db: number): number =>
    (difference(at, [at[0] + dl, at[1] + da, at[2] + db]) ** 2 + difference(at, [at[0] - dl, at[1] - da, at[2] - db]) ** 2) / 2;
  const ll = squared(h, 0, 0) / (h * h);
  const aa = squared(0, h, 0) / (h * h);
  const bb = squared(0, 0, h) / (h * h);
  const cross = (mixed: number, one: number, other: number): number => (mixed / (h * h) - one - other) / 2;
  return [ll, aa, bb, cross(squared(h, h, 0), ll, aa), cross(squared(h, 0, h), ll, bb), cross(squared(0, h, h), aa, bb)];
}

/** The form's value for a difference. */
export function metricSquare([ll, aa, bb, la, lb, ab]: Metric, dl: number, da: number, db: number): number {
  return ll * dl * dl + aa * da * da + bb * db * db + 2 * (la * dl * da + lb * dl * db + ab * da * db);
}
