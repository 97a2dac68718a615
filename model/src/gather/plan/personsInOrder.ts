import type { Person } from '../../records/shop/person';

/** Those who work in the shop, first the one who had it first. */
export function personsInOrder(persons: readonly Person[]): readonly Person[] {
  return persons.toSorted((a, b) => a.position - b.position || (a.id < b.id ? -1 : 1));
}

/** In whose hands something is: what nobody is named for is with who had the shop first. Null where the shop has one finisher. */
export function holderOf(doerId: string | null, persons: readonly Person[]): string | null {
  return doerId ?? personsInOrder(persons)[0]?.id ?? null;
}
