import type { DilutionUse } from '@zinc-ladder/core/batch/dilution';
import { DILUTIONS, thinCup, thinnerOf } from '@zinc-ladder/core/batch/dilution';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { useState } from 'react';
import { useTable } from '../../../data/queries';
import { SelectField } from '../../../ui/fields/fields';
import { NumberBox, readTrial } from '../../../ui/fields/NumberBox';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';

/** How far to thin a paint, and how much of what goes into the cup. */
export function ThinSheet() {
  const formats = useFormats();
  const products = useTable('products')
    .filter((product) => ['brush', 'airbrush'].includes(findProductClass(product.classId).application))
    .toSorted((a, b) => a.name.localeCompare(b.name));
  const [productId, setProductId] = useState<string | null>(null);
  const product = products.find((entry) => entry.id === productId) ?? products[0];
  const [use, setUse] = useState<DilutionUse>('airbrush');
  const dilution = DILUTIONS.find((entry) => entry.use === use) ?? DILUTIONS[0];
  const [parts, setParts] = useState<string | null>(null);
  const [cup, setCup] = useState('5');
  if (!dilution) return null;
  const ratio = parts ?? String(dilution.usual);
  const wanted = readTrial(ratio, 0, 30);
  const millilitres = readTrial(cup, 0.1, 1000);
  const thinner = product ? thinnerOf(findProductClass(product.classId).drying.kind) : null;
  const filled = wanted !== null && millilitres !== null ? thinCup(millilitres, wanted) : null;
  const isOutside = wanted !== null && (wanted < dilution.least || wanted > dilution.most);
  return (
    <Sheet className="grid gap-3 p-4" label="Thin">
      <h2 className="label">Thin</h2>
      {product ? (
        <SelectField
          label="Paint"
          value={product.id}
          options={products.map((entry) => [entry.id, entry.name] as const)}
          onChange={setProductId}
        />
      ) : (
        <p className="text-dim">No paint that is brushed or airbrushed stands under products.</p>
      )}
      <SelectField
        label="For"
        value={use}
        options={DILUTIONS.map((entry) => [entry.use, entry.name] as const)}
        onChange={(id) => {
          setUse(DILUTIONS.find((entry) => entry.use === id)?.use ?? 'airbrush');
          setParts(null);
        }}
      />
      <div className="grid grid-cols-2 gap-3">
        <NumberBox label="Thinner for 1 of paint" trial={{ text: ratio, set: setParts }} min={0} max={30} />
        <NumberBox label="In the cup, ml" trial={{ text: cup, set: setCup }} min={0.1} max={1000} />
      </div>
      {thinner?.id === 'none' ? (
        <p className="text-oxide">Not to be thinned: {thinner.words.replace(/^nothing: /u, '')}.</p>
      ) : (
        filled && (
          <p>
            <span className="font-label text-4xl font-semibold">
              {formats.volume(filled.paintMillilitres)} + {formats.volume(filled.thinnerMillilitres)}
            </span>
            <span className="text-dim block">
              paint + {thinner?.words}; {dilution.looks}. A film of the same wetness holds {Math.round(filled.strengthShare * 100)} % of the
              colour.
            </span>
          </p>
        )
      )}
      {isOutside && (
        <p className="text-oxide text-sm">
          Usually 1 : {dilution.least} to 1 : {dilution.most} for {dilution.name}.
        </p>
      )}
      <p className="text-dim text-sm">{dilution.note} Common practice: the label wins, and a card tells.</p>
    </Sheet>
  );
}
