import type { ShopPlan, ShopPlanOptions } from '@zinc-ladder/core/plan/planShop';
import { planShopAtOnce } from '@zinc-ladder/core/plan/planShop';
import type { ShopPlanInput } from '@zinc-ladder/core/plan/shopPlanInput';
import { readFilms } from '../engine/readFilms';

/** The engine without its worker and without its search: the first plan, answered at once. Stands in for `engineClient` where there are no workers. */
export const getEngine = () => ({
  planShop: (input: ShopPlanInput, options: ShopPlanOptions): Promise<ShopPlan> => Promise.resolve(planShopAtOnce(input, options)),
  readFilms: (...args: Parameters<typeof readFilms>) => Promise.resolve(readFilms(...args)),
});
