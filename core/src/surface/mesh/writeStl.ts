import type { Mesh } from './mesh';

/** A mesh as a binary STL file, millimetres; normals by the order of the corners. The title's first 79 bytes are kept. */
export function writeStl({ positions, indices }: Mesh, title: string): Uint8Array<ArrayBuffer> {
  const facets = indices.length / 3;
  const bytes = new Uint8Array(84 + facets * 50);
  const view = new DataView(bytes.buffer);
  // A header that begins with "solid" would be taken for text by some readers.
  const header = title.replace(/^solid/iu, 'Solid of');
  for (let at = 0; at < Math.min(79, header.length); at += 1) bytes[at] = header.charCodeAt(at) & 0x7f;
  view.setUint32(80, facets, true);
  for (let facet = 0; facet < facets; facet += 1) {
    const from = 84 + facet * 50;
    const [a, b, c] = [0, 1, 2].map((corner) => (indices[facet * 3 + corner] ?? 0) * 3) as [number, number, number];
    const side = (to: number, axis: number): number => (positions[to + axis] ?? 0) - (positions[a + axis] ?? 0);
    const normal = [0, 1, 2].map(
      (axis) => side(b, (axis + 1) % 3) * side(c, (axis + 2) % 3) - side(b, (axis + 2) % 3) * side(c, (axis + 1) % 3),
    );
    const length = Math.hypot(...normal) || 1;
    normal.forEach((value, axis) => view.setFloat32(from + axis * 4, value / length, true));
    [a, b, c].forEach((vertex, corner) => {
      for (let axis = 0; axis < 3; axis += 1) view.setFloat32(from + 12 + corner * 12 + axis * 4, positions[vertex + axis] ?? 0, true);
    });
  }
  return bytes;
}
