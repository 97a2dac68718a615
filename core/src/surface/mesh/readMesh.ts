import type { MeshFormat, ReadMesh } from './mesh';
import { FARTHEST_MILLIMETRES } from './keepFinite';
import { MeshFaultError } from './mesh';
import { read3mf } from './read3mf';
import { readObj } from './readObj';
import { readStl } from './readStl';

/** One reader a kind of file. */
const READERS: Readonly<Record<MeshFormat, (bytes: Uint8Array) => ReadMesh>> = { stl: readStl, obj: readObj, '3mf': read3mf };

/**
 * Reads a mesh file and brings it to millimetres.
 *
 * @param scale what one unit of the file is, mm, times how much larger it was printed
 * @throws MeshFaultError when there is no mesh in it
 */
export function readMesh(bytes: Uint8Array, format: MeshFormat, scale = 1): ReadMesh {
  if (bytes.length === 0) throw new MeshFaultError('empty', 'the file is empty');
  const read = READERS[format](bytes);
  if (scale === 1) return read;
  const positions = read.mesh.positions.map((value) => value * scale);
  // In its unit and at its scale it must still be a part: squares of what is farther out are no numbers any more.
  if (!positions.every((value) => Math.abs(value) <= FARTHEST_MILLIMETRES))
    throw new MeshFaultError('invalid', 'in this unit and at this scale it would be larger than 10 km');
  return { ...read, mesh: { ...read.mesh, positions } };
}
