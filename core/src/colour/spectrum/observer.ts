import type { Lab } from '../lab';
import { xyzOfLinear } from '../lab';
import { BANDS, D65, X_BAR, Y_BAR, Z_BAR } from './cieTables';

/** Reflectance, or any other value, of the 36 bands. */
export type Spectrum = Float64Array;

/** White of sRGB: what equal primaries add up to. */
export const WHITE = xyzOfLinear([1, 1, 1]);

const COLUMNS = [xyzOfLinear([1, 0, 0]), xyzOfLinear([0, 1, 0]), xyzOfLinear([0, 0, 1])] as const;
const INVERSE = invert(COLUMNS);

/**
 * Three rows that turn a reflectance into linear sRGB. Each row is divided by its sum, so that a perfect white is exactly 1, 1, 1: otherwise the
 * cut ends of the spectrum would tint it.
 */
export const TO_LINEAR: readonly [Spectrum, Spectrum, Spectrum] = [row(0), row(1), row(2)];

/** The same rows for X, Y and Z. */
export const TO_XYZ: readonly [Spectrum, Spectrum, Spectrum] = [xyzRow(0), xyzRow(1), xyzRow(2)];

function row(channel: 0 | 1 | 2): Spectrum {
  const [x, y, z] = INVERSE[channel];
  const raw = Float64Array.from(
    { length: BANDS },
    (_, band) => (x * at(X_BAR, band) + y * at(Y_BAR, band) + z * at(Z_BAR, band)) * at(D65, band),
  );
  const sum = raw.reduce((total, value) => total + value, 0);
  return raw.map((value) => value / sum);
}

function xyzRow(coordinate: 0 | 1 | 2): Spectrum {
  return Float64Array.from({ length: BANDS }, (_, band) =>
    COLUMNS.reduce((sum, column, channel) => sum + column[coordinate] * at(TO_LINEAR[channel as 0 | 1 | 2], band), 0),
  );
}

/** Writes the Lab of a reflectance into `out`: what a search calls a hundred thousand times. */
export function writeLab(reflectance: Spectrum, out: Float64Array): void {
  const [rowX, rowY, rowZ] = TO_XYZ;
  let x = 0;
  let y = 0;
  let z = 0;
  for (let band = 0; band < BANDS; band += 1) {
    const value = reflectance[band] as number;
    x += (rowX[band] as number) * value;
    y += (rowY[band] as number) * value;
    z += (rowZ[band] as number) * value;
  }
  const fx = labF(x / WHITE[0]);
  const fy = labF(y / WHITE[1]);
  const fz = labF(z / WHITE[2]);
  out[0] = 116 * fy - 16;
  out[1] = 500 * (fx - fy);
  out[2] = 200 * (fy - fz);
}

/** Lab of a reflectance under D65. */
export function labOfReflectance(reflectance: Spectrum): Lab {
  const out = new Float64Array(3);
  writeLab(reflectance, out);
  return [out[0] as number, out[1] as number, out[2] as number];
}

/** Where CIE 15's cube root gives way to a straight line, and that line's slope. */
export const EPSILON = 216 / 24389;
export const KAPPA = 24389 / 27;

/** The compression of CIE Lab: cube root, straight near black. */
export function labF(share: number): number {
  return share > EPSILON ? Math.cbrt(share) : (KAPPA * share + 16) / 116;
}

function at(list: ArrayLike<number>, place: number): number {
  return list[place] as number;
}

type Triple = readonly [number, number, number];

function invert([[a, d, g], [b, e, h], [c, f, i]]: readonly [Triple, Triple, Triple]): readonly [Triple, Triple, Triple] {
  const determinant = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  const over = (value: number): number => value / determinant;
  return [
    [over(e * i - f * h), over(c * h - b * i), over(b * f - c * e)],
    [over(f * g - d * i), over(a * i - c * g), over(c * d - a * f)],
    [over(d * h - e * g), over(b * g - a * h), over(a * e - b * d)],
  ];
}
