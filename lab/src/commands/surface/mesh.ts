import { boxSize } from '@zinc-ladder/core/surface/mesh/facetGeometry';
import { MeshFaultError } from '@zinc-ladder/core/surface/mesh/mesh';
import { MESH_UNITS } from '@zinc-ladder/core/surface/mesh/meshUnits';
import { readMesh } from '@zinc-ladder/core/surface/mesh/readMesh';
import { unit } from '@zinc-ladder/core/surface/mesh/vector';
import { surveyMesh } from '@zinc-ladder/core/surface/measure/surveyMesh';
import { LabError, readNumber } from '../../labError';
import { readBytes } from '../../readFile';
import type { LabCommand } from '../labCommand';
import { MESH_FORMATS } from '@zinc-ladder/model/records/prop/meshReference';

const round = (value: number, places = 3): number => Math.round(value * 10 ** places) / 10 ** places;

/** `mesh FILE --layer-height 0.2 [--up 0,0,1] [--unit mm] [--bead 0.1]` → what a mesh is and the ridges its layers leave; mm, mm², mm³, ridges in µm. */
export const mesh: LabCommand = {
  name: 'mesh',
  usage: `mesh FILE --layer-height mm [--up x,y,z] [--unit ${MESH_UNITS.map((entry) => entry.id).join('|')}] [--bead share]`,
  options: ['layer-height', 'up', 'unit', 'bead'],
  run: ({ options, files }) => {
    const [path] = files;
    const format = MESH_FORMATS.find((entry) => path?.toLowerCase().endsWith(`.${entry}`));
    if (!format) throw new LabError('a mesh file ending in .stl, .obj or .3mf is needed');
    const scale = MESH_UNITS.find((entry) => entry.id === (options['unit'] ?? 'mm'))?.millimetres;
    if (scale === undefined) throw new LabError(`--unit must be one of ${MESH_UNITS.map((entry) => entry.id).join(', ')}`);
    const setup = {
      layerMillimetres: readNumber('layer-height', options['layer-height'], 0, 5),
      up: readUp(options['up'] ?? '0,0,1'),
      beadShare: readNumber('bead', options['bead'] ?? '0.1', 0, 1),
    };
    const bytes = readBytes(path);
    try {
      const { survey } = surveyMesh(readMesh(bytes, format, scale), setup);
      const { ridges } = survey;
      return {
        area: round(survey.areaSquareMillimetres),
        volume: survey.volumeCubicMillimetres === null ? null : round(survey.volumeCubicMillimetres),
        boundingBox: {
          min: survey.boundingBox.min,
          max: survey.boundingBox.max,
          size: boxSize(survey.boundingBox).map((side) => round(side)),
        },
        facets: survey.facets,
        shells: survey.shells,
        openEdges: survey.openEdges,
        nonManifoldEdges: survey.nonManifoldEdges,
        misorientedEdges: survey.misorientedEdges,
        degenerateFacets: survey.degenerateFacets,
        sharpEdges: { convex: round(survey.sharp.convexMillimetres), concave: round(survey.sharp.concaveMillimetres) },
        cusp: { mean: round(ridges.meanMicrometres), p95: round(ridges.p95Micrometres), max: round(ridges.maxMicrometres) },
        zones: ridges.zoneSums.map((zone) => ({
          zone: zone.zone,
          area: round(zone.areaSquareMillimetres),
          mean: round(zone.meanMicrometres),
          p95: round(zone.p95Micrometres),
        })),
        bands: ridges.bands.map((band) => ({
          from: band.fromMicrometres,
          to: band.toMicrometres,
          area: round(band.areaSquareMillimetres),
        })),
        complaints: survey.complaints,
        unitDoubt: survey.doubtedUnit,
      };
    } catch (error) {
      if (error instanceof MeshFaultError) throw new LabError(`${path ?? ''} cannot be taken: ${error.message}`);
      throw error;
    }
  },
};

function readUp(text: string) {
  const numbers = text.split(',').map(Number);
  const [x = NaN, y = NaN, z = NaN] = numbers;
  if (numbers.length !== 3 || !numbers.every((value) => Number.isFinite(value)) || Math.hypot(x, y, z) === 0)
    throw new LabError(`--up must be three numbers with a direction, as in 0,0,1; got "${text}"`);
  return unit([x, y, z]);
}
