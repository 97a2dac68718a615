import { measureFacets } from '../../core/src/surface/facetGeometry';
import { findLayerRidges } from '../../core/src/surface/layerRidges';
import { weldVertices } from '../../core/src/surface/mesh/weldVertices';
import { readStl } from '../../core/src/surface/mesh/readStl';
import { writeStl } from '../../core/src/surface/mesh/writeStl';
import { searchPrintDirection } from '../../core/src/surface/printDirection';
import { buildRayTree } from '../../core/src/surface/rayTree';
import { findRecess } from '../../core/src/surface/recess';
import { surveyMesh } from '../../core/src/surface/surveyMesh';
import { medianMs } from './measure';

const SETUP = { layerMillimetres: 0.2, up: [0, 0, 1], beadShare: 0.1 } as const;

/** A lumpy ball of about 4 × rings² facets. */
function lumpyBall(rings: number): Uint8Array {
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

/** Reading, ridges, recess and the search for a direction, with the ratio to one plain pass over the same triangles. */
export function benchMeshes(tell: (what: string, ms: number, goal: string) => void): void {
  const large = lumpyBall(501);
  const facets = (large.length - 84) / 50;
  const { mesh } = readStl(large);
  const geometry = measureFacets(mesh);
  const plain = medianMs(() => measureFacets(mesh), 5);
  const against = (what: string, ms: number, goal: string): void => tell(`${what}, ${(ms / plain).toFixed(1)} × a plain pass`, ms, goal);
  tell(`a plain pass over ${facets} triangles (areas, normals, volume)`, plain, '');
  against(
    'the same STL read and surveyed: ridges, edges, shells',
    medianMs(() => surveyMesh(readStl(large), SETUP), 3),
    'wanted under 1,500 ms',
  );
  against(
    'its ridges alone',
    medianMs(() => findLayerRidges(mesh, geometry, SETUP), 3),
    '',
  );
  against(
    'a better print direction searched',
    medianMs(() => searchPrintDirection(mesh, geometry, SETUP), 3),
    'wanted under 2,000 ms',
  );
  const { mesh: small } = readStl(lumpyBall(224));
  const smallGeometry = measureFacets(small);
  against(
    `recess of ${small.indices.length / 3} facets, its ray tree built`,
    medianMs(() => findRecess(small, smallGeometry, buildRayTree(small), 10), 1),
    'wanted under 5,000 ms',
  );
}
