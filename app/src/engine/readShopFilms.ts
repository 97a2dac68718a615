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
  return read ? readFilms({ air: read.air, nowMs, films: gatherFilms(read.records, source.nowMs) }) : [];
}
