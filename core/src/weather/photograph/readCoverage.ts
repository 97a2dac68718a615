import type { Lab } from '../../colour/lab';
import { difference, linearOfLab } from '../../colour/lab';
import { median } from '../../number/median';
import type { Photo, PhotoPoint } from './photo';
import { writeLightAt } from './photo';
import { leastSquares, LEAST_PAIRS, registerPairs } from './register';

/** A corner-to-corner part of a photograph, pixels of the original. */
export interface PhotoArea {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** What a photograph is asked. */
export interface CoverageQuestion {
  readonly after: Photo;
  /** the same part before the first pass; null: there is none */
  readonly clean: Photo | null;
  /** the same places of the part in both photographs */
  readonly pairs: readonly { readonly after: PhotoPoint; readonly clean: PhotoPoint }[];
  /** places of the photograph after that no pass touched: they tell how the light changed */
  readonly cleanPins: readonly PhotoPoint[];
  readonly base: Lab;
  /** of the deposit, from its card */
  readonly deposit: Lab;
  readonly area: PhotoArea;
}

/** Why a photograph is not answered, as a code for its words. */
export type PhotoRefusal = 'noCleanPins' | 'clipped' | 'tooAlike' | 'readingsDisagree' | 'tooSmall' | 'notRegistered' | 'anotherPart';

/** A share of the area that a deposit covers, with the interval that holds. */
export interface CoverageReading {
  readonly coverage: number | null;
  readonly low: number | null;
  readonly high: number | null;
  /** half of the interval, before it is cut off at 0 and 1 */
  readonly half: number | null;
  readonly refusal: PhotoRefusal | null;
  /** against the registered clean photograph, the unregistered one, or none */
  readonly how: 'pair' | 'unregistered' | 'single';
}

/** Bounds of what is answered, all measured on rendered photographs. */
export const PHOTO_BOUNDS = {
  clippedShare: 0.1,
  leastDifference: 15,
  leastPins: 4,
  /** pixels of the averaged photograph */
  leastPixels: 1500,
  /** of the averaged photograph */
  mostResidual: 2.5,
  /** how far clean places may disagree on how the light changed, as a logarithm: on another part they disagree by more */
  mostSpread: 0.12,
  /** share of the clean photograph's grooves and edges that the later one still shows: about 1 on the same part, with 5 of 100 under this (washes that fill them); about 0 on another, with 5 of 100 over it */
  leastKept: 0.35,
  /** another part comes this far in 1 of 100; more is kept where a deposit darkens what was dark */
  plainlyKept: [0.7, 1.35],
  /** slope of the ratio's logarithm over the clean light's: 0 on the same part, −1 on another (9 of 10 turned parts are under this, 6 of 100 right ones) */
  leastSlope: -0.4,
  /** share of pixels that no mix of base and deposit explains: with the right part 1 in 100, at most 13; with another 12 and more */
  mostImpossible: 0.08,
} as const;

/** Half the interval: a part that is always there and one that grows with the coverage. */
const INTERVALS = { pair: [0.03, 0.2], unregistered: [0.06, 0.3], single: [0.1, 0.3] } as const;
/** Two readings that are further apart than this contradict each other. */
const AGREES = [0.04, 0.25] as const;

/** Half of the interval of a coverage that was read so. */
export function photoHalf(coverage: number, how: CoverageReading['how']): number {
  const [always, growing] = INTERVALS[how];
  return always + growing * coverage;
}

const refuse = (refusal: PhotoRefusal, how: CoverageReading['how'] = 'pair'): CoverageReading => ({
  coverage: null,
  low: null,
  high: null,
  half: null,
  refusal,
  how,
});

/**
 * How much of an area a deposit covers. With the clean part's photograph registered by pairs of points: each pixel's light over the clean one's, the
 * light's change taken out by clean places, weighed by noise. Without pairs the reading of the clean photograph is taken off; without a clean photograph
 * the interval is wide, and such a reading never says "stop".
 */
export function readCoverage(question: CoverageQuestion): CoverageReading {
  const { after, clean, base, deposit } = question;
  if (difference(base, deposit) < PHOTO_BOUNDS.leastDifference) return refuse('tooAlike');
  const area = innerArea(after, question.area);
  if ((area.right - area.left) * (area.bottom - area.top) < PHOTO_BOUNDS.leastPixels) return refuse('tooSmall');
  if (clippedShare(after, area) > PHOTO_BOUNDS.clippedShare) return refuse('clipped');
  const single = unmix(after, area, base, deposit);
  if (!clean) return withInterval(single, 'single');
  if (question.cleanPins.length < PHOTO_BOUNDS.leastPins) return refuse('noCleanPins');
  if (clippedShare(clean, wholeOf(clean)) > 2 * PHOTO_BOUNDS.clippedShare) return refuse('clipped');
  const scaled = question.pairs.map((pair) => ({ after: shrink(after, pair.after), clean: shrink(clean, pair.clean) }));
  if (scaled.length < LEAST_PAIRS) {
    const before = unmix(clean, innerArea(clean, question.area), base, deposit);
    return withInterval(Math.max(0, single - before), 'unregistered');
  }
  const registration = registerPairs(
    scaled.map((pair) => pair.after),
    scaled.map((pair) => pair.clean),
  );
  if (!registration || registration.residual > PHOTO_BOUNDS.mostResidual) return refuse('notRegistered');
  const warped = warp(after, clean, area, registration.map);
  if (!warped) return refuse('notRegistered');
  const kept = detailKept(after, warped, area);
  if (kept !== null && kept < PHOTO_BOUNDS.leastKept) return refuse('anotherPart');
  // Where the part's own detail is plainly there, shade that lies otherwise is the lamp's, and what no mix explains a highlight or two.
  const [least, most] = PHOTO_BOUNDS.plainlyKept;
  const isPlain = kept !== null && kept > least && kept < most;
  if (!isPlain && (shadeSlope(after, warped, area) ?? 0) < PHOTO_BOUNDS.leastSlope) return refuse('anotherPart');
  const gain = gainAtPins(after, clean, question.cleanPins, registration.map);
  if (!gain) return refuse('noCleanPins');
  if (gain.spread > PHOTO_BOUNDS.mostSpread) return refuse('anotherPart');
  const { coverage: pair, impossible } = pairedRatio(after, warped, area, gain.at, base, deposit);
  if (impossible > PHOTO_BOUNDS.mostImpossible * (isPlain ? 2 : 1)) return refuse('anotherPart');
  const before = unmixValues(warped.light, warped.width, area, base, deposit);
  const unregistered = single - before;
  if (Math.abs(unregistered - pair) > AGREES[0] + AGREES[1] * Math.max(0, pair)) return refuse('readingsDisagree');
  return withInterval(pair, 'pair');
}

function withInterval(coverage: number, how: CoverageReading['how']): CoverageReading {
  const value = Math.min(1, Math.max(0, coverage));
  const half = photoHalf(value, how);
  return { coverage: value, low: Math.max(0, value - half), high: Math.min(1, value + half), half, refusal: null, how };
}

interface InnerArea {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

function innerArea({ width, height, shrunkBy }: Photo, area: PhotoArea): InnerArea {
  return {
    left: Math.max(0, Math.floor(area.left / shrunkBy)),
    top: Math.max(0, Math.floor(area.top / shrunkBy)),
    right: Math.min(width, Math.floor((area.left + area.width) / shrunkBy)),
    bottom: Math.min(height, Math.floor((area.top + area.height) / shrunkBy)),
  };
}

function wholeOf({ width, height }: Photo): InnerArea {
  return { left: 0, top: 0, right: width, bottom: height };
}

function shrink({ shrunkBy }: Photo, [x, y]: PhotoPoint): PhotoPoint {
  return [(x + 0.5) / shrunkBy - 0.5, (y + 0.5) / shrunkBy - 0.5];
}

function clippedShare({ clipped, width }: Photo, { left, top, right, bottom }: InnerArea): number {
  let sum = 0;
  for (let y = top; y < bottom; y += 1) for (let x = left; x < right; x += 1) sum += clipped[y * width + x] as number;
  return sum / Math.max(1, (right - left) * (bottom - top));
}

/** The clean photograph as seen from where the later one was taken; NaN where it does not reach. */
function warp(after: Photo, clean: Photo, area: InnerArea, map: (x: number, y: number) => PhotoPoint): Photo | null {
  const light = new Float32Array(after.light.length).fill(NaN);
  const one = new Float32Array(3);
  let reached = 0;
  for (let y = area.top; y < area.bottom; y += 1)
    for (let x = area.left; x < area.right; x += 1) {
      const [u, v] = map(x, y);
      if (!writeLightAt(clean, u, v, one)) continue;
      reached += 1;
      light.set(one, (y * after.width + x) * 3);
    }
  if (reached < 0.5 * (area.right - area.left) * (area.bottom - area.top)) return null;
  return { ...after, light };
}

/** Side of the blocks that detail is compared in, pixels of the averaged photograph, and blocks to each side that are its surroundings. */
const DETAIL_BLOCK = 2;
const SURROUNDINGS = 2;
/** Less detail than this in the clean photograph, as a deviation of logarithms, is the camera's noise. */
const LEAST_DETAIL = 0.02;

/**
 * How much of its grooves and edges a part still shows: what each block is lighter or darker than its surroundings, as the slope of the later photograph's
 * over the clean one's. What a deposit adds lies otherwise and leaves the slope alone; on another part it is nothing. Null where the clean part has too
 * little detail to tell.
 */
function detailKept(after: Photo, warped: Photo, area: InnerArea): number | null {
  const [now, before] = [blockLogs(after, area), blockLogs(warped, area)];
  const { across, down } = now;
  const side = 2 * SURROUNDINGS + 1;
  let [both, ofBefore, count] = [0, 0, 0];
  for (let y = SURROUNDINGS; y < down - SURROUNDINGS; y += 1)
    for (let x = SURROUNDINGS; x < across - SURROUNDINGS; x += 1) {
      let [roundNow, roundBefore] = [0, 0];
      for (let dy = -SURROUNDINGS; dy <= SURROUNDINGS; dy += 1)
        for (let dx = -SURROUNDINGS; dx <= SURROUNDINGS; dx += 1) {
          const at = (y + dy) * across + x + dx;
          roundNow += now.logs[at] as number;
          roundBefore += before.logs[at] as number;
        }
      const own = (now.logs[y * across + x] as number) - roundNow / (side * side);
      const clean = (before.logs[y * across + x] as number) - roundBefore / (side * side);
      // Blocks that the clean photograph does not reach.
      if (!Number.isFinite(own + clean)) continue;
      both += own * clean;
      ofBefore += clean * clean;
      count += 1;
    }
  if (count === 0 || Math.sqrt(ofBefore / count) < LEAST_DETAIL) return null;
  return both / ofBefore;
}

/** The logarithm of the light of each block of an area. */
function blockLogs({ light, width }: Photo, { left, top, right, bottom }: InnerArea) {
  const across = Math.floor((right - left) / DETAIL_BLOCK);
  const down = Math.floor((bottom - top) / DETAIL_BLOCK);
  const logs = new Float64Array(across * down);
  for (let y = 0; y < down; y += 1)
    for (let x = 0; x < across; x += 1) {
      let sum = 0;
      for (let dy = 0; dy < DETAIL_BLOCK; dy += 1)
        for (let dx = 0; dx < DETAIL_BLOCK; dx += 1) {
          const at = ((top + y * DETAIL_BLOCK + dy) * width + left + x * DETAIL_BLOCK + dx) * 3;
          sum += (light[at] as number) + 2 * (light[at + 1] as number) + (light[at + 2] as number);
        }
      logs[y * across + x] = Math.log(Math.max(1e-4, sum));
    }
  return { logs, across, down };
}

/** Side of the blocks that shade is compared in, pixels of the averaged photograph: small beside a part's shape, large beside noise. */
const BLOCK = 6;

/**
 * Slope of the log ratio of both photographs against the clean one's log light, over blocks. It is 0 for the same part, whose shade is in
 * both, and −1 when the photographs have nothing to do with each other. Null where there is too little shade to tell.
 */
function shadeSlope(after: Photo, warped: Photo, { left, top, right, bottom }: InnerArea): number | null {
  const points: (readonly [number, number])[] = [];
  for (let y = top; y + BLOCK <= bottom; y += BLOCK)
    for (let x = left; x + BLOCK <= right; x += BLOCK) {
      let [now, before] = [0, 0];
      for (let dy = 0; dy < BLOCK; dy += 1)
        for (let dx = 0; dx < BLOCK; dx += 1) {
          const at = ((y + dy) * after.width + x + dx) * 3;
          now += (after.light[at] as number) + 2 * (after.light[at + 1] as number) + (after.light[at + 2] as number);
          before += (warped.light[at] as number) + 2 * (warped.light[at + 1] as number) + (warped.light[at + 2] as number);
        }
      if (now > 0 && before > 0) points.push([Math.log(before), Math.log(now / before)]);
    }
  if (points.length < 20) return null;
  const mean = (part: 0 | 1): number => points.reduce((sum, point) => sum + point[part], 0) / points.length;
  const [mx, my] = [mean(0), mean(1)];
  let [xx, xy] = [0, 0];
  for (const [x, y] of points) {
    xx += (x - mx) ** 2;
    xy += (x - mx) * (y - my);
  }
  return Math.sqrt(xx / points.length) < LEAST_SHADE ? null : xy / xx;
}

/** Less shade than this, as a deviation of logarithms, tells nothing. */
const LEAST_SHADE = 0.08;

/** How the light changed: a gain for each channel that may lean over the picture, as clean places have it. */
type Gain = (channel: number, x: number, y: number) => number;

/** The change of light with how far the clean places disagree on it. */
interface FittedGain {
  readonly at: Gain;
  /** root of the mean square of what the fit leaves, as a logarithm */
  readonly spread: number;
}

/** Pins from which a leaning light is fitted; fewer give one gain for all places. */
const LEANING_PINS = 8;
/** Side of the patch a pin is read from, pixels of the averaged photograph. */
const PATCH = 2;

function gainAtPins(after: Photo, clean: Photo, pins: readonly PhotoPoint[], map: (x: number, y: number) => PhotoPoint): FittedGain | null {
  const readings = pins.flatMap((pin) => {
    const [x, y] = shrink(after, pin);
    const sums = new Float64Array(6);
    const one = new Float32Array(3);
    let count = 0;
    for (let dy = -PATCH; dy <= PATCH; dy += 1)
      for (let dx = -PATCH; dx <= PATCH; dx += 1) {
        const [u, v] = map(x + dx, y + dy);
        if (!writeLightAt(clean, u, v, one)) continue;
        const before = [one[0] as number, one[1] as number, one[2] as number];
        if (!writeLightAt(after, x + dx, y + dy, one)) continue;
        count += 1;
        for (let channel = 0; channel < 3; channel += 1) {
          sums[channel] = (sums[channel] as number) + (one[channel] as number);
          sums[3 + channel] = (sums[3 + channel] as number) + (before[channel] as number);
        }
      }
    if (count === 0) return [];
    return [
      {
        x,
        y,
        logs: [0, 1, 2].map((channel) => Math.log(Math.max(1e-4, sums[channel] as number) / Math.max(1e-4, sums[3 + channel] as number))),
      },
    ];
  });
  if (readings.length < PHOTO_BOUNDS.leastPins) return null;
  const middle = [0, 1, 2].map((channel) => median(readings.map(({ logs }) => logs[channel] as number)));
  // The lean is the same for all channels: it is the lamp that moved, not its colour.
  const offsets = readings.map(({ logs }) => logs.reduce((sum, value, channel) => sum + value - (middle[channel] as number), 0) / 3);
  const lean =
    readings.length < LEANING_PINS
      ? Float64Array.of(0, 0, 0)
      : leastSquares(
          readings.map(({ x, y }) => [1, x / after.width - 0.5, y / after.height - 0.5]),
          offsets,
        );
  if (!lean) return null;
  const [flat = 0, acrossX = 0, acrossY = 0] = lean;
  const leanAt = (x: number, y: number): number => flat + acrossX * (x / after.width - 0.5) + acrossY * (y / after.height - 0.5);
  const square = readings.reduce((sum, { x, y }, at) => sum + ((offsets[at] as number) - leanAt(x, y)) ** 2, 0);
  return {
    at: (channel, x, y) => Math.exp((middle[channel] as number) + leanAt(x, y)),
    spread: Math.sqrt(square / readings.length),
  };
}

/** Darker than this a ratio is mostly noise; brighter it may be burnt. */
const TRUSTED = { least: 0.004, most: 0.9 } as const;

/** A pixel whose share lies further than this outside of 0 … 1 is no mix of base and deposit. */
const BEYOND = 0.15;

/** What the registered pair says. */
interface PairedReading {
  readonly coverage: number;
  /** share of the pixels that no mix of base and deposit explains */
  readonly impossible: number;
}

/** The deposit's share by each pixel's light over the clean one's. Not cut off at 0 and 1: noise must average out. */
function pairedRatio(after: Photo, warped: Photo, area: InnerArea, gain: Gain, base: Lab, deposit: Lab): PairedReading {
  const [under, over] = [linearOfLab(base), linearOfLab(deposit)];
  const rho = under.map((value, channel) => Math.max(0.001, over[channel] as number) / Math.max(0.001, value));
  let top = 0;
  let bottom = 0;
  let pixels = 0;
  let impossible = 0;
  for (let y = area.top; y < area.bottom; y += 1)
    for (let x = area.left; x < area.right; x += 1) {
      const pixel = y * after.width + x;
      if ((after.clipped[pixel] as number) > 0.5) continue;
      let own = 0;
      let all = 0;
      for (let channel = 0; channel < 3; channel += 1) {
        const before = (warped.light[pixel * 3 + channel] as number) * gain(channel, x, y);
        const now = after.light[pixel * 3 + channel] as number;
        if (!(before > TRUSTED.least) || before > TRUSTED.most || now > TRUSTED.most) continue;
        const step = 1 - (rho[channel] as number);
        // A ratio's noise falls with the light it is taken from.
        const weight = before * before;
        own += weight * (1 - now / before) * step;
        all += weight * step * step;
      }
      if (!(all > 0)) continue;
      pixels += 1;
      if (Math.abs(own / all - 0.5) > 0.5 + BEYOND) impossible += 1;
      // Each pixel counts by how little noise its own share has, up to a bound: a few bright ones must not speak for all.
      const trust = Math.min(1, all / (all + 0.002));
      top += (trust * own) / all;
      bottom += trust;
    }
  return { coverage: bottom > 0 ? top / bottom : 0, impossible: pixels > 0 ? impossible / pixels : 1 };
}

function unmix(photo: Photo, area: InnerArea, base: Lab, deposit: Lab): number {
  const values = new Float32Array(photo.light.length).fill(NaN);
  for (let y = area.top; y < area.bottom; y += 1)
    for (let x = area.left; x < area.right; x += 1) {
      const pixel = y * photo.width + x;
      if ((photo.clipped[pixel] as number) > 0.5) continue;
      for (let channel = 0; channel < 3; channel += 1) values[pixel * 3 + channel] = photo.light[pixel * 3 + channel] as number;
    }
  return unmixValues(values, photo.width, area, base, deposit);
}

/** How firmly the light over a pixel is held to that of its surroundings, beside the pixel's own colour. */
const SHADING_PRIOR = 0.15;

/**
 * One photograph alone: each pixel as so much base and so much deposit under a light near its surroundings'. It takes what is dark by shape for deposit
 * here and there, so it is used beside the clean photograph's own reading.
 */
function unmixValues(light: Float32Array, row: number, area: InnerArea, base: Lab, deposit: Lab): number {
  const [under, over] = [linearOfLab(base), linearOfLab(deposit)];
  const normal = under.map((value) => Math.max(0.001, value)) as [number, number, number];
  const dark = over.map((value) => Math.max(0.001, value)) as [number, number, number];
  const brightness = (pixel: number): number =>
    [0, 1, 2].reduce((sum, channel) => sum + (light[pixel * 3 + channel] as number) / (normal[channel] as number), 0) / 3;
  // The usual light: the median over the area of how bright the base would have to be.
  const samples: number[] = [];
  for (let y = area.top; y < area.bottom; y += 3)
    for (let x = area.left; x < area.right; x += 3) {
      const value = brightness(y * row + x);
      if (Number.isFinite(value)) samples.push(value);
    }
  const usual = median(samples) || 1;
  let sum = 0;
  let count = 0;
  for (let y = area.top; y < area.bottom; y += 1)
    for (let x = area.left; x < area.right; x += 1) {
      const pixel = y * row + x;
      let [bb, bd, dd, pb, pd] = [0, 0, 0, 0, 0];
      for (let channel = 0; channel < 3; channel += 1) {
        const value = (light[pixel * 3 + channel] as number) / usual;
        bb += (normal[channel] as number) ** 2;
        bd += (normal[channel] as number) * (dark[channel] as number);
        dd += (dark[channel] as number) ** 2;
        pb += value * (normal[channel] as number);
        pd += value * (dark[channel] as number);
      }
      if (!Number.isFinite(pb)) continue;
      const hold = SHADING_PRIOR * SHADING_PRIOR * bb;
      const [a, b, c, p, q] = [bb + hold, bd + hold, dd + hold, pb + hold, pd + hold];
      const determinant = a * c - b * b;
      const clean = (p * c - q * b) / determinant;
      const deposited = (q * a - p * b) / determinant;
      const whole = Math.max(0, clean) + Math.max(0, deposited);
      if (whole > 0) {
        sum += Math.max(0, deposited) / whole;
        count += 1;
      }
    }
  return count > 0 ? sum / count : 0;
}
