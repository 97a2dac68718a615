import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { gatherCautions } from '@zinc-ladder/core/ladder/growLadder';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { renameForProduct } from '@zinc-ladder/model/gather/grow/growRungs';
import { rungMillilitres } from '@zinc-ladder/model/gather/shelf/rungTakes';
import { standingEntries } from '@zinc-ladder/model/log/standingLog';
import { productDrying } from '@zinc-ladder/model/products/productDrying';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import { MOST_TAKEN } from '@zinc-ladder/model/records/ladder/logEntry';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { Edit } from '../../edits/edit';
import { replaceEntry } from './correctedEntry';

/** What of a log entry goes with its product. */
export type ProductLogged = Pick<LogEntry, 'productId' | 'tookMillilitres'>;

/**
 * Gives a rung another product, with the film, the cautions and, where it was named after the paint, the name of that one. Where it was done
 * already, the log is put right: what was taken was taken of this one.
 *
 * @param seen the rung as the finisher saw it
 */
export async function setProduct(edit: Edit, seen: Rung, productId: string | null, makeId: () => string): Promise<void> {
  if (productId === seen.productId) return;
  const { fields, logged } = await withProduct(edit, seen, productId);
  await edit.patch('rungs', seen.id, fields, seen);
  if (seen.state !== 'done') return;
  const standing = standingEntries(await edit.list('logEntries'));
  const entry = standing.find(({ kind, rungId }) => kind === 'done' && rungId === seen.id);
  if (entry) await replaceEntry(edit, entry, logged, makeId);
}

/** A rung's fields with another product, and what an entry of it says then. */
export async function withProduct(
  edit: Edit,
  rung: Rung,
  productId: string | null,
): Promise<{ readonly fields: Partial<Rung>; readonly logged: ProductLogged }> {
  const product = productId === null ? null : await edit.need('products', productId);
  const before = rung.productId === null ? null : ((await edit.get('products', rung.productId)) ?? null);
  const ladder = await edit.need('ladders', rung.ladderId);
  const part = await edit.get('parts', ladder.partId);
  const fields = fieldsFor(rung, part, before, product);
  return { fields, logged: { productId, tookMillilitres: takenBy({ ...rung, ...fields }, part, product ?? undefined) } };
}

/** What the log says a rung took of its product, ml; null: nothing, or its part is gone. */
export function takenBy(rung: Rung, part: Part | undefined, product: Product | undefined): number | null {
  const took = part ? rungMillilitres(rung, part, product) : null;
  return took === null ? null : Math.min(MOST_TAKEN, took);
}

function fieldsFor(rung: Rung, part: Part | undefined, before: Product | null, product: Product | null): Partial<Rung> {
  const cautions = product ? findProductClass(product.classId).cautions : [];
  return {
    productId: product?.id ?? null,
    name: renameForProduct(rung, before, product),
    coatMicrometres: product ? productDrying(product).coatMicrometres : null,
    ...(part ? { cautionIds: gatherCautions(findMethod(rung.methodId), cautions, part.materialId) } : {}),
  };
}
