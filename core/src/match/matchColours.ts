import { inverse, Matrix } from 'ml-matrix';
import type { Lab, LinearRgb } from '../colour/lab';
import { difference, labOfLinear, linearOfLab, xyzOfLinear } from '../colour/lab';
import { lightOfScreen } from '../colour/screenLight';
import type { AreaColour, PictureArea, Pixels } from '../colour/picture/averageArea';
import { gainsOf } from '../colour/picture/neutralise';
import { median } from '../number/median';
import type { ImagePoint } from '../reference/imagePoint';
import type { Registration } from './registerPictures';

/** How alike two pictures were taken: it decides how sure a difference of colour can be. */
export type MatchConditions =
  'sameCameraAndLight' | 'lightElsewhere' | 'otherCamera' | 'otherLight' | 'otherLightAndCamera' | 'chipsInBoth';

/** Half width of the 90 % interval of ΔE00 by conditions; measured on synthetic cameras and lights, indicative until real photographs exist. */
export const MATCH_HALF_WIDTHS: Readonly<Record<MatchConditions, number>> = {
  sameCameraAndLight: 2.5,
  lightElsewhere: 3,
  otherCamera: 4.5,
  otherLight: 7,
  otherLightAndCamera: 10,
  chipsInBoth: 3,
};

/** All of them, the surest first. */
export const MATCH_CONDITIONS = Object.keys(MATCH_HALF_WIDTHS) as readonly MatchConditions[];

/** A region that is compared, by its area on the reference. */
export interface MatchRegion {
  readonly id: string;
  readonly area: PictureArea;
}

/** Why a region, or all of them, cannot be compared. */
export type MatchRefusal = 'tooSmall' | 'clipped' | 'outside' | 'patchElsewhere';

/** Each refusal in words, with what to do. */
export const MATCH_REFUSAL_WORDS: Readonly<Record<MatchRefusal, string>> = {
  tooSmall:
    'fewer than twelve pixels a side are left of it once the error of the points is taken off: take a larger picture, or give more points',
  clipped: 'more than three of ten pixels are white or black through: expose for it',
  outside: 'it lies outside the points: give points around it',
  patchElsewhere: 'all regions are off alike by more than the light can make: the grey patch stood in another light than the thing',
};

/** A region on both pictures with the light taken out of each. */
export type RegionMatch =
  | { readonly id: string; readonly refusal: MatchRefusal }
  | {
      readonly id: string;
      readonly reference: Lab;
      readonly own: Lab;
      readonly deltaE: number;
      readonly low: number;
      readonly high: number;
      readonly isDoubtful: boolean;
    };

/** What a comparison comes to. */
export interface ColourMatch {
  readonly regions: readonly RegionMatch[];
  /** what all regions are off alike in hue and chroma, once one exposure is taken out; Lab units */
  readonly commonShift: number;
  readonly half: number;
  readonly refusal: MatchRefusal | null;
}

/** What a comparison needs of each picture. */
export interface MatchSide {
  readonly pixels: Pixels;
  /** light of its grey patch, as the camera saw it */
  readonly patch: AreaColour;
  /** the patch's true colour */
  readonly known: Lab;
}

const LEAST_SIDE = 12;
const MOST_CLIPPED = 0.3;
const DOUBTED_CLIPPED = 0.05;
const MOST_COMMON_SHIFT = 8;
/** With fewer regions a shift of all cannot be told from what they differ by. */
const LEAST_REGIONS_FOR_SHIFT = 3;
const MOST_SAMPLES = 800;
const BLOWN = 253;
const CRUSHED = 2;
/** Bradford's cone responses (memory). */
const BRADFORD = [
  [0.8951, 0.2664, -0.1614],
  [-0.7502, 1.7135, 0.0367],
  [0.0389, -0.0685, 1.0296],
] as const;

type Adapt = (rgb: LinearRgb) => LinearRgb;

/**
 * Colours of regions on a reference and on one's own photograph, the light of each taken out by its grey patch and one common exposure besides.
 *
 * The light is taken out twice, channel by channel and by Bradford's cone responses: which serves depends on what the camera did, so the one that
 * brings the regions nearer together is kept.
 */
export function matchColours(
  reference: MatchSide,
  own: MatchSide,
  regions: readonly MatchRegion[],
  registration: Registration,
  conditions: MatchConditions,
): ColourMatch {
  const half = MATCH_HALF_WIDTHS[conditions];
  const read = regions.map((region) => readRegion(reference.pixels, own.pixels, region, registration));
  const sound = read.flatMap((one) => ('refusal' in one ? [] : [one]));
  const tries = [channelGains, bradfordGains].map((gains) => compare(sound, gains(reference), gains(own)));
  const best = tries.reduce((one, other) => (other.middle < one.middle ? other : one));
  const refusal = sound.length >= LEAST_REGIONS_FOR_SHIFT && best.commonShift > MOST_COMMON_SHIFT ? 'patchElsewhere' : null;
  const byId = new Map(best.pairs.map((pair) => [pair.id, pair]));
  return {
    half,
    commonShift: best.commonShift,
    refusal,
    regions: read.map((one): RegionMatch => {
      const pair = byId.get(one.id);
      if ('refusal' in one || !pair) return { id: one.id, refusal: 'refusal' in one ? one.refusal : 'tooSmall' };
      const deltaE = difference(pair.reference, pair.own);
      return { ...pair, deltaE, low: Math.max(0, deltaE - half), high: deltaE + half, isDoubtful: one.isDoubtful };
    }),
  };
}

interface ReadRegion {
  readonly id: string;
  readonly reference: readonly LinearRgb[];
  readonly own: readonly LinearRgb[];
  readonly isDoubtful: boolean;
}

function readRegion(
  reference: Pixels,
  own: Pixels,
  { id, area }: MatchRegion,
  registration: Registration,
): ReadRegion | { readonly id: string; readonly refusal: MatchRefusal } {
  const box = {
    left: area.x * reference.width,
    top: area.y * reference.height,
    width: area.width * reference.width,
    height: area.height * reference.height,
  };
  // Along the edge the points may err: what is read lies that much inside. The error is told on the own picture, where the same stretch has its own scale.
  const scale = scaleAt(registration, [box.left + box.width / 2, box.top + box.height / 2]);
  const shrink = registration.errorPixels / Math.max(scale, 1e-6);
  const [width, height] = [box.width - 2 * shrink, box.height - 2 * shrink];
  if (Math.min(width, height) < LEAST_SIDE || Math.min(width, height) * scale < LEAST_SIDE) return { id, refusal: 'tooSmall' };
  const step = Math.max(1, Math.sqrt((width * height) / MOST_SAMPLES));
  const sides: { readonly reference: LinearRgb[]; readonly own: LinearRgb[] } = { reference: [], own: [] };
  let [count, clipped, outside] = [0, 0, 0];
  for (let y = box.top + shrink + step / 2; y < box.top + shrink + height; y += step)
    for (let x = box.left + shrink + step / 2; x < box.left + shrink + width; x += step) {
      count += 1;
      const there = registration.toOwn([x, y]);
      const [a, b] = [pixelAt(reference, [x, y]), pixelAt(own, there)];
      if (!a || !b || !registration.isWithin([x, y])) {
        outside += 1;
        continue;
      }
      if (a === 'clipped' || b === 'clipped') clipped += 1;
      if (a !== 'clipped') sides.reference.push(a);
      if (b !== 'clipped') sides.own.push(b);
    }
  if (outside > count / 2) return { id, refusal: 'outside' };
  const share = clipped / Math.max(1, count - outside);
  if (share > MOST_CLIPPED || sides.reference.length === 0 || sides.own.length === 0) return { id, refusal: 'clipped' };
  return { id, ...sides, isDoubtful: share > DOUBTED_CLIPPED };
}

function scaleAt({ toOwn }: Registration, [x, y]: ImagePoint): number {
  const [[ax, ay], [bx, by], [cx, cy]] = [toOwn([x, y]), toOwn([x + 1, y]), toOwn([x, y + 1])];
  return Math.sqrt(Math.abs((bx - ax) * (cy - ay) - (by - ay) * (cx - ax)));
}

function pixelAt({ data, width, height }: Pixels, [x, y]: ImagePoint): LinearRgb | 'clipped' | null {
  const [column, row] = [Math.floor(x), Math.floor(y)];
  if (!(column >= 0 && row >= 0 && column < width && row < height)) return null;
  const at = (row * width + column) * 4;
  const [r = 0, g = 0, b = 0] = [data[at], data[at + 1], data[at + 2]];
  if (Math.max(r, g, b) >= BLOWN || Math.max(r, g, b) <= CRUSHED) return 'clipped';
  return [lightOfScreen(r), lightOfScreen(g), lightOfScreen(b)];
}

interface Compared {
  readonly pairs: readonly { readonly id: string; readonly reference: Lab; readonly own: Lab }[];
  readonly commonShift: number;
  /** median ΔE00 over regions */
  readonly middle: number;
}

function compare(regions: readonly ReadRegion[], adaptReference: Adapt, adaptOwn: Adapt): Compared {
  if (regions.length === 0) return { pairs: [], commonShift: 0, middle: 0 };
  const colours = regions.map(({ id, reference, own }) => ({
    id,
    reference: medianLight(reference, adaptReference),
    own: medianLight(own, adaptOwn),
  }));
  const luminance = (rgb: LinearRgb): number => Math.max(1e-6, xyzOfLinear(rgb)[1]);
  const exposure = Math.exp(median(colours.map(({ reference, own }) => Math.log(luminance(reference) / luminance(own)))));
  const pairs = colours.map(({ id, reference, own: [r, g, b] }) => ({
    id,
    reference: labOfLinear(reference),
    own: labOfLinear([r * exposure, g * exposure, b * exposure]),
  }));
  const shift = (channel: 1 | 2): number => median(pairs.map(({ reference, own }) => own[channel] - reference[channel]));
  return {
    pairs,
    commonShift: Math.hypot(shift(1), shift(2)),
    middle: median(pairs.map(({ reference, own }) => difference(reference, own))),
  };
}

/** Median lightness and median chromaticity of many pixels, as one light. */
function medianLight(pixels: readonly LinearRgb[], adapt: Adapt): LinearRgb {
  const labs = pixels.map((rgb) => labOfLinear(adapt(rgb)));
  return linearOfLab([median(labs.map(([l]) => l)), median(labs.map(([, a]) => a)), median(labs.map(([, , b]) => b))]);
}

function channelGains({ patch, known }: MatchSide): Adapt {
  const [r, g, b] = gainsOf({ measured: patch.rgb, known });
  return (rgb) => [rgb[0] * r, rgb[1] * g, rgb[2] * b];
}

function bradfordGains({ patch, known }: MatchSide): Adapt {
  const cones = (rgb: LinearRgb): number[] => {
    const xyz = xyzOfLinear(rgb);
    return BRADFORD.map((row) => row.reduce((sum, weight, at) => sum + weight * (xyz[at] as number), 0));
  };
  const [measured, wanted] = [cones(patch.rgb), cones(linearOfLab(known))];
  const gains = wanted.map((value, at) => value / Math.max(1e-6, measured[at] as number));
  // Cones are linear in the screen's channels, and so is the way back: three columns say all.
  const columns = ([[1, 0, 0], [0, 1, 0], [0, 0, 1]] as const).map(cones); // prettier-ignore
  const there = [0, 1, 2].map((row) => columns.map((column) => column[row] as number));
  const back = inverse(new Matrix(there)).to2DArray();
  return (rgb) => {
    const adapted = cones(rgb).map((value, at) => value * (gains[at] as number));
    return back.map((row) => row.reduce((sum, weight, at) => sum + weight * (adapted[at] as number), 0)) as unknown as LinearRgb;
  };
}
