import { readMesh } from '@zinc-ladder/core/surface/mesh/readMesh';
import type { Mesh } from '@zinc-ladder/core/surface/mesh/mesh';
import { MeshFaultError } from '@zinc-ladder/core/surface/mesh/mesh';
import type { FieldSetup } from '@zinc-ladder/core/weather/field/weatherFields';
import { USUAL_POINTS, USUAL_REACH, USUAL_SETUP } from '@zinc-ladder/core/weather/field/weatherFields';
import type { Technique } from '@zinc-ladder/core/weather/technique/technique';
import { TECHNIQUES } from '@zinc-ladder/core/weather/technique/techniques';
import { MESH_FORMATS } from '@zinc-ladder/model/records/prop/meshReference';
import { LabError, readNumber } from '../../labError';
import { readBytes } from '../../readFile';

/** A mesh file in millimetres. */
export function readMeshFile(path: string | undefined): Mesh {
  const format = MESH_FORMATS.find((entry) => path?.toLowerCase().endsWith(`.${entry}`));
  if (!format) throw new LabError('a mesh file ending in .stl, .obj or .3mf is needed');
  try {
    return readMesh(readBytes(path), format, 1).mesh;
  } catch (error) {
    if (error instanceof MeshFaultError) throw new LabError(`${path ?? ''} cannot be taken: ${error.message}`);
    throw error;
  }
}

/** How the fields are gathered, from the options. */
export function readSetup(options: Readonly<Record<string, string | undefined>>): FieldSetup {
  const whole = (name: string, usual: number, least: number, most: number): number =>
    Math.round(readNumber(name, options[name] ?? String(usual), least, most));
  return {
    ...USUAL_SETUP,
    points: whole('points', USUAL_POINTS, 100, 400_000),
    reachMillimetres: readNumber('reach', options['reach'] ?? String(USUAL_REACH), 0.1, 1000),
    seed: whole('seed', 1, 0, 2 ** 31),
  };
}

/** The technique of that id. */
export function readTechnique(id: string | undefined): Technique {
  const found = TECHNIQUES.find((technique) => technique.id === id);
  if (!found) throw new LabError(`no technique "${id ?? ''}"; there are ${TECHNIQUES.map((technique) => technique.id).join(', ')}`);
  return found;
}

/** To four decimals. */
export function round(value: number): number {
  return Math.round(value * 1e4) / 1e4;
}
