/** A row of LEDs behind a skin. */
export interface GlowRow {
  /** from one LED to the next, mm */
  readonly pitch: number;
  /** from the LEDs to the skin, mm */
  readonly distance: number;
  readonly leds: number;
  /** full angle within which they throw at least half of what they throw ahead, degrees */
  readonly beam: number;
}

/** What is seen of a row through its skin. */
export interface Glow {
  /** (most − least) ÷ (most + least) between the LEDs in the middle of the row, per cent */
  readonly ripplePercent: number;
  /** least distance at which it looks even, mm */
  readonly distanceForEven: number;
  /** sheets of foam on the skin that make it even at the distance there is; null: no number of them that lets light through */
  readonly sheetsForEven: number | null;
}

/** Why a glow cannot be told. */
export type GlowRefusal = 'noLeds' | 'noDistance' | 'noBeam';

/** Each refusal in words. */
export const GLOW_REFUSAL_WORDS: Readonly<Record<GlowRefusal, string>> = {
  noLeds: 'there is no LED, or none has a pitch to the next',
  noDistance: 'the skin lies on the LEDs: a distance above nothing is needed',
  noBeam: 'the beam is an angle above 0° and up to 170°',
};

/** Ripple that the eye takes for even, per cent (guess). */
export const EVEN_PERCENT = 15;
/** A sheet of packing foam of 2 mm blurs by about its own thickness and lets two thirds through (guesses). */
export const FOAM = { millimetres: 2, transmission: 0.67 } as const;
/** More sheets let no light through to speak of. */
export const MOST_SHEETS = 8;
const SAMPLES = 48;
/** LEDs further away than that add less than a thousandth. */
const REACH_DISTANCES = 40;

/**
 * Power of the cosine that a beam falls off with: half at half the angle.
 *
 * @param beamDegrees full angle at half intensity; 120° is a plain Lambertian chip
 */
export function beamPower(beamDegrees: number): number {
  return Math.log(0.5) / Math.log(Math.cos((beamDegrees / 2) * (Math.PI / 180)));
}

/**
 * Illuminance on the skin at a place along a row, each LED counted as a point: inverse square, the beam's cosine power, and the cosine of the slant on
 * the skin. Relative to one LED straight ahead at 1 mm.
 *
 * @param x from the first LED, mm
 */
export function illuminanceAt(x: number, { pitch, distance, leds, beam }: GlowRow): number {
  const power = beamPower(beam);
  const reach = REACH_DISTANCES * Math.max(distance, pitch);
  const first = Math.max(0, Math.ceil((x - reach) / pitch));
  const last = Math.min(leds - 1, Math.floor((x + reach) / pitch));
  let sum = 0;
  for (let led = first; led <= last; led += 1) {
    const aside = x - led * pitch;
    const squared = distance * distance + aside * aside;
    sum += distance ** (power + 1) / squared ** ((power + 3) / 2);
  }
  return sum;
}

/** Hot spots of a row, the distance at which they are gone, and the foam that does it instead. */
export function readGlow(row: GlowRow, evenPercent = EVEN_PERCENT): Glow | { readonly refusal: GlowRefusal } {
  if (!(row.leds >= 1 && row.pitch > 0)) return { refusal: 'noLeds' };
  if (!(row.distance > 0)) return { refusal: 'noDistance' };
  if (!(row.beam > 0 && row.beam <= 170)) return { refusal: 'noBeam' };
  const ripplePercent = rippleOf(row);
  return { ripplePercent, distanceForEven: distanceFor(row, evenPercent), sheetsForEven: sheetsFor(row, ripplePercent, evenPercent) };
}

function rippleOf(row: GlowRow): number {
  if (row.leds < 2) return 100;
  const from = Math.floor((row.leds - 1) / 2) * row.pitch;
  let [least, most] = [Infinity, 0];
  for (let nth = 0; nth <= SAMPLES; nth += 1) {
    const value = illuminanceAt(from + (nth / SAMPLES) * row.pitch, row);
    least = Math.min(least, value);
    most = Math.max(most, value);
  }
  return ((most - least) / (most + least)) * 100;
}

function distanceFor(row: GlowRow, evenPercent: number): number {
  let [low, high] = [row.pitch * 1e-3, row.pitch];
  while (rippleOf({ ...row, distance: high }) > evenPercent && high < row.pitch * 1000) high *= 2;
  for (let step = 0; step < 60; step += 1) {
    const middle = (low + high) / 2;
    if (rippleOf({ ...row, distance: middle }) > evenPercent) low = middle;
    else high = middle;
  }
  return high;
}

/**
 * What is left of the differences along a row behind sheets of foam, 0–1: each blurs as a Gaussian, and the one wave, a pitch long, is damped by
 * exp(−2π²σ²÷pitch²), widths adding in squares.
 */
export function foamDamping(sheets: number, pitch: number): number {
  return Math.exp((-2 * Math.PI ** 2 * sheets * FOAM.millimetres ** 2) / pitch ** 2);
}

function sheetsFor({ pitch, leds }: GlowRow, ripplePercent: number, evenPercent: number): number | null {
  if (leds < 2) return null;
  for (let sheets = 0; sheets <= MOST_SHEETS; sheets += 1) if (ripplePercent * foamDamping(sheets, pitch) <= evenPercent) return sheets;
  return null;
}

/** A computed picture of the glow: light along the row, 1 where it is brightest without foam; sheets of foam draw it towards its mean. */
export function glowAlong(row: GlowRow, samples: number, sheets = 0): readonly number[] {
  const length = (row.leds - 1) * row.pitch;
  const values = Array.from({ length: samples }, (_, nth) => illuminanceAt((nth / Math.max(1, samples - 1)) * length, row));
  const most = Math.max(...values);
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  const damping = foamDamping(sheets, row.pitch);
  return values.map((value) => (mean + (value - mean) * damping) / most);
}
