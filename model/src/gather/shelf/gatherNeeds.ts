import { setArea } from '@zinc-ladder/core/batch/setArea';
import { facesShare } from '@zinc-ladder/core/ladder/faces';
import type { StockTake } from '@zinc-ladder/core/shelf/stockCurve';
import type { ProjectFile } from '../../file/projectFile';
import { productNeed } from '../../products/productNeed';
import type { Product } from '../../records/shop/product';

/** What a plan takes of a product, with what stands on the shelf, ml. */
export interface ProductTakes {
  readonly product: Product;
  readonly stock: number;
  readonly takes: readonly StockTake[];
}

/** What the shelf is read from. */
export type ShelfRecords = { readonly [List in 'parts' | 'ladders' | 'rungs' | 'products' | 'cans']: readonly ProjectFile[List][number][] };

/**
 * What every rung that is still to do takes of its product, at the moment it is planned for; one without a place in the plan at the very end.
 *
 * @param plannedAt when each rung begins, epoch ms
 * @param endMs where what has no place is counted
 */
export function gatherNeeds(
  { parts, ladders, rungs, products, cans }: ShelfRecords,
  plannedAt: ReadonlyMap<string, number>,
  endMs: number,
): readonly ProductTakes[] {
  const partById = new Map(parts.map((part) => [part.id, part]));
  const partOf = new Map(ladders.map((ladder) => [ladder.id, partById.get(ladder.partId)]));
  const byId = new Map(products.map((product) => [product.id, product]));
  const takes = new Map<string, StockTake[]>();
  for (const rung of rungs) {
    const product = byId.get(rung.productId ?? '');
    const part = partOf.get(rung.ladderId);
    if (!product || !part || rung.coatMicrometres === null || rung.state === 'done' || rung.state === 'leftOut') continue;
    const area = setArea(part.areaSquareCentimetres, part.count) * facesShare(rung.side);
    const { millilitres } = productNeed(product, rung.coatMicrometres, area);
    const own = takes.get(product.id) ?? [];
    own.push({ atMs: plannedAt.get(rung.id) ?? endMs, amount: millilitres });
    takes.set(product.id, own);
  }
  const stocks = new Map<string, number>();
  for (const { productId, leftMillilitres } of cans) stocks.set(productId, (stocks.get(productId) ?? 0) + leftMillilitres);
  return products.flatMap((product): ProductTakes[] => {
    const planned = takes.get(product.id);
    return planned ? [{ product, stock: stocks.get(product.id) ?? 0, takes: planned }] : [];
  });
}
