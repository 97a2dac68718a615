import { quantileOf } from '../hand/hand';
import type { HandBelief } from '../hand/hand';
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
  const middle = (values: readonly number[]): number => {
    const rising = values.toSorted((a, b) => a - b);
    const half = rising.length >> 1;
    return rising.length % 2 === 1 ? (rising[half] as number) : ((rising[half - 1] as number) + (rising[half] as number)) / 2;
  };
  return {
    cards: good.length,
    technique: {
      ...technique,
      usualAmount: middle(good.map(({ amount }) => amount)),
      usualWiped: technique.usualWiped === null ? null : middle(good.map(({ wiped }) => wiped)),
      usualSizeMillimetres: middle(good.map(({ sizeMillimetres }) => sizeMillimetres)),
    },
  };
}

/** The middle of a belief and the ends that hold nine in ten, for showing. */
export function handWords(belief: HandBelief): { readonly middle: number; readonly low: number; readonly high: number } {
  return { middle: quantileOf(belief, 0.5), low: quantileOf(belief, 0.05), high: quantileOf(belief, 0.95) };
}
