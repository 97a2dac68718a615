import type { ShopPlan } from '@zinc-ladder/core/plan/planShop';

/** When hands begin each rung, by a plan. */
export function startsOf(plan: ShopPlan): Record<string, number> {
  return plan.kind === 'planned' ? Object.fromEntries(plan.rungs.map(({ rungId, startMs }) => [rungId, startMs])) : {};
}

/** The order a plan is played by: of what can be begun, the least key goes first. */
export function orderOf(plan: ShopPlan): Record<string, number> {
  return plan.kind === 'planned'
    ? Object.fromEntries([
        ...plan.rungs.map(({ rungId, key }) => [rungId, key] as const),
        ...plan.prints.map(({ taskId, key }) => [taskId, key] as const),
      ])
    : {};
}
