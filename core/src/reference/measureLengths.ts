import { HALF_90 } from '../number/half90';
import { combineLengths } from './combineLengths';
import type { CombinedLength } from './combineLengths';
import type { ImagePoint } from './imagePoint';
import type { KnownLength, LengthRefusal, PlaneKnowledge } from './planeScale';
import { rimAloneSd, tiltSd } from './planeScale';
import type { PlaneWithErrors } from './readingError';
import { lnLength, planeWithErrors, readingSd } from './readingError';

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

/**
 * Lengths on pictures, each with its 90 % interval, and all pictures of one thing together.
 *
 * Errors are reckoned in ln(length), by central differences over every place that was pointed at. Where nothing tells the plane, a tilt that nobody
 * sees is added; where a circle's rim alone tells it, what a rim leaves open.
 */
export function measureLengths(pictures: readonly MeasuredPicture[]): readonly MeasuredLength[] {
  const ids = [...new Set(pictures.flatMap(({ wanted }) => wanted.map(({ id }) => id)))];
  const read = pictures.map((picture) => measurePicture(picture, picture.wanted));
  return ids.map((id) => {
    const byPicture = pictures.flatMap(({ wanted }, at) =>
      wanted.flatMap((one, index) => (one.id === id ? (read[at]?.[index] ?? []) : [])),
    );
    const readings = byPicture.flatMap((one) => ('refusal' in one ? [] : [one]));
    return { id, combined: combineLengths(readings), byPicture };
  });
}

/** Lengths on one picture, in the order they are wanted. Its plane and what errors make of it are reckoned once. */
export function measurePicture(picture: MeasuredPicture, wanted: readonly WantedLength[]): readonly PictureLength[] {
  const plane = planeWithErrors(picture, picture.readingPixels ?? READING_PIXELS);
  return wanted.map((one) => (typeof plane === 'string' ? { picture: picture.id, refusal: plane } : measureOne(picture, plane, one)));
}

function measureOne(picture: MeasuredPicture, plane: PlaneWithErrors, wanted: WantedLength): PictureLength {
  const refused = (refusal: LengthRefusal): PictureLength => ({ picture: picture.id, refusal });
  const ln = lnLength(plane.plane, wanted.a, wanted.b);
  if (typeof ln === 'string') return refused(ln);
  const reading = readingSd(plane, wanted.a, wanted.b);
  if (reading === null) return refused('tooUncertain');
  const relativeSd = Math.hypot(reading, geometrySd(picture, wanted));
  if (!(relativeSd <= MOST_RELATIVE_SD)) return refused('tooUncertain');
  const spreads = spreadsOf(picture);
  const half = HALF_90 * Math.hypot(relativeSd, ...Object.values(spreads));
  return { picture: picture.id, millimetres: Math.exp(ln), low: Math.exp(ln - half), high: Math.exp(ln + half), relativeSd, spreads };
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
