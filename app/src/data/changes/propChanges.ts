import type { Prop } from '@zinc-ladder/model/records/prop';
import type { Edit } from '../edit';
import type { ShopDatabase } from '../database';
import { removePart } from './partChanges';

/** Fields a finisher gives a prop. */
export type PropFields = Pick<Prop, 'name' | 'story' | 'dueMs' | 'viewingMetres' | 'weight'>;

/** A prop as it starts. */
export const NEW_PROP: PropFields = { name: '', story: '', dueMs: null, viewingMetres: 1.5, weight: 1 };

/** Adds a prop after the others. */
export async function addProp(edit: Edit, id: string, fields: PropFields, others: readonly Prop[]): Promise<void> {
  await edit.put('props', { id, revision: 0, ...fields, position: Math.max(-1, ...others.map((prop) => prop.position)) + 1 });
}

/** Takes a prop away with its parts, ladders, rungs and joins; the log keeps what was done. */
export async function removeProp(edit: Edit, db: ShopDatabase, id: string): Promise<void> {
  for (const part of await db.records('parts').toArray()) if (part.propId === id) await removePart(edit, db, part.id);
  for (const picture of await db.records('pictures').toArray())
    if (picture.propId === id) await edit.patch('pictures', picture.id, { propId: null });
  for (const target of await db.records('targets').toArray())
    if (target.propId === id) await edit.patch('targets', target.id, { propId: null });
  await edit.remove('props', id);
}
