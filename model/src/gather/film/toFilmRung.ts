import type { FilmRung } from '@zinc-ladder/core/film/filmStack';
import { leavesFilmOnFaces } from '@zinc-ladder/core/ladder/filmOnFaces';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { Rung } from '../../records/ladder/rung';
import type { Product } from '../../records/shop/product';
import { hexOfProduct } from './gatherPaints';

/** A rung as far as its film on the faces goes: glue lies in the seam, masking rubber comes off again. */
export function toFilmRung(rung: Rung, { products }: { readonly products: ReadonlyMap<string, Product> }): FilmRung {
  const method = findMethod(rung.methodId);
  return {
    rungId: rung.id,
    name: rung.name,
    filmMicrometres: leavesFilmOnFaces(method.id) ? rung.coatMicrometres : null,
    isSanding: method.roughens,
    colourHex: hexOfProduct(products.get(rung.productId ?? '')),
  };
}
