import type { StartAnswer } from '@zinc-ladder/core/plan/startWaits';
import { readStarts } from '@zinc-ladder/core/plan/startWaits';
import { gatherPlan } from '@zinc-ladder/model/gather/gatherPlan';
import type { FilmAnswer } from './filmTypes';
import { gatherFilms } from './gatherFilms';
import { readFilms } from './readFilms';
import type { ShopSource } from './readShop';
import { readShop } from './readShop';

/** What the cure clocks say of a shop: of the top film of every part, and when the next rung of each may start. */
export interface ShopFilms {
  readonly films: readonly FilmAnswer[];
  readonly starts: readonly StartAnswer[];
}

/**
 * Reads the cure clocks of every part.
 *
 * @param source the shop, with its air up to when the answer is renewed
 */
export async function readShopFilms(source: ShopSource, nowMs: number): Promise<ShopFilms> {
  const read = await readShop(source);
  if (!read) return { films: [], starts: [] };
  const input = gatherPlan(read.records, read.air, nowMs);
  return {
    films: readFilms({ air: read.air, nowMs, films: gatherFilms(read.records, source.nowMs) }),
    starts: readStarts(input),
  };
}
