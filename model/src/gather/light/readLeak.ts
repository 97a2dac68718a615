import { filmAlone, ratioOfReflectance } from '@zinc-ladder/core/colour/kubelkaMunk';
import type { LightLayer, LightLeak } from '@zinc-ladder/core/light/lightLeak';
import { darkWallMillimetres, lightLeak, wallLayer } from '@zinc-ladder/core/light/lightLeak';
import { stackFilms } from '@zinc-ladder/core/film/filmStack';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import type { Rung } from '../../records/ladder/rung';
import type { LightPlan } from '../../records/light/lightPlan';
import type { Part } from '../../records/prop/part';
import type { Product } from '../../records/shop/product';
import { labOfProduct, scatterOf } from '../film/gatherPaints';
import { toFilmRung } from '../film/toFilmRung';
import { productValue } from '../../products/productDrying';

/** What of a lamp comes through the wall of a part that should be dark. */
export interface PartLeak extends LightLeak {
  readonly part: Part;
  /** films reckoned with, done and still to do */
  readonly films: number;
  /** the coat that would be laid more; null: a plain black, as none dark is kept */
  readonly coatOf: Product | null;
  /** a wall of its material that is dark by itself, mm */
  readonly darkMillimetres: number;
}

/** A plain black where the shop keeps nothing darker: L* 15, S·X of a coat (guesses). */
const PLAIN_BLACK = { reflectance: 0.019, scatter: 0.6 };
/** A paint darker than this, L*, is laid to stop light. */
const DARK_LIGHTNESS = 30;

/** CIE Y of a lightness, 0–1 (CIE 15). */
function luminance(lightness: number): number {
  return lightness > 8 ? ((lightness + 16) / 116) ** 3 : lightness / 903.3;
}

/** One film of a product; null where it has no colour of its own, as a clear or a glue: it stops nothing. */
function filmOf(product: Product | undefined, micrometres: number): LightLayer | null {
  const lab = product && labOfProduct(product);
  if (!product || !lab) return null;
  const coat = productValue(product, 'coatMicrometres').value ?? micrometres;
  const reflectance = Math.min(0.999, Math.max(0.001, luminance(lab[0])));
  return filmAlone(ratioOfReflectance(reflectance), (scatterOf(product).value * micrometres) / Math.max(1, coat));
}

/** Light through the part that a plan of lights wants dark, with all films that are laid on it; null where none is named. */
export function readLeak(
  plan: Pick<LightPlan, 'darkPartId' | 'wallMillimetres'>,
  records: {
    readonly parts: readonly Part[];
    /** all that is done on a part, bottom first */
    readonly rungsOnPart: (partId: string) => readonly Rung[];
    readonly products: readonly Product[];
  },
): PartLeak | null {
  const part = records.parts.find(({ id }) => id === plan.darkPartId);
  if (!part) return null;
  const products = new Map(records.products.map((product) => [product.id, product]));
  const own = records.rungsOnPart(part.id).filter(({ state }) => state !== 'leftOut');
  const rungs = new Map(own.map((rung) => [rung.id, rung]));
  const films = stackFilms(own.map((rung) => toFilmRung(rung, { products }))).flatMap(
    ({ rungIds, micrometres }) => filmOf(products.get(rungs.get(rungIds[0] ?? '')?.productId ?? ''), micrometres) ?? [],
  );
  const darkest = records.products
    .filter((product) => product.effect === 'none' && (labOfProduct(product)?.[0] ?? 100) < DARK_LIGHTNESS)
    .toSorted((a, b) => (labOfProduct(a)?.[0] ?? 100) - (labOfProduct(b)?.[0] ?? 100))[0];
  const coat = darkest && filmOf(darkest, productValue(darkest, 'coatMicrometres').value ?? 12);
  const material = findMaterial(part.materialId).id;
  const leak = lightLeak({
    wall: wallLayer(material, plan.wallMillimetres),
    films,
    coatMore: coat ?? filmAlone(ratioOfReflectance(PLAIN_BLACK.reflectance), PLAIN_BLACK.scatter),
  });
  return { ...leak, part, films: films.length, coatOf: coat ? (darkest ?? null) : null, darkMillimetres: darkWallMillimetres(material) };
}
