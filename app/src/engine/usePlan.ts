import type { AirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import type { ShopPlan } from '@zinc-ladder/core/plan/planShop';
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { proxy } from 'comlink';
import { useMemo } from 'react';
import { useNow } from '../clock/ClockContext';
import { useShop, useTable, useTableQuery } from '../data/queries';
import { getEngine, getFilms } from './engineClient';
import type { FilmAnswer } from './filmTypes';
import { gatherAir } from '@zinc-ladder/model/gather/gatherAir';
import { gatherFilms } from './gatherFilms';
import { gatherPlan } from '@zinc-ladder/model/gather/gatherPlan';
import { usePlanRecords } from './usePlanRecords';

/** A plan is made again when records change, and otherwise this often: time passes and windows with it. */
const REPLAN_MS = 5 * 60_000;
const NO_FILMS: readonly FilmAnswer[] = [];
const LAST_PLAN = ['last plan'];

/** When hands begin each rung, by a plan: what the next one starts from, so that tonight stays as it was. */
function startsOf(plan: ShopPlan | undefined): Record<string, number> {
  return plan?.kind === 'planned' ? Object.fromEntries(plan.rungs.map(({ rungId, startMs }) => [rungId, startMs])) : {};
}

/** The shop's air along time; null before there is a shop. */
export function useAir(): AirTimeline | null {
  const shop = useShop();
  const readings = useTable('climateReadings');
  const now = useNow(REPLAN_MS);
  return useMemo(() => (shop ? gatherAir(shop, readings, now + REPLAN_MS) : null), [shop, readings, now]);
}

/** The shop's plan, made in the worker once for all who ask; the old one stays while a new one is made. */
export function usePlan(): { readonly plan: ShopPlan | null; readonly isPlanning: boolean; readonly error: unknown } {
  const client = useQueryClient();
  const { records, version } = usePlanRecords();
  const readings = useTableQuery('climateReadings');
  const minute = useNow(60_000);
  const now = Math.floor(minute / REPLAN_MS) * REPLAN_MS;
  const query = useQuery({
    queryKey: ['plan', version, readings.version, now],
    queryFn: async ({ queryKey }): Promise<ShopPlan | null> => {
      if (!records) return null;
      // A change is planned from this minute on; between changes the plan is renewed on its grid.
      const input = gatherPlan(records, gatherAir(records.shop, readings.data ?? [], minute), minute);
      const options = { objective: records.shop.objective, before: startsOf(client.getQueryData<ShopPlan>(LAST_PLAN)) };
      // The first plan is shown at once, better ones as they come.
      const tell = (plan: ShopPlan): void => void client.setQueryData(queryKey, plan);
      const plan = await getEngine().planShop(input, options, proxy(tell));
      client.setQueryData(LAST_PLAN, plan);
      return plan;
    },
    enabled: records !== null && readings.isSuccess,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
    networkMode: 'always',
  });
  return { plan: query.data ?? null, isPlanning: query.isFetching, error: query.error };
}

/** What the cure clock says of the top film of every part, read in the worker once for all who ask. */
export function useFilms(): readonly FilmAnswer[] {
  const { records, version } = usePlanRecords();
  const readings = useTableQuery('climateReadings');
  const now = useNow(REPLAN_MS);
  const query = useQuery({
    queryKey: ['films', version, readings.version, now],
    queryFn: async (): Promise<readonly FilmAnswer[]> => {
      if (!records) return NO_FILMS;
      const air = gatherAir(records.shop, readings.data ?? [], now + REPLAN_MS);
      return getFilms().readFilms({ air, nowMs: now, films: gatherFilms(records, now + REPLAN_MS) });
    },
    enabled: records !== null && readings.isSuccess,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
    networkMode: 'always',
  });
  return query.data ?? NO_FILMS;
}
