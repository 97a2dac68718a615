import { TZDate } from '@date-fns/tz';
import { HALF_90 } from '../number/half90';
import { normalQuantile } from '../number/normalQuantile';
import { BETWEEN_HANDS } from './learnUse';

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
  /** after each take and arrival, in time order: what is left in the mean, and between which nine of ten lie; below nothing: missing */
  readonly steps: readonly { readonly atMs: number; readonly left: number; readonly low: number; readonly high: number }[];
  readonly needed: number;
  /** 90 % interval of all that is needed */
  readonly low: number;
  readonly high: number;
  /** of what stands there and is on its way: promised to what is planned, and free */
  readonly reserved: number;
  readonly free: number;
  /** first take that is not covered with the chance one bears; null: it lasts */
  readonly runsOutMs: number | null;
  /** amount missing for the whole need to be met with that chance; 0 when none is */
  readonly missing: number;
  /** what of it is on its way */
  readonly arriving: number;
}

/** A single coat varies by a quarter, and all of one product by a seventh together (guesses). */
export const USUAL_SPREAD: StockSpread = { each: 0.25, all: BETWEEN_HANDS };
/** Days a parcel takes where nothing else is said (guess). */
export const USUAL_DAYS = 2;
/** The chance of having enough that counts as safe: four in five. */
export const USUAL_CHANCE = 0.8;

/**
 * Stock along time: the takes of a plan from what there is and what arrives, with the spread of a normal need.
 *
 * @param chance that it must be enough, 0.5–0.999
 * @param arrivals what was ordered and is there from a moment on
 */
export function stockCurve(
  stock: number,
  takes: readonly StockTake[],
  spread = USUAL_SPREAD,
  chance = USUAL_CHANCE,
  arrivals: readonly StockTake[] = [],
): StockCurve {
  const z = normalQuantile(chance);
  let [needed, squares, arrived] = [0, 0, 0];
  let runsOutMs: number | null = null;
  // Math.hypot guards against amounts no shelf holds, and takes most of the time of a plan of thousands of takes.
  const deviationNow = (): number => Math.sqrt(squares + (spread.all * needed) ** 2);
  const turns = [
    ...takes.map(({ atMs, amount }) => ({ atMs, amount, isTake: true })),
    ...arrivals.map(({ atMs, amount }) => ({ atMs, amount, isTake: false })),
  ];
  const steps = turns
    // Of one moment what arrives is there before it is taken.
    .toSorted((a, b) => a.atMs - b.atMs || Number(a.isTake) - Number(b.isTake))
    .map(({ atMs, amount, isTake }) => {
      if (isTake) {
        needed += amount;
        squares += (spread.each * amount) ** 2;
      } else arrived += amount;
      const deviation = deviationNow();
      const there = stock + arrived;
      if (isTake && runsOutMs === null && needed + z * deviation > there) runsOutMs = atMs;
      return { atMs, left: there - needed, low: there - needed - HALF_90 * deviation, high: there - needed + HALF_90 * deviation };
    });
  const deviation = deviationNow();
  const there = stock + arrived;
  const reserved = Math.min(there, needed);
  return {
    steps,
    needed,
    low: Math.max(0, needed - HALF_90 * deviation),
    high: needed + HALF_90 * deviation,
    reserved,
    free: there - reserved,
    runsOutMs,
    missing: Math.max(0, needed + z * deviation - there),
    arriving: arrived,
  };
}

/**
 * The latest moment to order so that it arrives in time: so many days earlier at the same local hour, across clock changes too, and on a
 * day on which the supplier ships.
 *
 * @param isClosed whether nothing is sent on a day, ISO weekday 1–7
 */
export function orderBy(neededMs: number, days: number, timeZone: string, isClosed: (weekday: number) => boolean = isWeekend): number {
  const local = new TZDate(neededMs, timeZone);
  local.setDate(local.getDate() - calendarDays(local.getDay(), days, -1, isClosed));
  return local.getTime();
}

/** How many days of the calendar hold so many on which something is sent, one way from a weekday (Sunday is 0). */
function calendarDays(weekday: number, days: number, step: 1 | -1, isClosed: (weekday: number) => boolean): number {
  let [left, passed] = [days, 0];
  // A year of closed days is no calendar.
  while (left > 0 && passed < 366) {
    passed += 1;
    const then = (((weekday + step * passed) % 7) + 7) % 7;
    if (!isClosed(then || 7)) left -= 1;
  }
  return passed;
}

/** Parcels are there in the morning, at this hour of the shop's clock (guess). */
const PARCEL_HOUR = 9;

/** When something ordered now is there: so many days on which the supplier sends later, in the morning; of no days at once. */
export function orderArrives(
  orderedMs: number,
  days: number,
  timeZone: string,
  isClosed: (weekday: number) => boolean = isWeekend,
): number {
  const local = new TZDate(orderedMs, timeZone);
  local.setDate(local.getDate() + calendarDays(local.getDay(), days, 1, isClosed));
  if (days > 0) local.setHours(PARCEL_HOUR, 0, 0, 0);
  return local.getTime();
}

function isWeekend(weekday: number): boolean {
  return weekday > 5;
}
