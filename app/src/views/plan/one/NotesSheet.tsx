import type { PlanNote } from '@zinc-ladder/core/plan/shopPlan/planNotes';
import type { Person } from '@zinc-ladder/model/records/shop/person';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { useTable } from '../../../data/queries';
import type { ShopIndex } from '../../../data/useShopIndex';
import { Sheet } from '../../../ui/Sheet';

/** What should be known beside a plan that was made all the same: dates that lie behind, locks that clash, prints without an end, persons without hours. */
export function NotesSheet({ notes, index }: { readonly notes: readonly PlanNote[]; readonly index: ShopIndex }) {
  const persons = useTable('persons');
  if (notes.length === 0) return null;
  return (
    <Sheet className="p-4" label="To know">
      <h2 className="label">To know</h2>
      <ul className="grid gap-1">
        {notes.map((note) => (
          <li key={JSON.stringify(note)}>{noteWords(note, index, persons)}</li>
        ))}
      </ul>
    </Sheet>
  );
}

function noteWords(note: PlanNote, index: ShopIndex, persons: readonly Person[]): string {
  switch (note.kind) {
    case 'noDates':
      return 'No prop has a date: there is nothing to be sure of, so the plan is made to be ready first. Give a prop its date under Ladders.';
    case 'datePast':
      return `The date of ${index.props.get(note.propId)?.name ?? 'a prop'} lies behind: it is planned, but no order can keep it.`;
    case 'lockedTogether':
      return `Locked to times for which there are not hands enough: ${note.rungIds.map(index.rungTitle).join('; ')}. Free one of them, or add hands.`;
    case 'personWithoutHours':
      return `${persons.find(({ id }) => id === note.personId)?.name ?? 'Somebody'} has no hours on any day the plan looks at, and gets no work. See who works here under Shop.`;
    case 'moreBedsThanPrinters':
      return `${note.beds} beds are printing, and the shop has ${note.printers === 1 ? 'one printer' : `${note.printers} printers`}. Say so under Shop, or take off what is done.`;
    case 'printTooLong': {
      const part = index.parts.get(note.partId);
      return `${part ? partLabel(part) : 'A part'} is not printed by the last day the plan looks at. See its pieces and hours, or add a printer.`;
    }
  }
}
