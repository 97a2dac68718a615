import type { ShopPlan } from '@zinc-ladder/core/plan/shopPlan/shopPlan';

/** A plan that could be made. */
export type PlannedShop = Extract<ShopPlan, { kind: 'planned' }>;
