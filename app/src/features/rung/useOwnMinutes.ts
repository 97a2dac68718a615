import type { OwnPaces, OwnShare } from '@zinc-ladder/core/plan/shop/ownMinutes';
import { ownShareOf, plannedMinutes } from '@zinc-ladder/core/plan/shop/ownMinutes';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { useTable } from '../../data/queries';
import { useAtBench } from '../person/useAtBench';
import { usePlan } from '../plan/usePlan';

/** How a rung's minutes compare with the method's, and by whose log. */
export interface ShownShare extends OwnShare {
  /** a name, or the shop where several can do it; null: of whoever is at this screen */
  readonly whose: string | null;
}

/** Planned minutes of rungs as the plan goes by them, and how they compare with the methods'. */
export interface OwnMinutes {
  readonly of: (rung: Pick<Rung, 'id' | 'minutes' | 'methodId'>) => number;
  /** null: they are the method's own */
  readonly shareOf: (rung: Pick<Rung, 'id' | 'methodId'>) => ShownShare | null;
  /** whose pace a sum over many rungs has: of all who work here; null: of whoever is at this screen, who works alone */
  readonly whoseSums: string | null;
}

const SEVERAL = 'the shop';

const METHODS_OWN: OwnPaces = { all: {}, of: {}, soleDoers: {} };

/** One figure for a rung's minutes wherever it is shown: at the pace of who does it, where the plan goes by that. */
export function useOwnMinutes(): OwnMinutes {
  const { plan } = usePlan();
  const persons = useTable('persons');
  const { person: here } = useAtBench();
  const paces = plan?.kind === 'planned' ? plan.ownPaces : METHODS_OWN;
  return {
    of: (rung) => plannedMinutes(rung.minutes, ownShareOf(rung, paces)),
    shareOf: (rung) => {
      const share = ownShareOf(rung, paces);
      const doer = persons.find(({ id }) => id === paces.soleDoers[rung.id]);
      const isOwn = persons.length === 0 || (doer !== undefined && doer.id === here?.id);
      return share && { ...share, whose: isOwn ? null : (doer?.name ?? SEVERAL) };
    },
    whoseSums: persons.length === 0 ? null : SEVERAL,
  };
}

/** Planned minutes of several rungs against the methods', as words: null where they are the methods' or all is done. */
export function ownHandsWords(planned: number, byMethods: number, whose: string | null): string | null {
  return planned === byMethods || byMethods === 0 ? null : ownShareWords({ share: planned / byMethods, whose });
}

/** `yours: +11 %`, `Bo: +11 %`. */
export function ownShareWords({ share, whose }: Pick<ShownShare, 'share' | 'whose'>): string {
  const percent = Math.round((share - 1) * 100);
  return `${whose ?? 'yours'}: ${percent === 0 ? 'the same' : `${percent > 0 ? '+' : '−'}${Math.abs(percent)} %`}`;
}

/** `your`, `Bo’s`. */
export function whoseWords({ whose }: Pick<ShownShare, 'whose'>): string {
  return whose === null ? 'your' : `${whose}’s`;
}

/** What an own share stands on. */
export function ownShareSource(own: ShownShare): string {
  return own.logged === 0
    ? `${whoseWords(own)} log of other methods: this one is not in it yet`
    : `${whoseWords(own)} log: ${own.logged} ${own.logged === 1 ? 'rung' : 'rungs'} of this method, weighed in with all others`;
}
