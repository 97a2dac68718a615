import type { Vector } from '../../surface/mesh/vector';
import { cross, dot, unit } from '../../surface/mesh/vector';

/** Where a part sits in its prop, whose z axis is the way up. */
export interface Seat {
  /** the way up in the part's own axes, any length */
  readonly up: Vector;
  /** then turned clockwise as seen from above, degrees */
  readonly turnDegrees: number;
  /** then moved so far, mm of the prop */
  readonly offset: Vector;
}

/** Places a part's life marks, as it was pinned: its own axes, mm. */
export interface SeatedPins {
  /** null: it is not known where the part sits */
  readonly seat: Seat | null;
  readonly held: readonly Vector[];
  readonly runs: readonly Vector[];
}

/**
 * A place of a part as the prop has it, mm.
 *
 * @throws RangeError where the way up is no direction
 */
export function toProp({ up, turnDegrees, offset }: Seat, place: Vector): Vector {
  const [x, y, z] = stood(unit(up)).map((row) => dot(row, place)) as unknown as Vector;
  const [c, s] = cosAndSin(turnDegrees);
  return [c * x + s * y + offset[0], c * y - s * x + offset[1], z + offset[2]];
}

/**
 * A place of the prop as the part has it, mm: {@link toProp} the other way.
 *
 * @throws RangeError where the way up is no direction
 */
export function fromProp({ up, turnDegrees, offset }: Seat, place: Vector): Vector {
  const [x, y, z] = [place[0] - offset[0], place[1] - offset[1], place[2] - offset[2]];
  const [c, s] = cosAndSin(turnDegrees);
  const [level, aside]: [number, number] = [c * x - s * y, c * y + s * x];
  const rows = stood(unit(up));
  return [0, 1, 2].map(
    (axis) => (rows[0][axis] as number) * level + (rows[1][axis] as number) * aside + (rows[2][axis] as number) * z,
  ) as unknown as Vector;
}

/** The pins that other parts of the prop lend a part, in its own axes: none where it, or the other, is not known to sit anywhere. */
export function pinsFromOthers(seat: Seat | null, others: readonly SeatedPins[]): Pick<SeatedPins, 'held' | 'runs'> {
  if (!seat) return { held: [], runs: [] };
  const lent = (from: SeatedPins, pins: readonly Vector[]): Vector[] => {
    const theirs = from.seat;
    return theirs ? pins.map((pin) => fromProp(seat, toProp(theirs, pin))) : [];
  };
  return { held: others.flatMap((from) => lent(from, from.held)), runs: others.flatMap((from) => lent(from, from.runs)) };
}

/** A box round a part, mm. */
export interface PartBox {
  readonly min: Vector;
  readonly max: Vector;
}

/** The box round a part as it sits: round the corners of its own, which is its own where it was turned by right angles. */
export function boxInProp(seat: Seat, { min, max }: PartBox): PartBox {
  const corners = Array.from({ length: 8 }, (_, corner) =>
    toProp(seat, [corner & 1 ? max[0] : min[0], corner & 2 ? max[1] : min[1], corner & 4 ? max[2] : min[2]]),
  );
  const along = (axis: number, pick: (...values: number[]) => number): number => pick(...corners.map((place) => place[axis] as number));
  return {
    min: [along(0, Math.min), along(1, Math.min), along(2, Math.min)],
    max: [along(0, Math.max), along(1, Math.max), along(2, Math.max)],
  };
}

/** The offset at which a part stands in the middle on top of what is below it, as the prop has that, mm. */
export function offsetOnTop(seat: Pick<Seat, 'up' | 'turnDegrees'>, own: PartBox, below: PartBox): Vector {
  const { min, max } = boxInProp({ ...seat, offset: [0, 0, 0] }, own);
  const middle = (axis: 0 | 1): number => (below.min[axis] + below.max[axis] - min[axis] - max[axis]) / 2;
  return [middle(0), middle(1), below.max[2] - min[2]];
}

/** Axes that a part is turned to so that its own way up is z: over its x axis first where it stands on its head, then by the shortest way. */
function stood([x, y, z]: Vector): readonly [Vector, Vector, Vector] {
  const head = z < 0 ? -1 : 1;
  const up: Vector = [x, head * y, head * z];
  const first: Vector = [1 - (up[0] * up[0]) / (1 + up[2]), (-up[0] * up[1]) / (1 + up[2]), -up[0]];
  const rows = [first, cross(up, first), up] as const;
  const turned = ([a, b, c]: Vector): Vector => [a, head * b, head * c];
  return [turned(rows[0]), turned(rows[1]), turned(rows[2])];
}

function cosAndSin(degrees: number): readonly [number, number] {
  const angle = (degrees * Math.PI) / 180;
  return [Math.cos(angle), Math.sin(angle)];
}
