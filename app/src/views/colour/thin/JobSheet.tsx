import { cansNeeded } from '@zinc-ladder/core/batch/paintNeeded';
import { productValue } from '@zinc-ladder/model/products/productDrying';
import { ownNeed } from '@zinc-ladder/model/products/ownUse';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { useState } from 'react';
import { useTable } from '../../../data/queries';
import { useStocks } from '../../../features/shelf/useStocks';
import { SelectField } from '../../../ui/fields/fields';
import { NumberBox, readTrial } from '../../../ui/fields/NumberBox';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';

const TYPED = 'typed';

/** Paint for a job, and cans to buy. */
export function JobSheet() {
  const formats = useFormats();
  const parts = useTable('parts').toSorted((a, b) => a.name.localeCompare(b.name));
  const products = useTable('products')
    .filter((product) => (productValue(product, 'coatMicrometres').value ?? 0) > 0)
    .toSorted((a, b) => a.name.localeCompare(b.name));
  const cans = useTable('cans');
  const stocks = useStocks();
  const [partId, setPartId] = useState<string>(TYPED);
  const [area, setArea] = useState('300');
  const [coats, setCoats] = useState('2');
  const [productId, setProductId] = useState<string | null>(null);
  const product = products.find((entry) => entry.id === productId) ?? products[0];
  const part = parts.find((entry) => entry.id === partId);
  const cm2 = part ? part.areaSquareCentimetres * part.count : readTrial(area, 0.1, 1_000_000);
  const count = readTrial(coats, 1, 30, true);
  if (!product) return <Sheet className="p-4">No product stands under Shop yet.</Sheet>;
  const own = cans.filter((can) => can.productId === product.id);
  const left = stocks.get(product.id)?.millilitres ?? 0;
  const size = own.toSorted((a, b) => b.sizeMillilitres - a.sizeMillilitres)[0]?.sizeMillilitres ?? 400;
  const film = productValue(product, 'coatMicrometres').value ?? 0;
  const one = cm2 === null ? null : ownNeed(product, film, cm2);
  const wanted = one === null || count === null ? null : one.millilitres * count;
  const missing = wanted === null ? 0 : Math.max(0, wanted - left);
  return (
    <Sheet className="grid gap-3 p-4" label="Paint for a job">
      <h2 className="label">Paint for a job</h2>
      <SelectField
        label="Product"
        value={product.id}
        options={products.map((entry) => [entry.id, entry.name] as const)}
        onChange={setProductId}
      />
      <SelectField
        label="On"
        value={part ? part.id : TYPED}
        options={[[TYPED, 'an area I type'] as const, ...parts.map((entry) => [entry.id, partLabel(entry)] as const)]}
        onChange={setPartId}
      />
      <div className="grid grid-cols-2 gap-3">
        {!part && <NumberBox label="Area, cm²" trial={{ text: area, set: setArea }} min={0.1} max={1_000_000} />}
        <NumberBox label="Coats" trial={{ text: coats, set: setCoats }} min={1} max={30} isWhole />
      </div>
      {one && wanted !== null && (
        <>
          <p>
            <span className="font-label text-4xl font-semibold">
              <Why
                name="how much paint"
                reason={{
                  formula: `area × dry film × coats ÷ volume solids ÷ share that lands on the part${one.ownUse.count > 0 ? ' × own use' : ''}`,
                  inputs: [
                    ['area', formats.area(cm2 ?? 0)],
                    ['dry film a coat', formats.film(film)],
                    ['volume solids', `${Math.round((one.volumeSolids.value ?? 1) * 100)} %`],
                    ['lands on the part', `${Math.round(one.transfer * 100)} %`],
                    ...(one.ownUse.count > 0 ? [['own use', `${one.ownUse.factor.toFixed(2)}, by weighed cans`] as const] : []),
                  ],
                  source: 'coating handbooks (from memory); class defaults guessed, the label wins',
                }}
              >
                {formats.volume(wanted)}
              </Why>
            </span>
            <span className="text-dim block">
              {formats.volume(left)} on the shelf
              {missing > 0
                ? `; ${cansNeeded(missing, size)} can${cansNeeded(missing, size) === 1 ? '' : 's'} of ${formats.volume(size)} to buy`
                : '; enough'}
            </span>
          </p>
        </>
      )}
    </Sheet>
  );
}
