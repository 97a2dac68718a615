import { hashOfCell, octaveNoise, shareOfOctaveNoise, shareOfValueNoise, valueNoise, writeTurned } from '../places/noise';
import type { Vector } from '../../surface/mesh/vector';
import { squareTo } from '../../surface/mesh/vector';
import type { Carrier } from './carrier';

/** Where on a surface noise is asked for: places and normals side by side. */
export interface NoisePlaces {
  /** x, y, z, mm */
  readonly positions: Float32Array;
  readonly normals: Float32Array;
}

/** What a pass's noise depends on. */
export interface NoiseSetting {
  /** breadth of the marks, mm */
  readonly sizeMillimetres: number;
  readonly seed: number;
  readonly up: Vector;
  /** way things fly, for drops */
  readonly throwDirection: Vector;
}

/** A run is that many times as long as it is broad (guessed). */
export const RUN_LENGTH = 15;
/** A scratch is that many times as long as it is broad (guessed). */
export const SCRATCH_LENGTH = 20;
/** Chips: the largest is as much larger than the size that was set, the others halve from there. */
const LARGEST_CHIP = 2;
const CHIP_OCTAVES = 4;

/**
 * Noise of a pass at places of a surface, as a share even over the surface: of all places a share p lies under p. One value a place decides together
 * with the amount, so that more amount only adds marks.
 *
 * @param shift moves every place within its face, mm along two directions square to the normal; for looking through a disc
 */
export function writeNoise(
  pattern: Extract<Carrier, { kind: 'marks' }>['pattern'],
  { positions, normals }: NoisePlaces,
  setting: NoiseSetting,
  out: Float32Array,
  shift: readonly [number, number] = [0, 0],
): void {
  const place = new Float64Array(3);
  const count = out.length;
  const isShifted = shift[0] !== 0 || shift[1] !== 0;
  const at = noiseAt(pattern, setting);
  for (let point = 0; point < count; point += 1) {
    let x = positions[point * 3] as number;
    let y = positions[point * 3 + 1] as number;
    let z = positions[point * 3 + 2] as number;
    const nx = normals[point * 3] as number;
    const ny = normals[point * 3 + 1] as number;
    const nz = normals[point * 3 + 2] as number;
    if (isShifted) {
      // Two directions square to the normal (Duff and others 2017, from memory).
      const sign = nz >= 0 ? 1 : -1;
      const p = -1 / (sign + nz);
      const q = nx * ny * p;
      x += shift[0] * (1 + sign * nx * nx * p) + shift[1] * q;
      y += shift[0] * sign * q + shift[1] * (sign + ny * ny * p);
      z += shift[0] * -sign * nx + shift[1] * -ny;
    }
    out[point] = at(x, y, z, nx, ny, nz, place);
  }
}

type NoiseAt = (x: number, y: number, z: number, nx: number, ny: number, nz: number, scratch: Float64Array) => number;

function noiseAt(pattern: Extract<Carrier, { kind: 'marks' }>['pattern'], setting: NoiseSetting): NoiseAt {
  const { sizeMillimetres: size, seed, up } = setting;
  switch (pattern) {
    case 'cloud':
      return (x, y, z, _nx, _ny, _nz, place) => {
        writeTurned(x, y, z, size, place);
        return shareOfOctaveNoise(octaveNoise(place[0] as number, place[1] as number, place[2] as number, seed));
      };
    case 'sizes':
      // The smallest of four even shares, made even again: every size owns about as much of the area.
      return (x, y, z, _nx, _ny, _nz, place) => {
        let least = 1;
        let octave = LARGEST_CHIP * size;
        for (let step = 0; step < CHIP_OCTAVES; step += 1) {
          writeTurned(x, y, z, octave, place);
          const share = shareOfValueNoise(valueNoise(place[0] as number, place[1] as number, place[2] as number, seed + 211 * step));
          if (share < least) least = share;
          octave /= 2;
        }
        return 1 - (1 - least) ** CHIP_OCTAVES;
      };
    case 'runs':
      return stretched(up, size, size * RUN_LENGTH, seed);
    case 'lines': {
      // Scratches go both ways: two stretched noises, the deeper counts.
      const [along, across] = scratchDirections(up);
      const one = stretched(along, size, size * SCRATCH_LENGTH, seed);
      const other = stretched(across, size, size * SCRATCH_LENGTH, seed + 17);
      return (x, y, z, nx, ny, nz, place) => {
        const least = Math.min(one(x, y, z, nx, ny, nz, place), other(x, y, z, nx, ny, nz, place));
        return 1 - (1 - least) ** 2;
      };
    }
    case 'drops':
      return drops(setting);
  }
}

/** The two ways scratches mostly go: slanted up, and nearly upright. */
export function scratchDirections(up: Vector): readonly [Vector, Vector] {
  const [first, second] = squareTo(up);
  const slanted = (a: number, b: number): Vector =>
    unitOf([
      up[0] * a + first[0] * b + second[0] * 0.2,
      up[1] * a + first[1] * b + second[1] * 0.2,
      up[2] * a + first[2] * b + second[2] * 0.2,
    ]);
  return [slanted(0.5, 0.84), slanted(0.9, -0.4)];
}

function unitOf([x, y, z]: Vector): Vector {
  const length = Math.hypot(x, y, z);
  return [x / length, y / length, z / length];
}

/** Octave noise drawn out along a direction. */
function stretched([dx, dy, dz]: Vector, breadth: number, length: number, seed: number): NoiseAt {
  const less = breadth / length - 1;
  return (x, y, z, _nx, _ny, _nz, place) => {
    const along = (x * dx + y * dy + z * dz) * less;
    writeTurned(x + along * dx, y + along * dy, z + along * dz, breadth, place);
    return shareOfOctaveNoise(octaveNoise(place[0] as number, place[1] as number, place[2] as number, seed));
  };
}

/** Sizes of drops: radii are spread lognormally with this deviation (guessed), over three grids. */
const DROP_SPREAD = 0.5;
const DROP_GRIDS = 3;
const DROPS_A_CELL = 2;
/** Side of a cell over the drop's breadth. */
const CELL = 4;

/** Drops thrown across: each place has the threshold of the first drop that covers it, 1 where none ever does. */
function drops({ sizeMillimetres, seed, throwDirection }: NoiseSetting): NoiseAt {
  const [u, v] = squareTo(throwDirection);
  return (x, y, z, nx, ny, nz) => {
    // Drops land on faces that look against the throw.
    if (nx * throwDirection[0] + ny * throwDirection[1] + nz * throwDirection[2] >= 0) return 1;
    const p = x * u[0] + y * u[1] + z * u[2];
    const q = x * v[0] + y * v[1] + z * v[2];
    let least = 1;
    for (let grid = 0; grid < DROP_GRIDS; grid += 1) {
      const median = (sizeMillimetres / 2) * 2 ** (grid / 2);
      const cell = CELL * sizeMillimetres * 2 ** grid;
      const cp = Math.floor(p / cell);
      const cq = Math.floor(q / cell);
      for (let dp = -1; dp <= 1; dp += 1)
        for (let dq = -1; dq <= 1; dq += 1)
          for (let drop = 0; drop < DROPS_A_CELL; drop += 1) {
            const id = (grid * DROPS_A_CELL + drop) * 8;
            const random = (part: number): number => hashOfCell(cp + dp, cq + dq, id + part, seed) / 2 ** 32;
            const threshold = random(0);
            if (threshold >= least) continue;
            const centreP = (cp + dp + random(1)) * cell;
            const centreQ = (cq + dq + random(2)) * cell;
            const normal = Math.sqrt(-2 * Math.log(1 - random(3))) * Math.cos(2 * Math.PI * random(4));
            const radius = Math.min(cell, median * Math.exp(DROP_SPREAD * normal));
            const [ap, aq] = [p - centreP, q - centreQ];
            if (ap * ap + aq * aq <= radius * radius) least = threshold;
          }
    }
    return least;
  };
}
