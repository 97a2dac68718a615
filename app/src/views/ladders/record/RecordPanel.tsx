import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { ShopIndex } from '../../../data/useShopIndex';
import { ProgressStrip } from './ProgressStrip';
import { TwinPanel } from './TwinPanel';

/** How a part was really made: its photographs along time, and what it differs in from another. */
export function RecordPanel({ part, index }: { readonly part: Part; readonly index: ShopIndex }) {
  return (
    <div className="grid gap-5">
      <h2 className="font-label text-2xl font-semibold">How it was made</h2>
      <ProgressStrip part={part} index={index} />
      <TwinPanel key={part.id} part={part} index={index} />
    </div>
  );
}
