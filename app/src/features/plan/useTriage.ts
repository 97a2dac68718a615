import type { TriageSet } from '@zinc-ladder/core/plan/ideas/triage';
import { betterOrder } from '@zinc-ladder/core/plan/ideas/triage';
import { keepPreviousData, skipToken, useQuery, useQueryClient } from '@tanstack/react-query';
import { proxy } from 'comlink';
import { useStore } from '../../data/StoreContext';
import { useTable } from '../../data/queries';
import { askOutlook } from '../../workers/plan/outlookClient';
import { getPlanWorker } from '../../workers/plan/planClient';
import { planOrder } from '@zinc-ladder/core/plan/shopPlan/planOrder';
import { CHANCE_SEED, useOutlook } from './useOutlook';
import { usePlan } from './usePlan';
import { usePlanVersion } from './usePlanVersion';

/** A date that holds less often than this is at risk. */
export const SOON_SURE = 0.8;

const NO_SETS: readonly TriageSet[] = [];
/** What was found, and what becomes of it. */
interface Triage {
  readonly sets: readonly TriageSet[];
  readonly isReckoning: boolean;
  /** the order among them that the next plan begins from; null: it goes on from its own */
  readonly nextOrder: TriageSet['order'] | null;
}

/** Where what is found so far is kept: under the question's own name it would pass for the whole answer when the question is broken off. */
const SO_FAR = ['triage so far'];

/**
 * What comes of letting props go, where some date is at risk and there are several: told as it is found, the best first. An order that it
 * finds for the same props and that keeps more dates is where the next plan begins.
 */
export function useTriage(): Triage {
  const client = useQueryClient();
  const { plan } = usePlan();
  const { outlook } = useOutlook();
  const { db } = useStore();
  const { version } = usePlanVersion();
  const props = useTable('props');
  const dated = outlook?.props.filter((prop) => prop.chanceOfDate !== null) ?? [];
  const isAsked = dated.length > 1 && dated.some((prop) => (prop.chanceOfDate ?? 1) < SOON_SURE);
  const madeForMs = plan?.kind === 'planned' && plan.isFinal ? plan.madeForMs : null;
  const isSurest = plan?.kind === 'planned' && plan.objective === 'surest';
  const orderToTake = (sets: readonly TriageSet[]) => (outlook && isSurest ? betterOrder(sets, outlook, props) : null);
  const query = useQuery({
    queryKey: ['triage', version, madeForMs],
    queryFn: async ({ signal }): Promise<readonly TriageSet[]> => {
      if (plan?.kind !== 'planned') return NO_SETS;
      client.setQueryData(SO_FAR, null);
      const source = { databaseName: db.name, nowMs: plan.madeForMs };
      const tell = (sets: readonly TriageSet[]): void => void client.setQueryData(SO_FAR, sets);
      const sets = (await askOutlook((api) => api.triage(source, planOrder(plan), CHANCE_SEED, proxy(tell)), signal)) ?? NO_SETS;
      // What is shown stays as it is: the next plan begins from the better order.
      const order = orderToTake(sets);
      if (order) void getPlanWorker().goBy(order);
      return sets;
    },
    enabled: isAsked && madeForMs !== null,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 10 * 60_000,
    networkMode: 'always',
  });
  const soFar = useQuery<readonly TriageSet[] | null>({ queryKey: SO_FAR, queryFn: skipToken, gcTime: Infinity, networkMode: 'always' });
  const isReckoning = isAsked && (query.isFetching || query.isPlaceholderData);
  const sets = (query.isFetching ? soFar.data : null) ?? query.data ?? NO_SETS;
  return { sets: isAsked ? sets : NO_SETS, isReckoning, nextOrder: isReckoning ? null : orderToTake(sets) };
}
