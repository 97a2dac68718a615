import type { ShopPlan, ShopPlanOptions } from '@zinc-ladder/core/plan/planShop';
import { planShopAtOnce } from '@zinc-ladder/core/plan/planShop';
import type { ShopPlanInput } from '@zinc-ladder/core/plan/shopPlanInput';
import { readFilms } from '../engine/readFilms';

/** The engine without its worker and without its search: the first plan is the last. Stands in for `engineClient` where there are no workers. */
export const getEngine = () => ({
  planShop: (input: ShopPlanInput, options: ShopPlanOptions): Promise<ShopPlan> => {
    const plan = planShopAtOnce(input, options);
    return Promise.resolve(plan.kind === 'planned' ? { ...plan, isFinal: true } : plan);
  },
});

/** The cure clock without its worker. */
export const getFilms = () => ({
  readFilms: (...args: Parameters<typeof readFilms>) => Promise.resolve(readFilms(...args)),
});
