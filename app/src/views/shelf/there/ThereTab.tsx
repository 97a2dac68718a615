import { WASTE_CAUTIONS } from '@zinc-ladder/core/caution/wasteCautions';
import { findSupplyKind, SUPPLY_KINDS } from '@zinc-ladder/core/shelf/supplyKinds';
import { writeStockCsv } from '@zinc-ladder/model/gather/shelf/lists/writeStockCsv';
import { localDay } from '@zinc-ladder/core/time/workingHours';
import { useState } from 'react';
import { Link } from 'react-router';
import { download, fileName } from '../../../base/download';
import { newId } from '../../../base/newId';
import { useClock, useNow } from '../../../clock/ClockContext';
import { newSupply } from '../../../data/changes/shelf/supplyChanges';
import { useShop, useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useStocks, useSuppliesLeft, useUses } from '../../../features/shelf/useStocks';
import { Button } from '../../../ui/Button';
import { Labelled, SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { KeptRow } from './KeptRow';
import { SHOWN_FIRST, keptThings } from './keptThings';
import { StockListForm } from './StockListForm';
import { CheckField } from '../../../ui/fields/CheckField';

const KINDS = SUPPLY_KINDS.map(({ id, name }) => [id, name] as const);

/** All that stands on the shelf: how much, where, how old. */
export function ThereTab() {
  const shop = useShop();
  const edit = useEdit();
  const clock = useClock();
  const now = useNow(300_000);
  const products = useTable('products');
  const cans = useTable('cans');
  const supplies = useTable('supplies');
  const stocks = useStocks();
  const uses = useUses();
  const left = useSuppliesLeft();
  const [text, setText] = useState('');
  const [isOldOnly, setOldOnly] = useState(false);
  const [kindId, setKindId] = useState<string>('abrasiveSheet');
  const [most, setMost] = useState(SHOWN_FIRST);
  if (!shop) return null;
  const all = keptThings({ products, cans, supplies, stocks, left }, now);
  const wanted = text.trim().toLowerCase();
  const found = all.filter(
    (one) => (!isOldOnly || one.age.state !== 'good') && `${one.name} ${one.record.place} ${one.record.lot}`.toLowerCase().includes(wanted),
  );
  const add = (): void => {
    const kind = findSupplyKind(kindId);
    void edit(`Put ${kind.name} on the shelf`, (change) =>
      change.put('supplies', newSupply(kind, kind.isGritted ? 180 : null, newId(), clock.now())),
    );
  };
  const save = (): void =>
    download(
      writeStockCsv({ shop, products, cans, supplies, left }, uses),
      fileName(`${shop.name} stock`, localDay(clock.now(), shop.timeZone).date, 'csv'),
      'text/csv',
    );
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <Sheet className="min-w-0 p-4" label="On the shelf">
        <div className="mb-2 flex flex-wrap items-end gap-4">
          <div className="min-w-48 flex-1">
            <Labelled label={`Find among ${all.length}, by name, place or lot`}>
              {({ id }) => <input id={id} type="search" className="field" value={text} onChange={(event) => setText(event.target.value)} />}
            </Labelled>
          </div>
          <CheckField label="Only what is old" checked={isOldOnly} onChange={setOldOnly} />
        </div>
        {all.length === 0 && (
          <p className="text-dim">
            Nothing stands here yet. Cans come with{' '}
            <Link className="in-text underline" to="/shop/products">
              Products
            </Link>
            , paper, tape and gloves from the side.
          </p>
        )}
        <ul aria-label="Things on the shelf">
          {found.slice(0, most).map((one) => (
            <KeptRow key={one.record.id} kept={one} nowMs={now} shop={shop} />
          ))}
        </ul>
        {found.length > most && <Button onClick={() => setMost(most + SHOWN_FIRST)}>{found.length - most} more</Button>}
        {all.length > 0 && found.length === 0 && <p className="text-dim">Nothing of that kind.</p>}
      </Sheet>
      <div className="grid gap-4">
        <Sheet className="grid gap-3 p-4" label="More on the shelf">
          <h2 className="label">Put on the shelf</h2>
          <SelectField label="What" value={kindId} options={KINDS} onChange={setKindId} />
          <Button look="primary" onClick={add}>
            Put it there
          </Button>
          <p className="text-dim text-sm">
            A usual pack is taken; what you really have is typed in its row. Cans of paint and glue:{' '}
            <Link className="in-text underline" to="/shop/products">
              Products
            </Link>
            . To weigh one:{' '}
            <Link className="in-text underline" to="/colour/thin">
              Weigh a can
            </Link>
            .
          </p>
        </Sheet>
        <Sheet className="grid gap-3 p-4" label="Stock list">
          <h2 className="label">Stock list as CSV</h2>
          <StockListForm shop={shop} />
          <div>
            <Button onClick={save}>Save the stock list</Button>
          </div>
        </Sheet>
        <Sheet className="grid gap-2 p-4" label="What is thrown away">
          <h2 className="label">What is thrown away</h2>
          <ul className="grid gap-2 text-sm">
            {WASTE_CAUTIONS.map(({ what, text: words }) => (
              <li key={what}>
                <strong>{what}:</strong> {words}
              </li>
            ))}
          </ul>
          <p className="text-dim text-sm">Common practice. Local rules and the collection point come first, then label and safety sheet.</p>
        </Sheet>
      </div>
    </div>
  );
}
