import type { StartAnswer } from '@zinc-ladder/core/plan/shop/startWaits';
import { readStarts } from '@zinc-ladder/core/plan/shop/startWaits';
import { gatherPlan } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { FilmAnswer } from './filmTypes';
import { gatherFilms } from './gatherFilms';
import { readFilms } from './readFilms';
import type { ShopSource } from './readShop';
import { readShop } from './readShop';

/**
 * What the cure clock says of the top film of every part.
 *
 * @param source the shop, with its air up to when the answer is renewed
 */
export async function readShopFilms(source: ShopSource, nowMs: number): Promise<FilmAnswer[]> {
  const read = await readShop(source);
  return read ? readFilms({ air: read.airs.air, nowMs, films: gatherFilms(read.records, source.nowMs) }) : [];
}

/** When the next rung of every part may start, by its films, its joins and what comes before it. */
export async function readShopStarts(source: ShopSource, nowMs: number): Promise<StartAnswer[]> {
  const read = await readShop(source, 'whole');
  return read ? readStarts(gatherPlan(read.records, read.airs, nowMs)) : [];
}
