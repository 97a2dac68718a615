import { gatherKit } from '@zinc-ladder/model/gather/shelf/gatherKit';
import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { useMemo, useState } from 'react';
import { counted } from '../../base/counted';
import { newId } from '../../base/newId';
import { useClock } from '../../clock/ClockContext';
import { haveCan } from '../../data/changes/shelf/canChanges';
import { listKit } from '../../data/changes/shelf/supplyChanges';
import { useTable } from '../../data/queries';
import { useEdit } from '../../features/edit/useEdit';
import { useFormats } from '../../features/formats/useFormats';
import { amountText } from '../../features/shelf/shelfWords';
import { useStocks, useSuppliesLeft } from '../../features/shelf/useStocks';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';
import { Swatch } from '../../ui/swatch/Swatch';

/** All that a ladder, a prop or several take from the first rung to the last, and what of it is on the shelf. */
export function KitTab() {
  const props = useTable('props').toSorted((a, b) => a.position - b.position);
  const parts = useTable('parts');
  const ladders = useTable('ladders');
  const rungs = useTable('rungs');
  const products = useTable('products');
  const supplies = useTable('supplies');
  const stocks = useStocks();
  const left = useSuppliesLeft();
  const edit = useEdit();
  const clock = useClock();
  const formats = useFormats();
  const [of, setOf] = useState('all');
  const chosen = useMemo(
    () => parts.filter((part) => of === 'all' || `prop ${part.propId}` === of || `part ${part.id}` === of),
    [parts, of],
  );
  const kit = useMemo(() => gatherKit(chosen, { ladders, rungs, products, supplies }), [chosen, ladders, rungs, products, supplies]);
  const unlisted = kit.supplies.filter(({ kept }) => kept === null);
  const options = [
    ['all', 'all props together'] as const,
    ...props.flatMap((prop) => [
      [`prop ${prop.id}`, prop.name] as const,
      ...parts
        .filter(({ propId }) => propId === prop.id)
        .toSorted((a, b) => a.position - b.position)
        .map((part) => [`part ${part.id}`, `${prop.name}: ${partLabel(part)}`] as const),
    ]),
  ];
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-2">
      <Sheet className="min-w-0 p-4" label="Products it takes">
        <div className="mb-3 max-w-96">
          <SelectField label="What is taken by" value={of} options={options} onChange={setOf} />
        </div>
        <h2 className="font-label mb-2 text-2xl font-semibold">{counted(kit.products.length, 'product')}</h2>
        <ul>
          {kit.products.map(({ product, millilitres, coats }) => {
            const stock = stocks.get(product.id);
            return (
              <li key={product.id} className="border-line grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-2 border-t py-2">
                <Swatch colourHex={hexOfProduct(product)} className="h-5 w-5" />
                <span className="min-w-0">
                  <span className="font-semibold">{product.name}</span>
                  <span className="text-dim block text-sm">
                    {counted(coats, 'time')}, {formats.volume(millilitres)};{' '}
                    {stock ? (stock.look ? `${stock.look}, by a look` : `${formats.volume(stock.millilitres)} there`) : 'none on the shelf'}
                  </span>
                </span>
                {!stock && (
                  <Button
                    aria-label={`I have it: ${product.name}`}
                    onClick={() => void edit(`Add a can of ${product.name}`, (change) => haveCan(change, product, newId(), clock.now()))}
                  >
                    I have it
                  </Button>
                )}
              </li>
            );
          })}
        </ul>
        {kit.products.length === 0 && <p className="text-dim">Its rungs lay no film of a product.</p>}
        {kit.unchosen.length > 0 && (
          <p className="text-oxide mt-2">
            No product is chosen yet for {kit.unchosen.slice(0, 6).join(', ')}
            {kit.unchosen.length > 6 ? ` and ${kit.unchosen.length - 6} more` : ''}.
          </p>
        )}
      </Sheet>
      <Sheet className="min-w-0 p-4" label="What else it takes">
        <h2 className="font-label mb-2 text-2xl font-semibold">And beside them</h2>
        <ul>
          {kit.supplies.map(({ kind, grit, amount, kept }) => (
            <li key={`${kind.id} ${grit ?? ''}`} className="border-line flex flex-wrap items-baseline gap-x-3 border-t py-2">
              <span className="inline-block font-semibold first-letter:uppercase">
                {kept?.name ?? `${kind.name}${grit === null ? '' : ` P${grit}`}`}
              </span>
              <span className="figure ml-auto">{amountText(amount, kind.unit, formats)}</span>
              <span className="text-dim w-full text-sm">
                {kept === null
                  ? 'not on the list'
                  : kept.level
                    ? `${kept.level}, by a look`
                    : `${amountText(left.get(kept.id) ?? 0, kind.unit, formats)} there`}
              </span>
            </li>
          ))}
        </ul>
        {unlisted.length > 0 && (
          <Button
            look="primary"
            className="mt-3"
            onClick={() => void edit('Put a kit on the shelf’s list', (change) => listKit(change, kit.supplies, clock.now(), newId))}
          >
            Put {unlisted.length === 1 ? 'it' : `these ${unlisted.length}`} on the list
          </Button>
        )}
        <p className="text-dim mt-3 text-sm">
          From the first rung to the last, done or not, without those left out. Paper by area and grit, tape by pieces and area, gloves by
          what is touched, cartridges by minutes: guesses, counted better by hand. What is put on the list counts as run out until you say
          how much there is.
        </p>
      </Sheet>
    </div>
  );
}
