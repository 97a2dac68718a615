import type { StockCurve } from '@zinc-ladder/core/shelf/stockCurve';
import { orderBy, stockCurve, USUAL_SPREAD } from '@zinc-ladder/core/shelf/stockCurve';
import type { Product } from '../../records/shop/product';
import type { ProductTakes } from './gatherNeeds';

/** A product the plan takes: what becomes of it, and by when to order. */
export interface ShelfLine {
  readonly product: Product;
  /** ml */
  readonly stock: number;
  readonly curve: StockCurve;
  /** null: it lasts */
  readonly orderByMs: number | null;
}

/** How sure one wants to be, and how long a parcel takes. */
export interface ShelfChoice {
  /** chance that what stands there is enough, 0.5–0.999 */
  readonly chance: number;
  /** days on which the supplier sends */
  readonly days: number;
  readonly timeZone: string;
}

/** What becomes of every product the plan takes, the one to be ordered first at the head; of those that last the scarcest first. */
export function shelfLines(needs: readonly ProductTakes[], { chance, days, timeZone }: ShelfChoice): readonly ShelfLine[] {
  return needs
    .map(({ product, stock, takes }): ShelfLine => {
      const curve = stockCurve(stock, takes, USUAL_SPREAD, chance);
      return { product, stock, curve, orderByMs: curve.runsOutMs === null ? null : orderBy(curve.runsOutMs, days, timeZone) };
    })
    .toSorted((a, b) => (a.orderByMs ?? Infinity) - (b.orderByMs ?? Infinity) || b.curve.needed / b.stock - a.curve.needed / a.stock);
}
