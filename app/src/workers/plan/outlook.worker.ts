import 'reflect-metadata';
import type { ShopPlanInput } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import type { WhatIfTrial } from '@zinc-ladder/core/plan/ideas/tryWhatIf';
import { planOnceMore, tryWhatIf } from '@zinc-ladder/core/plan/ideas/tryWhatIf';
import type { WhatIf } from '@zinc-ladder/core/plan/ideas/whatIf/whatIf';
import { exposeApi } from '../exposeApi';
import { readDrill, readMending, readOutlook, readTriage, readWaiting } from './readOutlook';

const outlook = {
  shopOutlook: readOutlook,
  tryWhatIf: (input: ShopPlanInput, whatIf: WhatIf, trial: WhatIfTrial) => tryWhatIf(input, whatIf, trial),
  planOnceMore: (input: ShopPlanInput, trial: WhatIfTrial) => planOnceMore(input, trial),
  drill: readDrill,
  triage: readTriage,
  waiting: readWaiting,
  mending: readMending,
};

/** What the worker offers. */
export type OutlookApi = typeof outlook;

exposeApi(outlook);
