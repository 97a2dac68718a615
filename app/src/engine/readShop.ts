import type { AirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import type { Objective } from '@zinc-ladder/core/plan/objective';
import type { ShopPlanInput } from '@zinc-ladder/core/plan/shopPlanInput';
import { gatherAir } from '@zinc-ladder/model/gather/gatherAir';
import type { PlanRecords } from '@zinc-ladder/model/gather/gatherPlan';
import { gatherPlan } from '@zinc-ladder/model/gather/gatherPlan';
import type { Shop } from '@zinc-ladder/model/records/shop';
import { ShopDatabase } from '../data/database';

/** Where a worker finds the shop it reckons for. It reads the records itself: a page that gathered and copied thousands would stand still meanwhile. */
export interface ShopSource {
  readonly databaseName: string;
  readonly nowMs: number;
}

/** The shop at a moment, as plans and cure clocks are reckoned from it. */
export interface ShopRead {
  readonly records: PlanRecords;
  readonly air: AirTimeline;
}

/** Reads the shop, all tables of one state; null before there is a shop. */
export async function readShop(
  { databaseName, nowMs }: ShopSource,
  needsLog: (shop: Shop) => boolean = () => false,
): Promise<ShopRead | null> {
  const db = new ShopDatabase(databaseName);
  try {
    return await db.transaction('r', db.tables, async () => {
      const shop = await db.records('shop').toCollection().first();
      if (!shop) return null;
      const withLog = needsLog(shop);
      const [props, parts, joins, ladders, rungs, products, readings, logEntries, passes] = await Promise.all([
        db.records('props').toArray(),
        db.records('parts').toArray(),
        db.records('joins').toArray(),
        db.records('ladders').toArray(),
        db.records('rungs').toArray(),
        db.records('products').toArray(),
        db.records('climateReadings').toArray(),
        withLog ? db.records('logEntries').toArray() : [],
        withLog ? db.records('passes').toArray() : [],
      ]);
      const records = { shop, props, parts, joins, ladders, rungs, products, ...(withLog ? { logEntries, passes } : {}) };
      return { records, air: gatherAir(shop, readings, nowMs) };
    });
  } finally {
    db.close();
  }
}

/** What a plan is made from and what for. */
export interface PlanQuestion {
  readonly input: ShopPlanInput;
  readonly objective: Objective;
}

/** The shop as the planner is asked about it; null before there is a shop. */
export async function readPlanQuestion(source: ShopSource, withLog = false): Promise<PlanQuestion | null> {
  // How long work takes, and how sure a date is, hangs on the finisher's own pace, which the log tells.
  const read = await readShop(source, (shop) => withLog || shop.goesByOwnPace || shop.objective === 'surest');
  return read && { input: gatherPlan(read.records, read.air, source.nowMs), objective: read.records.shop.objective };
}
