import type { EngravingLeft } from '@zinc-ladder/core/film/filmBudget';
import { brushedHeight, engravingLeft } from '@zinc-ladder/core/film/filmBudget';
import type { FilmLayer } from '@zinc-ladder/core/film/filmStack';
import { stackFilms, stackHeight } from '@zinc-ladder/core/film/filmStack';
import type { ShopIndex } from '../../../data/useShopIndex';
import { toFilmRung } from '@zinc-ladder/model/gather/film/toFilmRung';
import type { Surface } from './useSurface';

/** What all films of a ladder, colour and clear included, leave of the finest engraving. */
export interface LadderEngraving {
  readonly stack: readonly FilmLayer[];
  readonly filmMicrometres: number;
  readonly brushedMicrometres: number;
  readonly cutMicrometres: number;
  readonly left: EngravingLeft;
}

/** Adds up the films of a part's ladder on one face; the school that was chosen says what sanding cuts. */
export function ladderEngraving({ part, engraving, chosen }: Surface, index: ShopIndex): LadderEngraving {
  const rungs = index.rungsOnPart(part.id).filter((rung) => rung.state !== 'leftOut');
  const stack = stackFilms(rungs.map((rung) => toFilmRung(rung, index)));
  const methodOf = new Map(rungs.map((rung) => [rung.id, rung.methodId]));
  const brushedMicrometres = brushedHeight(stack, (id) => methodOf.get(id) ?? '');
  const filmMicrometres = stackHeight(stack);
  const cutMicrometres = chosen?.cutMicrometres ?? 0;
  const left = engravingLeft(engraving.value, filmMicrometres, brushedMicrometres, cutMicrometres);
  return { stack, filmMicrometres, brushedMicrometres, cutMicrometres, left };
}

/** `82 %, crisp`. */
export function engravingWords({ openShare, verdict }: EngravingLeft): string {
  return `${Math.round(openShare * 100)} %, ${verdict}`;
}
