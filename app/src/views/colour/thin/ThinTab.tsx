import { COLOUR_PRACTICE } from '@zinc-ladder/core/batch/dilution';
import { useTitle } from '../../../features/title/pageTitle';
import { Cautions } from '../../../ui/Cautions';
import { Sheet } from '../../../ui/Sheet';
import { JobSheet } from './JobSheet';
import { ThinSheet } from './ThinSheet';
import { WeighSheet } from './WeighSheet';

/** Thinning, paint for a job, contents by weight. */
export function ThinTab() {
  useTitle('Thin, dose, weigh');
  return (
    <div className="grid items-start gap-4 lg:grid-cols-3">
      <ThinSheet />
      <JobSheet />
      <WeighSheet />
      <Sheet className="p-4 lg:col-span-3" label="Colour that is no paint">
        <h2 className="label mb-2">Colour that is no paint (common practice)</h2>
        <dl className="mb-4 grid gap-3 sm:grid-cols-3">
          {COLOUR_PRACTICE.map((entry) => (
            <div key={entry.id}>
              <dt className="font-semibold">{entry.name}</dt>
              <dd className="text-dim text-sm">{entry.text}</dd>
            </div>
          ))}
        </dl>
        <Cautions ids={['epoxy', 'cyanoacrylate']} />
      </Sheet>
    </div>
  );
}
