import { findMethod } from '../../../ladder/methods';
import type { PlanRung } from '../../shop/shopPlanInput';
import { changeRungs, openLadders } from './rungsOfInput';
import type { WhatIfEntry } from './whatIf';

/** A coat left out that lies between two of the same. */
export const leaveOut: WhatIfEntry<'leaveOut'> = {
  isLoosening: true,
  suggest: (input) =>
    openLadders(input).flatMap((rungs) => {
      const again = rungs.find((rung, place) => isSameCoat(rung, rungs[place - 1]) && isSameCoat(rung, rungs[place + 1]));
      return again ? [{ kind: 'leaveOut' as const, rungId: again.id }] : [];
    }),
  remedy: () => null,
  apply: (input, { rungId }) => changeRungs(input, (rung) => (rung.id === rungId ? { ...rung, status: { kind: 'leftOut' } } : rung)),
  words: ({ rungId }, { rungTitle }) => `Leave out ${rungTitle(rungId)}`,
};

/** The last turn of filling and sanding left out where there are more than one. */
export const leaveOutLoop: WhatIfEntry<'leaveOutLoop'> = {
  isLoosening: true,
  suggest: (input) =>
    openLadders(input).flatMap((rungs) => {
      const rungIds = findLoop(rungs);
      return rungIds ? [{ kind: 'leaveOutLoop' as const, rungIds }] : [];
    }),
  remedy: () => null,
  apply: (input, { rungIds }) => {
    const out = new Set(rungIds);
    return changeRungs(input, (rung) => (out.has(rung.id) ? { ...rung, status: { kind: 'leftOut' } } : rung));
  },
  words: ({ rungIds }, { rungTitle }) => `A turn fewer: leave out ${rungIds.map(rungTitle).join(' and ')}`,
};

/** The last turn of a loop that comes at least twice on open rungs: a film and the sanding of it. */
function findLoop(rungs: readonly PlanRung[]): string[] | null {
  const turns: string[][] = [];
  rungs.forEach((rung, at) => {
    const next = rungs[at + 1];
    if (!rung.film || !next || !findMethod(next.methodId).roughens) return;
    const { methodId, film } = rung;
    const isAgain = rungs.slice(0, at).some((other) => other.methodId === methodId && other.film?.productId === film.productId);
    if (isAgain) turns.push([rung.id, next.id]);
  });
  return turns.at(-1) ?? null;
}

function isSameCoat(rung: PlanRung, other: PlanRung | undefined): boolean {
  return rung.film !== null && other?.film?.productId === rung.film.productId && other.methodId === rung.methodId;
}
