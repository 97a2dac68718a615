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

const SMOOTHINGS = [1e-4, 1e-3, 1e-2, 0.1, 1] as const;
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
  const fits = new FitsWithout(from, to, isFlat);
  const best = fits.best([]);
  if (!best) return { refusal: 'onALine' };
  const span = spanOf(to);
  if (!(best.press <= MOST_PRESS_SHARE * span)) return { refusal: 'doNotFit' };
  const hull = convexHull(from);
  return {
    ...best,
    errorPixels: ERROR_OVER_PRESS * best.press,
    suspects: suspectsOf(fits, pairs.length, best.press),
    hull,
    isWithin: (point) => isInside(hull, point),
  };
}

type Map = (point: ImagePoint) => ImagePoint;
type Fitted = Pick<Registration, 'kind' | 'smoothing' | 'toOwn' | 'press'>;
type Tried = Pick<Registration, 'kind' | 'smoothing'> & { readonly toOwn: Map | null };

/**
 * A homography and plates of every stiffness through the same pairs. A plate goes over what the plane's perspective leaves: it is bent less than one
 * that must do both. It goes over the points themselves where there is no perspective.
 */
function fitAll(from: readonly ImagePoint[], to: readonly ImagePoint[]): readonly Tried[] {
  const homography = fitHomography(from, to);
  const perspective: Map | null = homography && ((point) => project(homography, point).point);
  // Four pairs are always met by a homography: nothing is left for a plate, and nothing says whether the thing is flat.
  const flat = from.length > LEAST_CORNERS ? perspective : null;
  const bases = flat ? from.map(flat) : from;
  const plates = SMOOTHINGS.map((smoothing): Tried => {
    const plate = fitThinPlate(bases, to, smoothing);
    return { kind: 'thinPlate', smoothing, toOwn: plate && ((point) => plate.map(flat ? flat(point) : point)) };
  });
  return [{ kind: 'homography', smoothing: 0, toOwn: perspective }, ...plates];
}

/** Fits through pairs with some left out, each set of pairs fitted once: leaving out one and then another is leaving out both in any order. */
class FitsWithout {
  private readonly known = new Map<string, readonly Tried[]>();

  constructor(
    private readonly from: readonly ImagePoint[],
    private readonly to: readonly ImagePoint[],
    private readonly isFlat: boolean,
  ) {}

  /** The map whose pairs tell each other best; null where no map goes through them. */
  best(left: readonly number[]): Fitted | null {
    const [from, to] = this.rest(left);
    if (from.length === LEAST_CORNERS) return this.isFlat ? exactly(from, to) : bentThroughFour(from, to);
    let best: Fitted | null = null;
    for (const [nth, { kind, smoothing, toOwn }] of this.all(left).entries()) {
      if (!toOwn) continue;
      const press = rootMeanSquare(this.errorsWithout(left, nth));
      if (!best || press < best.press) best = { kind, smoothing, toOwn, press };
    }
    return best;
  }

  /** How far each pair is off the nth kind of map fitted to the others. */
  private errorsWithout(left: readonly number[], nth: number): readonly number[] {
    return this.from.flatMap((point, pair) => {
      if (left.includes(pair)) return [];
      const toOwn = this.all([...left, pair])[nth]?.toOwn;
      return [toOwn ? distance(toOwn(point), this.to[pair] as ImagePoint) : Infinity];
    });
  }

  private all(left: readonly number[]): readonly Tried[] {
    const key = left.toSorted((a, b) => a - b).join(' ');
    const known = this.known.get(key) ?? fitAll(...this.rest(left));
    this.known.set(key, known);
    return known;
  }

  private rest(left: readonly number[]): readonly [readonly ImagePoint[], readonly ImagePoint[]] {
    const stays = (_: ImagePoint, pair: number): boolean => !left.includes(pair);
    return [this.from.filter(stays), this.to.filter(stays)];
  }
}

/** Four pairs of a thing that is known to be flat. */
function exactly(from: readonly ImagePoint[], to: readonly ImagePoint[]): Fitted | null {
  const [{ toOwn } = { toOwn: null }] = fitAll(from, to);
  return toOwn && { kind: 'homography', smoothing: 0, toOwn, press: 0 };
}

/** The least smoothed plate through four pairs; three cannot hold one, so what each is off when left out comes from the closed form. */
function bentThroughFour(from: readonly ImagePoint[], to: readonly ImagePoint[]): Fitted | null {
  const smoothing = SMOOTHINGS[0];
  const plate = fitThinPlate(from, to, smoothing);
  return plate && { kind: 'thinPlate', smoothing, toOwn: plate.map, press: rootMeanSquare(plate.leaveOneOut()) };
}

function suspectsOf(fits: FitsWithout, pairs: number, press: number): readonly number[] {
  if (pairs < LEAST_PAIRS_FOR_SUSPECTS) return [];
  const rest = Array.from({ length: pairs }, (_, left) => fits.best([left])?.press ?? Infinity);
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
