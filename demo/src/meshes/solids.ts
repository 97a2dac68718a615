import type { Facet, Point } from './stl';

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

/** A box on the ground with grooves engraved across its top, along x: `[y of the groove, width, depth]`, mm; grooves do not overlap and are sorted. */
export function groovedBox(size: Point, grooves: readonly (readonly [y: number, width: number, depth: number])[]): Facet[] {
  const [length, breadth, height] = size;
  // The section across y, counter-clockwise from the lower front edge, pulled along x.
  const top = grooves.flatMap(([y, width, depth]): (readonly [number, number])[] => [
    [y - width / 2, height],
    [y - width / 2, height - depth],
    [y + width / 2, height - depth],
    [y + width / 2, height],
  ]);
  const outline: (readonly [number, number])[] = [[0, 0], [breadth, 0], [breadth, height], ...top.toReversed(), [0, height]];
  const facets: Facet[] = [];
  outline.forEach(([y1, z1], index) => {
    const [y2, z2] = outline[(index + 1) % outline.length] ?? [0, 0];
    const [a, b, c, d]: Point[] = [
      [0, y1, z1],
      [length, y1, z1],
      [length, y2, z2],
      [0, y2, z2],
    ];
    if (a && b && c && d) facets.push([a, c, b], [a, d, c]);
  });
  // Ends: columns between the grooves' edges, each as high as the section is there.
  const edges = [0, ...grooves.flatMap(([y, width]) => [y - width / 2, y + width / 2]), breadth];
  edges.slice(1).forEach((right, index) => {
    const left = edges[index] ?? 0;
    const groove = grooves.find(([y, width]) => Math.abs(y - (left + right) / 2) < width / 2);
    const tall = height - (groove?.[2] ?? 0);
    for (const x of [0, length]) {
      const [a, b, c, d]: Point[] = [
        [x, left, 0],
        [x, right, 0],
        [x, right, tall],
        [x, left, tall],
      ];
      if (a && b && c && d)
        facets.push(
          ...(x === 0
            ? ([
                [a, c, b],
                [a, d, c],
              ] as const)
            : ([
                [a, b, c],
                [a, c, d],
              ] as const)),
        );
    }
  });
  return facets;
}
