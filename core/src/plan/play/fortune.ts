import type { RandomSource } from '../../random/seededRandom';
import { seededRandom } from '../../random/seededRandom';
import { hashName, mixBits } from '../../random/hashName';
import { normalShare } from '../../number/normalShare';
import { normalDraw } from '../../random/normalDraw';
import type { TaskSpread } from './taskSpread';
import { drawShare } from './taskSpread';
import type { PlayOdds, PlayPaces, PrintOdds } from './playOdds';
import type { PlayTables } from './playTables';

/** One way things may come: drawn whole before anything is played, so that any two orders can meet the same. */
export interface Fortune {
  /** minutes of each task */
  readonly minutes: Float64Array;
  /** how long each film takes to dry, as a share of what its clock says */
  readonly drying: Float64Array;
  /** 1 where the weather takes a window, along all windows of all calendars */
  readonly isLost: Uint8Array;
}

/** How much of a day's weather goes on to the next: a link that falls to 1/e in a day and a half; from memory of how spells of rain go. */
const WEATHER_KEPT = Math.exp(-1 / 1.5);
const DAY = 1440;

/** Room for a fortune of a problem. */
export function emptyFortune(tables: PlayTables): Fortune {
  return {
    minutes: Float64Array.from(tables.minutes),
    drying: new Float64Array(tables.films.length).fill(1),
    isLost: new Uint8Array(tables.windowStart.length),
  };
}

/**
 * Draws a fortune. Every task, film and day has its own luck, which depends on its name and the seed alone. Neither the order nor the rest
 * of the problem changes it, so two shops that differ by an evening or a rung meet the same weather.
 *
 * @param seed of this fortune, any integer
 */
export function drawFortune(tables: PlayTables, odds: PlayOdds, seed: number, into = emptyFortune(tables)): Fortune {
  const shares = odds.paces ? pacedShares(odds.paces, seed) : spreadShares(odds.spreads ?? [], seed);
  for (let index = 0; index < tables.count; index += 1) {
    into.minutes[index] = (tables.minutes[index] ?? 0) * shares(index, tables.taskNames[index] ?? 0);
  }
  tables.films.forEach((name, film) => {
    const spread = odds.dryingSpreads?.[name] ?? 0;
    into.drying[film] = spread > 0 ? Math.exp(spread * normalDraw(luckOf(seed, hashName(`film ${name}`)))) : 1;
  });
  drawWeather(tables, odds, seed, into.isLost);
  return into;
}

/** One hidden weather runs on from day to day; each window alone is lost as often as it is said to be. */
function drawWeather(tables: PlayTables, odds: PlayOdds, seed: number, isLost: Uint8Array): void {
  const { calendars, fromMinute, horizonMinute } = tables.prepared.problem;
  const first = Math.floor(fromMinute / DAY);
  const shares: number[] = [];
  let weather = 0;
  const shareOn = (day: number): number => {
    for (let next = shares.length; next <= day; next += 1) {
      const kept = next === 0 ? 0 : WEATHER_KEPT;
      weather = kept * weather + Math.sqrt(1 - kept * kept) * normalDraw(luckOf(seed, first + next));
      shares.push(normalShare(weather));
    }
    return shares[day] ?? 1;
  };
  const days = Math.ceil((horizonMinute - fromMinute) / DAY) + 1;
  calendars.forEach(({ id }, at) => {
    const chances = odds.losses?.[id];
    if (!chances) return;
    const from = tables.windowsFrom[at] ?? 0;
    const until = tables.windowsFrom[at + 1] ?? 0;
    for (let nth = 0; nth < until - from; nth += 1) {
      const chance = chances[nth] ?? 0;
      const day = Math.min(days, Math.max(0, Math.floor((tables.windowStart[from + nth] ?? 0) / DAY) - first));
      isLost[from + nth] = chance > 0 && shareOn(day) < chance ? 1 : 0;
    }
  });
}

type Shares = (index: number, name: number) => number;

function spreadShares(spreads: readonly TaskSpread[], seed: number): Shares {
  return (index, name) => {
    const spread = spreads[index];
    return spread && !isCertain(spread) ? drawShare(spread, luckOf(seed, name)) : (spread?.mode ?? 1);
  };
}

/** Own pace: the finisher is as slow as one draw says in everything, in each method as another says, and each rung has its own besides. */
function pacedShares({ finisherDeviation, byTask, prints }: PlayPaces, seed: number): Shares {
  const finisher = finisherDeviation * normalDraw(luckOf(seed, FINISHER));
  const methods = new Map<string, number>();
  return (index, name) => {
    const print = prints?.[index];
    if (print) return printShare(print, luckOf(seed, name));
    const pace = byTask[index];
    if (!pace) return 1;
    let method = methods.get(pace.methodId);
    if (method === undefined) {
      method = pace.mean + pace.finisherShare * finisher + pace.deviation * normalDraw(luckOf(seed, hashName(pace.methodId)));
      methods.set(pace.methodId, method);
    }
    const luck = luckOf(seed, name);
    const extra = pace.againChance > 0 && luck() < pace.againChance ? pace.againShare : 0;
    return Math.exp(method + pace.rungDeviation * normalDraw(luck)) + extra;
  };
}

/** What is lost of a piece that fails: some fail in the first layer, some in the last (guessed: half). */
const LOST_OF_PIECE = 0.5;

/** Printing time relative to a run without failures: a piece that fails is printed again until it succeeds. */
function printShare({ pieces, failureShare }: PrintOdds, luck: RandomSource): number {
  if (failureShare <= 0) return 1;
  let failures = 0;
  for (let piece = 0; piece < pieces; piece += 1) while (luck() < failureShare) failures += 1;
  return 1 + (LOST_OF_PIECE * failures) / pieces;
}

const FINISHER = hashName('the finisher');

function isCertain({ low, high, againChance }: TaskSpread): boolean {
  return high <= low && againChance <= 0;
}

function luckOf(seed: number, name: number): RandomSource {
  return seededRandom(mixBits(mixBits(seed) + name));
}
