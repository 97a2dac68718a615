import type { Can } from '@zinc-ladder/model/records/shelf/can';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { useClock } from '../../../clock/ClockContext';
import { countCan, haveCan } from '../../../data/changes/shelf/canChanges';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';
import { useStocks } from '../../../features/shelf/useStocks';
import { Button } from '../../../ui/Button';
import { InlineNumber } from '../../../ui/fields/fields';
import { useFormats } from '../../../features/formats/useFormats';

/** The cans of a product: size, what is left, since when it is open. */
export function CansList({ product, cans }: { readonly product: Product; readonly cans: readonly Can[] }) {
  const edit = useEdit();
  const clock = useClock();
  const formats = useFormats();
  const stock = useStocks().get(product.id);
  const openedOf = (can: Can): number | null => stock?.openedAtMs.get(can.id) ?? null;
  const patch = (can: Can, fields: Partial<Can>): void =>
    void edit(`Change a can of ${product.name}`, (change) => change.patch('cans', can.id, fields, can));
  const add = (): void => void edit(`Add a can of ${product.name}`, (change) => haveCan(change, product, newId(), clock.now()));
  return (
    <div>
      <h3 className="label">On the shelf</h3>
      <ul>
        {cans.map((can) => (
          <li key={can.id} className="border-line flex flex-wrap items-end gap-3 border-t py-2">
            <div className="w-28">
              <InlineNumber
                label="Size"
                unit="ml"
                value={can.sizeMillilitres}
                min={0.1}
                max={100000}
                onKeep={(value) => value !== null && patch(can, { sizeMillilitres: value })}
              />
            </div>
            <div className="w-28">
              <InlineNumber
                label="Left"
                unit="ml"
                value={stock?.leftIn.get(can.id) ?? 0}
                min={0}
                max={can.sizeMillilitres}
                onKeep={(value) =>
                  value !== null &&
                  void edit(`Count a can of ${product.name}`, (change) => countCan(change, can.id, value, clock.now(), false))
                }
              />
            </div>
            <p className="text-dim pb-1.5">{openedOf(can) === null ? 'not opened' : `open since ${formats.day(openedOf(can) ?? 0)}`}</p>
            {openedOf(can) === null && <Button onClick={() => patch(can, { openedAtMs: Math.round(clock.now()) })}>Opened now</Button>}
            <Button
              look="quiet"
              className="ml-auto"
              onClick={() => void edit(`Take a can of ${product.name} away`, (change) => change.remove('cans', can.id))}
            >
              Take away
            </Button>
          </li>
        ))}
      </ul>
      <Button onClick={add}>{cans.length === 0 ? 'I have it' : 'Add another'}</Button>
    </div>
  );
}
