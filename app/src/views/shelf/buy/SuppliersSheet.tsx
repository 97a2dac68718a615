import type { Supplier } from '@zinc-ladder/model/records/shelf/supplier';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useState } from 'react';
import { newId } from '../../../base/newId';
import { newSupplier } from '../../../data/changes/shelf/buyChanges';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { InlineField, InlineNumber, Labelled } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { MoneyField } from '../MoneyField';
import { CheckField } from '../../../ui/fields/CheckField';

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;

/** Who sells: how long it takes, on which days, what carriage and smallest order are. */
export function SuppliersSheet({ shop }: { readonly shop: Shop }) {
  const suppliers = useTable('suppliers').toSorted((a, b) => a.name.localeCompare(b.name));
  const edit = useEdit();
  const [name, setName] = useState('');
  const clean = name.trim();
  return (
    <Sheet className="min-w-0 p-4" label="Suppliers">
      <h2 className="label mb-2">Suppliers</h2>
      <ul>
        {suppliers.map((supplier) => (
          <SupplierRow key={supplier.id} supplier={supplier} shop={shop} />
        ))}
      </ul>
      <form
        className="border-line flex flex-wrap items-end gap-2 border-t pt-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (clean === '') return;
          void edit(`Add ${clean}`, (change) => change.put('suppliers', newSupplier(clean, newId()))).then(
            (isDone) => isDone && setName(''),
          );
        }}
      >
        <div className="min-w-40 flex-1">
          <Labelled label="Another supplier">
            {({ id }) => <input id={id} className="field" maxLength={200} value={name} onChange={(event) => setName(event.target.value)} />}
          </Labelled>
        </div>
        <Button type="submit" disabled={clean === ''}>
          Add
        </Button>
      </form>
    </Sheet>
  );
}

function SupplierRow({ supplier, shop }: { readonly supplier: Supplier; readonly shop: Shop }) {
  const edit = useEdit();
  const patch = (what: string, fields: Partial<Supplier>): void =>
    void edit(`Change ${what} of ${supplier.name}`, (change) => change.patch('suppliers', supplier.id, fields, supplier));
  return (
    <li className="border-line grid gap-2 border-t py-3">
      <div className="grid grid-cols-[minmax(0,1fr)_auto] items-end gap-2">
        <InlineField
          label="Name"
          value={supplier.name}
          maxLength={200}
          check={(text) => (text.trim() === '' ? 'A name is needed.' : null)}
          onKeep={(name) => patch('the name', { name: name.trim() })}
        />
        <Button
          look="quiet"
          aria-label={`Take away: ${supplier.name}`}
          onClick={() => void edit(`Take ${supplier.name} away`, (change) => change.remove('suppliers', supplier.id))}
        >
          Take away
        </Button>
      </div>
      <div className="grid grid-cols-3 items-end gap-2">
        <InlineNumber
          label="Days to get it"
          value={supplier.days}
          min={0}
          max={365}
          isWhole
          onKeep={(days) => days !== null && patch('the days', { days })}
        />
        <MoneyField
          label="Carriage"
          value={supplier.carriage}
          shop={shop}
          mayBeEmpty={false}
          onKeep={(carriage) => patch('the carriage', { carriage: carriage ?? 0 })}
        />
        <MoneyField
          label="Least order"
          value={supplier.leastOrder}
          shop={shop}
          mayBeEmpty={false}
          onKeep={(leastOrder) => patch('the least order', { leastOrder: leastOrder ?? 0 })}
        />
      </div>
      <fieldset>
        <legend className="label">Sends on</legend>
        <div className="flex flex-wrap gap-x-3">
          {WEEKDAYS.map((day, at) => (
            <CheckField
              key={day}
              label={day}
              checked={supplier.sendingWeekdays.includes(at + 1)}
              onChange={(isOn) =>
                patch('the days it sends on', {
                  sendingWeekdays: isOn
                    ? [...supplier.sendingWeekdays, at + 1].toSorted((a, b) => a - b)
                    : supplier.sendingWeekdays.filter((weekday) => weekday !== at + 1),
                })
              }
            />
          ))}
        </div>
        {supplier.sendingWeekdays.length === 0 && <p className="text-dim text-sm">None is ticked: any day is taken.</p>}
      </fieldset>
    </li>
  );
}
