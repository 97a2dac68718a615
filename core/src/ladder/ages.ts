/** How much life a part is to show. */
export type AgeId = 'new' | 'inUse' | 'worn' | 'battered' | 'ancient';

/** An age with how far its passes go. */
export interface Age {
  readonly id: AgeId;
  readonly name: string;
  readonly shows: string;
  /** share of the amounts of a whole recipe; guessed until technique cards exist */
  readonly strength: number;
}

/** All ages, youngest first. */
export const AGES: readonly Age[] = [
  { id: 'new', name: 'New', shows: 'as it left the maker', strength: 0 },
  { id: 'inUse', name: 'In use', shows: 'a wash in the recesses, touched edges', strength: 0.3 },
  { id: 'worn', name: 'Worn', shows: 'edges bright, dirt where hands do not reach', strength: 0.55 },
  { id: 'battered', name: 'Battered', shows: 'chips, scratches and runs', strength: 0.8 },
  { id: 'ancient', name: 'Ancient', shows: 'everything, and dust over it', strength: 1 },
];

/**
 * The age of that id.
 *
 * @throws RangeError for an unknown id
 */
export function findAge(id: string): Age {
  const found = AGES.find((age) => age.id === id);
  if (!found) throw new RangeError(`unknown age: ${id}`);
  return found;
}

/** Ages that show wear: all but new. */
export const AGED: readonly AgeId[] = AGES.filter(({ strength }) => strength > 0).map(({ id }) => id);
