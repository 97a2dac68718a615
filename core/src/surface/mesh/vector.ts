/** A point or direction, mm or none. */
export type Vector = readonly [x: number, y: number, z: number];

/** Sum of the products of two vectors' parts. */
export function dot(a: Vector, b: Vector): number {
  return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
}

/** A vector square to two others, as long as their parallelogram is large. */
export function cross(a: Vector, b: Vector): Vector {
  return [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
}

/**
 * A vector of length 1 in the same direction.
 *
 * @throws RangeError for a vector without a direction
 */
export function unit(vector: Vector): Vector {
  const length = Math.hypot(...vector);
  if (!(length > 0 && Number.isFinite(length))) throw new RangeError(`${vector.join(', ')} is no direction`);
  return [vector[0] / length, vector[1] / length, vector[2] / length];
}

/** Two directions square to one and to each other. */
export function squareTo(direction: Vector): readonly [Vector, Vector] {
  const other: Vector = Math.abs(direction[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0];
  const first = unit(cross(direction, other));
  return [first, cross(direction, first)];
}
