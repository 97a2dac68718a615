import type { ImagePoint } from './imagePoint';
import type { Flatten, LengthRefusal, PlaneKnowledge } from './planeScale';
import { flatLength, flattenPlane, scalesOf } from './planeScale';

/** A picture's plane made flat, and the logarithm of millimetres per flat unit. */
export interface ScaledPlane {
  readonly flatten: Flatten;
  readonly lnScale: number;
}

/** The planes that come of one pointed place, moved a little up and down along one axis; null where it then tells none. */
interface MovedPlanes {
  readonly place: ImagePoint;
  readonly moves: readonly [Moved, Moved];
}
interface Moved {
  readonly to: ImagePoint;
  readonly plane: ScaledPlane | null;
}

/** A picture's plane with what reading errors make of it: made once, asked for every length on the picture. */
export interface PlaneWithErrors {
  readonly plane: ScaledPlane;
  readonly moved: readonly MovedPlanes[];
  readonly readingPixels: number;
}

/** Step, as a share of the reading error, by which marks are moved to find how the result depends on them. */
const STEP = 0.1;

/** The plane of a picture by the mean of what is known on it, in logarithms. */
function scaledPlane(knowledge: PlaneKnowledge, readingPixels: number): ScaledPlane | LengthRefusal {
  const flatten = flattenPlane(knowledge, readingPixels);
  if (typeof flatten === 'string') return flatten;
  const scales = scalesOf(knowledge, flatten);
  if (typeof scales === 'string') return scales;
  return { flatten, lnScale: scales.reduce((sum, scale) => sum + Math.log(scale), 0) / scales.length };
}

/**
 * A picture's plane, and what it becomes when any place that tells it is read a little otherwise.
 *
 * @param readingPixels standard deviation of a pointed place, per coordinate
 */
export function planeWithErrors(knowledge: PlaneKnowledge, readingPixels: number): PlaneWithErrors | LengthRefusal {
  const plane = scaledPlane(knowledge, readingPixels);
  if (typeof plane === 'string') return plane;
  const { known, rectangle, circle } = knowledge;
  // A place that two things share, such as a corner where a known length ends, was pointed at once: it errs once.
  const points: ImagePoint[] = [];
  const places = new Map<string, number>();
  const order = [
    ...known.flatMap(({ a, b }) => [a, b]),
    ...(rectangle?.corners ?? []),
    ...(circle?.rim ?? []),
    ...(circle?.centre ? [circle.centre] : []),
  ].map((point) => {
    const key = point.join();
    const at = places.get(key) ?? points.push(point) - 1;
    places.set(key, at);
    return at;
  });
  const planeAt = (index: number, to: ImagePoint): ScaledPlane | null => {
    let at = 0;
    const next = (): ImagePoint => {
      const which = order[at++] as number;
      return which === index ? to : (points[which] as ImagePoint);
    };
    const moved: PlaneKnowledge = {
      known: known.map((one) => ({ ...one, a: next(), b: next() })),
      ...(rectangle ? { rectangle: { ...rectangle, corners: rectangle.corners.map(next) } } : {}),
      ...(circle ? { circle: { ...circle, rim: circle.rim.map(next), ...(circle.centre ? { centre: next() } : {}) } } : {}),
    };
    // Corners were looked at already: moved by a reading error they may be a little too low, which is no reason to refuse.
    const found = scaledPlane(moved, 0);
    return typeof found === 'string' ? null : found;
  };
  const moved =
    readingPixels > 0
      ? points.flatMap((place, index) =>
          axes(place, readingPixels).map((ends) => ({ place, moves: both(ends, (to) => ({ to, plane: planeAt(index, to) })) })),
        )
      : [];
  return { plane, moved, readingPixels };
}

/** Logarithm of a stretch's length in millimetres. */
export function lnLength({ flatten, lnScale }: ScaledPlane, a: ImagePoint, b: ImagePoint): number | LengthRefusal {
  const length = flatLength(flatten, a, b);
  return typeof length === 'string' ? length : Math.log(length) + lnScale;
}

/** Standard deviation of ln(length) from how well places are read, by central differences; null where a place moved by it gives none. */
export function readingSd({ plane, moved, readingPixels }: PlaneWithErrors, a: ImagePoint, b: ImagePoint): number | null {
  if (!(readingPixels > 0)) return 0;
  let variance = 0;
  const add = (up: number | LengthRefusal | null, down: number | LengthRefusal | null): boolean => {
    if (typeof up !== 'number' || typeof down !== 'number') return false;
    variance += ((up - down) / (2 * STEP)) ** 2;
    return true;
  };
  const isAt = (one: ImagePoint, other: ImagePoint): boolean => one[0] === other[0] && one[1] === other[1];
  for (const { place, moves } of moved) {
    // An end at the same place was pointed at with it, and moves with it.
    const [up, down] = both(moves, ({ to, plane: other }) => other && lnLength(other, isAt(a, place) ? to : a, isAt(b, place) ? to : b));
    if (!add(up, down)) return null;
  }
  for (const end of ['a', 'b'] as const) {
    const place = end === 'a' ? a : b;
    if (moved.some((one) => isAt(one.place, place))) continue;
    for (const ends of axes(place, readingPixels)) {
      const [up, down] = both(ends, (to) => (end === 'a' ? lnLength(plane, to, b) : lnLength(plane, a, to)));
      if (!add(up, down)) return null;
    }
  }
  return Math.sqrt(variance);
}

/** A place moved up and down along each axis. */
function axes([x, y]: ImagePoint, readingPixels: number): readonly (readonly [ImagePoint, ImagePoint])[] {
  const step = STEP * readingPixels;
  return [
    [
      [x + step, y],
      [x - step, y],
    ],
    [
      [x, y + step],
      [x, y - step],
    ],
  ];
}

function both<From, To>([up, down]: readonly [From, From], change: (one: From) => To): readonly [To, To] {
  return [change(up), change(down)];
}
