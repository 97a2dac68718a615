import { gatherNeeds } from '@zinc-ladder/model/gather/shelf/gatherNeeds';
import type { ShelfLine } from '@zinc-ladder/model/gather/shelf/shelfLines';
import { shelfLines } from '@zinc-ladder/model/gather/shelf/shelfLines';
import { USUAL_CHANCE, USUAL_DAYS } from '@zinc-ladder/core/shelf/stockCurve';
import { useMemo } from 'react';
import { useKeptState } from '../../data/useKeptState';
import { useShop, useTable } from '../../data/queries';
import { usePlan } from '../plan/usePlan';

const DAY_MS = 86_400_000;

/** How sure one wants to be, and how long a parcel takes; kept while the page is open. */
export function useShelfChoice() {
  const [chance, setChance] = useKeptState(['shelf chance'], USUAL_CHANCE);
  const [days, setDays] = useKeptState(['shelf days'], USUAL_DAYS);
  return { chance, setChance, days, setDays };
}

/** What the plan takes of every product and what becomes of it; null before there is a plan. */
export function useShelf(chance: number, days: number): readonly ShelfLine[] | null {
  const shop = useShop();
  const { plan } = usePlan();
  const parts = useTable('parts');
  const ladders = useTable('ladders');
  const rungs = useTable('rungs');
  const products = useTable('products');
  const cans = useTable('cans');
  return useMemo(() => {
    if (!shop || plan?.kind !== 'planned') return null;
    const plannedAt = new Map(plan.rungs.map(({ rungId, startMs }) => [rungId, startMs]));
    const lastMs = plan.rungs.reduce((last, { endMs }) => Math.max(last, endMs), plan.madeForMs);
    const needs = gatherNeeds({ parts, ladders, rungs, products, cans }, plannedAt, lastMs + DAY_MS);
    return shelfLines(needs, { chance, days, timeZone: shop.timeZone });
  }, [shop, plan, parts, ladders, rungs, products, cans, chance, days]);
}
