import type { Objective } from '@zinc-ladder/core/plan/problem/objective';
import type { ShopAirs, ShopPlanInput } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import { gatherAirs } from '@zinc-ladder/model/gather/gatherAirs';
import type { PlanRecords } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { gatherPlan } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { AwaitingRecords } from '@zinc-ladder/model/gather/shelf/arrivalWaits';
import { arrivalWaits } from '@zinc-ladder/model/gather/shelf/arrivalWaits';
import type { LoggedUses } from '@zinc-ladder/model/gather/shelf/loggedUses';
import { usesOf } from '@zinc-ladder/model/gather/shelf/loggedUses';
import { standingEntries } from '@zinc-ladder/model/log/standingLog';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { gatherPace, gatherPaceOf } from '@zinc-ladder/model/gather/plan/gatherPace';
import type { LoggedPace } from '@zinc-ladder/core/plan/play/pace';
import { personsInOrder } from '@zinc-ladder/model/gather/plan/personsInOrder';
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
  readonly airs: ShopAirs;
}

/** How much of the log is read: all of it, what was learned before where the log is long, or none. */
export type LogReading = 'whole' | 'known' | 'none';

/** A log of more entries than this is not read before a first plan is told. */
const LONG_LOG = 4000;

/** What the log teaches a plan. */
interface Learned {
  /** the last entry it was learned from, for after an undo another one may have its counter, and those whose work it tells of */
  readonly of: string;
  readonly ownPace: Readonly<Record<string, LoggedPace>>;
  readonly ownPaceOf: Readonly<Record<string, Readonly<Record<string, LoggedPace>>>>;
  readonly uses: LoggedUses;
}

const NOTHING_LEARNED: Omit<Learned, 'of'> = { ownPace: {}, ownPaceOf: {}, uses: new Map() };

/** What was learned, by database: a log only grows by what is new in it. */
const learned = new Map<string, Learned>();

/** when the last reading is over, and what its caller does with it at once */
let lastReading: Promise<unknown> = Promise.resolve();

/**
 * Reads the shop, all tables of one state; null before there is a shop. One reading after another: every edit waits for a reading that is open, and
 * one that a worker leaves open while it reckons for another question keeps an edit waiting for seconds.
 *
 * @param reading of the log, by which rungs wait for what was ordered; `none`: none waits
 * @param needsPace whether the finisher's own pace is asked for too
 */
export function readShop(
  source: ShopSource,
  reading: LogReading = 'none',
  needsPace: (shop: Shop) => boolean = () => false,
): Promise<KnownShop | null> {
  const read = lastReading.then(() => readNow(source, reading, needsPace));
  const rest = (): Promise<unknown> => new Promise((resolve) => setTimeout(resolve));
  lastReading = read.then(rest, rest);
  return read;
}

type KnownShop = ShopRead & { readonly isLogKnown: boolean };

async function readNow(
  { databaseName, nowMs, ordered }: ShopSource,
  reading: LogReading,
  needsPace: (shop: Shop) => boolean,
): Promise<KnownShop | null> {
  // The page has opened it before it asked.
  const db = new ShopDatabase(databaseName, true);
  try {
    return await db.transaction('r', db.tables, async () => {
      const shop = await db.records('shop').toCollection().first();
      if (!shop) return null;
      const [props, parts, joins, persons, ladders, rungs, products, readings, bought] = await Promise.all([
        db.records('props').toArray(),
        db.records('parts').toArray(),
        db.records('joins').toArray(),
        db.records('persons').toArray(),
        db.records('ladders').toArray(),
        db.records('rungs').toArray(),
        db.records('products').toArray(),
        db.records('climateReadings').toArray(),
        db.records('purchases').toArray(),
      ]);
      const purchases = [...bought.filter(({ arrivedAtMs }) => arrivedAtMs === null), ...(ordered ? [toPurchase(ordered)] : [])];
      const isPaced = needsPace(shop);
      const log = isPaced || purchases.length > 0 ? await readLog(db, databaseName, { rungs, persons }, reading) : null;
      const cans = purchases.length > 0 && log ? await db.records('cans').toArray() : [];
      const waits = log ? arrivalWaits({ props, parts, ladders, rungs, products, cans, purchases }, log.uses) : new Map<string, number>();
      const ownPace = isPaced && log ? { ownPace: log.ownPace, ownPaceOf: log.ownPaceOf } : {};
      const records = { shop, props, parts, joins, persons, ladders, rungs, products, waits, ...ownPace };
      return { records, airs: gatherAirs(shop, readings, nowMs), isLogKnown: log?.isNew ?? true };
    });
  } finally {
    db.close();
  }
}

function toPurchase({ productId, amount, dueMs }: SupposedOrder): AwaitingRecords['purchases'][number] {
  return { productId, amount, count: 1, dueAtMs: dueMs, arrivedAtMs: null };
}

async function readLog(
  db: ShopDatabase,
  databaseName: string,
  { rungs, persons }: Pick<PlanRecords, 'rungs' | 'persons'>,
  reading: LogReading,
) {
  if (reading === 'none') return null;
  const newest = await db.records('logEntries').newest();
  const of = [newest?.id, ...personsInOrder(persons).map(({ id }) => id)].join(' ');
  const known = learned.get(databaseName);
  if (reading === 'known' && newest && newest.counter > LONG_LOG) return { ...(known ?? NOTHING_LEARNED), isNew: known?.of === of };
  const [entries, passes] = await Promise.all([db.records('logEntries').toArray(), db.records('passes').toArray()]);
  const standing = standingEntries(entries);
  const now: Learned = {
    of,
    ownPace: gatherPace(standing, rungs, passes),
    ownPaceOf: gatherPaceOf(standing, rungs, passes, persons),
    uses: usesOf(standing),
  };
  learned.set(databaseName, now);
  return { ...now, isNew: true };
}

/** What a plan is made from and what for. */
export interface PlanQuestion {
  readonly input: ShopPlanInput;
  readonly objective: Objective;
  /** false: the log has more to say, of the finisher's pace and of what is left, than was read */
  readonly isLogKnown: boolean;
}

/** The shop as the planner is asked about it; null before there is a shop. */
export async function readPlanQuestion(source: ShopSource, reading: LogReading = 'whole'): Promise<PlanQuestion | null> {
  // How long work takes, and how sure a date is, hangs on the finisher's own pace, which the log tells.
  const read = await readShop(source, reading, (shop) => shop.goesByOwnPace || shop.objective === 'surest' || reading === 'whole');
  if (!read) return null;
  const { records, airs, isLogKnown } = read;
  return { input: gatherPlan(records, airs, source.nowMs), objective: records.shop.objective, isLogKnown };
}
