import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import type { Edit } from '../../edits/edit';

/** Fields a finisher gives a prop. */
export type PropFields = Pick<Prop, 'name' | 'story' | 'dueMs' | 'viewingMetres' | 'weight'>;

/** A prop as it starts. */
export const NEW_PROP: PropFields = { name: '', story: '', dueMs: null, viewingMetres: 1.5, weight: 1 };

/** Adds a prop after the others. */
export async function addProp(edit: Edit, id: string, fields: PropFields, others: readonly Prop[]): Promise<void> {
  await edit.put('props', { id, revision: 0, ...fields, position: Math.max(-1, ...others.map((prop) => prop.position)) + 1 });
}

/** Lets props go: they keep their ladders and are worked on when there is time, but by no date. */
export async function letGo(edit: Edit, propIds: readonly string[]): Promise<void> {
  for (const id of propIds) await edit.patch('props', id, { dueMs: null });
}
