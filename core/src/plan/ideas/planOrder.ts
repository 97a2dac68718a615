import type { ShopPlan } from '../shopPlan/shopPlan';

/** The order a plan is played by, keys by rung: of what can be begun, the least key goes first. */
export function planOrder(plan: ShopPlan): Record<string, number> {
  return plan.kind === 'planned'
    ? Object.fromEntries([
        ...plan.rungs.map(({ rungId, key }) => [rungId, key] as const),
        ...plan.prints.map(({ taskId, key }) => [taskId, key] as const),
      ])
    : {};
}
