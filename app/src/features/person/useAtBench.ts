import type { Interval } from '@zinc-ladder/core/time/interval';
import type { Person } from '@zinc-ladder/model/records/shop/person';
import { holderOf, personsInOrder } from '@zinc-ladder/model/gather/plan/personsInOrder';
import { useSyncExternalStore } from 'react';
import { useTable } from '../../data/queries';
import type { PlannedShop } from '../plan/planned';

/** Whose hands are at this screen: a matter of the screen, so it is kept in the browser and not in the shop's file. */
const KEY = 'zinc-ladder-at-bench';
const listeners = new Set<() => void>();

function listen(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Those who work in the shop, first the one who had it first; nobody where it has one finisher. */
export function usePersons(): readonly Person[] {
  return personsInOrder(useTable('persons'));
}

/** Who is at this screen. */
export interface AtBench {
  readonly persons: readonly Person[];
  /** null where the shop has one finisher */
  readonly person: Person | null;
  readonly choose: (id: string) => void;
  /** whether what is in somebody's hands is in those at this screen; what nobody is named for is with who had the shop first */
  readonly isMine: (personId: string | null) => boolean;
  /** when the hands at this screen are there */
  readonly hoursIn: (plan: PlannedShop) => readonly Interval[];
}

/** Who is at this screen, and what is in their hands. */
export function useAtBench(): AtBench {
  const persons = usePersons();
  const kept = useSyncExternalStore(listen, () => localStorage.getItem(KEY));
  const person = persons.find(({ id }) => id === kept) ?? persons[0] ?? null;
  return {
    persons,
    person,
    choose: (id) => {
      localStorage.setItem(KEY, id);
      for (const listener of listeners) listener();
    },
    isMine: (personId) => person === null || holderOf(personId, persons) === person.id,
    hoursIn: ({ handsByPerson, handsWindows }) => handsByPerson.find(({ personId }) => personId === person?.id)?.windows ?? handsWindows,
  };
}
