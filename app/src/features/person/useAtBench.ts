import type { Person } from '@zinc-ladder/model/records/person';
import { useSyncExternalStore } from 'react';
import { useTable } from '../../data/queries';

/** Whose hands are at this screen: a matter of the screen, so it is kept in the browser and not in the shop's file. */
const KEY = 'zinc-ladder-at-bench';
const listeners = new Set<() => void>();

function listen(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Those who work in the shop, first the one who had it first; nobody where it has one finisher. */
export function usePersons(): readonly Person[] {
  return useTable('persons').toSorted((a, b) => a.position - b.position || (a.id < b.id ? -1 : 1));
}

/** Who is at this screen; null where the shop has one finisher. */
export function useAtBench(): {
  readonly persons: readonly Person[];
  readonly person: Person | null;
  readonly choose: (id: string) => void;
} {
  const persons = usePersons();
  const kept = useSyncExternalStore(listen, () => localStorage.getItem(KEY));
  return {
    persons,
    person: persons.find(({ id }) => id === kept) ?? persons[0] ?? null,
    choose: (id) => {
      localStorage.setItem(KEY, id);
      for (const listener of listeners) listener();
    },
  };
}
