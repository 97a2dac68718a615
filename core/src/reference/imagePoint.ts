/** A place on a picture: pixels, x to the right, y down. */
export type ImagePoint = readonly [x: number, y: number];

/** Distance of two places, pixels. */
export function distance([ax, ay]: ImagePoint, [bx, by]: ImagePoint): number {
  return Math.hypot(bx - ax, by - ay);
}

/** Middle between two places. */
export function middle([ax, ay]: ImagePoint, [bx, by]: ImagePoint): ImagePoint {
  return [(ax + bx) / 2, (ay + by) / 2];
}

/** Twice the area of a triangle, square pixels; its sign says which way round the corners go. */
export function turnOf([ax, ay]: ImagePoint, [bx, by]: ImagePoint, [cx, cy]: ImagePoint): number {
  return (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
}
