import type { Part } from '@zinc-ladder/model/records/prop/part';
import { TabLinks } from '../../ui/TabLinks';
import { PartPick } from './PartPick';
import { UndoBar } from '../edit/UndoBar';

/** The head of a view that is of one part: which part, which of its tabs, and undo. */
export function PartTabs({
  view,
  part,
  tab,
  tabs,
  label,
}: {
  readonly view: 'surface' | 'weather';
  readonly part: Part;
  readonly tab: string;
  readonly tabs: readonly (readonly [path: string, name: string])[];
  readonly label: string;
}) {
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
      <PartPick view={view} part={part} tab={tab} />
      <TabLinks label={label} tabs={tabs} base={`/${view}/${part.id}`} isExact />
      <div className="ml-auto">
        <UndoBar isCompact />
      </div>
    </div>
  );
}
