import type { RouteChoice, RungDraft } from '@zinc-ladder/core/ladder/growLadder';
import type { ColourRole } from '@zinc-ladder/core/ladder/routeRow';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder';
import type { Part } from '@zinc-ladder/model/records/part';
import type { Product } from '@zinc-ladder/model/records/product';
import type { Rung } from '@zinc-ladder/model/records/rung';
import type { Edit } from '../edit';
import { NEW_RUNG } from './rungChanges';

/** Products the finisher chose for a role; others are chosen from the shelf. */
export type ProductsByRole = Readonly<Partial<Record<ColourRole, string>>>;

/** The choices of a route for a part. */
export function routeChoiceOf(part: Part, route: LadderRoute): RouteChoice {
  return {
    material: part.materialId,
    ...route,
    layerMillimetres: part.layerMillimetres,
    areaSquareCentimetres: part.areaSquareCentimetres,
    pieces: part.count,
  };
}

/** Grows a ladder: rungs that are done stay at the bottom, all others give way to the drafts. */
export async function growOnto(
  edit: Edit,
  ladderId: string,
  route: LadderRoute,
  drafts: readonly RungDraft[],
  products: readonly Product[],
  chosen: ProductsByRole,
  makeId: () => string,
): Promise<void> {
  const ladder = await edit.need('ladders', ladderId);
  const kept: string[] = [];
  for (const id of ladder.rungIds) {
    const rung = await edit.need('rungs', id);
    if (rung.state === 'done' || rung.state === 'inHand') kept.push(id);
    else await edit.remove('rungs', id);
  }
  const grown: string[] = [];
  for (const draft of drafts) {
    const rung = toRung(draft, makeId(), ladderId, products, chosen);
    await edit.put('rungs', rung);
    grown.push(rung.id);
  }
  await edit.patch('ladders', ladderId, { route, rungIds: [...kept, ...grown] });
}

function toRung(draft: RungDraft, id: string, ladderId: string, products: readonly Product[], chosen: ProductsByRole): Rung {
  const product = chooseProduct(draft, products, chosen);
  const isNamedForColour = draft.role !== null && ['colour', 'metal', 'accent', 'undercoat'].includes(draft.role);
  return {
    ...NEW_RUNG,
    id,
    ladderId,
    name: product && isNamedForColour ? nameForColour(draft.name, product) : draft.name,
    methodId: draft.methodId,
    band: draft.band,
    productId: product?.id ?? null,
    role: draft.role,
    grit: draft.grit,
    coatMicrometres: draft.coatMicrometres,
    minutes: draft.minutes,
    minutesFormula: draft.minutesFormula,
    why: draft.why,
    cautionIds: [...draft.cautionIds],
  };
}

/** `metal, mist` becomes `Brass, mist` once the paint is known. */
function nameForColour(name: string, product: Product): string {
  const [, coat] = /(,.*| \d+)$/u.exec(name) ?? [null, ''];
  const colour = product.name.split(/[,(]/u)[0]?.trim().toLowerCase() ?? name;
  return `${colour}${coat ?? ''}`.slice(0, 200);
}

/** The product of a draft: the chosen one, or the shelf's first of its class whose sheen or darkness suits its role. */
export function chooseProduct(
  draft: Pick<RungDraft, 'productClassId' | 'role' | 'name'>,
  products: readonly Product[],
  chosen: ProductsByRole,
): Product | null {
  if (draft.productClassId === null) return null;
  const wanted = draft.role === null ? undefined : products.find((product) => product.id === chosen[draft.role ?? 'colour']);
  if (wanted?.classId === draft.productClassId) return wanted;
  const candidates = products.filter((product) => product.classId === draft.productClassId);
  if (draft.role === 'undercoat') return candidates.toSorted((a, b) => lightness(a) - lightness(b))[0] ?? null;
  if (draft.role === 'clear') return candidates.find((product) => draft.name.includes(product.sheen)) ?? candidates[0] ?? null;
  return candidates.find((product) => draft.role !== null && product.name.toLowerCase().includes(draft.role)) ?? candidates[0] ?? null;
}

/** A rough lightness for choosing the darkest undercoat; not for colour work. */
function lightness(product: Product): number {
  const hex = product.colourHex;
  if (!hex) return 999;
  return [1, 3, 5].reduce((sum, at) => sum + Number.parseInt(hex.slice(at, at + 2), 16), 0);
}
