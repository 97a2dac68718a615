import { findMethod } from '../../../ladder/methods';
import type { PlanRung, ShopPlanInput } from '../../shop/shopPlanInput';

/** What is still open of each part, in its order. */
export function openLadders(input: ShopPlanInput): PlanRung[][] {
  return input.parts.map((part) => part.rungs.filter((rung) => rung.status.kind === 'open'));
}

/** A shop with each rung put through a change. */
export function changeRungs(input: ShopPlanInput, change: (rung: PlanRung) => PlanRung): ShopPlanInput {
  return { ...input, parts: input.parts.map((part) => ({ ...part, rungs: part.rungs.map(change) })) };
}

/** A shop with rungs put beside its own. */
export function addRungs(input: ShopPlanInput, grow: (rung: PlanRung) => readonly PlanRung[]): ShopPlanInput {
  return { ...input, parts: input.parts.map((part) => ({ ...part, rungs: part.rungs.flatMap(grow) })) };
}

/** A rung that is only tried; made real it is kept with an id of its own. */
export function extraRung(id: string, methodId: string, minutes: number): PlanRung {
  return {
    id,
    name: findMethod(methodId).name,
    methodId,
    minutes,
    side: 'all',
    film: null,
    notBeforeMs: null,
    hardRungId: null,
    lockedAtMs: null,
    cautions: findMethod(methodId).cautions,
    personId: null,
    status: { kind: 'open' },
  };
}
