import type { Lab } from '../lab';
import type { Metric } from './metric';
import { metricSquare } from './metric';
import type { Mixer } from './mixer';
import { solveLinear } from '../../number/solveLinear';

/** The best amounts of a set of paints, not yet whole. */
export interface RefinedSet {
  readonly paints: readonly number[];
  /** sum 1, all above 0 */
  readonly weights: Float64Array;
  /** ΔE² by the local metric */
  readonly square: number;
  /** Lab − target at the weights */
  readonly miss: Float64Array;
  /** how Lab changes with each weight, 3 × paints */
  readonly slopes: Float64Array;
}

const TURNS = 5;
/** A paint that takes less than this is left out. */
const LEAST_WEIGHT = 0.004;
const DAMPING = 1e-3;
/** Longest step of a logarithm: a factor of about five. */
const LONGEST_STEP = 1.6;

/** Gauss–Newton on the logarithms of a set's amounts. Paints that fall to nothing leave the set. */
export function refineSet(
  mixer: Mixer,
  metric: Metric,
  target: Lab,
  given: readonly number[],
  start: ArrayLike<number>,
  turns = TURNS,
): RefinedSet {
  let paints = given;
  let weights = normalise(Float64Array.from(start));
  const lab = new Float64Array(3);
  const slopes = new Float64Array(3 * given.length);
  let best: RefinedSet | null = null;
  for (let turn = 0; turn <= turns; turn += 1) {
    mixer.labAndSlopes(paints, weights, paints.length, lab, slopes);
    const miss = Float64Array.of((lab[0] as number) - target[0], (lab[1] as number) - target[1], (lab[2] as number) - target[2]);
    const square = metricSquare(metric, miss[0] as number, miss[1] as number, miss[2] as number);
    if (!best || square < best.square)
      best = { paints, weights: weights.slice(), square, miss, slopes: slopes.slice(0, 3 * paints.length) };
    if (turn === turns || square < 1e-6 || paints.length === 1) break;
    // In logarithms amounts stay above 0, and K/S mixing is nearer to straight.
    for (let i = 0; i < paints.length; i += 1)
      for (let axis = 0; axis < 3; axis += 1) slopes[3 * i + axis] = (slopes[3 * i + axis] as number) * (weights[i] as number);
    const step = stepOf(metric, miss, slopes, paints.length);
    if (!step) break;
    const next = normalise(
      weights.map((value, at) => value * Math.exp(Math.min(LONGEST_STEP, Math.max(-LONGEST_STEP, step[at] as number)))),
    );
    const kept = paints.filter((_, at) => (next[at] as number) > LEAST_WEIGHT);
    paints = kept;
    weights = kept.length === next.length ? next : normalise(next.filter((value) => value > LEAST_WEIGHT));
  }
  return best as RefinedSet;
}

/** Least squares in the metric: (JᵀGJ + damping) Δ = −JᵀG·miss. */
function stepOf([ll, aa, bb, la, lb, ab]: Metric, miss: Float64Array, slopes: Float64Array, size: number): Float64Array | null {
  const matrix = new Float64Array(size * size);
  const right = new Float64Array(size);
  let trace = 0;
  for (let i = 0; i < size; i += 1) {
    const l = slopes[3 * i] as number;
    const a = slopes[3 * i + 1] as number;
    const b = slopes[3 * i + 2] as number;
    const gl = ll * l + la * a + lb * b;
    const ga = la * l + aa * a + ab * b;
    const gb = lb * l + ab * a + bb * b;
    right[i] = -(gl * (miss[0] as number) + ga * (miss[1] as number) + gb * (miss[2] as number));
    for (let j = 0; j < size; j += 1)
      matrix[i * size + j] = gl * (slopes[3 * j] as number) + ga * (slopes[3 * j + 1] as number) + gb * (slopes[3 * j + 2] as number);
    trace += matrix[i * size + i] as number;
  }
  for (let i = 0; i < size; i += 1) matrix[i * size + i] = (matrix[i * size + i] as number) + DAMPING * trace + 1e-9;
  return solveLinear(matrix, right) ? right : null;
}

function normalise(weights: Float64Array): Float64Array {
  const sum = weights.reduce((total, value) => total + value, 0);
  return weights.map((value) => value / sum);
}
