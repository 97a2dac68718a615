import type { StockCurve } from '@zinc-ladder/core/shelf/stockCurve';
import { orderBy, stockCurve } from '@zinc-ladder/core/shelf/stockCurve';
import type { Level } from '../../records/shelf/kept';
import type { Pack } from '../../records/shelf/pack';
import type { Supplier } from '../../records/shelf/supplier';
import type { ThingNeed } from './gatherNeeds';
import type { ShelfThing } from './shelfThing';
import { isFor } from './shelfThing';

/** A thing of the shelf: what becomes of it, and by when to order. */
export interface ShelfLine {
  readonly thing: ShelfThing;
  /** in its unit */
  readonly stock: number;
  readonly look: Level | null;
  readonly curve: StockCurve;
  /** null: it lasts, or enough of it is on its way */
  readonly orderByMs: number | null;
  /** whose days that goes by; null: the shop's usual parcel */
  readonly supplier: Supplier | null;
}

/** How sure one wants to be, how long a parcel takes, and who sells. */
export interface ShelfChoice {
  /** chance that what stands there is enough, 0.5–0.999 */
  readonly chance: number;
  /** days on which a supplier sends, where none is named */
  readonly days: number;
  readonly timeZone: string;
  readonly packs: readonly Pack[];
  readonly suppliers: readonly Supplier[];
}

/** What becomes of every thing the plan takes, the one to be ordered first at the head; of those that last the scarcest first. */
export function shelfLines(needs: readonly ThingNeed[], { chance, days, timeZone, packs, suppliers }: ShelfChoice): readonly ShelfLine[] {
  const byId = new Map(suppliers.map((supplier) => [supplier.id, supplier]));
  return needs
    .map(({ thing, stock, look, takes, arrivals, spread }): ShelfLine => {
      const curve = stockCurve(stock, takes, spread, chance, arrivals);
      // Enough by a look is enough: nobody counts what stands there in plenty.
      const runsOutMs = look === 'enough' ? null : curve.runsOutMs;
      const line = { thing, stock, look, curve: { ...curve, runsOutMs } };
      // What is on its way covers it, though it may come late: ordering it once more mends nothing.
      if (runsOutMs === null || curve.missing === 0) return { ...line, orderByMs: null, supplier: null };
      const sellers = packs.filter((pack) => isFor(thing, pack)).flatMap(({ supplierId }) => byId.get(supplierId) ?? []);
      // Who is quickest leaves most time.
      let best: { readonly atMs: number; readonly supplier: Supplier } | null = null;
      for (const supplier of new Set(sellers)) {
        const atMs = orderBy(runsOutMs, supplier.days, timeZone, (weekday) => !sendsOn(supplier, weekday));
        if (!best || atMs > best.atMs) best = { atMs, supplier };
      }
      return { ...line, orderByMs: best?.atMs ?? orderBy(runsOutMs, days, timeZone), supplier: best?.supplier ?? null };
    })
    .toSorted((a, b) => (a.orderByMs ?? Infinity) - (b.orderByMs ?? Infinity) || scarcity(b) - scarcity(a));
}

/** Whether a supplier sends on an ISO weekday; one without any is asked on all. */
export function sendsOn({ sendingWeekdays }: Pick<Supplier, 'sendingWeekdays'>, weekday: number): boolean {
  return sendingWeekdays.length === 0 || sendingWeekdays.includes(weekday);
}

function scarcity({ curve, stock }: ShelfLine): number {
  return curve.needed === 0 ? 0 : curve.needed / stock;
}
