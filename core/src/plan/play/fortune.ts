import type { RandomSource } from '../../random/seededRandom';
import { normalShare } from '../../climate/normalShare';
import { normalDraw } from '../../random/normalDraw';
import type { TaskSpread } from '../taskSpread';
import { drawShare } from '../taskSpread';
import type { PlayTables } from './playTables';

/** What is uncertain about a problem. */
export interface PlayOdds {
  /** the spread of each task's minutes, by index */
  readonly spreads: readonly TaskSpread[];
  /** calendars whose windows the weather may take away, with the chance of each window of theirs; by calendar id */
  readonly losses?: Readonly<Record<string, readonly number[]>>;
  /** deviation of the logarithm of how long a film really takes to dry, by its name; 0 where none is named */
  readonly dryingSpreads?: Readonly<Record<string, number>>;
}

/** One way things may come: drawn whole before anything is played, so that any two orders can meet the same. */
export interface Fortune {
  /** minutes of each task */
  readonly minutes: Float64Array;
  /** how long each film takes to dry, as a share of what its clock says */
  readonly drying: Float64Array;
  /** 1 where the weather takes a window, along all windows of all calendars */
  readonly isLost: Uint8Array;
}

/** How long weather stays as it is, in the sense that its link falls to 1/e: a day and a half, from memory of how spells of rain go. */
const WEATHER_MINUTES = 2160;

/** Room for a fortune of a problem. */
export function emptyFortune(tables: PlayTables): Fortune {
  return {
    minutes: Float64Array.from(tables.minutes),
    drying: new Float64Array(tables.films.length).fill(1),
    isLost: new Uint8Array(tables.windowStart.length),
  };
}

/** Draws a fortune, task by task, window by window, film by film: never by what an order does. */
export function drawFortune(tables: PlayTables, odds: PlayOdds, random: RandomSource, into = emptyFortune(tables)): Fortune {
  const { calendars } = tables.prepared.problem;
  for (let index = 0; index < tables.count; index += 1) {
    const spread = odds.spreads[index];
    into.minutes[index] = (tables.minutes[index] ?? 0) * (spread ? drawShare(spread, random) : 1);
  }
  calendars.forEach(({ id }, at) => {
    const chances = odds.losses?.[id];
    if (!chances) return;
    const from = tables.windowsFrom[at] ?? 0;
    const until = tables.windowsFrom[at + 1] ?? 0;
    // One hidden weather runs on from window to window; each window alone is lost as often as it is said to be.
    let weather = 0;
    for (let nth = 0; nth < until - from; nth += 1) {
      const gap = nth === 0 ? Infinity : (tables.windowStart[from + nth] ?? 0) - (tables.windowStart[from + nth - 1] ?? 0);
      const kept = Math.exp(-gap / WEATHER_MINUTES);
      weather = kept * weather + Math.sqrt(1 - kept * kept) * normalDraw(random);
      into.isLost[from + nth] = normalShare(weather) < (chances[nth] ?? 0) ? 1 : 0;
    }
  });
  tables.films.forEach((name, film) => {
    const spread = odds.dryingSpreads?.[name] ?? 0;
    into.drying[film] = spread > 0 ? Math.exp(spread * normalDraw(random)) : 1;
  });
  return into;
}
