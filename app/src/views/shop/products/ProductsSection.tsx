import { PRODUCT_UNSET } from '@zinc-ladder/model/products/productUnset';
import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { PRODUCT_CLASSES } from '@zinc-ladder/core/cure/productClasses';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { useState } from 'react';
import { haveCan } from '../../../data/changes/shelf/canChanges';
import { addKit, KITS, missingOfKit } from '../../../data/changes/prop/kits';
import { useClock } from '../../../clock/ClockContext';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { counted } from '../../../base/counted';
import { Labelled } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { useStocks } from '../../../features/shelf/useStocks';
import { Swatch } from '../../../ui/swatch/Swatch';
import { useFormats } from '../../../features/formats/useFormats';
import { ProductSheet } from './ProductSheet';

const CLASS_NAMES = new Map(PRODUCT_CLASSES.map((entry) => [entry.id, entry.name]));

/** The products of the shop, and one of them open. */
export function ProductsSection() {
  const products = useTable('products').toSorted((a, b) => a.name.localeCompare(b.name));
  const edit = useEdit();
  const clock = useClock();
  const formats = useFormats();
  const [openId, setOpenId] = useState<string | null>(null);
  const [text, setText] = useState('');
  const stocks = useStocks();
  const open = products.find((product) => product.id === openId) ?? products[0];
  const shown = products.filter((product) =>
    `${product.name} ${CLASS_NAMES.get(product.classId) ?? ''}`.toLowerCase().includes(text.trim().toLowerCase()),
  );
  const add = async (): Promise<void> => {
    const product: Product = {
      id: newId(),
      revision: 0,
      name: 'New product',
      classId: 'lacquerColour',
      colourHex: '#808080',
      sheen: 'none',
      values: [],
      ...PRODUCT_UNSET,
      note: '',
    };
    if (await edit('Add a product', (change) => change.put('products', product))) setOpenId(product.id);
  };
  return (
    <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[20rem_minmax(0,1fr)]">
      <section aria-label="Products">
        <div className="mb-2 grid grid-cols-[1fr_auto] items-end gap-2">
          <Labelled label={`Find among ${products.length}`}>
            {({ id }) => <input id={id} type="search" className="field" value={text} onChange={(event) => setText(event.target.value)} />}
          </Labelled>
          <Button onClick={() => void add()}>Add product</Button>
        </div>
        <ul className="max-h-[70dvh] overflow-auto">
          {shown.map((product) => (
            <li key={product.id} className="border-line flex items-center border-t">
              <button
                type="button"
                aria-pressed={product.id === open?.id}
                onClick={() => setOpenId(product.id)}
                className={`flex min-h-12 min-w-0 flex-1 cursor-pointer items-center gap-3 px-2 py-1 text-left ${product.id === open?.id ? 'bg-sheet' : ''}`}
              >
                <Swatch colourHex={hexOfProduct(product)} className="h-8 w-8" />
                <span className="min-w-0">
                  <span className="block truncate font-semibold">{product.name}</span>
                  <span className="text-dim block truncate text-sm">{CLASS_NAMES.get(product.classId)}</span>
                </span>
              </button>
              {(stocks.get(product.id)?.millilitres ?? 0) > 0 ? (
                <span className="figure text-dim px-2 text-sm whitespace-nowrap">
                  {formats.volume(stocks.get(product.id)?.millilitres ?? 0)}
                </span>
              ) : (
                <Button
                  look="quiet"
                  className="text-sm whitespace-nowrap"
                  aria-label={`I have it: ${product.name}`}
                  onClick={() => void edit(`Have ${product.name}`, (change) => haveCan(change, product, newId(), clock.now()))}
                >
                  I have it
                </Button>
              )}
            </li>
          ))}
        </ul>
        <details className="border-line mt-2 border-t pt-2">
          <summary className="font-label min-h-9 cursor-pointer font-semibold">Add what belongs together</summary>
          <ul className="grid gap-1">
            {KITS.map((kit) => {
              const missing = missingOfKit(kit, products).length;
              return (
                <li key={kit.id} className="flex min-h-11 items-center justify-between gap-2">
                  <span>{kit.name}</span>
                  {missing === 0 ? (
                    <span className="text-dim text-sm">on the shelf</span>
                  ) : (
                    <Button onClick={() => void edit(`Add ${kit.name.toLowerCase()}`, (change) => addKit(change, kit, newId))}>
                      Add {counted(missing, 'product')}
                    </Button>
                  )}
                </li>
              );
            })}
          </ul>
        </details>
      </section>
      {open ? (
        <Sheet className="p-5" label="Product">
          <ProductSheet key={open.id} product={open} />
        </Sheet>
      ) : (
        <p className="text-dim">No product yet.</p>
      )}
    </div>
  );
}
