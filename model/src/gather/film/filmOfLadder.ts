import { stackFilms, stackHeight } from '@zinc-ladder/core/film/filmStack';
import type { Rung } from '../../records/ladder/rung';
import type { Product } from '../../records/shop/product';
import { toFilmRung } from './toFilmRung';

/** Dry film on the faces once a ladder is climbed, µm, with what its sandings leave: the height of its core sample. */
export function filmOfLadder(rungs: readonly Rung[], products: ReadonlyMap<string, Product>): number {
  // A coat that is sprayed in two turns, below and above, is one film on a face.
  const onOneFace = rungs.filter(({ state, side }) => state !== 'leftOut' && side !== 'under');
  return stackHeight(stackFilms(onOneFace.map((rung) => toFilmRung(rung, { products }))));
}
