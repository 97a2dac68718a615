import { weldVertices } from '../../core/src/surface/mesh/weldVertices';
import { writeStl } from '../../core/src/surface/mesh/writeStl';

/** A lumpy ball of about 4 × rings² facets. */
export function lumpyBall(rings: number): Uint8Array {
  const at = (ring: number, step: number): number[] => {
    const polar = (Math.PI * ring) / rings;
    const round = (Math.PI * (step % (2 * rings))) / rings;
    const radius = 30 * (1 + 0.1 * Math.sin(8 * polar) * Math.sin(8 * round));
    // Both poles are one point each, or the ball would be cracked there.
    const out = ring === rings ? 0 : radius * Math.sin(polar);
    return [out * Math.cos(round), out * Math.sin(round), radius * Math.cos(polar)];
  };
  const corners = new Float32Array(rings * rings * 4 * 9);
  let length = 0;
  const put = (...points: number[][]): void => {
    for (const point of points) {
      corners.set(point, length);
      length += 3;
    }
  };
  for (let ring = 0; ring < rings; ring += 1)
    for (let step = 0; step < 2 * rings; step += 1) {
      const [a, b, c, d] = [at(ring, step), at(ring + 1, step), at(ring + 1, step + 1), at(ring, step + 1)];
      if (ring < rings - 1) put(a, b, c);
      if (ring > 0) put(a, c, d);
    }
  return writeStl(weldVertices(corners.subarray(0, length)), 'bench');
}
