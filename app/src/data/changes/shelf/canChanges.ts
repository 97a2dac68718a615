import { usualPotMillilitres } from '@zinc-ladder/core/batch/potSizes';
import { isTelling } from '@zinc-ladder/core/shelf/learnUse';
import { stockNow } from '@zinc-ladder/model/gather/shelf/stockNow';
import { usesOf } from '@zinc-ladder/model/gather/shelf/loggedUses';
import { ownUseOf } from '@zinc-ladder/model/products/ownUse';
import { standingEntries } from '@zinc-ladder/model/log/standingLog';
import { KEPT_UNSET } from '@zinc-ladder/model/products/keptUnset';
import type { Can } from '@zinc-ladder/model/records/shelf/can';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { Edit } from '../../edits/edit';

/** Weighings of a product that are kept; older ones fall out. */
const MOST_WEIGHINGS = 200;

/**
 * Puts a full pot of a product on the shelf, of the size its class usually comes in.
 *
 * @param nowMs what was logged before is not taken off it; null: nothing was, as the product is new
 */
export async function haveCan(
  edit: Edit,
  product: Pick<Product, 'id' | 'classId'>,
  id: string,
  nowMs: number | null,
  given: Partial<Can> = {},
): Promise<void> {
  const millilitres = given.sizeMillilitres ?? usualPotMillilitres(product.classId);
  const countedAtMs = nowMs === null ? null : Math.round(nowMs);
  await edit.put('cans', {
    id,
    revision: 0,
    productId: product.id,
    sizeMillilitres: millilitres,
    leftMillilitres: millilitres,
    ...KEPT_UNSET,
    countedAtMs,
    half: null,
    emptyGrams: null,
    ...given,
  });
}

/**
 * Notes what a can really holds. What the log had reckoned since it was counted before teaches how much of the product really goes here, unless a guess by
 * eye says so, or the can was filled up.
 *
 * @param isWeighed measured, and not only looked at
 */
export async function countCan(edit: Edit, canId: string, leftMillilitres: number, nowMs: number, isWeighed: boolean): Promise<void> {
  const can = await edit.need('cans', canId);
  const product = await edit.need('products', can.productId);
  const cans = (await edit.list('cans')).filter(({ productId }) => productId === product.id);
  const uses = usesOf(standingEntries(await edit.list('logEntries')));
  const { leftIn, openedAtMs } = stockNow(product, cans, uses.get(product.id) ?? []);
  if (isWeighed && can.level === null) await learnFrom(edit, can, product, { there: leftIn.get(can.id) ?? 0, leftMillilitres, nowMs });
  await edit.put(
    'cans',
    {
      ...can,
      leftMillilitres,
      sizeMillilitres: Math.max(can.sizeMillilitres, leftMillilitres),
      countedAtMs: Math.round(nowMs),
      // What was logged before it was counted is looked at no more: that it was opened by it is kept.
      openedAtMs: openedAtMs.get(can.id) ?? null,
      level: null,
    },
    can,
  );
}

async function learnFrom(
  edit: Edit,
  can: Can,
  product: Product,
  { there, leftMillilitres, nowMs }: { readonly there: number; readonly leftMillilitres: number; readonly nowMs: number },
): Promise<void> {
  // A can the log had emptied says nothing: it may have taken less of it than it reckoned.
  if (there <= 0) return;
  const reckoned = (can.leftMillilitres - there) / ownUseOf(product).factor;
  const used = can.leftMillilitres - leftMillilitres;
  if (!isTelling({ reckoned, used })) return;
  const weighing = { reckonedMillilitres: round(reckoned), usedMillilitres: round(used), atMs: Math.round(nowMs) };
  await edit.put('products', { ...product, weighings: [...product.weighings, weighing].slice(-MOST_WEIGHINGS) }, product);
}

/** To a thousandth of a millilitre, and never to nothing. */
function round(millilitres: number): number {
  return Math.max(0.001, Math.round(millilitres * 1000) / 1000);
}
