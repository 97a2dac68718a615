import { planShop } from '@zinc-ladder/core/plan/planShop';
import { readFilms } from '../engine/readFilms';

/** The engine without its worker: the same functions, answered at once. Stands in for `engineClient` where there are no workers. */
export const getEngine = () => ({
  planShop: (...args: Parameters<typeof planShop>) => Promise.resolve(planShop(...args)),
  readFilms: (...args: Parameters<typeof readFilms>) => Promise.resolve(readFilms(...args)),
});
