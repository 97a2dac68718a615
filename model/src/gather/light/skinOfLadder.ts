import { backingOf, bodyOver, seenLab } from '@zinc-ladder/core/colour/coats/coatsOver';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { stackFilms } from '@zinc-ladder/core/film/filmStack';
import type { Rung } from '../../records/ladder/rung';
import type { Product } from '../../records/shop/product';
import { productValue } from '../../products/productDrying';
import { coatPaintOf } from '../film/gatherPaints';
import { toFilmRung } from '../film/toFilmRung';

/** What a skin is held against to see its colour: white paper. */
const PAPER: Lab = [95, 0, 0];

/**
 * Colour of a skin against white paper with all films its ladder lays, done and to come, by Kubelka–Munk with the S·X each product is known or guessed to have;
 * as #rrggbb. What weathers it lies in places only, and is left out. Null: none of its films has a colour of its own.
 *
 * @param rungs of the ladder, in order
 * @param mirrored share of the light that a film's surface throws back, 0–1
 */
export function skinOfLadder(rungs: readonly Rung[], products: ReadonlyMap<string, Product>, mirrored: number): string | null {
  const own = new Map(rungs.map((rung) => [rung.id, rung]));
  const films = stackFilms(
    rungs.filter(({ state, band }) => state !== 'leftOut' && band !== 'weather').map((rung) => toFilmRung(rung, { products })),
  ).flatMap(({ rungIds, micrometres }) => {
    const product = products.get(own.get(rungIds[0] ?? '')?.productId ?? '');
    const paint = product && coatPaintOf(product, mirrored);
    return product && paint
      ? [{ paint, coats: micrometres / Math.max(1, productValue(product, 'coatMicrometres').value ?? micrometres) }]
      : [];
  });
  if (films.length === 0) return null;
  const body = films.reduce((backing, { paint, coats }) => bodyOver(paint, coats, backing), backingOf(PAPER, mirrored));
  return hexOfLab(seenLab(body, mirrored));
}
