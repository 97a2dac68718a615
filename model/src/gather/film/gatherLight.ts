import type { LitLayer } from '@zinc-ladder/core/colour/coats/coatsOver';
import { ratioOfHex } from '@zinc-ladder/core/colour/coats/coatsOver';
import { guessScatter } from '@zinc-ladder/core/colour/pigment/pigmentKinds';
import { labOfHex } from '@zinc-ladder/core/colour/lab';
import { natureOf } from '@zinc-ladder/core/compatibility/filmNature';
import type { FilmLayer } from '@zinc-ladder/core/film/filmStack';
import { productValue } from '../../products/productDrying';
import type { Product } from '../../records/shop/product';
import type { Rung } from '../../records/ladder/rung';

/** S·X of a printed wall for each millimetre, opaque and translucent filament (guessed). */
const WALL_SCATTER = { opaque: 2.5, translucent: 0.25 } as const;
/** Scattering of a clear or tinted film relative to a paint of the same thickness (guessed); it dims light by its colour instead. */
const CLEAR_SHARE = 0.05;

/** Wall and films as light from inside meets them. Films without a colour of their own are passed over. */
export function litLayers(
  wall: { readonly millimetres: number; readonly hex: string; readonly letsLightThrough: boolean },
  layers: readonly FilmLayer[],
  rungs: readonly Rung[],
  products: ReadonlyMap<string, Product>,
): LitLayer[] {
  const productOf = new Map(rungs.map((rung) => [rung.id, products.get(rung.productId ?? '')]));
  const films = layers.flatMap((layer): LitLayer[] => {
    if (!layer.colourHex) return [];
    const product = productOf.get(layer.rungIds[0] ?? '');
    const coat = product ? productValue(product, 'coatMicrometres').value : null;
    // What a card said of one coat holds for as many of them as the layer is thick.
    const read = product?.scatterPerCoat && coat ? (product.scatterPerCoat * layer.micrometres) / coat : null;
    const isClear = product ? (natureOf(product.classId)?.isClear ?? false) : false;
    const guessed =
      guessScatter(layer.micrometres, labOfHex(layer.colourHex), product?.pigmentId ?? undefined) * (isClear ? CLEAR_SHARE : 1);
    return [{ id: layer.name, ratio: ratioOfHex(layer.colourHex), scatter: read ?? guessed }];
  });
  const perMillimetre = wall.letsLightThrough ? WALL_SCATTER.translucent : WALL_SCATTER.opaque;
  return [{ id: 'the wall', ratio: ratioOfHex(wall.hex), scatter: wall.millimetres * perMillimetre }, ...films];
}
