import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Sheet } from '../../ui/Sheet';
import { UndoBar } from '../edit/UndoBar';

/** A page of one prop that is reached from its ladders: what is chosen in it, the way back, and undo above what it shows. */
export function PropPage({ prop, head, children }: { readonly prop: Prop; readonly head: ReactNode; readonly children: ReactNode }) {
  return (
    <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-4">
      <div className="no-print flex flex-wrap items-end gap-3">
        {head}
        <Link className="in-text self-center underline" to={`/ladders/${prop.id}`}>
          {prop.name} on its ladders
        </Link>
        <div className="ml-auto">
          <UndoBar isCompact />
        </div>
      </div>
      {children}
    </div>
  );
}

/** Said in place of a page whose prop is not there. */
export function NoSuchProp() {
  return (
    <Sheet className="p-4">
      There is no such prop. <Link to="/ladders">All props</Link>
    </Sheet>
  );
}
