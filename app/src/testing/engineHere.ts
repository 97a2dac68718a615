import { planShopAtOnce } from '@zinc-ladder/core/plan/planShop';
import type { PlanPiece } from '../engine/planPieces';
import { toPieces } from '../engine/planPieces';
import { readFilms } from '../engine/readFilms';
import type { ShopSource } from '../engine/readShop';
import { readPlanQuestion } from '../engine/readShop';
import { readShopFilms, readShopStarts } from '../engine/readShopFilms';
import { startsOf } from '../engine/startsOf';

let before: Readonly<Record<string, number>> = {};
let handedOver: Readonly<Record<string, number>> | null = null;

/** The engine without its worker and without its search: the first plan is the last. Stands in for `engineClient` where there are no workers. */
export const getEngine = () => ({
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
});
