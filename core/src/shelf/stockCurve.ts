import { TZDate } from '@date-fns/tz';
import { HALF_90 } from '../number/half90';
import { normalQuantile } from '../number/normalQuantile';

/** Something that is taken from the shelf at a moment. */
export interface StockTake {
  readonly atMs: number;
  readonly amount: number;
}

/** How sure the amounts of a product are. */
export interface StockSpread {
  /** standard deviation of a single take, as a share: a coat more, a loop again */
  readonly each: number;
  /** of all takes together: a hand that always lays on more, a can that always gives less */
  readonly all: number;
}

/** What becomes of a product along time. */
export interface StockCurve {
  /** after each take, in time order: what is left in the mean, and between which nine of ten lie; below nothing: missing */
  readonly steps: readonly { readonly atMs: number; readonly left: number; readonly low: number; readonly high: number }[];
  readonly needed: number;
  /** 90 % interval of all that is needed */
  readonly low: number;
  readonly high: number;
  /** of what stands there: promised to what is planned, and free */
  readonly reserved: number;
  readonly free: number;
  /** first take that is not covered with the chance one bears; null: it lasts */
  readonly runsOutMs: number | null;
  /** what is missing then to be sure by that chance; 0: nothing */
  readonly missing: number;
}

/** A single coat varies by a quarter, and all of one product by a seventh together (guesses). */
export const USUAL_SPREAD: StockSpread = { each: 0.25, all: 0.15 };
/** Days a parcel takes where nothing else is said (guess). */
export const USUAL_DAYS = 2;
/** Chance that what is on the shelf is enough, that one bears: four of five. */
export const USUAL_CHANCE = 0.8;

/**
 * Stock along time: the takes of a plan from what there is, with the spread of a normal need.
 *
 * @param chance that it must be enough, 0.5–0.999
 */
export function stockCurve(stock: number, takes: readonly StockTake[], spread = USUAL_SPREAD, chance = USUAL_CHANCE): StockCurve {
  const z = normalQuantile(chance);
  let [needed, squares] = [0, 0];
  let runsOutMs: number | null = null;
  const steps = takes
    .toSorted((a, b) => a.atMs - b.atMs)
    .map(({ atMs, amount }) => {
      needed += amount;
      squares += (spread.each * amount) ** 2;
      const deviation = Math.hypot(Math.sqrt(squares), spread.all * needed);
      if (runsOutMs === null && needed + z * deviation > stock) runsOutMs = atMs;
      return { atMs, left: stock - needed, low: stock - needed - HALF_90 * deviation, high: stock - needed + HALF_90 * deviation };
    });
  const deviation = Math.hypot(Math.sqrt(squares), spread.all * needed);
  const reserved = Math.min(stock, needed);
  return {
    steps,
    needed,
    low: Math.max(0, needed - HALF_90 * deviation),
    high: needed + HALF_90 * deviation,
    reserved,
    free: stock - reserved,
    runsOutMs,
    missing: Math.max(0, needed + z * deviation - stock),
  };
}

/**
 * By when to order so that it is there: so many days before, at the same hour of the shop's clock whatever the clock change, and not on a day the supplier
 * does not send.
 *
 * @param isClosed whether nothing is sent on a day, ISO weekday 1–7
 */
export function orderBy(neededMs: number, days: number, timeZone: string, isClosed: (weekday: number) => boolean = isWeekend): number {
  const local = new TZDate(neededMs, timeZone);
  let left = days;
  // A year of closed days is no calendar.
  for (let back = 0; left > 0 && back < 366; back += 1) {
    local.setDate(local.getDate() - 1);
    if (!isClosed(local.getDay() || 7)) left -= 1;
  }
  return local.getTime();
}

function isWeekend(weekday: number): boolean {
  return weekday > 5;
}
