import { median } from '../../number/median';
import type { Technique } from './technique';

/** What a technique card says of a technique. */
export interface TechniqueResult {
  readonly techniqueId: string;
  readonly isGood: boolean | null;
  readonly amount: number;
  readonly wiped: number;
  readonly sizeMillimetres: number;
  readonly minutes: number | null;
  readonly madeAtMs: number;
}

/** A technique with the finisher's own values in place of the usual ones. */
export interface OwnTechnique {
  readonly technique: Technique;
  /** cards that worked and were counted; 0: usual values, guessed */
  readonly cards: number;
}

/** How many of the newest cards that worked are counted. */
const COUNTED = 5;

/** The middle values of the newest cards that worked; the usual ones where there is none. */
export function ownTechnique(technique: Technique, cards: readonly TechniqueResult[]): OwnTechnique {
  const good = cards
    .filter((card) => card.techniqueId === technique.id && card.isGood === true)
    .toSorted((a, b) => b.madeAtMs - a.madeAtMs)
    .slice(0, COUNTED);
  if (good.length === 0) return { technique, cards: 0 };
  return {
    cards: good.length,
    technique: {
      ...technique,
      usualAmount: median(good.map(({ amount }) => amount)),
      usualWiped: technique.usualWiped === null ? null : median(good.map(({ wiped }) => wiped)),
      usualSizeMillimetres: median(good.map(({ sizeMillimetres }) => sizeMillimetres)),
    },
  };
}
