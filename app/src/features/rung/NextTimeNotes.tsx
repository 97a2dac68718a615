import type { NextTimeNote } from '@zinc-ladder/model/log/nextTime';
import { newId } from '../../base/newId';
import { useNow } from '../../clock/ClockContext';
import { layToRest } from '../../data/changes/ladder/benchChanges';
import { Button } from '../../ui/Button';
import { useEdit } from '../edit/useEdit';
import { useFormats } from '../formats/useFormats';

/** What was noted to be told next time; nothing where nothing was. */
export function NextTimeNotes({ notes }: { readonly notes: readonly NextTimeNote[] }) {
  const edit = useEdit();
  const formats = useFormats();
  const now = useNow(60_000);
  if (notes.length === 0) return null;
  return (
    <section aria-label="Noted for next time" className="border-lime my-2 border-l-4 pl-3">
      <h3 className="label">Noted for next time</h3>
      <ul className="grid gap-1">
        {notes.map(({ entry, because }) => (
          <li key={entry.id} className="flex flex-wrap items-baseline gap-x-2">
            <span>
              {entry.text}{' '}
              <span className="text-dim text-sm">
                {formats.moment(entry.atMs, now)}, {because}
              </span>
            </span>
            <Button
              look="quiet"
              className="text-sm"
              aria-label={`Lay to rest: ${entry.text}`}
              onClick={() => void edit('Lay a note to rest', (change) => layToRest(change, entry.id, newId))}
            >
              Lay to rest
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
