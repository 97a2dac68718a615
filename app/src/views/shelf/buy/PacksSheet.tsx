import { usualPotMillilitres } from '@zinc-ladder/core/batch/potSizes';
import type { SupplyUnit } from '@zinc-ladder/core/shelf/supplyKinds';
import { findSupplyKind } from '@zinc-ladder/core/shelf/supplyKinds';
import type { Pack } from '@zinc-ladder/model/records/shelf/pack';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useState } from 'react';
import { newId } from '../../../base/newId';
import { newSupplier } from '../../../data/changes/shelf/buyChanges';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { UNIT_NAMES } from '../../../features/shelf/shelfWords';
import { Button } from '../../../ui/Button';
import { InlineNumber, Labelled, SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { MoneyField } from '../MoneyField';

const SHOWN = 40;

/** What is sold, in which packs, for how much. */
export function PacksSheet({ shop }: { readonly shop: Shop }) {
  const packs = useTable('packs');
  const products = useTable('products').toSorted((a, b) => a.name.localeCompare(b.name));
  const supplies = useTable('supplies').toSorted((a, b) => a.name.localeCompare(b.name));
  const suppliers = useTable('suppliers').toSorted((a, b) => a.name.localeCompare(b.name));
  const edit = useEdit();
  const [text, setText] = useState('');
  const [of, setOf] = useState('');
  const things = new Map<string, { readonly name: string; readonly unit: SupplyUnit; readonly usual: number }>([
    ...products.map((product) => [`product ${product.id}`, { name: product.name, unit: 'ml' as const, usual: usualPotMillilitres(product.classId) }] as const), // prettier-ignore
    ...supplies.map((supply) => {
      const { unit, usualPack } = findSupplyKind(supply.kindId);
      return [`supply ${supply.id}`, { name: supply.name, unit, usual: usualPack }] as const;
    }),
  ]);
  const thingOf = (pack: Pack) => things.get(pack.productId === null ? `supply ${pack.supplyId ?? ''}` : `product ${pack.productId}`);
  const wanted = text.trim().toLowerCase();
  const found = packs
    .filter((pack) => (thingOf(pack)?.name ?? '').toLowerCase().includes(wanted))
    .toSorted((a, b) => (thingOf(a)?.name ?? '').localeCompare(thingOf(b)?.name ?? '') || a.amount - b.amount);
  const chosen = of !== '' && things.has(of) ? of : ([...things.keys()][0] ?? '');
  const add = (): void => {
    const thing = things.get(chosen);
    const [kind, id = ''] = chosen.split(' ');
    if (!thing) return;
    void edit(`Write down a pack of ${thing.name}`, async (change) => {
      let supplierId = suppliers[0]?.id;
      if (supplierId === undefined) {
        supplierId = newId();
        await change.put('suppliers', newSupplier('Any shop', supplierId));
      }
      await change.put('packs', {
        id: newId(),
        revision: 0,
        productId: kind === 'product' ? id : null,
        supplyId: kind === 'supply' ? id : null,
        supplierId,
        amount: thing.usual,
        price: null,
      });
    });
  };
  return (
    <Sheet className="min-w-0 p-4" label="Packs">
      <h2 className="label mb-2">Packs and prices</h2>
      <div className="mb-2 grid grid-cols-[minmax(0,1fr)_auto] items-end gap-2">
        <SelectField
          label="A pack of"
          value={chosen}
          options={[...things].map(([key, { name }]) => [key, name] as const)}
          onChange={setOf}
        />
        <Button onClick={add} disabled={things.size === 0}>
          Write it down
        </Button>
      </div>
      {packs.length > 8 && (
        <Labelled label={`Find among ${packs.length}`}>
          {({ id }) => <input id={id} type="search" className="field" value={text} onChange={(event) => setText(event.target.value)} />}
        </Labelled>
      )}
      <ul className="max-h-[34rem] overflow-auto" aria-label="Packs that are sold" tabIndex={0}>
        {found.slice(0, SHOWN).map((pack) => {
          const thing = thingOf(pack);
          if (!thing) return null;
          const patch = (what: string, fields: Partial<Pack>): void =>
            void edit(`Change ${what} of a pack of ${thing.name}`, (change) => change.patch('packs', pack.id, fields, pack));
          return (
            <li key={pack.id} className="border-line grid gap-2 border-t py-2">
              <div className="flex items-center justify-between gap-2">
                <p className="font-semibold">{thing.name}</p>
                <Button
                  look="quiet"
                  aria-label={`Take away: a pack of ${thing.name}`}
                  onClick={() => void edit(`Take a pack of ${thing.name} away`, (change) => change.remove('packs', pack.id))}
                >
                  Take away
                </Button>
              </div>
              <div className="grid grid-cols-[6rem_7rem_minmax(0,1fr)] items-end gap-2">
                <InlineNumber
                  label="Holds"
                  unit={UNIT_NAMES[thing.unit]}
                  value={pack.amount}
                  min={0.01}
                  max={10_000_000}
                  onKeep={(amount) => amount !== null && patch('the size', { amount })}
                />
                <MoneyField label="Price" value={pack.price} shop={shop} onKeep={(price) => patch('the price', { price })} />
                <SelectField
                  label="From"
                  value={pack.supplierId}
                  options={suppliers.map(({ id, name }) => [id, name] as const)}
                  onChange={(supplierId) => patch('the supplier', { supplierId })}
                />
              </div>
            </li>
          );
        })}
      </ul>
      {found.length > SHOWN && <p className="text-dim text-sm">And {found.length - SHOWN} more: find them by name.</p>}
      {packs.length === 0 && (
        <p className="text-dim">What things come in and cost is written down here once; then the cheapest list can be found.</p>
      )}
    </Sheet>
  );
}
