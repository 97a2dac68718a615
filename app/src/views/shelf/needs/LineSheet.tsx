import { canAge, supplyAge } from '@zinc-ladder/model/gather/shelf/shelfThing';
import { billsOf } from '@zinc-ladder/model/gather/shelf/buyingList';
import type { ShelfLine } from '@zinc-ladder/model/gather/shelf/shelfLines';
import { ownUseOf } from '@zinc-ladder/model/products/ownUse';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { newId } from '../../../base/newId';
import { useClock } from '../../../clock/ClockContext';
import { dueOf, order } from '../../../data/changes/shelf/buyChanges';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useFormats } from '../../../features/formats/useFormats';
import { ageWords, amountText, isTooLate } from '../../../features/shelf/shelfWords';
import { useStocks } from '../../../features/shelf/useStocks';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';
import { StockChart } from './StockChart';
import { TooLate } from './TooLate';
import { useBuyingList } from '../useBuyingList';

/** One thing of the shelf along the plan, and what can be done about it. */
export function LineSheet({ line, nowMs, shop }: { readonly line: ShelfLine; readonly nowMs: number; readonly shop: Shop }) {
  const formats = useFormats();
  const edit = useEdit();
  const clock = useClock();
  const suppliers = useTable('suppliers');
  const cans = useTable('cans');
  const openedAtMs = useStocks().get(line.thing.id)?.openedAtMs;
  const { thing, curve } = line;
  const text = (amount: number): string => amountText(amount, thing.unit, formats);
  const ages = [
    ...cans
      .filter((can) => can.productId === thing.product?.id)
      .map((can) => (thing.product ? canAge(can, thing.product, openedAtMs?.get(can.id) ?? null, nowMs) : null)),
    ...thing.supplies.map((supply) => supplyAge(supply, nowMs)),
  ].flatMap((age) => (age ? (ageWords(age, formats) ?? []) : []));
  const only = useMemo(() => [line], [line]);
  const { asked, bought, cost, note } = useBuyingList(only, shop);
  const bills = billsOf(bought, suppliers);
  // Of several parcels the last decides; where nobody sells it, the usual one.
  const dueMs = Math.max(...(bills.length > 0 ? bills.map(({ supplier }) => supplier ?? undefined) : [undefined]).map((supplier) => dueOf(supplier, shop, nowMs))); // prettier-ignore
  const own = thing.product ? ownUseOf(thing.product) : null;
  const isUnsold = asked.unsold.length > 0;
  const buy = (): void => {
    if (!isUnsold) return note(`Order ${thing.name}`);
    const [supply] = thing.supplies;
    const bare = {
      productId: thing.product?.id ?? null,
      supplyId: thing.product ? null : (supply?.id ?? null),
      supplierId: null,
      price: null,
    };
    void edit(`Order ${thing.name}`, (change) =>
      order(change, [{ ...bare, amount: Math.ceil(curve.missing), count: 1 }], clock.now(), newId),
    );
  };
  return (
    <Sheet className="min-w-0 p-4" label="Along the plan">
      <h2 className="label mb-2">{thing.name}, along the plan</h2>
      <StockChart line={line} nowMs={nowMs} formats={formats} />
      <dl className="mt-2 grid grid-cols-2 gap-x-4">
        <dt className="text-dim">Promised to the plan</dt>
        <dd className="figure text-right">{text(curve.reserved)}</dd>
        <dt className="text-dim">Free</dt>
        <dd className="figure text-right">{text(curve.free)}</dd>
        {curve.arriving > 0 && (
          <>
            <dt className="text-dim">On its way</dt>
            <dd className="figure text-right">{text(curve.arriving)}</dd>
          </>
        )}
        {curve.missing > 0 && line.look !== 'enough' && (
          <>
            <dt className="text-dim">Missing, to be that sure</dt>
            <dd className="figure text-oxide text-right">{text(curve.missing)}</dd>
          </>
        )}
        {own && own.count > 0 && (
          <>
            <dt className="text-dim">Really goes, by weighed cans</dt>
            <dd className="figure text-right">
              × {own.factor.toFixed(2)} ({own.low.toFixed(2)}–{own.high.toFixed(2)})
            </dd>
          </>
        )}
      </dl>
      {ages.map((words) => (
        <p key={words} className="text-oxide mt-2">
          {words}. Try it on a card first.
        </p>
      ))}
      {curve.missing > 0 && line.look !== 'enough' && (
        <div className="border-line mt-3 border-t pt-3">
          <p className="mb-2">
            {isUnsold
              ? `Nobody is known to sell it: ${text(Math.ceil(curve.missing))} would do`
              : bills
                  .flatMap(({ supplier, packs }) =>
                    packs.map(({ count, amount }) => `${count} × ${text(amount)} from ${supplier?.name ?? ''}`),
                  )
                  .join(', ')}
            {cost !== null && asked.unpriced.length === 0 && `, ${formats.money(cost, shop.currency)} with carriage`}; ordered now it is
            there {formats.moment(dueMs, nowMs)}.
          </p>
          <div className="flex flex-wrap gap-2">
            <Button look="primary" disabled={!isUnsold && bought.length === 0} onClick={buy}>
              It is ordered
            </Button>
            <Link className="in-text self-center underline" to="/shelf/buy">
              All that is missing at least cost
            </Link>
          </div>
        </div>
      )}
      {line.orderByMs !== null && thing.product && (
        <TooLate
          key={thing.id}
          product={thing.product}
          isTooLate={isTooLate(line.orderByMs, nowMs, shop.timeZone)}
          dueMs={dueMs}
          missing={curve.missing}
        />
      )}
    </Sheet>
  );
}
