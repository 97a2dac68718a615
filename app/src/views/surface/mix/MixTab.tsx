import type { Part } from '@zinc-ladder/model/records/prop/part';
import { EpoxySheet } from './EpoxySheet';
import { FillerSheet } from './FillerSheet';
import { SlurrySheet } from './SlurrySheet';

/** What is mixed for filling: how much of each, and how long it can be worked. */
export function MixTab({ part }: { readonly part: Part }) {
  return (
    <div className="grid items-start gap-4 lg:grid-cols-3">
      <FillerSheet part={part} />
      <EpoxySheet />
      <SlurrySheet part={part} />
    </div>
  );
}
