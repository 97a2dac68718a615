import type { AirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import type { StartAnswer } from '@zinc-ladder/core/plan/shop/startWaits';
import type { ShopPlan } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import { keepPreviousData, skipToken, useQuery, useQueryClient } from '@tanstack/react-query';
import { proxy } from 'comlink';
import { useMemo } from 'react';
import { useNow } from '../../clock/ClockContext';
import { useShop, useTable } from '../../data/queries';
import { useStore } from '../../data/StoreContext';
import { getPlanWorker, getFilms } from '../../workers/plan/planClient';
import type { FilmAnswer } from '../../workers/plan/filmTypes';
import { REPLAN_MS } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { ShopAirs } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import { gatherAirs } from '@zinc-ladder/model/gather/gatherAirs';
import type { PlanPiece } from '../../workers/plan/planPieces';
import { PlanPieces } from '../../workers/plan/planPieces';
import { tellWatched } from './useWatchedPlan';
import { usePlanVersion } from './usePlanVersion';

const LAST_TOLD = ['plan told last'];
const NO_FILMS: readonly FilmAnswer[] = [];
const NO_STARTS: readonly StartAnswer[] = [];

/** The shop's air along time, and that out of doors; null before there is a shop. */
export function useAirs(): ShopAirs | null {
  const shop = useShop();
  const readings = useTable('climateReadings');
  const now = useNow(REPLAN_MS);
  return useMemo(() => (shop ? gatherAirs(shop, readings, now + REPLAN_MS) : null), [shop, readings, now]);
}

/** The shop's air along time; null before there is a shop. */
export function useAir(): AirTimeline | null {
  return useAirs()?.air ?? null;
}

/** The shop's plan as it is known. */
export interface PlanNow {
  readonly plan: ShopPlan | null;
  readonly isPlanning: boolean;
  readonly error: unknown;
  /** asks again where it could not be made */
  readonly retry: () => void;
}

/** The shop's plan, made in the worker once for all who ask, when records change and as time passes; the old one stays while a new one is made. */
export function usePlan(): PlanNow {
  const client = useQueryClient();
  const { db } = useStore();
  const { version } = usePlanVersion();
  const minute = useNow(60_000);
  const now = Math.floor(minute / REPLAN_MS) * REPLAN_MS;
  const query = useQuery({
    queryKey: ['plan', version, now],
    queryFn: async ({ queryKey }): Promise<ShopPlan | null> => {
      const pieces = new PlanPieces();
      let last: ShopPlan | null = null;
      // The first plan is shown at once, better ones as they come.
      const take = (piece: PlanPiece): void => {
        const plan = pieces.take(piece);
        if (!plan) return;
        last = plan;
        client.setQueryData(queryKey, plan);
        client.setQueryData(LAST_TOLD, plan);
      };
      tellWatched();
      // A change is planned from this minute on; between changes the plan is renewed on its grid.
      await getPlanWorker().planShop({ databaseName: db.name, nowMs: minute }, proxy(take));
      return last;
    },
    // A plan of a large shop is not worth comparing with the one before, piece by piece.
    structuralSharing: false,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
    networkMode: 'always',
  });
  // While a newer question is worked on, what was told last is shown, though it answers the one before.
  const told = useQuery<ShopPlan>({
    queryKey: LAST_TOLD,
    queryFn: skipToken,
    gcTime: Infinity,
    networkMode: 'always',
    structuralSharing: false,
  });
  const plan = (query.isPlaceholderData ? told.data : query.data) ?? query.data ?? told.data ?? null;
  return {
    plan,
    isPlanning: query.isFetching,
    error: query.error,
    // What kept the plan from being made kept other answers of the workers away too.
    retry: () => void client.refetchQueries({ predicate: ({ state }) => state.status === 'error' }),
  };
}

/** What the cure clock says of the top film of every part, read in the worker once for all who ask; empty until it is read. */
export function useFilms(): readonly FilmAnswer[] {
  return useFilmsRead() ?? NO_FILMS;
}

/** The same; null until it is read. */
export function useFilmsRead(): readonly FilmAnswer[] | null {
  const { db } = useStore();
  const { version } = usePlanVersion();
  const now = useNow(REPLAN_MS);
  const query = useQuery({
    queryKey: ['films', version, now],
    queryFn: (): Promise<readonly FilmAnswer[]> => getFilms().readShopFilms({ databaseName: db.name, nowMs: now + REPLAN_MS }, now),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
    networkMode: 'always',
  });
  return query.data ?? null;
}

/** When the next rung of every part may start; read once there is a plan, since what is to be done is wanted first. */
export function useStarts(): readonly StartAnswer[] {
  const { db } = useStore();
  const { version } = usePlanVersion();
  const now = useNow(REPLAN_MS);
  const { plan } = usePlan();
  const query = useQuery({
    queryKey: ['starts', version, now],
    queryFn: (): Promise<readonly StartAnswer[]> => getFilms().readShopStarts({ databaseName: db.name, nowMs: now + REPLAN_MS }, now),
    enabled: plan !== null,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
    networkMode: 'always',
  });
  return query.data ?? NO_STARTS;
}

/** Begins to plan and to read the cure clocks as soon as there is a database, while the page still reads what it shows. */
export function PlanAhead(): null {
  usePlan();
  useFilms();
  return null;
}
