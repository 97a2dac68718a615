import type { StrengthCard } from '@zinc-ladder/core/colour/cards/learnStrengths';
import type { CoatPaint } from '@zinc-ladder/core/colour/coats/coatsOver';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import { hexOfLab, labOfHex } from '@zinc-ladder/core/colour/lab';
import type { PaintEffect } from '@zinc-ladder/core/colour/nearestPaints';
import type { MixPaint, MixPart } from '@zinc-ladder/core/colour/paint';
import { paintOf } from '@zinc-ladder/core/colour/paint';
import type { PigmentKind } from '@zinc-ladder/core/colour/pigment/pigmentKinds';
import { findPigmentKind, guessPigment, guessScatter } from '@zinc-ladder/core/colour/pigment/pigmentKinds';
import { productValue } from '../../products/productDrying';
import type { MixCard, MixComponent } from '../../records/colour/mixCard';
import type { Product } from '../../records/shop/product';

/** Paints that can be measured out and mixed with each other: water acrylics. What comes out of a spray can cannot be counted in drops. */
const MIXED_CLASSES = new Set(['brushAcrylic', 'airbrushAcrylic']);

/** Three numbers of a record as Lab. */
export function toLab(values: readonly number[]): Lab {
  const [l = 0, a = 0, b = 0] = values;
  return [l, a, b];
}

/** The colour of a product's dry film: as it was read, else as it was chosen; null where it has none of its own. */
export function labOfProduct(product: Pick<Product, 'lab' | 'colourHex'>): Lab | null {
  if (product.lab) return toLab(product.lab);
  return product.colourHex === null ? null : labOfHex(product.colourHex);
}

/** That colour for a screen: what every chip of the product shows. Null for none, or for no product. */
export function hexOfProduct(product: Pick<Product, 'lab' | 'colourHex'> | undefined): string | null {
  if (!product) return null;
  return product.lab ? hexOfLab(toLab(product.lab)) : product.colourHex;
}

/** What its film does with light: metal paints are metallic whether or not somebody said so. */
export function effectOf(product: Pick<Product, 'effect' | 'classId'>): PaintEffect {
  return product.effect === 'none' && product.classId === 'metallicLacquer' ? 'metallic' : product.effect;
}

/** Whether a product can go into a recipe. */
export function isMixable(product: Product): boolean {
  return MIXED_CLASSES.has(product.classId) && effectOf(product) === 'none' && labOfProduct(product) !== null;
}

/**
 * Products for recipes: on the shelf, or those that may be bought too.
 *
 * @param onShelf ids of products of which there is any
 */
export function mixableProducts(products: readonly Product[], onShelf: ReadonlySet<string>, mayBuy: boolean): Product[] {
  return products.filter((product) => isMixable(product) && (onShelf.has(product.id) || (mayBuy && product.mayBeBought)));
}

/** A product as a paint of recipes; null where it has no colour. */
export function mixPaintOf(product: Product, mirrored: number): MixPaint | null {
  const lab = labOfProduct(product);
  return lab && paintOf(product.id, lab, strengthOf(product).value, mirrored);
}

/** A value with how sure it is: what is true lies within value ÷ and × the spread. */
export interface PaintValue {
  readonly value: number;
  readonly spread: number;
  readonly isGuessed: boolean;
}

/** From and to where the true value lies. */
export function rangeOf({ value, spread }: PaintValue): readonly [low: number, high: number] {
  return [value / spread, value * spread];
}

/** Strengths learned from tints with white come back within about a tenth (synthetic cards with noise; this project's tests of learning). */
const LEARNED_SPREAD = 1.1;
/** S·X read from one card over black and white is thought to be that sure (guessed). */
const READ_SPREAD = 1.2;

/** The kind of pigment of a product: as it was chosen, else as its colour speaks for. */
export function pigmentOf(product: Pick<Product, 'pigmentId' | 'lab' | 'colourHex'>): PigmentKind {
  return findPigmentKind(product.pigmentId ?? guessPigment(labOfProduct(product) ?? [50, 0, 0]));
}

/** Tinting strength of a product: learned or typed, else what is usual for its kind of pigment. */
export function strengthOf(product: Pick<Product, 'strength' | 'pigmentId' | 'lab' | 'colourHex'>): PaintValue {
  if (product.strength !== null) return { value: product.strength, spread: LEARNED_SPREAD, isGuessed: false };
  const kind = pigmentOf(product);
  return { value: kind.strength, spread: kind.strengthSpread, isGuessed: true };
}

/** S·X of one coat of a product: read from a card, else guessed from its dry thickness, colour and kind of pigment. */
export function scatterOf(product: Product): PaintValue {
  if (product.scatterPerCoat !== null) return { value: product.scatterPerCoat, spread: READ_SPREAD, isGuessed: false };
  const kind = pigmentOf(product);
  const coat = productValue(product, 'coatMicrometres').value ?? 0;
  return { value: guessScatter(coat, labOfProduct(product) ?? [50, 0, 0], kind.id), spread: kind.scatterSpread, isGuessed: true };
}

/** A product as it is laid over something; null where it has no colour. */
export function coatPaintOf(product: Product, mirrored: number): CoatPaint | null {
  const paint = mixPaintOf(product, mirrored);
  const scatter = scatterOf(product);
  return paint && { paint, scatterPerCoat: scatter.value, scatterSpread: scatter.spread };
}

/** A component in parts by volume: drops and parts are that already, grams go by the density. */
export function partsOf(component: MixComponent, unit: MixCard['unit'], products: ReadonlyMap<string, Product>): number {
  if (unit !== 'grams') return component.amount;
  const product = products.get(component.productId ?? '');
  const density = product ? (productValue(product, 'densityKgPerLitre').value ?? 1) : 1;
  return component.amount / density;
}

/** A card's mix of paints; null where a part of it has no known colour, such as water by itself is not one. */
export function mixOfCard(
  card: Pick<MixCard, 'components' | 'unit'>,
  products: ReadonlyMap<string, Product>,
  mirrored: number,
): MixPart[] | null {
  const mix: MixPart[] = [];
  for (const component of card.components) {
    if (isWater(component)) continue;
    const product = products.get(component.productId ?? '');
    const paint = product && effectOf(product) === 'none' ? mixPaintOf(product, mirrored) : null;
    if (!paint) return null;
    mix.push({ paint, parts: partsOf(component, card.unit, products) });
  }
  return mix.length > 0 ? mix : null;
}

/** Water thins and dries away; it takes no part in the colour. */
function isWater({ productId, name }: MixComponent): boolean {
  return productId === null && /water|thinner|medium/iu.test(name);
}

/** Whether a card teaches strengths: read, not judged by eye, of paints with known colours. */
function teaches({ reading, components }: MixCard, products: ReadonlyMap<string, Product>): boolean {
  if (!reading || reading.method === 'eye') return false;
  const paints = components.filter((component) => !isWater(component)).map(({ productId }) => products.get(productId ?? ''));
  return paints.length > 0 && paints.every((product) => product !== undefined && isMixable(product));
}

/** Cards that teach strengths, as they are learned from. */
export function strengthCards(cards: readonly MixCard[], products: ReadonlyMap<string, Product>): StrengthCard[] {
  return cards.flatMap((card) => {
    if (!card.reading || !teaches(card, products)) return [];
    const mix = mixOfCard(card, products, 0) ?? [];
    return [{ id: card.id, parts: mix.map(({ paint, parts }) => ({ paintId: paint.id, parts })), lab: toLab(card.reading.lab) }];
  });
}

/** Paints whose strength is taught: those that stand mixed with others on such a card. */
export function taughtPaints(cards: readonly MixCard[], products: ReadonlyMap<string, Product>): ReadonlySet<string> {
  return new Set(
    cards.flatMap((card) => {
      const ids = card.components.flatMap(({ productId }) => productId ?? []);
      return ids.length >= 2 && teaches(card, products) ? ids : [];
    }),
  );
}

/** The paint whose strength stays when others are learned: the lightest, white by custom. */
export function whiteOf(paints: readonly MixPaint[]): string | null {
  return paints.toSorted((a, b) => b.lab[0] - a.lab[0])[0]?.id ?? null;
}

/** The colour of a card: as it was read, else as it was judged; null: not yet. */
export function labOfCard(card: Pick<MixCard, 'reading' | 'swatchHex'>): Lab | null {
  if (card.reading) return toLab(card.reading.lab);
  return card.swatchHex === null ? null : labOfHex(card.swatchHex);
}
