import { planShopAtOnce } from '@zinc-ladder/core/plan/shopPlan/planShop';
import type { PlanPiece } from '../workers/plan/planPieces';
import { toPieces } from '../workers/plan/planPieces';
import { readFilms } from '../workers/plan/readFilms';
import type { ShopSource } from '../workers/plan/readShop';
import { readPlanQuestion } from '../workers/plan/readShop';
import { readShopFilms, readShopStarts } from '../workers/plan/readShopFilms';
import { sightShopFilm } from '../workers/plan/sightShopFilm';
import { startsOf } from '../workers/plan/startsOf';

let before: Readonly<Record<string, number>> = {};
let handedOver: Readonly<Record<string, number>> | null = null;

/** Whether the plan was said to be looked at, each time it was. */
export const hurries: boolean[] = [];

/** The engine without its worker and without its search: the first plan is the last. Stands in for `planClient` where there are no workers. */
export const getPlanWorker = () => ({
  hurry: (isWatched: boolean): Promise<void> => {
    hurries.push(isWatched);
    return Promise.resolve();
  },
  hold: (): Promise<void> => Promise.resolve(),
  goBy: (order: Readonly<Record<string, number>>): Promise<void> => {
    handedOver = order;
    return Promise.resolve();
  },
  planShop: async (source: ShopSource, send: (piece: PlanPiece) => void): Promise<void> => {
    const asked = await readPlanQuestion(source);
    if (!asked) return;
    const plan = planShopAtOnce(asked.input, { objective: asked.objective, before, ...(handedOver ? { orderBefore: handedOver } : {}) });
    before = startsOf(plan);
    handedOver = null;
    toPieces(plan.kind === 'planned' ? { ...plan, isFinal: true } : plan).forEach(send);
  },
});

/** The cure clock without its worker. */
export const getFilms = () => ({
  readFilms: (...args: Parameters<typeof readFilms>) => Promise.resolve(readFilms(...args)),
  readShopFilms,
  readShopStarts,
  sightShopFilm,
});
