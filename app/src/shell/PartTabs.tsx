import type { Part } from '@zinc-ladder/model/records/part';
import { NavLink } from 'react-router';
import { PartPick } from './PartPick';
import { UndoBar } from './UndoBar';

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
      <nav aria-label={label} className="flex flex-wrap">
        {tabs.map(([path, name]) => (
          <NavLink
            key={path}
            end
            to={`/${view}/${part.id}${path ? `/${path}` : ''}`}
            className={({ isActive }) =>
              `target font-label flex min-h-11 items-center border-b-2 px-3 text-lg font-semibold ${isActive ? 'border-ink' : 'text-dim border-transparent'}`
            }
          >
            {name}
          </NavLink>
        ))}
      </nav>
      <div className="ml-auto">
        <UndoBar isCompact />
      </div>
    </div>
  );
}
