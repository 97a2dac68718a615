import type { AirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import type { Objective } from '@zinc-ladder/core/plan/problem/objective';
import type { ShopPlanInput } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import { gatherAir } from '@zinc-ladder/model/gather/gatherAir';
import type { PlanRecords } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { gatherPlan } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { AwaitingRecords } from '@zinc-ladder/model/gather/shelf/arrivalWaits';
import { arrivalWaits } from '@zinc-ladder/model/gather/shelf/arrivalWaits';
import { usesOf } from '@zinc-ladder/model/gather/shelf/loggedUses';
import { standingEntries } from '@zinc-ladder/model/log/standingLog';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { gatherPace } from '@zinc-ladder/model/gather/plan/gatherPace';
import type { LoggedPace } from '@zinc-ladder/core/plan/play/pace';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { ShopDatabase } from '../../data/tables/database';

/** Where a worker finds the shop it reckons for. It reads the records itself: a page that gathered and copied thousands would stand still meanwhile. */
export interface ShopSource {
  readonly databaseName: string;
  readonly nowMs: number;
  /** reckoned as if this were ordered too */
  readonly ordered?: SupposedOrder;
}

/** Something of a product that would come at a moment. */
export interface SupposedOrder {
  readonly productId: string;
  /** ml */
  readonly amount: number;
  readonly dueMs: number;
}

/** The shop at a moment, as plans and cure clocks are reckoned from it. */
export interface ShopRead {
  readonly records: PlanRecords;
  readonly air: AirTimeline;
}

/** How much of the log is read for the finisher's own pace: all of it, what was learned before where the log is long, or none. */
export type PaceReading = 'whole' | 'known' | 'none';

/** A log of more entries than this is not read before a first plan is told. */
const LONG_LOG = 4000;

/** Own paces by database, with the counter of the last entry they were learned from: a log only grows by what is new in it. */
const learned = new Map<string, { readonly counter: number; readonly ownPace: Readonly<Record<string, LoggedPace>> }>();

/** Reads the shop, all tables of one state; null before there is a shop. */
export async function readShop(
  { databaseName, nowMs, ordered }: ShopSource,
  paceFor: (shop: Shop) => PaceReading = () => 'none',
): Promise<(ShopRead & { readonly isPaceKnown: boolean }) | null> {
  const db = new ShopDatabase(databaseName);
  try {
    return await db.transaction('r', db.tables, async () => {
      const shop = await db.records('shop').toCollection().first();
      if (!shop) return null;
      const [props, parts, joins, persons, ladders, rungs, products, readings] = await Promise.all([
        db.records('props').toArray(),
        db.records('parts').toArray(),
        db.records('joins').toArray(),
        db.records('persons').toArray(),
        db.records('ladders').toArray(),
        db.records('rungs').toArray(),
        db.records('products').toArray(),
        db.records('climateReadings').toArray(),
      ]);
      const waits = await readWaits(db, { props, parts, ladders, rungs, products }, ordered ?? null);
      const pace = await readPace(db, databaseName, rungs, paceFor(shop));
      const records = { shop, props, parts, joins, persons, ladders, rungs, products, waits, ...(pace ? { ownPace: pace.ownPace } : {}) };
      return { records, air: gatherAir(shop, readings, nowMs), isPaceKnown: pace?.isNew ?? true };
    });
  } finally {
    db.close();
  }
}

/** Rungs that wait for what was ordered. The log is only read where something was. */
async function readWaits(
  db: ShopDatabase,
  records: Omit<AwaitingRecords, 'cans' | 'purchases'>,
  supposed: SupposedOrder | null,
): Promise<ReadonlyMap<string, number>> {
  const purchases: AwaitingRecords['purchases'][number][] = await db.records('purchases').toArray();
  if (supposed) purchases.push({ ...supposed, count: 1, dueAtMs: supposed.dueMs, arrivedAtMs: null });
  if (purchases.every(({ arrivedAtMs }) => arrivedAtMs !== null)) return new Map();
  const [cans, entries] = await Promise.all([db.records('cans').toArray(), db.records('logEntries').toArray()]);
  return arrivalWaits({ ...records, cans, purchases }, usesOf(standingEntries(entries)));
}

async function readPace(db: ShopDatabase, databaseName: string, rungs: readonly Rung[], reading: PaceReading) {
  if (reading === 'none') return null;
  const counter = await db.records('logEntries').greatest();
  const known = learned.get(databaseName);
  if (reading === 'known' && counter > LONG_LOG) return { ownPace: known?.ownPace ?? {}, isNew: known?.counter === counter };
  const [entries, passes] = await Promise.all([db.records('logEntries').toArray(), db.records('passes').toArray()]);
  const ownPace = gatherPace(entries, rungs, passes);
  learned.set(databaseName, { counter, ownPace });
  return { ownPace, isNew: true };
}

/** What a plan is made from and what for. */
export interface PlanQuestion {
  readonly input: ShopPlanInput;
  readonly objective: Objective;
  /** false: the log has more to say of the finisher's pace than was read */
  readonly isPaceKnown: boolean;
}

/** The shop as the planner is asked about it; null before there is a shop. */
export async function readPlanQuestion(source: ShopSource, reading: PaceReading = 'whole'): Promise<PlanQuestion | null> {
  // How long work takes, and how sure a date is, hangs on the finisher's own pace, which the log tells.
  const read = await readShop(source, (shop) =>
    shop.goesByOwnPace || shop.objective === 'surest' || reading === 'whole' ? reading : 'none',
  );
  if (!read) return null;
  const { records, air, isPaceKnown } = read;
  return { input: gatherPlan(records, air, source.nowMs), objective: records.shop.objective, isPaceKnown };
}
