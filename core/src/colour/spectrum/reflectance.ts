import type { Lab } from '../lab';
import { linearOfLab } from '../lab';
import { BANDS } from './cieTables';
import type { Spectrum } from './observer';
import { TO_LINEAR } from './observer';
import { solveLinear } from '../../number/solveLinear';

/** Lightness a paint can have: beyond that a spectrum would have to be all 0 or all 1, and K/S would have no value. */
const LIGHTNESS = { least: 1.5, most: 99.3 } as const;
const MOST_TURNS = 60;
const CLOSE = 1e-9;
const HALVINGS = 20;

/**
 * A smooth reflectance of that colour: of all spectra that have it under D65, the one whose hyperbolic-tangent coordinate has the least slope
 * (LHTSS, S. A. Burns, "Numerical methods for smoothest reflectance reconstruction", 2019; the equations from memory). It lies strictly between 0 and
 * 1, as K/S needs, also for colours outside of sRGB. A colour no surface can have is taken to the most chromatic one of its lightness and hue.
 */
export function reflectanceOf(lab: Lab): Spectrum {
  const l = Math.min(LIGHTNESS.most, Math.max(LIGHTNESS.least, lab[0]));
  const whole = smoothest([l, lab[1], lab[2]]);
  if (whole) return whole;
  let good = 0;
  let bad = 1;
  let best = smoothest([l, 0, 0]) ?? new Float64Array(BANDS).fill(0.5);
  for (let turn = 0; turn < HALVINGS; turn += 1) {
    const share = (good + bad) / 2;
    const found = smoothest([l, lab[1] * share, lab[2] * share]);
    if (found) {
      best = found;
      good = share;
    } else bad = share;
  }
  return best;
}

/** Newton's steps on the Lagrangian: 36 coordinates and three multipliers. */
function smoothest(lab: Lab): Spectrum | null {
  const wanted = linearOfLab(lab);
  const n = BANDS + 3;
  const z = new Float64Array(BANDS);
  const multipliers = new Float64Array(3);
  const matrix = new Float64Array(n * n);
  const right = new Float64Array(n);
  for (let turn = 0; turn < MOST_TURNS; turn += 1) {
    matrix.fill(0);
    let worst = 0;
    for (let band = 0; band < BANDS; band += 1) {
      const isEnd = band === 0 || band === BANDS - 1;
      const tangent = Math.tanh(z[band] as number);
      const slope = (1 - tangent * tangent) / 2;
      const pull = pullOf(multipliers, band);
      matrix[band * n + band] = (isEnd ? 2 : 4) - 2 * slope * tangent * pull;
      let force = (isEnd ? 2 : 4) * (z[band] as number) + slope * pull;
      for (const other of [band - 1, band + 1])
        if (other >= 0 && other < BANDS) {
          matrix[band * n + other] = -2;
          force -= 2 * (z[other] as number);
        }
      TO_LINEAR.forEach((row, channel) => {
        const share = slope * (row[band] as number);
        matrix[band * n + BANDS + channel] = share;
        matrix[(BANDS + channel) * n + band] = share;
      });
      right[band] = -force;
      worst = Math.max(worst, Math.abs(force));
    }
    TO_LINEAR.forEach((row, channel) => {
      let sum = 0;
      for (let band = 0; band < BANDS; band += 1) sum += (row[band] as number) * ((Math.tanh(z[band] as number) + 1) / 2);
      const miss = sum - (wanted[channel as 0 | 1 | 2] as number);
      right[BANDS + channel] = -miss;
      worst = Math.max(worst, Math.abs(miss));
    });
    if (worst < CLOSE) {
      const reflectance = z.map((value) => (Math.tanh(value) + 1) / 2);
      return reflectance.every((value) => value > 0 && value < 1) ? reflectance : null;
    }
    if (!solveLinear(matrix, right)) return null;
    for (let band = 0; band < BANDS; band += 1) z[band] = (z[band] as number) + (right[band] as number);
    for (let channel = 0; channel < 3; channel += 1)
      multipliers[channel] = (multipliers[channel] as number) + (right[BANDS + channel] as number);
    if (!z.every((value) => Number.isFinite(value) && Math.abs(value) < 60)) return null;
  }
  return null;
}

function pullOf(multipliers: Float64Array, band: number): number {
  return TO_LINEAR.reduce((sum, row, channel) => sum + (row[band] as number) * (multipliers[channel] as number), 0);
}
