import { gatherNeeds } from '@zinc-ladder/model/gather/shelf/gatherNeeds';
import type { ShelfLine } from '@zinc-ladder/model/gather/shelf/shelfLines';
import { shelfLines } from '@zinc-ladder/model/gather/shelf/shelfLines';
import { useMemo } from 'react';
import { useShop, useTable } from '../../data/queries';
import { usePlan } from '../plan/usePlan';
import { useUses } from './useStocks';

const DAY_MS = 86_400_000;

type Gathered = readonly [needs: Parameters<typeof gatherNeeds>, choice: Parameters<typeof shelfLines>[1]];

/** What was reckoned last: bench, strip and shelf ask for the same at once. */
let last: { readonly inputs: readonly unknown[]; readonly lines: readonly ShelfLine[] } | null = null;

function reckonOnce(inputs: readonly unknown[], gather: () => Gathered): readonly ShelfLine[] {
  if (last?.inputs.every((input, at) => input === inputs[at])) return last.lines;
  const [needs, choice] = gather();
  const lines = shelfLines(gatherNeeds(...needs), choice);
  last = { inputs, lines };
  return lines;
}

/** What the plan takes of every product and supply and what becomes of it; null before there is a plan. */
export function useShelf(): readonly ShelfLine[] | null {
  const shop = useShop();
  const { plan } = usePlan();
  const parts = useTable('parts');
  const ladders = useTable('ladders');
  const rungs = useTable('rungs');
  const products = useTable('products');
  const cans = useTable('cans');
  const supplies = useTable('supplies');
  const purchases = useTable('purchases');
  const packs = useTable('packs');
  const suppliers = useTable('suppliers');
  const uses = useUses();
  return useMemo(() => {
    if (!shop || plan?.kind !== 'planned') return null;
    const { shelfChance: chance, parcelDays: days, timeZone } = shop;
    const inputs = [plan, parts, ladders, rungs, products, cans, supplies, purchases, packs, suppliers, uses, chance, days, timeZone];
    return reckonOnce(inputs, () => {
      const plannedAt = new Map(plan.rungs.map(({ rungId, startMs }) => [rungId, startMs]));
      const lastMs = plan.rungs.reduce((latest, { endMs }) => Math.max(latest, endMs), plan.madeForMs);
      return [
        [{ parts, ladders, rungs, products, cans, supplies, purchases }, plannedAt, lastMs + DAY_MS, uses],
        { chance, days, timeZone, packs, suppliers },
      ];
    });
  }, [shop, plan, parts, ladders, rungs, products, cans, supplies, purchases, packs, suppliers, uses]);
}
