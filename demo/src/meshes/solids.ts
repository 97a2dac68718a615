import { ShapeUtils, Vector2 } from 'three';

/** A point, mm. */
export type Point = readonly [x: number, y: number, z: number];
/** A facet, its corners counter-clockwise from outside. */
export type Facet = readonly [Point, Point, Point];

/** A closed profile turned round the z axis: `[radius, z]` from the bottom up, mm. Ends on the axis or is capped flat. */
export function latheSolid(profile: readonly (readonly [radius: number, z: number])[], segments = 96): Facet[] {
  const facets: Facet[] = [];
  const at = ([radius, z]: readonly [number, number], step: number): Point => {
    const angle = (2 * Math.PI * (step % segments)) / segments;
    return [radius * Math.cos(angle), radius * Math.sin(angle), z];
  };
  const closed = [[0, profile[0]?.[1] ?? 0] as const, ...profile, [0, profile.at(-1)?.[1] ?? 0] as const];
  for (let ring = 0; ring + 1 < closed.length; ring += 1) {
    const low = closed[ring];
    const high = closed[ring + 1];
    if (!low || !high) continue;
    for (let step = 0; step < segments; step += 1) {
      const [a, b, c, d] = [at(low, step), at(low, step + 1), at(high, step + 1), at(high, step)];
      if (low[0] > 0) facets.push([a, b, c]);
      if (high[0] > 0) facets.push([a, c, d]);
    }
  }
  return facets;
}

/** A section in x and z, counter-clockwise from the front, pulled along y into a solid; long sides are cut into so many pieces. */
export function pulledSolid(section: readonly (readonly [x: number, z: number])[], depth: number, pieces = 1): Facet[] {
  const facets: Facet[] = [];
  section.forEach(([x1, z1], index) => {
    const [x2, z2] = section[(index + 1) % section.length] ?? [0, 0];
    for (let piece = 0; piece < pieces; piece += 1) {
      const [front, back] = [(depth * piece) / pieces, (depth * (piece + 1)) / pieces];
      const [a, b, c, d]: [Point, Point, Point, Point] = [
        [x1, front, z1],
        [x2, front, z2],
        [x2, back, z2],
        [x1, back, z1],
      ];
      facets.push([a, c, b], [a, d, c]);
    }
  });
  for (const [i = 0, j = 0, k = 0] of ShapeUtils.triangulateShape(
    section.map(([x, z]) => new Vector2(x, z)),
    [],
  )) {
    const corner = (at: number, y: number): Point => [section[at]?.[0] ?? 0, y, section[at]?.[1] ?? 0];
    facets.push([corner(i, 0), corner(j, 0), corner(k, 0)], [corner(i, depth), corner(k, depth), corner(j, depth)]);
  }
  return facets;
}

/** A wall's groove in a section: up the wall at x, the groove goes in by `depth` at height z. */
interface WallGroove {
  readonly z: number;
  readonly width: number;
  readonly depth: number;
}

/** The section of a case with a round top: walls with grooves on both sides, a half circle over them. Counter-clockwise from the lower left corner. */
export function archSection(width: number, wall: number, grooves: readonly WallGroove[], steps = 72): (readonly [number, number])[] {
  const half = width / 2;
  const right = grooves.flatMap(({ z, width: gap, depth }): (readonly [number, number])[] => [
    [half, z - gap / 2],
    [half - depth, z - gap / 2],
    [half - depth, z + gap / 2],
    [half, z + gap / 2],
  ]);
  const left = right.toReversed().map(([x, z]): readonly [number, number] => [-x, z]);
  const arch = Array.from({ length: steps + 1 }, (_, step): readonly [number, number] => {
    const angle = (Math.PI * step) / steps;
    return [half * Math.cos(angle), wall + half * Math.sin(angle)];
  });
  return [[-half, 0], [half, 0], ...right, ...arch, ...left];
}
