import { METHODS } from '../../ladder/methods';
import { learnPaces } from '../play/pace';
import type { ShopPlanInput } from './shopPlanInput';

/** How the finisher's planned minutes of a method compare with the method's own. */
export interface OwnShare {
  /** own ÷ the method's: the middle of what is known, 1 where nothing is */
  readonly share: number;
  /** rungs of the method that say so; 0: only what the finisher is like in others does */
  readonly logged: number;
}

/** Own shares by method; empty where the plan goes by the methods' minutes. */
export type OwnShares = Readonly<Record<string, OwnShare>>;

/** What the log says of every method; empty where the plan does not go by it. */
export function ownShares({ goesByOwnPace, ownPace }: Pick<ShopPlanInput, 'goesByOwnPace' | 'ownPace'>): OwnShares {
  if (!goesByOwnPace || Object.keys(ownPace).length === 0) return {};
  const paces = learnPaces(ownPace);
  return Object.fromEntries(METHODS.map(({ id }) => [id, { share: Math.exp(paces.of(id).mean), logged: ownPace[id]?.count ?? 0 }]));
}

/** Planned minutes of a rung, whole: the method's at the finisher's pace. What takes no hands stays so. */
export function plannedMinutes(minutes: number, methodId: string, shares: OwnShares): number {
  const share = shares[methodId]?.share ?? 1;
  return minutes === 0 || share === 1 ? minutes : Math.max(1, Math.round(minutes * share));
}

/** A shop whose rungs have the finisher's minutes, where the plan goes by them. */
export function atOwnPace(input: ShopPlanInput): ShopPlanInput {
  const shares = ownShares(input);
  if (Object.keys(shares).length === 0) return input;
  const parts = input.parts.map((part) => ({
    ...part,
    rungs: part.rungs.map((rung) => ({ ...rung, minutes: plannedMinutes(rung.minutes, rung.methodId, shares) })),
  }));
  return { ...input, parts };
}
