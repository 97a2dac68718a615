import { JOIN_ADDED_IN_3, MESH_ADDED_IN_3, PART_ADDED_IN_3, PICTURE_ADDED_IN_3 } from '../../file/migrations';
import { makeVersion3 } from './makeVersion3';
import { without } from '../without';

const LISTS_ADDED_IN_3 = { passes: [], flaws: [], fits: [], timers: [] };

/** The sample as version 2 of the format had it: without what version 3 added. */
export function makeVersion2(): Record<string, unknown> {
  const sample = makeVersion3() as Record<'parts' | 'meshes' | 'joins' | 'pictures', object[]>;
  const { parts, meshes, joins, pictures } = sample;
  return {
    ...without(sample, LISTS_ADDED_IN_3),
    version: 2,
    parts: parts.map((part) => without(part, PART_ADDED_IN_3)),
    meshes: meshes.map((mesh) => without(mesh, MESH_ADDED_IN_3)),
    pictures: pictures.map((picture) => without(picture, PICTURE_ADDED_IN_3)),
    joins: joins.map((join) => without(join, JOIN_ADDED_IN_3)),
  };
}
