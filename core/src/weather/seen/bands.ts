import { filmAlone, INSIDE_REFLECTION, bodyUnderSurface } from '../../colour/kubelkaMunk';
import type { Lab } from '../../colour/lab';
import { BANDS } from '../../colour/spectrum/cieTables';
import type { Spectrum } from '../../colour/spectrum/observer';
import { labF, TO_LINEAR, TO_XYZ, WHITE } from '../../colour/spectrum/observer';
import { reflectanceOf } from '../../colour/spectrum/reflectance';
import type { CoatPaint } from '../../colour/coats/coatsOver';

/**
 * First narrow band of each wide one, and the end: 20 nm where the eye tells colours apart, wider towards both ends. Three films are within ΔE00 1 (p95) of
 * all 36 bands, also strong reds, yellows and blues, which equal widths of 30 nm would miss.
 */
const WIDE_STARTS = [0, 5, 8, 10, 12, 14, 16, 18, 20, 22, 24, 27, BANDS] as const;
/** Bands that surfaces are reckoned in. */
export const WIDE_BANDS = WIDE_STARTS.length - 1;

const WIDE_XYZ = TO_XYZ.map((row) => Float64Array.from({ length: WIDE_BANDS }, (_, band) => widthSum(row, band))) as unknown as readonly [
  Float64Array,
  Float64Array,
  Float64Array,
];

/** The rows that turn seen reflectance in wide bands into linear sRGB, for drawing. */
export const WIDE_LINEAR: readonly Float32Array[] = TO_LINEAR.map((row) =>
  Float32Array.from({ length: WIDE_BANDS }, (_, band) => widthSum(row, band)),
);

/** How much the eye makes of each narrow band: those near the ends count little. */
const EYE = Float64Array.from({ length: BANDS }, (_, band) => TO_XYZ.reduce((sum, row) => sum + Math.abs(row[band] as number), 0) + 1e-6);

function widthSum(row: Spectrum, band: number): number {
  let sum = 0;
  for (let part = WIDE_STARTS[band] as number; part < (WIDE_STARTS[band + 1] as number); part += 1) sum += row[part] as number;
  return sum;
}

/** A spectrum in wide bands, each the mean of its parts weighed by what the eye sees of them. */
export function widen(spectrum: Spectrum): Float64Array {
  return Float64Array.from({ length: WIDE_BANDS }, (_, band) => {
    let sum = 0;
    let weight = 0;
    for (let part = WIDE_STARTS[band] as number; part < (WIDE_STARTS[band + 1] as number); part += 1) {
      sum += (spectrum[part] as number) * (EYE[part] as number);
      weight += EYE[part] as number;
    }
    return sum / weight;
  });
}

/** Body reflectance, under the surface, of a colour in wide bands. */
export function bodyOfLab(lab: Lab, mirrored: number): Float64Array {
  return widen(reflectanceOf(lab).map((value) => bodyUnderSurface(value, mirrored)));
}

/** Thicknesses of a table; evenly over the square root, as thin films change most. */
export const THICKNESSES = 97;

/** A paint's film of any thickness over nothing: what it throws back and what passes twice. */
export interface FilmTable {
  readonly mostCoats: number;
  /** reflected and transmitted², side by side for each band of each thickness */
  readonly values: Float32Array;
}

/** Tables of a paint's film up to a thickness, worst ΔE00 0.2 against the formula. */
export function tableOfFilm({ paint, scatterPerCoat }: CoatPaint, mostCoats: number): FilmTable {
  const values = new Float32Array(THICKNESSES * WIDE_BANDS * 2);
  const narrow = { reflected: new Float64Array(BANDS), passed: new Float64Array(BANDS) };
  for (let step = 0; step < THICKNESSES; step += 1) {
    const coats = mostCoats * (step / (THICKNESSES - 1)) ** 2;
    for (let band = 0; band < BANDS; band += 1) {
      const { transmitted, reflected } = filmAlone(paint.ratio[band] as number, scatterPerCoat * coats);
      narrow.reflected[band] = reflected;
      narrow.passed[band] = transmitted * transmitted;
    }
    const reflected = widen(narrow.reflected);
    const passed = widen(narrow.passed);
    for (let band = 0; band < WIDE_BANDS; band += 1) {
      values[(step * WIDE_BANDS + band) * 2] = reflected[band] as number;
      values[(step * WIDE_BANDS + band) * 2 + 1] = passed[band] as number;
    }
  }
  return { mostCoats, values };
}

/**
 * Lays a film over what each place shows (Kubelka 1948: R₀ + T²·g / (1 − R₀·g), band by band).
 *
 * @param under body reflectance of each place; length 12 × places
 * @param film coats at each place
 * @param out may be `under` itself
 */
export function layFilm(table: FilmTable, film: Float32Array, under: Float32Array, out: Float32Array): void {
  for (let place = 0; place < film.length; place += 1) layAt(table, film[place] as number, place * WIDE_BANDS, under, out);
}

/**
 * Lays a film that is of another paint in each region, over what each place shows.
 *
 * @param tables by region: the first where none is; where a region has none, the first
 * @param regions of each place
 * @param film coats at each place
 * @param body body reflectance of each place, laid over in place; length 12 × places
 */
export function layFilmByRegion(tables: readonly FilmTable[], regions: Uint8Array, film: Float32Array, body: Float32Array): void {
  for (let place = 0; place < film.length; place += 1) {
    const table = tables[regions[place] as number] ?? tables[0];
    if (table) layAt(table, film[place] as number, place * WIDE_BANDS, body, body);
  }
}

function layAt({ values, mostCoats }: FilmTable, coats: number, at: number, under: Float32Array, out: Float32Array): void {
  if (!(coats > 0)) {
    if (out !== under) for (let band = 0; band < WIDE_BANDS; band += 1) out[at + band] = under[at + band] as number;
    return;
  }
  const position = Math.min(THICKNESSES - 1 - 1e-6, Math.sqrt(coats / mostCoats) * (THICKNESSES - 1));
  const step = position | 0;
  const share = position - step;
  const low = step * WIDE_BANDS * 2;
  const high = low + WIDE_BANDS * 2;
  for (let band = 0; band < WIDE_BANDS; band += 1) {
    const own = low + band * 2;
    const next = high + band * 2;
    const reflected = (values[own] as number) + share * ((values[next] as number) - (values[own] as number));
    const passed = (values[own + 1] as number) + share * ((values[next + 1] as number) - (values[own + 1] as number));
    const backing = under[at + band] as number;
    out[at + band] = reflected + (passed * backing) / (1 - reflected * backing);
  }
}

/** Seen reflectance of a body in place: what leaves through the surface (Saunderson). */
export function writeSeen(body: Float32Array, mirrored: number, out: Float32Array): void {
  const leaves = (1 - mirrored) * (1 - INSIDE_REFLECTION);
  for (let at = 0; at < body.length; at += 1) {
    const value = body[at] as number;
    out[at] = mirrored + (leaves * value) / (1 - INSIDE_REFLECTION * value);
  }
}

/** Lab of seen reflectances; out holds three numbers a place. */
export function writeLabs(seen: Float32Array, out: Float32Array): void {
  const [rowX, rowY, rowZ] = WIDE_XYZ;
  const places = out.length / 3;
  for (let place = 0; place < places; place += 1) {
    let x = 0;
    let y = 0;
    let z = 0;
    for (let band = 0; band < WIDE_BANDS; band += 1) {
      const value = seen[place * WIDE_BANDS + band] as number;
      x += (rowX[band] as number) * value;
      y += (rowY[band] as number) * value;
      z += (rowZ[band] as number) * value;
    }
    const fx = labF(x / WHITE[0]);
    const fy = labF(y / WHITE[1]);
    const fz = labF(z / WHITE[2]);
    out[place * 3] = 116 * fy - 16;
    out[place * 3 + 1] = 500 * (fx - fy);
    out[place * 3 + 2] = 200 * (fy - fz);
  }
}
