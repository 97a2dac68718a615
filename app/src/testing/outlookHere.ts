import { planOnceMore, tryWhatIf } from '@zinc-ladder/core/plan/ideas/tryWhatIf';
import { readDrill, readMending, readOutlook, readTriage, readWaiting } from '../workers/plan/readOutlook';

/** Bound, chance and what-ifs without a worker. Stands in for `outlookClient` where there are none. */
export const askOutlook = (ask: (api: unknown) => Promise<unknown>): Promise<unknown> =>
  ask({
    shopOutlook: readOutlook,
    drill: readDrill,
    triage: readTriage,
    waiting: readWaiting,
    mending: readMending,
    planOnceMore: (...args: Parameters<typeof planOnceMore>) => Promise.resolve(planOnceMore(...args)),
    tryWhatIf: (...args: Parameters<typeof tryWhatIf>) => Promise.resolve(tryWhatIf(...args)),
  });
