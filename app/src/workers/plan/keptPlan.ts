import type { EntityTable } from 'dexie';
import Dexie from 'dexie';

/** What the next search begins from: the order of a plan, keys by rung, and when hands begin each. */
export interface KeptPlan {
  readonly order: Readonly<Record<string, number>>;
  readonly starts: Readonly<Record<string, number>>;
}

interface KeptRow extends KeptPlan {
  readonly id: 'last';
}

/** Beside the shop and not in it: no edit waits for it, no view is told of it, and no file holds it. */
class KeptPlans extends Dexie {
  plans!: EntityTable<KeptRow, 'id'>;

  constructor(shopDatabase: string) {
    super(`${shopDatabase} plan`);
    this.version(1).stores({ plans: 'id' });
  }
}

/**
 * The last plan that was searched to its end in this browser: a page that is loaded again goes on from it, so that the plan stays the one that
 * was seen. Null where there is none.
 */
export async function readKeptPlan(shopDatabase: string): Promise<KeptPlan | null> {
  const row = await within(shopDatabase, (plans) => plans.get('last'));
  return row && isNumbers(row.order) && isNumbers(row.starts) ? { order: row.order, starts: row.starts } : null;
}

/** Keeps a plan in place of the last. */
export async function keepPlan(shopDatabase: string, { order, starts }: KeptPlan): Promise<void> {
  await within(shopDatabase, (plans) => plans.put({ id: 'last', order, starts }));
}

/** Where a browser has no room or keeps nothing, the next plan is looked for from the beginning: no reason to have none. */
async function within<Result>(shopDatabase: string, ask: (plans: KeptPlans['plans']) => PromiseLike<Result>): Promise<Result | null> {
  const db = new KeptPlans(shopDatabase);
  try {
    return await ask(db.plans);
  } catch (error) {
    console.warn('the last plan is not kept', error);
    return null;
  } finally {
    db.close();
  }
}

function isNumbers(value: unknown): value is Record<string, number> {
  return typeof value === 'object' && value !== null && Object.values(value).every((one) => typeof one === 'number' && !Number.isNaN(one));
}
