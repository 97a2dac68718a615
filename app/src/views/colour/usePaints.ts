import { useMirrored } from '../../features/mirrored/useMirrored';
import { effectOf, labOfProduct, mixableProducts, pigmentOf, strengthOf } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { FilmNature } from '@zinc-ladder/core/compatibility/filmNature';
import { natureOf } from '@zinc-ladder/core/compatibility/filmNature';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { useMemo } from 'react';
import { useTable } from '../../data/queries';
import { useOnShelf } from '../../features/shelf/useStocks';
import type { DeskPaint, DeskShelf } from '../../workers/colour/colourApi';

/** A product with a colour as the desk takes it. */
export function deskPaintOf(product: Product): DeskPaint {
  const usual = pigmentOf(product).strength;
  return { id: product.id, lab: labOfProduct(product) ?? [50, 0, 0], strength: strengthOf(product).value, usual };
}

/** The paints of the shelf, as the colour desk takes them. */
export interface Paints {
  readonly products: readonly Product[];
  /** products that go into recipes, by name */
  readonly mixable: readonly Product[];
  readonly shelf: DeskShelf;
  readonly byId: ReadonlyMap<string, Product>;
  readonly mirrored: number;
}

/** Paints on the shelf; with those that may be bought when that is wanted. */
export function usePaints(mayBuy: boolean): Paints {
  const products = useTable('products');
  const onShelf = useOnShelf();
  const mirrored = useMirrored().value;
  return useMemo(() => {
    const mixable = mixableProducts(products, onShelf, mayBuy).toSorted((a, b) => a.name.localeCompare(b.name));
    return {
      products,
      mixable,
      shelf: {
        mirrored,
        paints: mixable.map(deskPaintOf),
      },
      byId: new Map(products.map((product) => [product.id, product])),
      mirrored,
    };
  }, [products, onShelf, mayBuy, mirrored]);
}

/** Products that can be compared with a colour. */
export function comparable(products: readonly Product[]) {
  return products.flatMap((product) => {
    const lab = labOfProduct(product);
    const nature = natureOf(product.classId);
    return lab && nature && isColour(nature) ? [{ id: product.id, lab, effect: effectOf(product) }] : [];
  });
}

/** Whether a film is laid for its colour: no glue, filler, masking or clear. */
function isColour({ family, isClear }: FilmNature): boolean {
  return !isClear && !['glue', 'masking', 'putty', 'polyester', 'polish'].includes(family);
}
