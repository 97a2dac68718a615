import { INSIDE_REFLECTION } from '../kubelkaMunk';
import type { MixPaint } from '../paint';
import { BANDS } from '../spectrum/cieTables';
import { EPSILON, KAPPA, labF, TO_XYZ, WHITE } from '../spectrum/observer';

/** Mixing made ready for being done hundreds of thousands of times: flat tables, nothing allocated a call. */
export interface Mixer {
  readonly count: number;
  /** writes Lab of paints × amounts to `out`; amounts need not be whole */
  readonly lab: (paints: ArrayLike<number>, amounts: ArrayLike<number>, size: number, out: Float64Array) => void;
  /** the same, and how Lab changes with each amount: `slopes[3·i + axis]` */
  readonly labAndSlopes: (
    paints: ArrayLike<number>,
    amounts: ArrayLike<number>,
    size: number,
    out: Float64Array,
    slopes: Float64Array,
  ) => void;
}

/** Makes the paints of a shelf ready. Gives the same colours as `mixLab`. */
export function createMixer(paints: readonly MixPaint[], mirrored: number): Mixer {
  const strengths = Float64Array.from(paints, (paint) => paint.strength);
  const ratios = new Float64Array(paints.length * BANDS);
  paints.forEach((paint, at) => ratios.set(paint.ratio, at * BANDS));
  const [rowX, rowY, rowZ] = TO_XYZ;
  const through = (1 - mirrored) * (1 - INSIDE_REFLECTION);
  const ratio = new Float64Array(BANDS);
  let mass = 0;

  const mixInto = (chosen: ArrayLike<number>, amounts: ArrayLike<number>, size: number): void => {
    ratio.fill(0);
    mass = 0;
    for (let i = 0; i < size; i += 1) {
      const paint = chosen[i] as number;
      const weight = (amounts[i] as number) * (strengths[paint] as number);
      mass += weight;
      const from = paint * BANDS;
      for (let band = 0; band < BANDS; band += 1) ratio[band] = (ratio[band] as number) + weight * (ratios[from + band] as number);
    }
    for (let band = 0; band < BANDS; band += 1) ratio[band] = (ratio[band] as number) / mass;
  };
  const finish = (x: number, y: number, z: number, out: Float64Array): void => {
    const fx = labF(x / WHITE[0]);
    const fy = labF(y / WHITE[1]);
    const fz = labF(z / WHITE[2]);
    out[0] = 116 * fy - 16;
    out[1] = 500 * (fx - fy);
    out[2] = 200 * (fy - fz);
  };
  return {
    count: paints.length,
    lab: (chosen, amounts, size, out) => {
      mixInto(chosen, amounts, size);
      let x = 0;
      let y = 0;
      let z = 0;
      for (let band = 0; band < BANDS; band += 1) {
        const q = ratio[band] as number;
        const body = 1 / (1 + q + Math.sqrt(q * (q + 2)));
        const seen = mirrored + (through * body) / (1 - INSIDE_REFLECTION * body);
        x += (rowX[band] as number) * seen;
        y += (rowY[band] as number) * seen;
        z += (rowZ[band] as number) * seen;
      }
      finish(x, y, z, out);
    },
    labAndSlopes: (chosen, amounts, size, out, slopes) => {
      mixInto(chosen, amounts, size);
      slopes.fill(0, 0, 3 * size);
      let x = 0;
      let y = 0;
      let z = 0;
      for (let band = 0; band < BANDS; band += 1) {
        const q = ratio[band] as number;
        const root = Math.sqrt(q * (q + 2));
        const body = 1 / (1 + q + root);
        const below = 1 - INSIDE_REFLECTION * body;
        const seen = mirrored + (through * body) / below;
        const bx = rowX[band] as number;
        const by = rowY[band] as number;
        const bz = rowZ[band] as number;
        x += bx * seen;
        y += by * seen;
        z += bz * seen;
        // dR/dq = −R/√(q(q+2)); the surface's own slope is through/(1 − k2·R)².
        const steep = ((through / (below * below)) * -body) / root;
        for (let i = 0; i < size; i += 1) {
          const paint = chosen[i] as number;
          const change = (steep * (strengths[paint] as number) * ((ratios[paint * BANDS + band] as number) - q)) / mass;
          slopes[3 * i] = (slopes[3 * i] as number) + bx * change;
          slopes[3 * i + 1] = (slopes[3 * i + 1] as number) + by * change;
          slopes[3 * i + 2] = (slopes[3 * i + 2] as number) + bz * change;
        }
      }
      finish(x, y, z, out);
      const dfx = labSlope(x / WHITE[0]) / WHITE[0];
      const dfy = labSlope(y / WHITE[1]) / WHITE[1];
      const dfz = labSlope(z / WHITE[2]) / WHITE[2];
      for (let i = 0; i < size; i += 1) {
        const fx = dfx * (slopes[3 * i] as number);
        const fy = dfy * (slopes[3 * i + 1] as number);
        const fz = dfz * (slopes[3 * i + 2] as number);
        slopes[3 * i] = 116 * fy;
        slopes[3 * i + 1] = 500 * (fx - fy);
        slopes[3 * i + 2] = 200 * (fy - fz);
      }
    },
  };
}

function labSlope(share: number): number {
  if (share <= EPSILON) return KAPPA / 116;
  const root = Math.cbrt(share);
  return 1 / (3 * root * root);
}
