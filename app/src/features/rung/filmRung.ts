import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { FilmRung } from '@zinc-ladder/core/film/filmStack';
import { leavesFilmOnFaces } from '@zinc-ladder/core/ladder/filmOnFaces';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import type { ShopIndex } from '../../data/useShopIndex';

/** A rung as far as its film on the faces goes: glue lies in the seam, masking rubber comes off again. */
export function toFilmRung(rung: Rung, index: Pick<ShopIndex, 'products'>): FilmRung {
  const method = findMethod(rung.methodId);
  return {
    rungId: rung.id,
    name: rung.name,
    filmMicrometres: leavesFilmOnFaces(method.id) ? rung.coatMicrometres : null,
    isSanding: method.roughens,
    colourHex: hexOfProduct(index.products.get(rung.productId ?? '')),
  };
}
