import { fitHomography, LEAST_CORNERS, project } from '../reference/homography';
import type { ImagePoint } from '../reference/imagePoint';
import { distance, turnOf } from '../reference/imagePoint';
import { fitThinPlate } from './thinPlate';

/** A pair of places that show the same thing on two pictures. */
export interface PointPair {
  readonly reference: ImagePoint;
  readonly own: ImagePoint;
}

/** Why two pictures are not brought onto each other. */
export type RegistrationRefusal = 'tooFewPairs' | 'onALine' | 'doNotFit';

/** Each refusal in words, with what to do. */
export const REGISTRATION_REFUSAL_WORDS: Readonly<Record<RegistrationRefusal, string>> = {
  tooFewPairs: 'at least four pairs of points are needed; six serve, nine serve well',
  onALine: 'the points lie on a line or on one another: spread them over what is compared',
  doNotFit:
    'the pairs do not fit together: they are off by more than a seventh of what they span. Are both pictures of the same thing, from about the same side?',
};

/** How one picture is brought onto another. */
export interface Registration {
  /** what fits best: a plane's perspective, or a plate that bends */
  readonly kind: 'homography' | 'thinPlate';
  readonly smoothing: number;
  /** from the reference to the own picture */
  readonly toOwn: (point: ImagePoint) => ImagePoint;
  /** root mean square of each pair's error when it is left out; pixels of the own picture */
  readonly press: number;
  /** places are not off by more than this in nine of ten cases; pixels of the own picture */
  readonly errorPixels: number;
  /** pairs that fit the rest badly, from eight pairs on */
  readonly suspects: readonly number[];
  /** corners of the shape the points of the reference span, going round; beyond it nothing can be said */
  readonly hull: readonly ImagePoint[];
  /** whether a place of the reference lies within it */
  readonly isWithin: (point: ImagePoint) => boolean;
}

const SMOOTHINGS = [1e-4, 1e-3, 1e-2, 0.1, 1];
/** Error over leave-one-out error within which nine of ten places lie (by trial on rendered parts). */
const ERROR_OVER_PRESS = 1.65;
/** Leave-one-out error over the span of the points above which the pictures do not show one thing. */
const MOST_PRESS_SHARE = 0.15;
const LEAST_PAIRS_FOR_SUSPECTS = 8;
/** A pair is suspect where leaving it out makes the rest fit this many times better. */
const SUSPECT_GAIN = 2.5;

/**
 * Brings a reference onto one's own photograph by pairs of points: of a homography and thin plates of several stiffnesses the one whose pairs tell each
 * other best when left out in turn.
 *
 * @param isFlat whether what is compared is known to be flat: four pairs then settle a homography
 */
export function registerPictures(pairs: readonly PointPair[], isFlat = false): Registration | { readonly refusal: RegistrationRefusal } {
  if (pairs.length < LEAST_CORNERS) return { refusal: 'tooFewPairs' };
  const from = pairs.map(({ reference }) => reference);
  const to = pairs.map(({ own }) => own);
  const best = bestMap(from, to, isFlat);
  if (!best) return { refusal: 'onALine' };
  const span = spanOf(to);
  if (!(best.press <= MOST_PRESS_SHARE * span)) return { refusal: 'doNotFit' };
  const hull = convexHull(from);
  return {
    ...best,
    errorPixels: ERROR_OVER_PRESS * best.press,
    suspects: suspectsOf(from, to, best.press, isFlat),
    hull,
    isWithin: (point) => isInside(hull, point),
  };
}

type Map = (point: ImagePoint) => ImagePoint;
type Fitted = Pick<Registration, 'kind' | 'smoothing' | 'toOwn' | 'press'>;
type Fit = (from: readonly ImagePoint[], to: readonly ImagePoint[]) => Map | null;

const perspective: Fit = (from, to) => {
  const map = fitHomography(from, to);
  return map && ((point) => project(map, point).point);
};

/** A plate over what a plane's perspective leaves: bent less than one that must do both. Over the points themselves where there is no perspective. */
function bentBy(smoothing: number): Fit {
  return (from, to) => {
    const flat = from.length > LEAST_CORNERS ? perspective(from, to) : null;
    const plate = fitThinPlate(flat ? from.map(flat) : from, to, smoothing);
    return plate && ((point) => plate.map(flat ? flat(point) : point));
  };
}

function bestMap(from: readonly ImagePoint[], to: readonly ImagePoint[], isFlat: boolean): Fitted | null {
  // Four pairs are always met by a homography: nothing says whether the thing is flat, so only the finisher can.
  if (from.length === LEAST_CORNERS && isFlat) {
    const toOwn = perspective(from, to);
    return toOwn && { kind: 'homography', smoothing: 0, toOwn, press: 0 };
  }
  const tries: (readonly [Fitted['kind'], number, Fit])[] = SMOOTHINGS.map((smoothing) => ['thinPlate', smoothing, bentBy(smoothing)]);
  if (from.length > LEAST_CORNERS) tries.unshift(['homography', 0, perspective]);
  let best: Fitted | null = null;
  for (const [kind, smoothing, fit] of tries) {
    const toOwn = fit(from, to);
    if (!toOwn) continue;
    const press = leaveOneOutError(from, to, fit);
    if (!best || press < best.press) best = { kind, smoothing, toOwn, press };
  }
  return best;
}

/** Root mean square of how far each pair is off a map fitted to the others. */
function leaveOneOutError(from: readonly ImagePoint[], to: readonly ImagePoint[], fit: Fit): number {
  if (from.length === LEAST_CORNERS) return rootMeanSquare(fitThinPlate(from, to, SMOOTHINGS[0])?.leaveOneOut ?? [Infinity]);
  const errors = from.map((point, left) => {
    const rest = fit(
      from.filter((_, at) => at !== left),
      to.filter((_, at) => at !== left),
    );
    return rest ? distance(rest(point), to[left] as ImagePoint) : Infinity;
  });
  return rootMeanSquare(errors);
}

function suspectsOf(from: readonly ImagePoint[], to: readonly ImagePoint[], press: number, isFlat: boolean): readonly number[] {
  if (from.length < LEAST_PAIRS_FOR_SUSPECTS) return [];
  const without = <Kept>(list: readonly Kept[], left: number): readonly Kept[] => list.filter((_, at) => at !== left);
  const rest = from.map((_, left) => bestMap(without(from, left), without(to, left), isFlat)?.press ?? Infinity);
  const least = Math.min(...rest);
  return rest.flatMap((value, at) => (value === least && value * SUSPECT_GAIN < press ? [at] : []));
}

/** Diagonal of the box that points span. */
function spanOf(points: readonly ImagePoint[]): number {
  const side = (axis: 0 | 1): number => Math.max(...points.map((point) => point[axis])) - Math.min(...points.map((point) => point[axis]));
  return Math.hypot(side(0), side(1));
}

function rootMeanSquare(values: readonly number[]): number {
  return Math.sqrt(values.reduce((sum, value) => sum + value * value, 0) / values.length);
}

/** Corners of the smallest convex shape around points, going round (Andrew 1979, memory). */
function convexHull(points: readonly ImagePoint[]): readonly ImagePoint[] {
  const sorted = points.toSorted(([ax, ay], [bx, by]) => ax - bx || ay - by);
  const half = (list: readonly ImagePoint[]): ImagePoint[] => {
    const kept: ImagePoint[] = [];
    for (const point of list) {
      while (kept.length > 1 && turnOf(kept.at(-2) as ImagePoint, kept.at(-1) as ImagePoint, point) <= 0) kept.pop();
      kept.push(point);
    }
    return kept.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.toReversed())];
}

function isInside(hull: readonly ImagePoint[], point: ImagePoint): boolean {
  return hull.every((corner, at) => turnOf(corner, hull[(at + 1) % hull.length] as ImagePoint, point) >= 0);
}
