import { drill } from '@zinc-ladder/core/plan/buildDrill';
import { shopOutlook } from '@zinc-ladder/core/plan/shopOutlook';
import { planOnceMore, tryWhatIf } from '@zinc-ladder/core/plan/whatIfs';

/** Bound, chance and what-ifs without a worker. Stands in for `outlookClient` where there are none. */
export const askOutlook = (ask: (api: unknown) => Promise<unknown>): Promise<unknown> =>
  ask({
    outlook: (...args: Parameters<typeof shopOutlook>) => Promise.resolve(shopOutlook(...args)),
    drill: (...args: Parameters<typeof drill>) => Promise.resolve(drill(...args)),
    planOnceMore: (...args: Parameters<typeof planOnceMore>) => Promise.resolve(planOnceMore(...args)),
    tryWhatIf: (...args: Parameters<typeof tryWhatIf>) => Promise.resolve(tryWhatIf(...args)),
  });
