import type { ShopOutlook } from '@zinc-ladder/core/plan/shopPlan/shopOutlook';
import { toPlayed } from '@zinc-ladder/core/plan/shopPlan/planOrder';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useTableQuery } from '../../data/queries';
import { useStore } from '../../data/StoreContext';
import { askOutlook } from '../../workers/plan/outlookClient';
import { usePlan } from './usePlan';
import { usePlanVersion } from './usePlanVersion';

/** The fortunes all plans are played against. */
export const CHANCE_SEED = 1;

/** Bound and chance of the plan, once its search is over; the old ones stay while new ones are worked out. Null before the first. */
export function useOutlook(): { readonly outlook: ShopOutlook | null; readonly isReckoning: boolean } {
  const { plan } = usePlan();
  const { db } = useStore();
  const { isRead, version } = usePlanVersion();
  const entries = useTableQuery('logEntries');
  const madeForMs = plan?.kind === 'planned' && plan.isFinal ? plan.madeForMs : null;
  const query = useQuery({
    queryKey: ['outlook', version, madeForMs],
    queryFn: async ({ signal }): Promise<ShopOutlook | null> => {
      if (plan?.kind !== 'planned') return null;
      const source = { databaseName: db.name, nowMs: plan.madeForMs };
      return askOutlook((api) => api.shopOutlook(source, toPlayed(plan), CHANCE_SEED), signal);
    },
    enabled: isRead && entries.isSuccess && madeForMs !== null,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
    networkMode: 'always',
  });
  return { outlook: query.data ?? null, isReckoning: query.isFetching };
}
