import type { FilmSight } from '@zinc-ladder/core/cure/cureClock';
import { sightFilm } from '@zinc-ladder/core/cure/cureClock';
import { createCureTables } from '@zinc-ladder/core/cure/cureTables';
import type { Milestone } from '@zinc-ladder/core/cure/dryingData';
import { gatherFilms } from './gatherFilms';
import type { ShopSource } from './readShop';
import { readShop } from './readShop';

const DAY_MS = 86_400_000;

/**
 * How far the top film of a rung is on its way to a stage now, by class and label alone: what was learned of its product must not count twice.
 *
 * @returns null where there is no such film, or its product has no such stage
 */
export async function sightShopFilm(source: ShopSource, rungId: string, stage: Milestone): Promise<FilmSight | null> {
  const read = await readShop(source);
  if (!read) return null;
  const products = read.records.products.map((product) => ({ ...product, sightings: [] }));
  const film = gatherFilms({ ...read.records, products }, source.nowMs).find((one) => one.rungId === rungId);
  if (!film) return null;
  const tables = createCureTables(read.airs.air, Math.min(...film.coats.map(({ atMs }) => atMs)) - DAY_MS, source.nowMs + DAY_MS);
  return sightFilm(film.drying, film.coats, tables, film.forced, stage, source.nowMs);
}
