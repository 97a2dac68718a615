import type { Person } from '@zinc-ladder/model/records/shop/person';
import type { Edit } from '../../edits/edit';

/** Somebody new, with the shop's hours, who does everything. */
const NEW_PERSON: Omit<Person, 'id' | 'name' | 'position'> = { revision: 0, hours: null, exceptions: [], busy: [], refuses: [] };

/**
 * Adds somebody who works in the shop. With the first, whoever had the shop before is named too: there are two of them now.
 */
export async function addPerson(edit: Edit, name: string, makeId: () => string): Promise<void> {
  const persons = await edit.list('persons');
  let position = Math.max(-1, ...persons.map((person) => person.position)) + 1;
  if (persons.length === 0) {
    const me = makeId();
    await edit.put('persons', { ...NEW_PERSON, id: me, name: 'Me', position });
    for (const rung of await edit.find('rungs', 'state', 'inHand')) await edit.patch('rungs', rung.id, { doerId: me });
    position += 1;
  }
  await edit.put('persons', { ...NEW_PERSON, id: makeId(), name, position });
}
