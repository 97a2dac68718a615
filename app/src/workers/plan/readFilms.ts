import { readCureClock } from '@zinc-ladder/core/cure/cureClock';
import { roundOutlook } from '@zinc-ladder/core/cure/roundOutlook';
import { createCureTables } from '@zinc-ladder/core/cure/cureTables';
import type { FilmAnswer, FilmsRequest } from './filmTypes';

const DAY_MS = 86_400_000;

/** Reads the cure clock for every film; films share the tables of their air. */
export function readFilms({ air, nowMs, films }: FilmsRequest): FilmAnswer[] {
  const earliest = Math.min(nowMs, ...films.flatMap((film) => film.coats.map((coat) => coat.atMs)));
  const tables = createCureTables(air, Math.max(earliest, nowMs - 30 * DAY_MS) - DAY_MS, nowMs + 14 * DAY_MS);
  return films.map(({ drying, coats, forced, ...film }) => ({
    ...film,
    outlook: roundOutlook(readCureClock(drying, coats, tables, forced)),
  }));
}
