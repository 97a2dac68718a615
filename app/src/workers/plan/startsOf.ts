import type { ShopPlan } from '@zinc-ladder/core/plan/shopPlan/shopPlan';

/** When hands begin each rung, by a plan. */
export function startsOf(plan: ShopPlan): Record<string, number> {
  return plan.kind === 'planned' ? Object.fromEntries(plan.rungs.map(({ rungId, startMs }) => [rungId, startMs])) : {};
}
