import type { MeshFormat, ReadMesh } from './mesh';
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
  return { ...read, mesh: { ...read.mesh, positions: read.mesh.positions.map((value) => value * scale) } };
}
