import { coatRow } from '@zinc-ladder/core/colour/coats/coatsOver';
import { leavesFilmOnFaces } from '@zinc-ladder/core/ladder/filmOnFaces';
import type { Product } from '../../records/shop/product';
import type { Rung } from '../../records/ladder/rung';
import { coatPaintOf, effectOf, labOfProduct } from './gatherPaints';

/** Coats of one paint on one ladder, and what they lie on. */
export interface LaidCoats {
  readonly ladderId: string;
  /** its coats, done and to do, in order */
  readonly rungIds: readonly string[];
  readonly openRungIds: readonly string[];
  readonly underProductId: string | null;
  /** coats to its full colour over that; null where no sum says it or it takes more than 12 */
  readonly needed: number | null;
}

/** Methods whose films are coats of colour. */
export const COAT_METHODS: ReadonlySet<string> = new Set(['sprayCoat', 'airbrushCoat', 'brushCoat', 'maskedCoat']);

/** On a ladder, the coats of a paint and how many it needs over the film under the first of them. Null: the paint is not laid there. */
export function coatsOnLadder(
  ladderId: string,
  rungs: readonly Rung[],
  paint: Product,
  products: ReadonlyMap<string, Product>,
  mirrored: number,
): LaidCoats | null {
  const kept = rungs.filter((rung) => rung.state !== 'leftOut');
  const own = kept.filter((rung) => rung.productId === paint.id && COAT_METHODS.has(rung.methodId));
  const [first] = own;
  if (!first) return null;
  const below = kept.slice(0, kept.indexOf(first)).filter((rung) => leavesFilmOnFaces(rung.methodId));
  const under = products.get(below.at(-1)?.productId ?? '');
  const lab = under && labOfProduct(under);
  const coat = effectOf(paint) === 'none' ? coatPaintOf(paint, mirrored) : null;
  return {
    ladderId,
    rungIds: own.map((rung) => rung.id),
    openRungIds: own.filter((rung) => rung.state === 'open').map((rung) => rung.id),
    underProductId: under?.id ?? null,
    needed: coat && lab ? coatRow(coat, lab, mirrored).toFullColour : null,
  };
}
