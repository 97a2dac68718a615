import jpeg from 'jpeg-js';
import type { Lab } from '../../colour/lab';
import { linearOfLab } from '../../colour/lab';
import { screenOfLight } from '../../colour/screenLight';
import { seededRandom } from '../../random/seededRandom';
import { octaveNoise, shareOfOctaveNoise } from '../places/noise';
import type { PhotoPoint } from '../photograph/photo';

/** A pair of photographs of a grooved dome, drawn by the script, with what is true of them. */
export interface RenderedPair {
  readonly width: number;
  readonly height: number;
  readonly clean: Uint8Array;
  readonly after: Uint8Array;
  readonly pairs: readonly { readonly after: PhotoPoint; readonly clean: PhotoPoint }[];
  readonly cleanPins: readonly PhotoPoint[];
  /** true share of the area that is covered */
  readonly coverage: number;
  readonly area: { readonly left: number; readonly top: number; readonly width: number; readonly height: number };
}

/** What a pair shows. */
export interface RenderSetting {
  readonly base: Lab;
  readonly deposit: Lab;
  readonly pattern: 'chips' | 'wash' | 'streaks';
  readonly share: number;
  readonly light: 'soft' | 'side' | 'spot';
  readonly isLightMoved: boolean;
  readonly isShiny: boolean;
  readonly size: number;
  readonly seed: number;
  /** grooves across the dome; left out: seven; none is a part without detail */
  readonly grooves?: number;
}

const LIGHTS = {
  soft: { from: [0.2, -0.3, 0.93], lamp: 0.55, sky: 0.5 },
  side: { from: [-0.75, -0.25, 0.61], lamp: 0.85, sky: 0.25 },
  spot: { from: [0.4, -0.55, 0.73], lamp: 0.95, sky: 0.12 },
} as const;

/** Draws both: a dome with grooves under a lamp and the sky, with noise of the camera, JPEG at 80, the camera moved a little between them. */
export function renderPair(setting: RenderSetting): RenderedPair {
  const random = seededRandom(setting.seed);
  const { size } = setting;
  const jitter = (): number => random() * 2 - 1;
  const by = size * (0.005 + 0.0075 * random());
  const angle = random() * 2 * Math.PI;
  const turn = 0.01 * jitter();
  const scale = 1 + 0.01 * jitter();
  const middle = size / 2;
  /** Where a place of the dome, in pixels of the clean photograph, is seen in the later one. */
  const moved = (x: number, y: number): PhotoPoint => {
    const [dx, dy] = [(x - middle) * scale, (y - middle) * scale];
    return [
      middle + dx * Math.cos(turn) - dy * Math.sin(turn) + by * Math.cos(angle),
      middle + dx * Math.sin(turn) + dy * Math.cos(turn) + by * Math.sin(angle),
    ];
  };
  const back = (x: number, y: number): PhotoPoint => {
    const [dx, dy] = [x - middle - by * Math.cos(angle), y - middle - by * Math.sin(angle)];
    return [middle + (dx * Math.cos(turn) + dy * Math.sin(turn)) / scale, middle + (dy * Math.cos(turn) - dx * Math.sin(turn)) / scale];
  };
  const covered = patternOf(setting);
  const lean = setting.isLightMoved ? [0.12 * jitter(), 0.12 * jitter(), 0.03 * jitter()] : [0, 0, 0];
  const exposure = 1 + 0.15 * jitter();
  const clean = shoot(
    setting,
    [0, 0, 0],
    1,
    (x, y) => [x, y],
    () => 0,
    random,
  );
  const after = shoot(setting, lean, exposure, back, covered, random);
  const inset = Math.round(size * 0.12);
  const area = { left: inset, top: inset, width: size - 2 * inset, height: size - 2 * inset };
  let sum = 0;
  let count = 0;
  for (let y = area.top; y < area.top + area.height; y += 1)
    for (let x = area.left; x < area.left + area.width; x += 1) {
      const [u, v] = back(x, y);
      sum += covered(u, v);
      count += 1;
    }
  const pins: PhotoPoint[] = [];
  for (let tries = 0; pins.length < 12 && tries < 4000; tries += 1) {
    const [x, y] = [area.left + random() * area.width, area.top + random() * area.height];
    const reach = size / 120;
    let most = 0;
    for (let dy = -2; dy <= 2; dy += 1) for (let dx = -2; dx <= 2; dx += 1) most = Math.max(most, covered(x + dx * reach, y + dy * reach));
    if (most < 0.02) pins.push(moved(x, y));
  }
  const point = 0.0015 * size;
  const pairs = [
    [0.15, 0.15],
    [0.85, 0.18],
    [0.82, 0.84],
    [0.16, 0.83],
    [0.5, 0.3],
    [0.45, 0.7],
  ].map(([u, v]) => {
    const [x, y] = [(u as number) * size, (v as number) * size];
    const [p, q] = moved(x, y);
    return { clean: [x + point * jitter(), y + point * jitter()] as const, after: [p + point * jitter(), q + point * jitter()] as const };
  });
  return { width: size, height: size, clean, after, pairs, cleanPins: pins, coverage: sum / count, area };
}

/** How deep a place lies in the dome's grooves, 0 … 1. */
function grooveAt({ size, grooves = 7 }: Pick<RenderSetting, 'size' | 'grooves'>, x: number, y: number): number {
  if (grooves === 0) return 0;
  const across = Math.abs((((((y / size) * grooves + 0.3 * (x / size)) % 1) + 1) % 1) - 0.5) * 2;
  return Math.max(0, 1 - (1 - across) * 6);
}

function patternOf(setting: RenderSetting): (x: number, y: number) => number {
  const { pattern, share, size, seed } = setting;
  const unit = size / 120;
  const breadth = pattern === 'streaks' ? [4 * unit, 40 * unit] : pattern === 'wash' ? [10 * unit, 10 * unit] : [5 * unit, 5 * unit];
  return (x, y) => {
    const noise = shareOfOctaveNoise(octaveNoise(x / (breadth[0] as number), y / (breadth[1] as number), 0.37, seed + 5));
    if (pattern !== 'wash') return Math.min(1, Math.max(0, (share - noise) / 0.03 + 0.5));
    // A wash lies in the grooves first and thins out by degrees.
    return Math.min(1, Math.max(0, (share * (0.6 + 1.6 * grooveAt(setting, x, y)) - noise) / 0.25 + 0.5 * share));
  };
}

function shoot(
  setting: RenderSetting,
  lean: readonly number[],
  exposure: number,
  placeOf: (x: number, y: number) => PhotoPoint,
  covered: (x: number, y: number) => number,
  random: () => number,
): Uint8Array {
  const { base, deposit, light, size, isShiny } = setting;
  const { from, lamp, sky } = LIGHTS[light];
  const lx = (from[0] as number) + (lean[0] as number);
  const ly = (from[1] as number) + (lean[1] as number);
  const lz = (from[2] as number) + (lean[2] as number);
  const long = Math.hypot(lx, ly, lz);
  const [under, over] = [linearOfLab(base), linearOfLab(deposit)];
  const pixels = new Uint8Array(size * size * 4);
  const radius = size * 0.85;
  for (let y = 0; y < size; y += 1)
    for (let x = 0; x < size; x += 1) {
      const [u, v] = placeOf(x, y);
      const [dx, dy] = [(u - size / 2) / radius, (v - size / 2) / radius];
      const dz = Math.sqrt(Math.max(0.05, 1 - dx * dx - dy * dy));
      const groove = grooveAt(setting, u, v);
      const slope = (grooveAt(setting, u, v + size / 240) - grooveAt(setting, u, v - size / 240)) * 0.6;
      const [nx, ny, nz] = [dx, dy + slope, dz];
      const length = Math.hypot(nx, ny, nz);
      const facing = Math.max(0, (nx * lx + ny * ly + nz * lz) / length / long);
      const shade = (lamp * facing + sky * (0.7 + (0.3 * nz) / length)) * (1 - 0.45 * groove) * exposure;
      // Half way between lamp and eye, as Blinn has it.
      const [hx, hy, hz] = [lx / long, ly / long, lz / long + 1];
      const gloss = isShiny ? 0.25 * Math.max(0, (nx * hx + ny * hy + nz * hz) / length / Math.hypot(hx, hy, hz)) ** 60 : 0;
      const c = covered(u, v);
      for (let channel = 0; channel < 3; channel += 1) {
        const body = ((under[channel] as number) * (1 - c) + (over[channel] as number) * c) * shade + gloss;
        const noise = 0.004 * Math.sqrt(Math.max(0, body) + 0.02) * gaussian(random);
        pixels[(y * size + x) * 4 + channel] = Math.round(screenOfLight(body + noise));
      }
      pixels[(y * size + x) * 4 + 3] = 255;
    }
  const packed = jpeg.encode({ data: pixels, width: size, height: size }, 80);
  return jpeg.decode(packed.data, { useTArray: true, formatAsRGBA: true, maxMemoryUsageInMB: 1024 }).data;
}

function gaussian(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}
