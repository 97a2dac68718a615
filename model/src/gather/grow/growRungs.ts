import { productDrying } from '../../products/productDrying';
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
    name: product && isNamedForColour(draft.role) ? nameForColour(draft.name, product) : draft.name,
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

/**
 * The name of a rung whose paint becomes another: one that was named after its paint, or waited to be, is named after the new one; any other name stays.
 *
 * @param before the paint until now; null: none
 */
export function renameForColour({ name, role }: Pick<Rung, 'name' | 'role'>, before: Product | null, after: Product | null): string {
  if (!after) return name;
  const old = before ? colourName(before) : '';
  const rest = name.slice(old.length);
  // Blackened edges are not named after black.
  const isNamedAfter = old !== '' && name.toLowerCase().startsWith(old) && !/^[\p{L}\p{N}]/u.test(rest);
  if (isNamedAfter) return `${colourName(after)}${rest}`.slice(0, 200);
  return before === null && isNamedForColour(role) ? nameForColour(name, after) : name;
}

/** The product of a draft: the chosen one, or the shelf's first of its class whose sheen or darkness suits its role; null without one. */
export function chooseProduct(
  draft: Pick<RungDraft, 'productClassId' | 'role' | 'name'>,
  products: readonly Product[],
  chosen: ProductsByRole,
): Product | null {
  const { productClassId, role } = draft;
  if (productClassId === null) return null;
  const wanted = role === null ? undefined : products.find((product) => product.id === chosen[role]);
  if (wanted?.classId === productClassId) return wanted;
  const candidates = products.filter((product) => product.classId === productClassId);
  if (role === 'undercoat') return [...candidates].sort((a, b) => lightness(a) - lightness(b))[0] ?? null;
  if (role === 'clear') return candidates.find((product) => draft.name.includes(product.sheen)) ?? candidates[0] ?? null;
  return candidates.find((product) => role !== null && product.name.toLowerCase().includes(role)) ?? candidates[0] ?? null;
}

/** A rough lightness for choosing the darkest undercoat; not for colour work. */
function lightness(product: Product): number {
  const hex = hexOfProduct(product);
  if (!hex) return 999;
  return [1, 3, 5].reduce((sum, at) => sum + Number.parseInt(hex.slice(at, at + 2), 16), 0);
}
