import type { ShopPlan, ShopPlanOptions } from '@zinc-ladder/core/plan/planShop';
import { createShopPlanner } from '@zinc-ladder/core/plan/planShop';
import type { ShopPlanInput } from '@zinc-ladder/core/plan/shopPlanInput';
import { exposeApi } from './exposeApi';

/** A step of the search, so short that other questions are answered in between. */
const SLICE_MS = 40;
/** Better plans are shown no more often than this. */
const TELL_EVERY_MS = 400;

let newest = 0;

/**
 * Plans the shop. The first plan is told at once, better ones as they are found; a newer call ends an older one, which then answers with
 * its best so far.
 */
async function planShop(input: ShopPlanInput, options: ShopPlanOptions, tell: (plan: ShopPlan) => void): Promise<ShopPlan> {
  newest += 1;
  const own = newest;
  const planner = createShopPlanner(input, options);
  tell(planner.plan());
  // A newer question that came meanwhile is heard before the search begins: its first step cannot be broken off.
  await new Promise((resolve) => setTimeout(resolve));
  if (own !== newest) return planner.plan();
  let toldAt = performance.now();
  let isBetter = false;
  for (;;) {
    const sliceEnds = performance.now() + SLICE_MS;
    let isOver = false;
    while (!isOver && performance.now() < sliceEnds) {
      const step = planner.improve(1);
      isOver = step.isOver;
      isBetter ||= step.isBetter;
    }
    if (isOver || own !== newest) return planner.plan();
    if (isBetter && performance.now() - toldAt > TELL_EVERY_MS) {
      tell(planner.plan());
      toldAt = performance.now();
      isBetter = false;
    }
    await new Promise((resolve) => setTimeout(resolve));
  }
}

const engine = { planShop };

/** What the worker offers. */
export type Engine = typeof engine;

exposeApi(engine);
