import type { OwnShare, OwnShares } from '@zinc-ladder/core/plan/shop/ownMinutes';
import { plannedMinutes } from '@zinc-ladder/core/plan/shop/ownMinutes';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { usePlan } from '../plan/usePlan';

/** Planned minutes of rungs as the plan goes by them, and how they compare with the methods'. */
export interface OwnMinutes {
  readonly of: (rung: Pick<Rung, 'minutes' | 'methodId'>) => number;
  /** null: they are the method's own */
  readonly shareOf: (rung: Pick<Rung, 'methodId'>) => OwnShare | null;
}

const METHODS_OWN: OwnShares = {};

/** One figure for a rung's minutes wherever it is shown: at the finisher's pace where the plan goes by it. */
export function useOwnMinutes(): OwnMinutes {
  const { plan } = usePlan();
  const shares = plan?.kind === 'planned' ? plan.ownShares : METHODS_OWN;
  return {
    of: (rung) => plannedMinutes(rung.minutes, rung.methodId, shares),
    shareOf: (rung) => shares[rung.methodId] ?? null,
  };
}

/** Planned minutes of several rungs against the methods', as words: null where they are the methods' or all is done. */
export function ownHandsWords(planned: number, byMethods: number): string | null {
  return planned === byMethods || byMethods === 0 ? null : ownShareWords({ share: planned / byMethods });
}

/** `yours: +11 %`. */
export function ownShareWords({ share }: Pick<OwnShare, 'share'>): string {
  const percent = Math.round((share - 1) * 100);
  return percent === 0 ? 'yours: the same' : `yours: ${percent > 0 ? '+' : '−'}${Math.abs(percent)} %`;
}

/** What an own share stands on. */
export function ownShareSource({ logged }: OwnShare): string {
  return logged === 0
    ? 'your log of other methods: this one is not in it yet'
    : `your log: ${logged} ${logged === 1 ? 'rung' : 'rungs'} of this method, weighed in with all others`;
}
