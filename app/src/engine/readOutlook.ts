import type { DrillOutcome, DrillWish } from '@zinc-ladder/core/plan/buildDrill';
import { drill } from '@zinc-ladder/core/plan/buildDrill';
import type { ShopPlan } from '@zinc-ladder/core/plan/planShop';
import type { ShopOutlook } from '@zinc-ladder/core/plan/shopOutlook';
import { shopOutlook } from '@zinc-ladder/core/plan/shopOutlook';
import type { ShopSource } from './readShop';
import { readPlanQuestion } from './readShop';

/** Bound and chance of a plan of the shop; null before there is one. */
export async function readOutlook(
  source: ShopSource,
  plan: Extract<ShopPlan, { kind: 'planned' }>,
  runs: number,
  seed: number,
): Promise<ShopOutlook | null> {
  const asked = await readPlanQuestion(source, true);
  return asked && shopOutlook(asked.input, plan, runs, seed);
}

/** What of some props can be done by a date, working through; null before there is a shop. */
export async function readDrill(source: ShopSource, wish: DrillWish, seed: number): Promise<DrillOutcome | null> {
  const asked = await readPlanQuestion(source);
  return asked && drill(asked.input, wish, seed);
}
