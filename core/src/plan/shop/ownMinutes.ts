import { METHODS } from '../../ladder/methods';
import type { LoggedPace } from '../play/pace';
import { learnPaces } from '../play/pace';
import { canDo } from './shopHands';
import type { PlanPerson, PlanRung, ShopPlanInput } from './shopPlanInput';

/** How planned minutes of a method compare with the method's own. */
export interface OwnShare {
  /** own ÷ the method's: the middle of what is known, 1 where nothing is */
  readonly share: number;
  /** logged rungs of this method the figure rests on; 0 when only rungs of other methods are logged */
  readonly logged: number;
}

/** Own shares by method; empty where the plan goes by the methods' minutes. */
export type OwnShares = Readonly<Record<string, OwnShare>>;

/** What the log says of minutes: of all who work in the shop together, of each, and which rungs one alone can do. */
export interface OwnPaces {
  readonly all: OwnShares;
  /** by person */
  readonly of: Readonly<Record<string, OwnShares>>;
  /** person by rung; rungs that several can do, or nobody, are not in it */
  readonly soleDoers: Readonly<Record<string, string>>;
}

/** What the log says of every method; empty where the plan does not go by it. */
export function ownShares({ goesByOwnPace, ownPace }: Pick<ShopPlanInput, 'goesByOwnPace' | 'ownPace'>): OwnShares {
  return !goesByOwnPace || Object.keys(ownPace).length === 0 ? {} : sharesOf(ownPace);
}

function sharesOf(log: Readonly<Record<string, LoggedPace>>): OwnShares {
  const paces = learnPaces(log);
  return Object.fromEntries(METHODS.map(({ id }) => [id, { share: Math.exp(paces.of(id).mean), logged: log[id]?.count ?? 0 }]));
}

/** Whose pace each rung goes by: what one alone can do by theirs, all else by that of the shop. */
export function ownPaces(input: Pick<ShopPlanInput, 'goesByOwnPace' | 'ownPace' | 'ownPaceOf' | 'persons' | 'parts'>): OwnPaces {
  const all = ownShares(input);
  if (Object.keys(all).length === 0) return { all, of: {}, soleDoers: {} };
  const of = Object.fromEntries(input.persons.map(({ id }) => [id, sharesOf(input.ownPaceOf?.[id] ?? {})]));
  const soleDoers: Record<string, string> = {};
  for (const part of input.parts)
    for (const rung of part.rungs) {
      const doer = soleDoer(rung, input.persons);
      if (doer !== null) soleDoers[rung.id] = doer;
    }
  return { all, of, soleDoers };
}

/** The one who alone can do a rung, by id; null: several can, nobody, or nobody is named. */
export function soleDoer(rung: PlanRung, persons: readonly PlanPerson[]): string | null {
  const able = persons.filter((person) => canDo(person, rung));
  return able.length === 1 ? (able[0]?.id ?? null) : null;
}

/** The share a rung is planned by; null: the method's own minutes. */
export function ownShareOf(rung: Pick<PlanRung, 'id' | 'methodId'>, { all, of, soleDoers }: OwnPaces): OwnShare | null {
  const doer = soleDoers[rung.id];
  return (doer === undefined ? all : (of[doer] ?? all))[rung.methodId] ?? null;
}

/** Planned minutes of a rung, whole: the method's at the pace of who does it. What takes no hands stays so. */
export function plannedMinutes(minutes: number, own: Pick<OwnShare, 'share'> | null): number {
  const share = own?.share ?? 1;
  return minutes === 0 || share === 1 ? minutes : Math.max(1, Math.round(minutes * share));
}

/** A shop whose rungs have its own minutes, where the plan goes by them. */
export function atOwnPace(input: ShopPlanInput): ShopPlanInput {
  const paces = ownPaces(input);
  if (Object.keys(paces.all).length === 0) return input;
  const parts = input.parts.map((part) => ({
    ...part,
    rungs: part.rungs.map((rung) => ({ ...rung, minutes: plannedMinutes(rung.minutes, ownShareOf(rung, paces)) })),
  }));
  return { ...input, parts };
}
