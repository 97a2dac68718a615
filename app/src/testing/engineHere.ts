import type { ShopPlan } from '@zinc-ladder/core/plan/planShop';
import { planShopAtOnce } from '@zinc-ladder/core/plan/planShop';
import { readFilms } from '../engine/readFilms';
import type { ShopSource } from '../engine/readShop';
import { readPlanQuestion } from '../engine/readShop';
import { readShopFilms } from '../engine/readShopFilms';
import { startsOf } from '../engine/startsOf';

let before: Readonly<Record<string, number>> = {};

/** The engine without its worker and without its search: the first plan is the last. Stands in for `engineClient` where there are no workers. */
export const getEngine = () => ({
  planShop: async (source: ShopSource): Promise<ShopPlan | null> => {
    const asked = await readPlanQuestion(source);
    if (!asked) return null;
    const plan = planShopAtOnce(asked.input, { objective: asked.objective, before });
    before = startsOf(plan);
    return plan.kind === 'planned' ? { ...plan, isFinal: true } : plan;
  },
});

/** The cure clock without its worker. */
export const getFilms = () => ({
  readFilms: (...args: Parameters<typeof readFilms>) => Promise.resolve(readFilms(...args)),
  readShopFilms,
});
