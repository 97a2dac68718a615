import { hexOfLab, labOfHex, labOfLinear, linearOfLab } from '../colour/lab';
import type { LinearRgb } from '../colour/lab';
import { BANDS, FIRST_NANOMETRES, STEP_NANOMETRES, X_BAR, Y_BAR, Z_BAR } from '../colour/spectrum/cieTables';
import type { Spectrum } from '../colour/spectrum/observer';
import { reflectanceOf } from '../colour/spectrum/reflectance';

/** LEDs by the colour on their bag. */
export type LedColour = 'warm' | 'neutral' | 'cool' | 'red' | 'amber' | 'green' | 'blue';

/** All of them. */
export const LED_COLOURS = ['warm', 'neutral', 'cool', 'red', 'amber', 'green', 'blue'] as const satisfies readonly LedColour[];

interface Peak {
  readonly nanometres: number;
  /** standard deviation */
  readonly width: number;
  readonly height: number;
}

/** White LEDs are a blue chip under a yellow phosphor; heights by eye from published curves (memory, guesses). */
const PEAKS: Readonly<Record<LedColour, readonly Peak[]>> = {
  warm: [{ nanometres: 452, width: 10, height: 0.3 }, { nanometres: 603, width: 56, height: 1 }], // prettier-ignore
  neutral: [{ nanometres: 452, width: 10, height: 0.72 }, { nanometres: 578, width: 55, height: 1 }], // prettier-ignore
  cool: [{ nanometres: 450, width: 10, height: 1.5 }, { nanometres: 560, width: 55, height: 1 }], // prettier-ignore
  red: [{ nanometres: 628, width: 9, height: 1 }],
  amber: [{ nanometres: 592, width: 8, height: 1 }],
  green: [{ nanometres: 523, width: 15, height: 1 }],
  blue: [{ nanometres: 467, width: 11, height: 1 }],
};

const nanometresOf = (band: number): number => FIRST_NANOMETRES + band * STEP_NANOMETRES;

/** Relative spectral power of an LED. */
export function spectrumOfLed(colour: LedColour): Spectrum {
  return Float64Array.from({ length: BANDS }, (_, band) =>
    PEAKS[colour].reduce(
      (sum, { nanometres, width, height }) => sum + height * Math.exp(-0.5 * ((nanometresOf(band) - nanometres) / width) ** 2),
      0,
    ),
  );
}

/** Relative spectral power of a black body (Planck), second radiation constant 1.4388e-2 m·K; at 2856 K CIE's illuminant A. */
export function spectrumOfHeat(kelvin: number): Spectrum {
  return Float64Array.from({ length: BANDS }, (_, band) => {
    const metres = nanometresOf(band) * 1e-9;
    return (560e-9 / metres) ** 5 / Math.expm1(1.4388e-2 / (metres * kelvin));
  });
}

/** A light as it is seen. */
export interface SeenLight {
  readonly x: number;
  readonly y: number;
  /** as bright as a screen shows that hue */
  readonly hex: string;
  /** light that is left of what it was, 0–1 */
  readonly share: number;
}

/**
 * A light through a skin.
 *
 * @param transmission of each band, 0–1; null: nothing in the way
 */
export function seeLight(light: Spectrum, transmission: Spectrum | null = null): SeenLight {
  const xyz = [X_BAR, Y_BAR, Z_BAR].map((row) =>
    row.reduce((sum, value, band) => sum + value * (light[band] as number) * (transmission?.[band] ?? 1), 0),
  );
  const bare = Y_BAR.reduce((sum, value, band) => sum + value * (light[band] as number), 0);
  const [X = 0, Y = 0, Z = 0] = xyz;
  const sum = X + Y + Z;
  return { x: X / sum, y: Y / sum, hex: hexOf(X, Y, Z), share: bare > 0 ? Y / bare : 0 };
}

/** XYZ as screen colour (IEC 61966-2-1), drawn into what a screen can show and made as bright as it can. */
function hexOf(X: number, Y: number, Z: number): string {
  const rgb = [3.2406 * X - 1.5372 * Y - 0.4986 * Z, -0.9689 * X + 1.8758 * Y + 0.0415 * Z, 0.0557 * X - 0.204 * Y + 1.057 * Z].map(
    (value) => Math.max(0, value),
  );
  const most = Math.max(...rgb, 1e-12);
  return hexOfLab(labOfLinear(rgb.map((value) => value / most) as unknown as LinearRgb));
}

/**
 * Transmission of a tinted skin whose colour against white is known: light went through it twice then, so once is the root. Its surface and what it
 * scatters are left out.
 */
export function transmissionOf(hexAgainstWhite: string): Spectrum {
  return reflectanceOf(labOfLinear(linearOfLab(labOfHex(hexAgainstWhite)))).map((value) => Math.sqrt(Math.min(1, Math.max(0, value))));
}
