/** Aspecular angles of ASTM E2194, degrees from where a mirror would throw the light: nearest, at which a colour is read, and farthest. */
const NEAR_DEGREES = 15;
const READ_DEGREES = 45;
const FAR_DEGREES = 110;
/** Angle over which the lightness above its floor falls to 1/e, degrees; guessed: three angles of a silver car paint, L* 130, 60 and 30 from memory, give 26. */
export const FALLS_OVER_DEGREES = 25;

/** Flop index that metal paints are drawn with. Guessed: solid paints have 0–2, flake paints 10–15 (from memory). */
export const USUAL_FLOP = 12;

/**
 * How much a paint turns from light to dark: `2.69 (L₁₅ − L₁₁₀)^1.11 ÷ L₄₅^0.86` (Alman 1987, in ASTM E2194; constants from memory).
 *
 * @param near L* at 15° from the mirror's direction; over 100 is brighter than white
 * @param read L* at 45°, over 0
 * @param far L* at 110°, at most `near`
 */
export function flopIndex(near: number, read: number, far: number): number {
  return (2.69 * Math.max(0, near - far) ** 1.11) / read ** 0.86;
}

/**
 * Lightness of a flake paint by viewing direction. At 45° from the specular direction it is the lightness that was read; from there it
 * follows an exponential curve whose flop index is the given one. Nearer than 15° nothing is measured; there it is taken as at 15°.
 *
 * @param read L* at 45°, over 0
 * @param index flop index, at least 0
 * @param degrees from the mirror's direction, 0–180
 * @returns L*, at least 0; over 100 is brighter than white
 */
export function lightnessAt(read: number, index: number, degrees: number): number {
  const falls = (angle: number): number => Math.exp(-angle / FALLS_OVER_DEGREES);
  const range = ((index * read ** 0.86) / 2.69) ** (1 / 1.11);
  const above = range / (falls(NEAR_DEGREES) - falls(FAR_DEGREES));
  return Math.max(0, read + above * (falls(Math.max(NEAR_DEGREES, degrees)) - falls(READ_DEGREES)));
}

/** Luminance of CIE 15 over that of white, of a lightness that may be over 100. */
function luminanceOf(lightness: number): number {
  return lightness > 8 ? ((lightness + 16) / 116) ** 3 : (lightness * 27) / 24_389;
}

/** How many times brighter a flake paint looks than it is read, at an angle from the mirror's direction; arguments as for its lightness. */
export function flakeGain(read: number, index: number, degrees: number): number {
  return luminanceOf(lightnessAt(read, index, degrees)) / luminanceOf(read);
}

/** What a flake paint throws back of light that comes from everywhere. */
export interface FlakeSurround {
  /** of light that is the same all round, times what a matte paint of that reading throws back */
  readonly even: number;
  /** of light that grows with the cosine from the mirror's direction, in the same measure */
  readonly leaning: number;
}

const STEPS = 90;

/**
 * Sums over the half round a surface that is looked at squarely: `2 ∫ gain(θ) cos θ sin θ dθ`, and the same with one more cosine. A matte paint has 1 and ⅔.
 *
 * @param read L* at 45°, over 0
 * @param index flop index, at least 0
 */
export function flakeSurround(read: number, index: number): FlakeSurround {
  let [even, leaning] = [0, 0];
  for (let step = 0; step < STEPS; step += 1) {
    const angle = ((step + 0.5) * Math.PI) / 2 / STEPS;
    const part = flakeGain(read, index, (angle * 180) / Math.PI) * Math.cos(angle) * Math.sin(angle) * (Math.PI / STEPS);
    even += part;
    leaning += part * Math.cos(angle);
  }
  return { even, leaning };
}
