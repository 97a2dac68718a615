import { productDrying } from '../../products/productDrying';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { finishAtAge } from '@zinc-ladder/core/ladder/finishes';
import type { GrownLadder, RouteChoice, RungDraft } from '@zinc-ladder/core/ladder/growLadder';
import { growLadder } from '@zinc-ladder/core/ladder/growLadder';
import type { ColourRole } from '@zinc-ladder/core/ladder/route/routeRow';
import { ARMS_LENGTH_METRES, visibleValley } from '@zinc-ladder/core/surface/forecast/visibleValley';
import { hexOfProduct } from '../film/gatherPaints';
import type { LadderRoute } from '../../records/ladder/ladder';
import type { Part } from '../../records/prop/part';
import type { Product } from '../../records/shop/product';
import type { Rung } from '../../records/ladder/rung';
import { MOST_MINUTES } from '../../records/ladder/rung';

/** Products the finisher chose for a role; others are chosen from the shelf. */
export type ProductsByRole = Readonly<Partial<Record<ColourRole, string>>>;

/** A rung as it starts when added by hand. */
export const NEW_RUNG: Omit<Rung, 'id' | 'ladderId'> = {
  revision: 0,
  name: 'sand',
  methodId: 'sand',
  band: 'fillSand',
  productId: null,
  role: null,
  grit: null,
  coatMicrometres: null,
  minutes: 15,
  minutesFormula: '',
  areaSquareCentimetres: null,
  pieces: null,
  detail: '',
  why: '',
  cautionIds: [],
  notBeforeMs: null,
  hardRungId: null,
  personId: null,
  doerId: null,
  lockedAtMs: null,
  side: 'all',
  mixCardId: null,
  state: 'open',
  startedAtMs: null,
  workedMs: 0,
  doneAtMs: null,
};

/** The choices of a route for a part, as the core grows ladders from. */
export function routeChoiceOf(part: Part, route: LadderRoute): RouteChoice {
  return {
    material: part.materialId,
    ...route,
    layerMillimetres: part.layerMillimetres,
    areaSquareCentimetres: part.areaSquareCentimetres,
    pieces: part.count,
    ridgeMicrometres: part.ridgeMicrometres,
  };
}

/** Where a part's prop is seen from, m, and ridges that are known better than the part says them. */
export interface GrowthKnown {
  /** null: not said, which is arm's length */
  readonly metres: number | null;
  readonly ridgeMicrometres?: number | null | undefined;
}

/** What a route grows on a part: as many loops as its ridges ask for where the prop is seen from, which is what the surface view forecasts. */
export function growFor(part: Part, route: LadderRoute, { metres, ridgeMicrometres = part.ridgeMicrometres }: GrowthKnown): GrownLadder {
  const seen = visibleValley(finishAtAge(route.finish, route.age), metres ?? ARMS_LENGTH_METRES);
  return growLadder(routeChoiceOf(part, route), undefined, { ridgeMicrometres, wantedMicrometres: seen.valleyMicrometres });
}

/** A grown draft as a rung to keep, with a product of the shop for its role. */
export function toRung(draft: RungDraft, id: string, ladderId: string, products: readonly Product[], chosen: ProductsByRole): Rung {
  const product = chooseProduct(draft, products, chosen);
  return {
    ...NEW_RUNG,
    id,
    ladderId,
    name: product ? renameForProduct(draft, null, product) : draft.name,
    methodId: draft.methodId,
    band: draft.band,
    productId: product?.id ?? null,
    role: draft.role,
    grit: draft.grit,
    // Its class's usual coat stands in where no product is chosen.
    coatMicrometres: product && draft.coatMicrometres !== null ? productDrying(product).coatMicrometres : draft.coatMicrometres,
    minutes: Math.min(MOST_MINUTES, draft.minutes),
    minutesFormula: draft.minutesFormula,
    why: draft.why,
    cautionIds: [...draft.cautionIds],
  };
}

function isNamedForColour(role: string | null): boolean {
  return role !== null && ['colour', 'metal', 'accent', 'undercoat'].includes(role);
}

/** `metal, mist` becomes `brass, mist` once the paint is known. */
function nameForColour(name: string, product: Product): string {
  const [, coat = ''] = /(,.*| \d+)$/u.exec(name) ?? [];
  return `${colourName(product)}${coat}`.slice(0, 200);
}

function colourName(product: Pick<Product, 'name'>): string {
  return product.name.split(/[,(]/u)[0]?.trim().toLowerCase() ?? '';
}

const SHEEN_WORD = /^(matte|eggshell|satin|semi|gloss)\b/u;

/**
 * The name of a rung whose product becomes another: a clear says the sheen it has; a coat that was named after its paint, or waited to be, is named
 * after the new one; any other name stays.
 *
 * @param before the product until now; null: none
 */
export function renameForProduct({ name, role }: Pick<Rung, 'name' | 'role'>, before: Product | null, after: Product | null): string {
  if (!after) return name;
  if (role === 'clear') return after.sheen === 'none' ? name : name.replace(SHEEN_WORD, after.sheen);
  const old = before ? colourName(before) : '';
  const rest = name.slice(old.length);
  // Blackened edges are not named after black.
  const isNamedAfter = old !== '' && name.toLowerCase().startsWith(old) && !/^[\p{L}\p{N}]/u.test(rest);
  if (isNamedAfter) return `${colourName(after)}${rest}`.slice(0, 200);
  return before === null && isNamedForColour(role) ? nameForColour(name, after) : name;
}

/**
 * The product of a draft: the chosen one, or the shelf's first of its class whose name, sheen or lightness suits its role. Null without one: where a
 * paint must be of a certain colour, none is told sooner than a wrong one; one that is called as its class stands for any of it.
 */
export function chooseProduct(
  draft: Pick<RungDraft, 'productClassId' | 'role' | 'name' | 'paintWords'>,
  products: readonly Product[],
  chosen: ProductsByRole,
): Product | null {
  const { productClassId, role, paintWords } = draft;
  if (productClassId === null) return null;
  const wanted = role === null ? undefined : products.find((product) => product.id === chosen[role]);
  if (wanted?.classId === productClassId) return wanted;
  const candidates = products.filter((product) => product.classId === productClassId);
  if (paintWords.length > 0) return firstNamed(candidates, paintWords) ?? candidates.find(isPlain) ?? null;
  const byLightness = candidates.toSorted((a, b) => lightness(a) - lightness(b));
  switch (role) {
    case null:
      return candidates[0] ?? null;
    case 'undercoat':
      return byLightness[0] ?? null;
    // A wash gathers as dirt and an edge shines: one is dark and the other light.
    case 'wash':
      return firstNamed(candidates, ['umber', 'dirt', 'grime', 'sepia']) ?? byLightness[0] ?? null;
    case 'highlight':
      return (
        firstNamed(candidates, ['highlight', 'edge']) ??
        byLightness.findLast((product) => lightness(product) < UNKNOWN) ??
        candidates[0] ??
        null
      );
    // A second colour that is the first one is none.
    case 'accent': {
      const ground = chooseProduct({ ...draft, role: 'colour' }, products, chosen);
      return candidates.find((product) => product !== ground) ?? null;
    }
    case 'clear':
      return candidates.find((product) => draft.name.includes(product.sheen)) ?? candidates[0] ?? null;
    default:
      return firstNamed(candidates, [role]) ?? candidates[0] ?? null;
  }
}

function isPlain({ name, classId }: Product): boolean {
  return name.toLowerCase() === findProductClass(classId).name.toLowerCase();
}

/** The product whose name contains the earliest word of the list; whole words only, so that "tank" is not "tan". */
function firstNamed(products: readonly Product[], words: readonly string[]): Product | null {
  for (const word of words) {
    const found = products.find(({ name }) => new RegExp(`\\b${word}s?\\b`, 'u').test(name.toLowerCase()));
    if (found) return found;
  }
  return null;
}

/** More than any colour's. */
const UNKNOWN = 999;

/** A rough lightness for choosing the darkest undercoat; not for colour work. */
function lightness(product: Product): number {
  const hex = hexOfProduct(product);
  if (!hex) return UNKNOWN;
  return [1, 3, 5].reduce((sum, at) => sum + Number.parseInt(hex.slice(at, at + 2), 16), 0);
}
