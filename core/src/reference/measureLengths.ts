import { combineLengths } from './combineLengths';
import type { CombinedLength } from './combineLengths';
import type { ImagePoint } from './imagePoint';
import type { Flatten, KnownLength, LengthRefusal, PlaneKnowledge } from './planeScale';
import { flatLength, flattenPlane, rimAloneSd, scalesOf, tiltSd } from './planeScale';

/** A stretch whose length is wanted; the same id in several pictures is the same stretch of the thing. */
export interface WantedLength {
  readonly id: string;
  readonly a: ImagePoint;
  readonly b: ImagePoint;
}

/** A picture with what is known in it and what is wanted of it. All of it lies in one plane. */
export interface MeasuredPicture extends PlaneKnowledge {
  readonly id: string;
  readonly wanted: readonly WantedLength[];
  /** standard deviation of a pointed place, pixels per coordinate; `READING_PIXELS` where left out */
  readonly readingPixels?: number;
  /** how far from square on it may be taken, standard deviation in degrees; counts where nothing tells the plane */
  readonly tiltDegrees?: number;
  /** the lens's focal length in pixels; from the picture's width where left out */
  readonly focalPixels?: number;
  readonly widthPixels?: number;
}

/** A length by one picture: 90 % interval, or why there is none. */
export type PictureLength =
  | {
      readonly picture: string;
      readonly millimetres: number;
      readonly low: number;
      readonly high: number;
      /** standard deviation of its logarithm from reading and tilt */
      readonly relativeSd: number;
      /** things whose size it goes by, with the spread of it */
      readonly spreads: Readonly<Record<string, number>>;
    }
  | { readonly picture: string; readonly refusal: LengthRefusal };

/** A length by all pictures. */
export interface MeasuredLength {
  readonly id: string;
  /** null: no picture gives one */
  readonly combined: CombinedLength | null;
  readonly byPicture: readonly PictureLength[];
}

/** A place pointed at with finger or mouse is read to about this, pixels per coordinate (guess; a zoomed picture is read to 1). */
export const READING_PIXELS = 1.5;
/** Degrees a picture that was taken "about square on" is turned by, standard deviation (guess). */
export const USUAL_TILT_DEGREES = 6;
/** Focal length over picture width of a phone's usual lens: 26 mm on 36 mm. */
export const FOCAL_OVER_WIDTH = 0.72;
/** A reading less sure than this is none. */
const MOST_RELATIVE_SD = 0.2;
/** Half width of a 90 % interval over its standard deviation. */
export const HALF_90 = 1.645;

/**
 * Lengths on pictures, each with its 90 % interval, and all pictures of one thing together.
 *
 * Errors are reckoned in ln(length), by central differences over every place that was pointed at. Where nothing tells the plane, a tilt that nobody
 * sees is added; where a circle's rim alone tells it, what a rim leaves open.
 */
export function measureLengths(pictures: readonly MeasuredPicture[]): readonly MeasuredLength[] {
  const ids = [...new Set(pictures.flatMap(({ wanted }) => wanted.map(({ id }) => id)))];
  return ids.map((id) => {
    const byPicture = pictures.flatMap((picture) => picture.wanted.filter((one) => one.id === id).map((one) => measureOne(picture, one)));
    const readings = byPicture.flatMap((one) => ('refusal' in one ? [] : [one]));
    return { id, combined: combineLengths(readings), byPicture };
  });
}

/** A length on one picture. */
export function measureOne(picture: MeasuredPicture, wanted: WantedLength): PictureLength {
  const readingPixels = picture.readingPixels ?? READING_PIXELS;
  const refused = (refusal: LengthRefusal): PictureLength => ({ picture: picture.id, refusal });
  const plain = lengthOf(picture, wanted, readingPixels);
  if (typeof plain === 'string') return refused(plain);
  const reading = readingSd(picture, wanted, readingPixels);
  if (reading === null) return refused('tooUncertain');
  const geometry = geometrySd(picture, wanted);
  const relativeSd = Math.hypot(reading, geometry);
  if (!(relativeSd <= MOST_RELATIVE_SD)) return refused('tooUncertain');
  const spreads = spreadsOf(picture);
  const sd = Math.hypot(relativeSd, ...Object.values(spreads));
  return {
    picture: picture.id,
    millimetres: plain,
    low: plain * Math.exp(-HALF_90 * sd),
    high: plain * Math.exp(HALF_90 * sd),
    relativeSd,
    spreads,
  };
}

/** The wanted stretch by the mean of what is known, in logarithms; millimetres. */
function lengthOf(knowledge: PlaneKnowledge, { a, b }: WantedLength, readingPixels: number): number | LengthRefusal {
  const flatten = flattenPlane(knowledge, readingPixels);
  if (typeof flatten === 'string') return flatten;
  return lengthBy(knowledge, flatten, a, b);
}

function lengthBy(knowledge: PlaneKnowledge, flatten: Flatten, a: ImagePoint, b: ImagePoint): number | LengthRefusal {
  const scales = scalesOf(knowledge, flatten);
  if (typeof scales === 'string') return scales;
  const length = flatLength(flatten, a, b);
  if (typeof length === 'string') return length;
  return length * Math.exp(scales.reduce((sum, scale) => sum + Math.log(scale), 0) / scales.length);
}

/** Standard deviation of ln(length) from how well places are read; null where a place moved by it gives none. */
function readingSd(picture: MeasuredPicture, wanted: WantedLength, readingPixels: number): number | null {
  if (!(readingPixels > 0)) return 0;
  const { known, rectangle, circle } = picture;
  // A place that two things share, such as a corner where a known length ends, was pointed at once: it errs once.
  const points: ImagePoint[] = [];
  const places = new Map<string, number>();
  const indexOf = (point: ImagePoint): number => {
    const key = point.join();
    const at = places.get(key) ?? points.push(point) - 1;
    places.set(key, at);
    return at;
  };
  const order = [
    wanted.a,
    wanted.b,
    ...known.flatMap(({ a, b }) => [a, b]),
    ...(rectangle?.corners ?? []),
    ...(circle?.rim ?? []),
    ...(circle?.centre ? [circle.centre] : []),
  ].map(indexOf);
  const logAt = (moved: readonly ImagePoint[]): number | null => {
    let at = 0;
    const next = (): ImagePoint => moved[order[at++] as number] as ImagePoint;
    const [a, b] = [next(), next()];
    const knowledge: PlaneKnowledge = {
      known: known.map((one) => ({ ...one, a: next(), b: next() })),
      ...(rectangle ? { rectangle: { ...rectangle, corners: rectangle.corners.map(next) } } : {}),
      ...(circle ? { circle: { ...circle, rim: circle.rim.map(next), ...(circle.centre ? { centre: next() } : {}) } } : {}),
    };
    // Corners were looked at already: moved by a reading error they may be a little too low, which is no reason to refuse.
    const length = lengthOf(knowledge, { id: wanted.id, a, b }, 0);
    return typeof length === 'string' ? null : Math.log(length);
  };
  let variance = 0;
  for (const [index, point] of points.entries())
    for (const axis of [0, 1] as const) {
      const step = readingPixels / 10;
      const move = (by: number): readonly ImagePoint[] =>
        points.map((other, at): ImagePoint =>
          at === index ? (axis === 0 ? [point[0] + by, point[1]] : [point[0], point[1] + by]) : other,
        );
      const [up, down] = [logAt(move(step)), logAt(move(-step))];
      if (up === null || down === null) return null;
      variance += ((up - down) / (2 * step)) ** 2 * readingPixels ** 2;
    }
  return Math.sqrt(variance);
}

/** Standard deviation of ln(length) from what the picture does not tell of the plane. */
function geometrySd(picture: MeasuredPicture, { a, b }: WantedLength): number {
  const { known, rectangle, circle } = picture;
  if (rectangle || circle?.centre) return 0;
  const focal = picture.focalPixels ?? FOCAL_OVER_WIDTH * (picture.widthPixels ?? widthSeen(picture));
  if (circle) return rimAloneSd(circle, a, b, focal);
  // Of several known lengths the nearest in the picture errs least, and their mean not more than it.
  return Math.min(...known.map((one) => tiltSd(one, a, b, focal, picture.tiltDegrees ?? USUAL_TILT_DEGREES)));
}

/** At least so wide is a picture in which these places were pointed at; taken too small it makes intervals too wide, never too narrow. */
function widthSeen({ known, wanted }: MeasuredPicture): number {
  return Math.max(1, ...[...known, ...wanted].flatMap(({ a, b }) => [a[0], b[0]]));
}

/** How the sizes of the things a picture goes by vary, each weighted by its part in the mean. */
function spreadsOf({ known, circle, rectangle }: MeasuredPicture): Readonly<Record<string, number>> {
  const sizes = [circle?.diameterMillimetres, rectangle?.sideMillimetres].filter((size) => size !== undefined);
  const count = known.length + sizes.length;
  const spreads: Record<string, number> = {};
  for (const [at, { spread = 0, thing }] of known.entries())
    if (spread > 0) addSpread(spreads, thing ?? nameOf(known[at], at), spread / count);
  return spreads;
}

function nameOf(known: KnownLength | undefined, at: number): string {
  return `${at}:${known?.millimetres ?? 0}`;
}

function addSpread(spreads: Record<string, number>, thing: string, share: number): void {
  spreads[thing] = (spreads[thing] ?? 0) + share;
}
