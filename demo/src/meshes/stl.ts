/** A point, mm. */
export type Point = readonly [x: number, y: number, z: number];
/** A facet, its corners counter-clockwise from outside. */
export type Facet = readonly [Point, Point, Point];

/** Facets as a binary STL file, millimetres. */
export function writeStl(facets: readonly Facet[], title: string): Uint8Array {
  const bytes = new Uint8Array(84 + facets.length * 50);
  const view = new DataView(bytes.buffer);
  new TextEncoder().encodeInto(title.slice(0, 79), bytes);
  view.setUint32(80, facets.length, true);
  facets.forEach((facet, index) => {
    const at = 84 + index * 50;
    [normalOf(facet), ...facet].flat().forEach((value, place) => view.setFloat32(at + place * 4, value, true));
  });
  return bytes;
}

function normalOf([a, b, c]: Facet): Point {
  const [ux, uy, uz] = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
  const [vx, vy, vz] = [c[0] - a[0], c[1] - a[1], c[2] - a[2]];
  const [x, y, z] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
  const length = Math.hypot(x, y, z) || 1;
  return [x / length, y / length, z / length];
}
