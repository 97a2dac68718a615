import { contentsByWeight, usualEmptyGrams } from '@zinc-ladder/core/batch/canContents';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { productValue } from '@zinc-ladder/model/products/productDrying';
import { useState } from 'react';
import { useClock } from '../../../clock/ClockContext';
import { useTable } from '../../../data/queries';
import { useDevices } from '../../../data/useDevices';
import { useEdit } from '../../../features/edit/useEdit';
import { useStocks } from '../../../features/shelf/useStocks';
import { countCan } from '../../../data/changes/shelf/canChanges';
import { useNotices } from '../../../features/notices/Notices';
import { Button } from '../../../ui/Button';
import { InlineNumber, SelectField } from '../../../ui/fields/fields';
import { NumberBox, readTrial } from '../../../ui/fields/NumberBox';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';

/** What is left in a can, by its weight. */
export function WeighSheet() {
  const formats = useFormats();
  const edit = useEdit();
  const clock = useClock();
  const { tellError } = useNotices();
  const products = new Map(useTable('products').map((product) => [product.id, product]));
  const cans = useTable('cans')
    .filter((can) => products.has(can.productId))
    .toSorted((a, b) => (products.get(a.productId)?.name ?? '').localeCompare(products.get(b.productId)?.name ?? ''));
  const [canId, setCanId] = useState<string | null>(null);
  const [gross, setGross] = useState('');
  const can = cans.find((entry) => entry.id === canId) ?? cans[0];
  const product = products.get(can?.productId ?? '');
  const devices = useDevices();
  const leftIn = useStocks().get(product?.id ?? '')?.leftIn;
  if (!can || !product) return <Sheet className="p-4">No can stands on the shelf yet.</Sheet>;
  const { application } = findProductClass(product.classId);
  const density = productValue(product, 'densityKgPerLitre').value ?? 1;
  const empty = can.emptyGrams ?? usualEmptyGrams(application, can.sizeMillilitres);
  const left = leftIn?.get(can.id) ?? can.leftMillilitres;
  const grams = readTrial(gross, 0, 100_000);
  const weigh = async (): Promise<void> => {
    // The simulated scale has to be told what stands on it; a real one knows (docs/devices.md).
    const truth = empty + left * density;
    const response = await fetch(`/api/scale?grams=${truth.toFixed(2)}&seed=${Math.round(clock.now()) % 1_000_000}`, {
      signal: AbortSignal.timeout(8000),
    }).catch(() => null);
    const answer = response?.ok ? ((await response.json()) as { grams?: unknown }) : null;
    if (typeof answer?.grams === 'number') setGross(String(answer.grams));
    else tellError(new Error('the scale does not answer; type what it shows'));
  };
  let found: ReturnType<typeof contentsByWeight> | null = null;
  let fault: string | null = null;
  if (grams !== null) {
    try {
      found = contentsByWeight(grams, can.emptyGrams, density, can.sizeMillilitres, application);
    } catch (error) {
      fault = error instanceof Error ? error.message : String(error);
    }
  }
  return (
    <Sheet className="grid gap-3 p-4" label="Weigh a can">
      <h2 className="label">Weigh a can</h2>
      <SelectField
        label="Can"
        value={can.id}
        options={cans.map(
          (entry) => [entry.id, `${products.get(entry.productId)?.name ?? ''}, ${formats.volume(entry.sizeMillilitres)}`] as const,
        )}
        onChange={(id) => {
          setCanId(id);
          setGross('');
        }}
      />
      <div className="grid grid-cols-2 items-end gap-3">
        <NumberBox label="It weighs, g" trial={{ text: gross, set: setGross }} min={0} max={100_000} isQuiet={gross === ''} />
        {devices !== 'none' && (
          <Button onClick={() => void weigh()}>{devices === 'simulated' ? 'Ask the simulated scale' : 'Ask the scale'}</Button>
        )}
      </div>
      <InlineNumber
        label="Empty it weighs"
        unit="g"
        value={can.emptyGrams}
        min={0}
        max={100_000}
        mayBeEmpty
        onKeep={(emptyGrams) =>
          void edit(`Keep the empty weight of ${product.name}`, (change) => change.patch('cans', can.id, { emptyGrams }, can))
        }
      />
      {can.emptyGrams === null && (
        <p className="text-dim text-sm">Not weighed empty: {empty} g taken, as such containers usually weigh (guessed).</p>
      )}
      {fault && (
        <p role="alert" className="text-oxide">
          {fault}
        </p>
      )}
      {found && (
        <>
          <p>
            <span className="font-label text-4xl font-semibold">
              <Why
                name="what is left"
                reason={{
                  formula: '(weight − empty weight) ÷ density',
                  inputs: [
                    ['empty', `${empty} g`],
                    ['density', `${density} kg/l`],
                  ],
                  source:
                    'density: label or class default (guessed). An aerosol’s gas counts as paint here: a little less is in it than this says.',
                }}
              >
                {formats.volume(found.millilitres)}
              </Why>
            </span>
            <span className="text-dim">
              {' '}
              give or take {formats.volume(found.doubtMillilitres)}; reckoned so far {formats.volume(left)}
            </span>
          </p>
          <Button
            look="primary"
            onClick={() =>
              void edit(`Note what is left of ${product.name}`, (change) =>
                countCan(change, can.id, Math.round(found.millilitres * 10) / 10, clock.now(), true),
              )
            }
          >
            Note it
          </Button>
        </>
      )}
      {application === 'aerosol' && <p className="text-dim text-sm">Never warm or open a spray can.</p>}
    </Sheet>
  );
}
