import { findCautions } from '@zinc-ladder/core/caution/cautions';
import { boxBuck, formSheet, meshBuck, SHEETS } from '@zinc-ladder/core/sheet/formSheet';
import type { Buck } from '@zinc-ladder/core/sheet/formSheet';
import { measureFacets } from '@zinc-ladder/core/surface/mesh/facetGeometry';
import { MeshFaultError } from '@zinc-ladder/core/surface/mesh/mesh';
import { findEdges } from '@zinc-ladder/core/surface/mesh/meshEdges';
import { readMesh } from '@zinc-ladder/core/surface/mesh/readMesh';
import { LabError, readNumber } from '../../labError';
import { readBytes } from '../../readFile';
import { readSides } from '../../readSides';
import type { LabCommand } from '../labCommand';

const OVEN = findCautions(['sheetForming'])[0]?.text;

/** `form --size 120x90x45 --sheet 2` or `form --buck FILE.stl --sheet 2` → sheet to cut, stretch, thickness left; mm. */
export const form: LabCommand = {
  name: 'form',
  usage: 'form --size WxDxH|--buck FILE.stl --sheet mm [--plastic petg]',
  options: ['size', 'buck', 'sheet', 'plastic'],
  run: ({ options }) => {
    const thickness = readNumber('sheet', options['sheet'] ?? '2', 0.05, 20);
    const formed = formSheet(buckOf(options['size'], options['buck']), thickness);
    const plastic = SHEETS.find(({ id }) => id === options['plastic']);
    if (options['plastic'] !== undefined && !plastic)
      throw new LabError(`--plastic must be one of ${SHEETS.map(({ id }) => id).join(', ')}`);
    const { fromCelsius, toCelsius, shrinkPercent } = plastic ?? {};
    return { ...formed, ...(plastic ? { window: [fromCelsius, toCelsius], shrinkPercent } : {}), note: OVEN };
  },
};

function buckOf(size: string | undefined, path: string | undefined): Buck {
  if (path === undefined) {
    const [width = 0, depth = 0, height = 0] = readSides('size', size, 3);
    return boxBuck(width, depth, height);
  }
  const format = (['stl', 'obj', '3mf'] as const).find((ending) => path.toLowerCase().endsWith(`.${ending}`));
  if (!format) throw new LabError('--buck must be a mesh file ending in .stl, .obj or .3mf');
  try {
    const { mesh } = readMesh(readBytes(path), format);
    const { openEdges } = findEdges(mesh);
    if (openEdges > 0) throw new LabError(`the buck has holes: ${openEdges} open edges. Close it, or give its size`);
    return meshBuck(measureFacets(mesh));
  } catch (error) {
    if (error instanceof MeshFaultError || error instanceof RangeError) throw new LabError(`${path} cannot be taken: ${error.message}`);
    throw error;
  }
}
