import type { Objective } from '../problem/objective';
import type { ShopPlanInput } from '../shop/shopPlanInput';
import { planAsBefore, planShop } from '../shopPlan/planShop';
import type { ShopOutlook } from '../shopPlan/shopOutlook';
import { datesMet, shopOutlook } from '../shopPlan/shopOutlook';
import { lastReady, timeToSpare } from '../shopPlan/timeToSpare';
import { planOrder, toPlayed } from '../shopPlan/planOrder';
import type { WhatIf } from './whatIf/whatIf';
import { applyWhatIf } from './whatIf/whatIfs';

/** What came of trying. */
export interface WhatIfOutcome {
  readonly whatIf: WhatIf;
  /** when all is ready by the plan made with it, epoch ms; null when something has no place */
  readonly readyMs: number | null;
  readonly unplaced: number;
  /** Σ hours late over the props, by that plan */
  readonly lateHours: number;
  readonly outlook: ShopOutlook | null;
  /** the order that was played, keys by rung: who takes the idea goes on from it */
  readonly order: Readonly<Record<string, number>>;
}

/** How a what-if is tried. */
export interface WhatIfTrial {
  readonly objective: Objective;
  /** plays for the chance, and the seed of fortunes and search */
  readonly runs: number;
  readonly seed: number;
  /** the plan as it is: starts of hands by rung, epoch ms. The search begins from it, so that more room never looks worse by mere luck */
  readonly before?: Readonly<Record<string, number>>;
  /** the order it is played from, keys by rung */
  readonly orderBefore?: Readonly<Record<string, number>>;
}

/** Plans the shop as it would be, by the whole search, and plays it against the same fortunes as any other with this seed. */
export function tryWhatIf(input: ShopPlanInput, whatIf: WhatIf, trial: WhatIfTrial): WhatIfOutcome {
  const best = planAndPlay(applyWhatIf(input, whatIf), trial);
  if (!best) return { whatIf, readyMs: null, unplaced: 0, lateHours: 0, outlook: null, order: {} };
  const { plan, outlook } = best;
  const late = plan.props.map((prop) => timeToSpare(prop.readyMs, prop.dueMs)).filter((spare) => spare?.isLate);
  return {
    whatIf,
    readyMs: plan.unplaced.length > 0 ? null : lastReady(plan.props),
    unplaced: plan.unplaced.length,
    lateHours: late.reduce((sum, spare) => sum + (spare?.minutes ?? 0) / 60, 0),
    outlook,
    order: planOrder(plan),
  };
}

/**
 * The outlook of the unchanged shop after one more search, as every idea gets one. Ideas are compared with it, so that the luck of
 * searching again is not counted as their gain. Null where it cannot be planned.
 */
export function planOnceMore(input: ShopPlanInput, trial: WhatIfTrial): ShopOutlook | null {
  return planAndPlay(input, trial)?.outlook ?? null;
}

/** A plan that is better on paper can be worse against fortune: what follows from the plan there is stands beside what the search finds. */
function planAndPlay(input: ShopPlanInput, { objective, runs, seed, before = {}, orderBefore }: WhatIfTrial) {
  const options = { seed, objective, before, ...(orderBefore ? { orderBefore } : {}) };
  const plans = [planAsBefore(input, options), planShop(input, options)];
  const played = plans.flatMap((plan) =>
    plan.kind === 'faulty' ? [] : [{ plan, outlook: shopOutlook(input, toPlayed(plan), runs, seed) }],
  );
  const worth = ({ outlook }: { readonly outlook: ShopOutlook }): number =>
    objective === 'surest' ? (datesMet(outlook, input.props) ?? 0) : 0;
  return (
    played.sort((a, b) => a.plan.unplaced.length - b.plan.unplaced.length || worth(b) - worth(a) || a.outlook.p80Ms - b.outlook.p80Ms)[0] ??
    null
  );
}
