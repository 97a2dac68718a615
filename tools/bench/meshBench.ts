import { measureFacets } from '../../core/src/surface/mesh/facetGeometry';
import { findLayerRidges } from '../../core/src/surface/measure/layerRidges';
import { readStl } from '../../core/src/surface/mesh/readStl';
import { searchPrintDirection } from '../../core/src/surface/measure/printDirection';
import { buildRayTree } from '../../core/src/surface/mesh/rayTree';
import { findRecess } from '../../core/src/surface/measure/recess';
import { surveyMesh } from '../../core/src/surface/measure/surveyMesh';
import { lumpyBall } from './lumpyBall';
import { medianMs } from './measure';

const SETUP = { layerMillimetres: 0.2, up: [0, 0, 1], beadShare: 0.1 } as const;

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
