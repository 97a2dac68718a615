import type { ShopPlan } from './shopPlan';

/** A plan as plays need it: in which order, and how many days it looks at. It crosses to a worker at once, however large the plan is. */
export interface PlayedPlan {
  readonly order: Readonly<Record<string, number>>;
  readonly horizonDays: number;
}

/** The order a plan is played by, keys by rung: of what can be begun, the least key goes first. */
export function planOrder(plan: ShopPlan): Record<string, number> {
  return plan.kind === 'planned'
    ? Object.fromEntries([
        ...plan.rungs.map(({ rungId, key }) => [rungId, key] as const),
        ...plan.prints.map(({ taskId, key }) => [taskId, key] as const),
      ])
    : {};
}

/** What plays need of a plan. */
export function toPlayed(plan: Extract<ShopPlan, { kind: 'planned' }>): PlayedPlan {
  return { order: planOrder(plan), horizonDays: plan.horizonDays };
}
