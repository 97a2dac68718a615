import type { ShopPlan } from '@zinc-ladder/core/plan/planShop';
import type { ShopOutlook } from '@zinc-ladder/core/plan/shopOutlook';
import { shopOutlook } from '@zinc-ladder/core/plan/shopOutlook';
import type { ShopPlanInput } from '@zinc-ladder/core/plan/shopPlanInput';
import type { WhatIf, WhatIfTrial } from '@zinc-ladder/core/plan/whatIfs';
import { planOnceMore, tryWhatIf } from '@zinc-ladder/core/plan/whatIfs';
import type { DrillWish } from '@zinc-ladder/core/plan/buildDrill';
import { drill } from '@zinc-ladder/core/plan/buildDrill';
import { exposeApi } from './exposeApi';

const outlook = {
  outlook: (input: ShopPlanInput, plan: Extract<ShopPlan, { kind: 'planned' }>, runs: number, seed: number): ShopOutlook =>
    shopOutlook(input, plan, runs, seed),
  tryWhatIf: (input: ShopPlanInput, whatIf: WhatIf, trial: WhatIfTrial) => tryWhatIf(input, whatIf, trial),
  planOnceMore: (input: ShopPlanInput, trial: WhatIfTrial) => planOnceMore(input, trial),
  drill: (input: ShopPlanInput, wish: DrillWish, seed: number) => drill(input, wish, seed),
};

/** What the worker offers. */
export type OutlookApi = typeof outlook;

exposeApi(outlook);
