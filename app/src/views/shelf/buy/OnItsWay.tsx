import { findSupplyKind } from '@zinc-ladder/core/shelf/supplyKinds';
import type { Purchase } from '@zinc-ladder/model/records/shelf/purchase';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useClock, useNow } from '../../../clock/ClockContext';
import { newId } from '../../../base/newId';
import { arrive } from '../../../data/changes/shelf/buyChanges';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useFormats } from '../../../features/formats/useFormats';
import { MomentField } from '../../../features/formats/MomentField';
import { amountText } from '../../../features/shelf/shelfWords';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';

const CAME_SHOWN = 10;

/** What was ordered: on its way until it is checked off, and what came of late. */
export function OnItsWay({ shop }: { readonly shop: Shop }) {
  const purchases = useTable('purchases');
  const products = useTable('products');
  const supplies = useTable('supplies');
  const suppliers = new Map(useTable('suppliers').map(({ id, name }) => [id, name]));
  const edit = useEdit();
  const clock = useClock();
  const now = useNow(60_000);
  const formats = useFormats();
  if (purchases.length === 0) return null;
  const nameOf = ({ productId, supplyId }: Purchase): string =>
    products.find(({ id }) => id === productId)?.name ?? supplies.find(({ id }) => id === supplyId)?.name ?? '';
  const amountOf = (one: Purchase): string => {
    const supply = supplies.find(({ id }) => id === one.supplyId);
    return `${one.count} × ${amountText(one.amount, supply ? findSupplyKind(supply.kindId).unit : 'ml', formats)}`;
  };
  const awaited = purchases.filter(({ arrivedAtMs }) => arrivedAtMs === null).toSorted((a, b) => a.dueAtMs - b.dueAtMs);
  const came = purchases.filter(({ arrivedAtMs }) => arrivedAtMs !== null).toSorted((a, b) => (b.arrivedAtMs ?? 0) - (a.arrivedAtMs ?? 0));
  return (
    <Sheet className="no-print min-w-0 p-4" label="On its way">
      <h2 className="label mb-2">{awaited.length === 0 ? 'Nothing is on its way' : 'On its way'}</h2>
      <ul>
        {awaited.map((one) => (
          <li key={one.id} className="border-line grid gap-2 border-t py-2">
            <p>
              <span className="font-semibold">{nameOf(one)}</span> <span className="figure">{amountOf(one)}</span>
              <span className="text-dim">
                {' '}
                ordered {formats.day(one.orderedAtMs)}
                {one.supplierId === null ? '' : ` from ${suppliers.get(one.supplierId) ?? ''}`}
                {one.price === null ? '' : `, ${formats.money(one.price * one.count, shop.currency)}`}
              </span>
              {one.dueAtMs < now && <span className="text-oxide"> It should have come {formats.moment(one.dueAtMs, now)}.</span>}
            </p>
            <div className="flex flex-wrap items-end gap-2">
              <MomentField
                label="There by"
                value={one.dueAtMs}
                onKeep={(dueAtMs) =>
                  dueAtMs !== null &&
                  void edit(`Change when ${nameOf(one)} comes`, (change) => change.patch('purchases', one.id, { dueAtMs }, one))
                }
              />
              <Button
                look="primary"
                aria-label={`It has come: ${nameOf(one)}`}
                onClick={() => void edit(`${nameOf(one)} has come`, (change) => arrive(change, one.id, clock.now(), newId))}
              >
                It has come
              </Button>
              <Button
                look="quiet"
                aria-label={`It was not ordered: ${nameOf(one)}`}
                onClick={() => void edit(`Take the order of ${nameOf(one)} back`, (change) => change.remove('purchases', one.id))}
              >
                It was not ordered
              </Button>
            </div>
          </li>
        ))}
      </ul>
      {came.length > 0 && (
        <details className="mt-2">
          <summary className="min-h-9 cursor-pointer">Came of late</summary>
          <ul>
            {came.slice(0, CAME_SHOWN).map((one) => (
              <li key={one.id} className="border-line border-t py-1">
                {nameOf(one)} <span className="figure">{amountOf(one)}</span>
                <span className="text-dim"> {one.arrivedAtMs === null ? '' : formats.day(one.arrivedAtMs)}</span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </Sheet>
  );
}
