import { MESH_ADDED_IN_3 } from '@zinc-ladder/model/file/migrations';
import type { MeshReference } from '@zinc-ladder/model/records/prop/meshReference';
import { MESH_FORMATS, MOST_MESH_BYTES } from '@zinc-ladder/model/records/prop/meshReference';
import type { Edit } from '../../edits/edit';

/** The format of a mesh file by its ending; null where it is none that is kept, empty, or too large. */
export function meshFormatOf(file: Pick<File, 'name' | 'size'>): MeshReference['format'] | null {
  if (file.size === 0 || file.size > MOST_MESH_BYTES) return null;
  return MESH_FORMATS.find((entry) => file.name.toLowerCase().endsWith(`.${entry}`)) ?? null;
}

/** What is said of a file that is no mesh. */
export const NO_MESH = `a mesh is an STL, OBJ or 3MF file of up to ${MOST_MESH_BYTES / 1024 / 1024} MB`;

/** Keeps a mesh file with a part, in millimetres and as it was stacked along z until something else is said. */
export async function keepMesh(
  edit: Edit,
  partId: string,
  file: Pick<File, 'name' | 'size' | 'slice'>,
  format: MeshReference['format'],
  id: string,
): Promise<void> {
  await edit.attach({ id, blob: file.slice() });
  await edit.put('meshes', {
    id,
    revision: 0,
    partId,
    name: file.name.slice(0, 200),
    format,
    byteLength: file.size,
    note: '',
    ...MESH_ADDED_IN_3,
    up: [...MESH_ADDED_IN_3.up],
  });
}
