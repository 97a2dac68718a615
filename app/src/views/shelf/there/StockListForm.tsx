import type { StockEffect } from '@zinc-ladder/model/gather/shelf/lists/matchStock';
import { matchStock } from '@zinc-ladder/model/gather/shelf/lists/matchStock';
import type { StockColumn } from '@zinc-ladder/model/gather/shelf/lists/readStockCsv';
import { readStockCsv, STOCK_COLUMNS } from '@zinc-ladder/model/gather/shelf/lists/readStockCsv';
import { findSupplyKind } from '@zinc-ladder/core/shelf/supplyKinds';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useMemo, useState } from 'react';
import { counted } from '../../../base/counted';
import type { Formats } from '../../../base/formats';
import { newId } from '../../../base/newId';
import { useClock } from '../../../clock/ClockContext';
import { takeStockList } from '../../../data/changes/shelf/stockListChanges';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useFormats } from '../../../features/formats/useFormats';
import { useNotices } from '../../../features/notices/Notices';
import { amountText } from '../../../features/shelf/shelfWords';
import { Button } from '../../../ui/Button';
import { FilePick } from '../../../ui/fields/FilePick';
import { SelectField } from '../../../ui/fields/fields';

const SHOWN = 200;
const FAULTS_SHOWN = 20;
const COLUMN_WORDS: Readonly<Record<StockColumn, string>> = {
  name: 'Product',
  amount: 'Amount',
  unit: 'Unit',
  price: 'Price',
  currency: 'Currency',
  supplier: 'Supplier',
  pack: 'Size of a pack',
  lot: 'Lot',
  place: 'Place',
  opened: 'Opened',
  note: 'Note',
};

/** Takes in a spreadsheet of stock: its columns are guessed, shown and put right by hand, and what each row would do is shown before anything is done. */
export function StockListForm({ shop }: { readonly shop: Shop }) {
  const products = useTable('products');
  const cans = useTable('cans');
  const supplies = useTable('supplies');
  const suppliers = useTable('suppliers');
  const edit = useEdit();
  const clock = useClock();
  const formats = useFormats();
  const { tell, tellError } = useNotices();
  const [text, setText] = useState<string | null>(null);
  const [chosen, setChosen] = useState<Partial<Record<StockColumn, string | null>>>({});
  const list = useMemo(() => (text === null ? null : readStockCsv(text, chosen)), [text, chosen]);
  const effects = useMemo(
    () => (list ? matchStock(list.rows, { shop, products, cans, supplies, suppliers }) : []),
    [list, shop, products, cans, supplies, suppliers],
  );
  const usable = effects.filter(({ kind }) => kind !== 'skip');
  const leave = (): void => {
    setText(null);
    setChosen({});
  };
  const take = async (file: File): Promise<void> => {
    try {
      setText(await file.text());
    } catch (error) {
      tellError(error);
    }
  };
  const keep = async (): Promise<void> => {
    if (!(await edit('Take in a stock list', (change) => takeStockList(change, effects, clock.now(), newId)))) return;
    leave();
    tell('Stock list taken in', `${counted(usable.length, 'row')}. Undo takes all of it back.`);
  };
  if (!list)
    return (
      <div>
        <FilePick accept=".csv,.tsv,.txt,text/csv" onPick={(file) => void take(file)}>
          Take in a stock list
        </FilePick>
      </div>
    );
  return (
    <section aria-label="Stock list as it was read" className="grid gap-2">
      <div className="grid grid-cols-2 gap-2">
        {STOCK_COLUMNS.map((column) => (
          <SelectField
            key={column}
            label={COLUMN_WORDS[column]}
            value={list.columns[column] ?? ''}
            options={[['', 'not in it'], ...list.header.map((name) => [name, name] as const)]}
            onChange={(name) => setChosen({ ...chosen, [column]: name === '' ? null : name })}
          />
        ))}
      </div>
      {list.faults.slice(0, FAULTS_SHOWN).map(({ line, message }) => (
        <p key={`${line} ${message}`} className="text-oxide text-sm">
          Line {line}: {message}.
        </p>
      ))}
      {list.faults.length > FAULTS_SHOWN && <p className="text-oxide text-sm">And {list.faults.length - FAULTS_SHOWN} lines more.</p>}
      <ol className="max-h-72 overflow-auto text-sm" tabIndex={0} aria-label="Rows of the stock list">
        {effects.slice(0, SHOWN).map((effect) => (
          <li key={effect.row.line} className={`border-line border-t py-1 ${effect.kind === 'skip' ? 'text-dim' : ''}`}>
            {effectWords(effect, formats)}
          </li>
        ))}
      </ol>
      {effects.length > SHOWN && <p className="text-dim text-sm">And {effects.length - SHOWN} rows more.</p>}
      <div className="flex flex-wrap gap-2">
        <Button look="primary" disabled={usable.length === 0} onClick={() => void keep()}>
          Take in {counted(usable.length, 'row')}
        </Button>
        <Button onClick={leave}>Leave it</Button>
      </div>
    </section>
  );
}

function effectWords(effect: StockEffect, formats: Formats): string {
  if (effect.kind === 'skip') return `${effect.row.name}: left aside, ${effect.why}`;
  const { row, facts } = effect;
  const isNew = effect.kind === 'can' ? effect.can === null : effect.supply === null;
  const unit = effect.kind === 'can' ? 'ml' : findSupplyKind(effect.kindId).unit;
  const what = effect.kind === 'can' ? 'can' : findSupplyKind(effect.kindId).name;
  const aside = facts.leftAside.length === 0 ? '' : ` (left aside: ${facts.leftAside.join('; ')})`;
  return `${row.name}: ${isNew ? `a new ${what} with` : 'there is'} ${amountText(facts.amount, unit, formats)}${aside}`;
}
