import type { Lab } from '@zinc-ladder/core/colour/lab';
import type { Recipe } from '@zinc-ladder/core/colour/recipe/searchRecipes';
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { getColourApi, stopColourWorker } from '../../../workers/colour/colourClient';
import type { DeskShelf } from '../../../workers/colour/colourApi';
import type { RecipeWish } from './RecipeLimits';

const NONE: readonly Recipe[] = [];

/** Recipes for a colour, looked for in the worker; those before stay until the new ones are there. */
export function useRecipes(shelf: DeskShelf, target: Lab, { paints, parts, mustUse, neverUse }: RecipeWish) {
  const client = useQueryClient();
  const limits = { paints, parts, mustUse: [...mustUse], neverUse: [...neverUse] };
  const key = ['recipes', shelf, target, limits];
  const query = useQuery({
    queryKey: key,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
    networkMode: 'always',
    queryFn: () => getColourApi().recipes(shelf, target, limits),
  });
  return {
    recipes: query.data ?? NONE,
    isSearching: query.isFetching,
    problem: query.error
      ? `The search failed: ${query.error.message}.`
      : query.fetchStatus === 'idle' && query.data === undefined
        ? 'The search was stopped.'
        : null,
    stop: (): void => {
      stopColourWorker();
      void client.cancelQueries({ queryKey: ['recipes'] });
    },
    again: (): void => void query.refetch(),
  };
}
