import { ellipseOf, fitEllipse } from './fitEllipse';
import type { Conic } from './fitEllipse';
import { fitHomography, project } from './homography';
import type { ImagePoint } from './imagePoint';
import { distance, middle, turnOf } from './imagePoint';

/** A length that is known, between two places. */
export interface KnownLength {
  readonly a: ImagePoint;
  readonly b: ImagePoint;
  readonly millimetres: number;
  /** how much the thing's own size varies, standard deviation as a share; 0 for a standard */
  readonly spread?: number;
  /** what it is a length of: pictures that show the same thing err together */
  readonly thing?: string;
}

/** Four corners of a rectangle, going round, and its first side (corners 0 to 1) over its second (1 to 2). */
export interface KnownRectangle {
  readonly corners: readonly ImagePoint[];
  readonly proportion: number;
  /** of its first side, where its size is known and not only its shape */
  readonly sideMillimetres?: number;
}

/** A circle seen at a slant: points of its rim, its centre where it can be seen, and its diameter where it is known. */
export interface KnownCircle {
  readonly rim: readonly ImagePoint[];
  readonly centre?: ImagePoint;
  readonly diameterMillimetres?: number;
}

/** What tells a picture's scale. One plane: everything that is read lies in it. */
export interface PlaneKnowledge {
  readonly known: readonly KnownLength[];
  readonly rectangle?: KnownRectangle;
  readonly circle?: KnownCircle;
}

/** Why a picture gives no length, by what is wrong with what was pointed at. */
export type LengthRefusal =
  | 'noScale'
  | 'knownIsNothing'
  | 'samePoint'
  | 'cornersCrossed'
  | 'cornersTooFlat'
  | 'noCircle'
  | 'behindHorizon'
  | 'tooUncertain'
  | 'notFinite';

/** Each refusal in words, with what to do. */
export const LENGTH_REFUSAL_WORDS: Readonly<Record<LengthRefusal, string>> = {
  noScale: 'nothing of known size is marked in this picture: mark a length you know, in the same plane',
  knownIsNothing: 'a known length of nothing tells no scale: enter its size in millimetres',
  samePoint: 'both ends lie on one point: move one of them',
  cornersCrossed: 'the four corners cross: mark them going round',
  cornersTooFlat: 'three of the corners lie nearly on a line: at this slant the picture tells nothing of the plane',
  noCircle: 'the points of the rim make no ellipse: mark five or more, well round',
  behindHorizon: 'a point lies beyond the horizon of the plane that the corners tell',
  tooUncertain: 'the reading is less sure than a fifth either way: mark it in a larger picture, or straighter on',
  notFinite: 'a point is no place on a picture',
};

/** Corners whose triangles are lower than this many reading errors settle no plane: errors there reach 40 %. */
const LEAST_CORNER_HEIGHT = 15;

/** A picture's plane made flat: where points lie in it, in units that are the same everywhere on it. */
export type Flatten = (point: ImagePoint) => ImagePoint | null;

/**
 * How the plane of a picture is rectified, from what is known in it: the corners of a rectangle (homography), a circle with its centre (the
 * centre's polar is the horizon), or the rim of a circle alone (as if seen from far away). With none of these the plane counts as seen
 * square on.
 *
 * @param readingPixels standard deviation of a pointed place, per coordinate
 * @returns the refusal where what was pointed at settles no plane
 */
export function flattenPlane({ rectangle, circle }: PlaneKnowledge, readingPixels: number): Flatten | LengthRefusal {
  if (rectangle) return flattenByRectangle(rectangle, readingPixels);
  if (circle) return flattenByCircle(circle);
  return (point) => point;
}

function flattenByRectangle({ corners, proportion }: KnownRectangle, readingPixels: number): Flatten | LengthRefusal {
  const fault = findCornerFault(corners, readingPixels);
  if (fault) return fault;
  if (!(proportion > 0) || !Number.isFinite(proportion)) return 'knownIsNothing';
  const flat: ImagePoint[] = [
    [0, 0],
    [proportion, 0],
    [proportion, 1],
    [0, 1],
  ];
  const map = fitHomography(corners, flat);
  if (!map) return 'cornersTooFlat';
  const sides = corners.map((corner) => Math.sign(project(map, corner).w));
  const side = sides[0] ?? 0;
  if (side === 0 || sides.some((other) => other !== side)) return 'cornersCrossed';
  return (point) => {
    const { point: place, w } = project(map, point);
    return Math.sign(w) === side ? place : null;
  };
}

function findCornerFault(corners: readonly ImagePoint[], readingPixels: number): LengthRefusal | null {
  if (corners.length !== 4) return 'cornersCrossed';
  const at = (index: number): ImagePoint => corners[index % 4] as ImagePoint;
  for (let index = 0; index < 4; index += 1)
    for (let other = index + 1; other < 4; other += 1) if (distance(at(index), at(other)) === 0) return 'samePoint';
  // Three corners make a triangle, four of them: each must be high enough over its longest side.
  const turns = [0, 1, 2, 3].map((index) => turnOf(at(index), at(index + 1), at(index + 2)));
  const heights = turns.map((turn, index) => {
    const longest = Math.max(
      distance(at(index), at(index + 1)),
      distance(at(index + 1), at(index + 2)),
      distance(at(index), at(index + 2)),
    );
    return Math.abs(turn) / longest;
  });
  if (Math.min(...heights) < LEAST_CORNER_HEIGHT * readingPixels || Math.min(...heights) === 0) return 'cornersTooFlat';
  return turns.every((turn) => turn > 0) || turns.every((turn) => turn < 0) ? null : 'cornersCrossed';
}

function flattenByCircle({ rim, centre }: KnownCircle): Flatten | LengthRefusal {
  const ellipse = fitEllipse(rim);
  if (!ellipse) return 'noCircle';
  if (!centre) return flattenEllipse(ellipse.conic);
  const [a, b, c, d, e, f] = ellipse.conic;
  const [cx, cy] = centre;
  const [dThere, eThere] = [2 * a * cx + b * cy + d, b * cx + 2 * c * cy + e];
  const fThere = a * cx * cx + b * cx * cy + c * cy * cy + d * cx + e * cy + f;
  // Inside an ellipse the conic has the other sign than far from it, and the centre must be inside.
  if (!(fThere * a < 0)) return 'noCircle';
  // The polar of the circle's centre is the line where its plane meets infinity; about the centre it is p x + q y + 1 = 0.
  const [p, q] = [dThere / (2 * fThere), eThere / (2 * fThere)];
  const far = conicFromAfar([a, b, c, dThere, eThere, fThere], p, q);
  const affine = flattenEllipse(far);
  if (typeof affine === 'string') return affine;
  return ([x, y]) => {
    const w = p * (x - cx) + q * (y - cy) + 1;
    return w > 1e-9 ? affine([(x - cx) / w, (y - cy) / w]) : null;
  };
}

/** The conic after the map `(x, y) → (x, y) ÷ (p x + q y + 1)`, which takes the plane's horizon to infinity. */
function conicFromAfar([a, b, c, d, e, f]: Conic, p: number, q: number): Conic {
  return [a - d * p + f * p * p, b - d * q - e * p + 2 * f * p * q, c - e * q + f * q * q, d - 2 * f * p, e - 2 * f * q, f];
}

/** Makes an ellipse a circle by stretching across its longer axis: a circle seen from afar. */
function flattenEllipse(conic: Conic): Flatten | LengthRefusal {
  const ellipse = ellipseOf(conic);
  if (!ellipse) return 'noCircle';
  const [cos, sin] = [Math.cos(ellipse.turnRadians), Math.sin(ellipse.turnRadians)];
  const stretch = ellipse.semiAxes[0] / ellipse.semiAxes[1];
  return ([x, y]) => [cos * x + sin * y, stretch * (cos * y - sin * x)];
}

/** Millimetres per flat unit, as one number for each thing that is known. */
export function scalesOf(knowledge: PlaneKnowledge, flatten: Flatten): readonly number[] | LengthRefusal {
  const scales: number[] = [];
  for (const { a, b, millimetres } of knowledge.known) {
    if (!(millimetres > 0) || !Number.isFinite(millimetres)) return 'knownIsNothing';
    const length = flatLength(flatten, a, b);
    if (typeof length === 'string') return length;
    scales.push(millimetres / length);
  }
  const { circle, rectangle } = knowledge;
  if (rectangle?.sideMillimetres !== undefined) {
    if (!(rectangle.sideMillimetres > 0)) return 'knownIsNothing';
    // On the flat plane the first side is as long as the proportion says, the second one unit.
    scales.push(rectangle.sideMillimetres / rectangle.proportion);
  }
  if (circle?.diameterMillimetres !== undefined) {
    if (!(circle.diameterMillimetres > 0)) return 'knownIsNothing';
    const flat = circle.rim.flatMap((point) => {
      const place = flatten(point);
      return place ? [place] : [];
    });
    const flatRim = fitEllipse(flat);
    if (!flatRim) return 'noCircle';
    scales.push(circle.diameterMillimetres / 2 / Math.sqrt(flatRim.semiAxes[0] * flatRim.semiAxes[1]));
  }
  return scales.length === 0 ? 'noScale' : scales;
}

/** Length of a stretch on the flat plane, in its units. */
export function flatLength(flatten: Flatten, a: ImagePoint, b: ImagePoint): number | LengthRefusal {
  if (![...a, ...b].every(Number.isFinite)) return 'notFinite';
  if (distance(a, b) === 0) return 'samePoint';
  const [from, to] = [flatten(a), flatten(b)];
  if (!from || !to) return 'behindHorizon';
  const length = distance(from, to);
  return length > 0 && Number.isFinite(length) ? length : 'notFinite';
}

/**
 * What a tilt that nobody sees does to a length beside a known one, as a share: the plane comes nearer along the tilt, so a stretch elsewhere in the
 * picture is larger or smaller, and one across the known length is shortened.
 *
 * @param tiltDegrees standard deviation of the tilt: 3 where the picture was taken square on, 10 roughly so
 * @param focalPixels the lens's focal length in pixels
 */
export function tiltSd(known: KnownLength, a: ImagePoint, b: ImagePoint, focalPixels: number, tiltDegrees: number): number {
  const length = distance(known.a, known.b);
  const [fromX, fromY] = middle(known.a, known.b);
  const [toX, toY] = middle(a, b);
  const [ux, uy] = [(known.b[0] - known.a[0]) / length, (known.b[1] - known.a[1]) / length];
  const along = (toX - fromX) * ux + (toY - fromY) * uy;
  const across = (toY - fromY) * ux - (toX - fromX) * uy;
  return (Math.tan((tiltDegrees * Math.PI) / 180) * Math.hypot(2 * along, across)) / focalPixels;
}

/** What a rim alone leaves open, as a share: it is taken as seen from afar, and is not. By trial over cameras. */
export function rimAloneSd({ rim }: KnownCircle, a: ImagePoint, b: ImagePoint, focalPixels: number): number {
  const ellipse = fitEllipse(rim);
  if (!ellipse) return 0;
  const [long, short] = ellipse.semiAxes;
  const sinTilt = Math.sqrt(Math.max(0, 1 - (short / long) ** 2));
  const reach = Math.max(distance(a, ellipse.centre), distance(b, ellipse.centre));
  return ((0.36 * 2 * long) / focalPixels) * sinTilt * Math.max(1, reach / long);
}
