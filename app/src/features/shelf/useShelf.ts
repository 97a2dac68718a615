import { workOutTakes } from '@zinc-ladder/model/gather/shelf/gatherTakes';
import { gatherNeeds } from '@zinc-ladder/model/gather/shelf/gatherNeeds';
import type { ShelfLine } from '@zinc-ladder/model/gather/shelf/shelfLines';
import { shelfLines } from '@zinc-ladder/model/gather/shelf/shelfLines';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useShop, useTable } from '../../data/queries';
import { usePlan } from '../plan/usePlan';
import { useUses } from './useStocks';

const DAY_MS = 86_400_000;

/** Numbers that name states of what is read: a table that did not change is the same list. */
const names = new WeakMap<object, number>();
let named = 0;
function nameOf(state: object): number {
  const known = names.get(state);
  if (known !== undefined) return known;
  named += 1;
  names.set(state, named);
  return named;
}

/** Lets what was pressed meanwhile be heard. */
function pause(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve));
}

/**
 * What the plan takes of every product and supply and what becomes of it, reckoned once for bench, strip and shelf, in steps that are short in a shop of
 * thousands of rungs too; null before there is a plan.
 */
export function useShelf(): readonly ShelfLine[] | null {
  const shop = useShop();
  const { plan } = usePlan();
  const records = {
    parts: useTable('parts'),
    ladders: useTable('ladders'),
    rungs: useTable('rungs'),
    products: useTable('products'),
    cans: useTable('cans'),
    supplies: useTable('supplies'),
    purchases: useTable('purchases'),
    lightPlans: useTable('lightPlans'),
  };
  const packs = useTable('packs');
  const suppliers = useTable('suppliers');
  const uses = useUses();
  const planned = plan?.kind === 'planned' ? plan : null;
  const choice = shop && { chance: shop.shelfChance, days: shop.parcelDays, timeZone: shop.timeZone };
  const states = [planned ?? names, ...Object.values(records), packs, suppliers, uses].map(nameOf);
  const query = useQuery({
    queryKey: ['shelf', ...states, choice],
    queryFn: async (): Promise<readonly ShelfLine[] | null> => {
      if (!planned || !choice) return null;
      const plannedAt = new Map(planned.rungs.map(({ rungId, startMs }) => [rungId, startMs]));
      const lastMs = planned.rungs.reduce((latest, { endMs }) => Math.max(latest, endMs), planned.madeForMs);
      const pieces = workOutTakes(records);
      do await pause();
      while (!pieces.next().done);
      const needs = gatherNeeds(records, plannedAt, lastMs + DAY_MS, uses);
      await pause();
      return shelfLines(needs, { ...choice, packs, suppliers });
    },
    enabled: planned !== null && choice !== undefined,
    structuralSharing: false,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
    networkMode: 'always',
  });
  return query.data ?? null;
}
