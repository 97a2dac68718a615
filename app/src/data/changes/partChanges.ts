import type { Part } from '@zinc-ladder/model/records/part';
import { PART_ADDED_IN_3 } from '@zinc-ladder/model/file/migrations';
import { forgetPartOfMasks } from './colourChanges';
import type { ShopDatabase } from '../database';
import type { Edit } from '../edit';

/** Fields a finisher gives a part. */
export type PartFields = Omit<Part, 'id' | 'revision' | 'propId' | 'position'>;

/** A part as it starts: the usual rigid print. */
export const NEW_PART: PartFields = {
  name: '',
  count: 1,
  materialId: 'rigid',
  layerMillimetres: 0.2,
  areaSquareCentimetres: 150,
  rackPlaces: 1,
  note: '',
  ...PART_ADDED_IN_3,
};

/** Adds a part with an empty ladder of the same id. */
export async function addPart(edit: Edit, id: string, propId: string, fields: PartFields, others: readonly Part[]): Promise<void> {
  const position = Math.max(-1, ...others.filter((part) => part.propId === propId).map((part) => part.position)) + 1;
  await edit.put('parts', { id, revision: 0, propId, ...fields, position });
  await edit.put('ladders', { id, revision: 0, partId: id, route: null, rungIds: [] });
}

/** Takes a part away with its ladder, rungs, joins, meshes, passes, flaws, fits, mask plan and stencils; the log keeps what was done. */
export async function removePart(edit: Edit, db: ShopDatabase, id: string): Promise<void> {
  for (const ladder of await db.records('ladders').toArray()) {
    if (ladder.partId !== id) continue;
    for (const rungId of ladder.rungIds) await edit.remove('rungs', rungId);
    await edit.remove('ladders', ladder.id);
  }
  for (const join of await db.records('joins').toArray())
    if (join.hostPartId === id || join.guestPartId === id) await edit.remove('joins', join.id);
  for (const mesh of await db.records('meshes').toArray()) {
    if (mesh.partId !== id) continue;
    await edit.remove('attachments', mesh.id);
    await edit.remove('meshes', mesh.id);
  }
  for (const table of ['passes', 'flaws'] as const)
    for (const record of await db.records(table).toArray()) if (record.partId === id) await edit.remove(table, record.id);
  for (const fit of await db.records('fits').toArray()) {
    if (fit.partId === id) await edit.remove('fits', fit.id);
    else if (fit.otherPartId === id) await edit.patch('fits', fit.id, { otherPartId: null });
  }
  await forgetPartOfMasks(edit, db, id);
  await edit.remove('parts', id);
}
