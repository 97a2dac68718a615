/**
 * Noise that depends on a place and a seed only: the same on every meshing, machine and run. Hashed value noise after K. Perlin's smooth lattice
 * ("An image synthesizer", 1985; the fifth-degree blend of 2002), with the hash finished by mixing steps of the lowbias32 kind (C. Wellons,
 * from memory).
 */
export function hashOfCell(x: number, y: number, z: number, seed: number): number {
  return finish(Math.imul(x, 0x9e3779b1) ^ Math.imul(y, 0x85ebca6b) ^ Math.imul(z, 0xc2b2ae35) ^ Math.imul(seed, 0x27d4eb2f));
}

function finish(mixed: number): number {
  let hash = Math.imul(mixed ^ (mixed >>> 15), 0x2c1b3c6d);
  hash = Math.imul(hash ^ (hash >>> 12), 0x297a2d39);
  return (hash ^ (hash >>> 15)) >>> 0;
}

const WHOLE = 2 ** 32;

/**
 * Value noise with lattice step 1, 0 … 1. The eight corners are hashed in place: a surface asks for millions, and a call for each costs ten times as much.
 */
export function valueNoise(x: number, y: number, z: number, seed: number): number {
  const cx = Math.floor(x);
  const cy = Math.floor(y);
  const cz = Math.floor(z);
  const fx = x - cx;
  const fy = y - cy;
  const fz = z - cz;
  const u = fx * fx * fx * (fx * (fx * 6 - 15) + 10);
  const v = fy * fy * fy * (fy * (fy * 6 - 15) + 10);
  const w = fz * fz * fz * (fz * (fz * 6 - 15) + 10);
  const x0 = Math.imul(cx, 0x9e3779b1);
  const x1 = (x0 + 0x9e3779b1) | 0;
  const y0 = Math.imul(cy, 0x85ebca6b);
  const y1 = (y0 + 0x85ebca6b) | 0;
  const sown = Math.imul(seed, 0x27d4eb2f);
  const z0 = Math.imul(cz, 0xc2b2ae35);
  const z1 = ((z0 + 0xc2b2ae35) | 0) ^ sown;
  const near = z0 ^ sown;
  const a = finish(x0 ^ y0 ^ near);
  const c = finish(x0 ^ y1 ^ near);
  const e = finish(x0 ^ y0 ^ z1);
  const g = finish(x0 ^ y1 ^ z1);
  const low = a + (finish(x1 ^ y0 ^ near) - a) * u;
  const high = c + (finish(x1 ^ y1 ^ near) - c) * u;
  const lowFar = e + (finish(x1 ^ y0 ^ z1) - e) * u;
  const highFar = g + (finish(x1 ^ y1 ^ z1) - g) * u;
  const front = low + (high - low) * v;
  const back = lowFar + (highFar - lowFar) * v;
  return (front + (back - front) * w) / WHOLE;
}

/** Each octave is about twice as fine and half as strong; not exactly twice, so that lattices do not fall together. */
const FINER = 2.03;
/** Moves the octaves apart, so that their lattices do not meet in a corner. */
const OCTAVE_SHIFT = 17.3;
const OCTAVE_SEED = 101;

/** Three octaves of value noise, 0 … 1, mostly near the middle. */
export function octaveNoise(x: number, y: number, z: number, seed: number): number {
  const finest = FINER * FINER;
  return (
    (4 * valueNoise(x, y, z, seed) +
      2 * valueNoise(x * FINER, y * FINER + OCTAVE_SHIFT, z * FINER, seed + OCTAVE_SEED) +
      valueNoise(x * finest, y * finest + 2 * OCTAVE_SHIFT, z * finest, seed + 2 * OCTAVE_SEED)) /
    7
  );
}

/** Steps of a distribution that is looked up. */
const STEPS = 1024;
/** Samples it is made from: shares hold to about 0.002. */
const SAMPLES = 1 << 17;

/** Share of a noise's values under each of equally spaced values: what turns a noise into one whose every share is as large as it says. */
function distributionOf(noise: (x: number, y: number, z: number, seed: number) => number): Float32Array {
  const counts = new Float64Array(STEPS + 1);
  // A sequence that fills space evenly (R3 of M. Roberts, from memory) over many cells of the lattice.
  for (let at = 0; at < SAMPLES; at += 1) {
    const value = noise((at * 0.8191725134) % 499, (at * 0.6710436067) % 487, (at * 0.5497004779) % 491, 1);
    const step = Math.min(STEPS - 1, Math.floor(value * STEPS));
    counts[step + 1] = (counts[step + 1] as number) + 1;
  }
  const shares = new Float32Array(STEPS + 1);
  let sum = 0;
  for (let step = 0; step <= STEPS; step += 1) {
    sum += counts[step] as number;
    shares[step] = sum / SAMPLES;
  }
  return shares;
}

function lookUp(shares: Float32Array, value: number): number {
  const at = Math.min(STEPS - 1e-6, Math.max(0, value * STEPS));
  const step = Math.floor(at);
  const low = shares[step] as number;
  return low + ((shares[step + 1] as number) - low) * (at - step);
}

/** Both distributions as tables over equally spaced values, for a graphics card. */
export function shareTables(): { readonly octave: Float32Array; readonly value: Float32Array } {
  return { octave: (octaveShares ??= distributionOf(octaveNoise)), value: (valueShares ??= distributionOf(valueNoise)) };
}

let octaveShares: Float32Array | null = null;
let valueShares: Float32Array | null = null;

/** Octave noise as a share: of all places, a share p lies under p. */
export function shareOfOctaveNoise(value: number): number {
  return lookUp((octaveShares ??= distributionOf(octaveNoise)), value);
}

/** Value noise as a share. */
export function shareOfValueNoise(value: number): number {
  return lookUp((valueShares ??= distributionOf(valueNoise)), value);
}

/**
 * A lattice turned out of the axes: faces of printed parts lie along the axes, and a face in a plane of the lattice would see less than all of the
 * noise (a share of 0.2 became 0.23). Rows are square to each other.
 */
export const TURNED_LATTICE = [
  [0.50097786, 0.30058672, 0.81158414],
  [0.55256107, 0.61065367, -0.56725511],
  [-0.66610618, 0.73263205, 0.13983145],
] as const;

/** A place on the turned lattice of a mark size, mm; written into `out`. */
export function writeTurned(x: number, y: number, z: number, sizeMillimetres: number, out: Float64Array): void {
  for (let row = 0; row < 3; row += 1) {
    const [a, b, c] = TURNED_LATTICE[row] as (typeof TURNED_LATTICE)[number];
    out[row] = (a * x + b * y + c * z) / sizeMillimetres;
  }
}
