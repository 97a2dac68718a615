import type { BandId } from './bands';
import { findMethod } from './methods';

/** A rung as far as loops go. */
export interface LoopRung {
  readonly id: string;
  readonly methodId: string;
  readonly state: string;
}

/** One turn of a loop on a ladder: a primer and the sanding after it. */
export interface LoopTurn {
  readonly primeId: string;
  readonly sandId: string;
  /** neither is done or in hand */
  readonly isOpen: boolean;
}

/** The turns of filler primer and sanding on a ladder, bottom first; what is left out is none. */
export function findLoopTurns(rungs: readonly LoopRung[]): LoopTurn[] {
  const climbed = rungs.filter((rung) => rung.state !== 'leftOut');
  return climbed.flatMap((rung, at) => {
    const next = climbed[at + 1];
    if (!next || rung.methodId !== 'prime' || !findMethod(next.methodId).roughens) return [];
    return [{ primeId: rung.id, sandId: next.id, isOpen: rung.state === 'open' && next.state === 'open' }];
  });
}

/** Whether a ladder has a filler or primer to lay yet, in a turn or without one. */
export function isFillingOpen(rungs: readonly (LoopRung & { readonly band: BandId })[]): boolean {
  return rungs.some(
    ({ band, state, methodId }) => state === 'open' && (band === 'fillSand' || band === 'prime') && findMethod(methodId).laysFilm,
  );
}
