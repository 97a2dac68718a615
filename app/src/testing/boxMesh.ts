import type { Mesh } from '@zinc-ladder/core/surface/mesh/mesh';

/** A box of 10 × 20 × 30 mm on the ground, larger by a factor. */
export function boxMesh(factor = 1): Mesh {
  const [x, y, z] = [10 * factor, 20 * factor, 30 * factor];
  const positions = Float32Array.from([0, 0, 0, x, 0, 0, x, y, 0, 0, y, 0, 0, 0, z, x, 0, z, x, y, z, 0, y, z]);
  const quads = [
    [0, 3, 2, 1],
    [4, 5, 6, 7],
    [0, 1, 5, 4],
    [1, 2, 6, 5],
    [2, 3, 7, 6],
    [3, 0, 4, 7],
  ];
  return { positions, indices: Uint32Array.from(quads.flatMap(([a = 0, b = 0, c = 0, d = 0]) => [a, b, c, a, c, d])) };
}
