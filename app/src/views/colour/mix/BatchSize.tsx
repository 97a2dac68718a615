import { DILUTIONS } from '@zinc-ladder/core/batch/dilution';
import { dropsForBatch } from '@zinc-ladder/core/batch/drops';
import { paintNeeded } from '@zinc-ladder/core/batch/paintNeeded';
import { findProductClass, TRANSFER } from '@zinc-ladder/core/cure/productClasses';
import { useState } from 'react';
import { Button } from '../../../ui/Button';
import { SelectField } from '../../../ui/fields/fields';
import { NumberBox, readTrial } from '../../../ui/fields/NumberBox';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';

/** How much to mix for an area, in whole drops. */
export function BatchSize({ totalParts, onDrops }: { readonly totalParts: number; readonly onDrops: (drops: number) => void }) {
  const formats = useFormats();
  const [area, setArea] = useState('');
  const [coats, setCoats] = useState('2');
  const [tool, setTool] = useState<'brushAcrylic' | 'airbrushAcrylic'>('brushAcrylic');
  const cm2 = readTrial(area, 0.1, 100_000);
  const count = readTrial(coats, 1, 20, true);
  const entry = findProductClass(tool);
  const thin = DILUTIONS.find((dilution) => dilution.use === entry.application);
  const need =
    cm2 !== null && count !== null
      ? paintNeeded(cm2, entry.drying.coatMicrometres, count, entry.volumeSolids, TRANSFER[entry.application])
      : null;
  const drops = need ? dropsForBatch(need.millilitres, totalParts) : null;
  return (
    <details className="mt-1">
      <summary className="font-label min-h-8 cursor-pointer font-semibold">How much to mix</summary>
      <div className="grid items-end gap-3 pt-1 sm:grid-cols-[1fr_1fr_1fr_auto]">
        <NumberBox label="Area, cm²" trial={{ text: area, set: setArea }} min={0.1} max={100_000} isQuiet={area === ''} />
        <NumberBox label="Coats" trial={{ text: coats, set: setCoats }} min={1} max={20} isWhole />
        <SelectField
          label="Laid on by"
          value={tool}
          options={[
            ['brushAcrylic', 'brush'],
            ['airbrushAcrylic', 'airbrush'],
          ]}
          onChange={(id) => setTool(id === 'airbrushAcrylic' ? 'airbrushAcrylic' : 'brushAcrylic')}
        />
        <Button disabled={drops === null} onClick={() => drops !== null && onDrops(drops)}>
          Scale to it
        </Button>
      </div>
      {need && drops !== null && (
        <p className="pt-1 text-sm">
          Needs{' '}
          <Why
            name="how much it needs"
            reason={{
              formula: 'area × dry film × coats ÷ volume solids ÷ what lands on the part; a drop is 0.05 ml',
              inputs: [
                ['dry film a coat', formats.film(entry.drying.coatMicrometres)],
                ['volume solids', `${Math.round(entry.volumeSolids * 100)} %`],
                ['lands on the part', `${Math.round(TRANSFER[entry.application] * 100)} %`],
              ],
              source: 'coating handbooks (from memory); class defaults are guessed, see Shop',
            }}
          >
            {formats.volume(need.millilitres)}
          </Why>{' '}
          → {drops} drops, a whole number of times the recipe.
          {thin && ` Thin it 1 : ${thin.usual} for the ${thin.name}, ${thin.looks} (common practice).`}
        </p>
      )}
    </details>
  );
}
