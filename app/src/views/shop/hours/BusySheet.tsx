import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useClock, useNow } from '../../../clock/ClockContext';
import { useEdit } from '../../../features/edit/useEdit';
import { readCalendarFile } from '../../../workers/files/readCalendarFile';
import { useNotices } from '../../../features/notices/Notices';
import { Button } from '../../../ui/Button';
import { FilePick } from '../../../ui/fields/FilePick';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';

const SHOWN = 12;

/** Appointments a shop keeps; the oldest give way. */
const MOST_BUSY = 5000;

/** Appointments that take hands away, brought in from a calendar file or from the bench. */
export function BusySheet({ shop }: { readonly shop: Shop }) {
  const edit = useEdit();
  const clock = useClock();
  const now = useNow(60_000);
  const formats = useFormats();
  const { tell, tellError, tellList } = useNotices();
  const ahead = shop.busy.filter((entry) => entry.endMs > now);
  const bring = async (file: File): Promise<void> => {
    try {
      const { busy: found, notices } = await readCalendarFile(file, shop.timeZone, clock.now());
      const known = new Set(shop.busy.map((entry) => `${entry.startMs}/${entry.endMs}`));
      const fresh = found.filter((entry) => !known.has(`${entry.startMs}/${entry.endMs}`)).map((entry) => ({ ...entry }));
      const busy = [...shop.busy, ...fresh].sort((a, b) => a.startMs - b.startMs).slice(-MOST_BUSY);
      if (await edit(`Bring in ${file.name}`, (change) => change.patch('shop', shop.id, { busy }, shop)))
        tell(`${fresh.length} busy times brought in`, 'The plan goes round them. Undo takes them out.');
      if (notices.length > 0)
        tellList(
          'Not all of the calendar could be followed',
          '',
          notices.map((message) => ({ path: '', message })),
        );
    } catch (error) {
      tellError(error);
    }
  };
  const keep = (label: string, busy: Shop['busy']): void => void edit(label, (change) => change.patch('shop', shop.id, { busy }, shop));
  return (
    <Sheet className="p-4" label="Busy times">
      <h2 className="font-label text-xl font-semibold">Busy times</h2>
      <p className="text-dim mb-2 text-sm">Appointments: hands do nothing in them. Repeats are read a year ahead.</p>
      <FilePick accept=".ics,text/calendar" onPick={(file) => void bring(file)}>
        Bring in a calendar (.ics)
      </FilePick>
      <ul className="mt-2">
        {ahead.slice(0, SHOWN).map((entry) => (
          <li
            key={`${entry.startMs}${entry.endMs}${entry.title}`}
            className="border-line flex items-center justify-between gap-2 border-t py-1"
          >
            <span className="min-w-0">
              <span className="figure block text-sm">
                {formats.moment(entry.startMs, now)} – {formats.moment(entry.endMs, entry.startMs)}
              </span>
              {entry.title}
            </span>
            <Button
              look="quiet"
              aria-label={`Take away: ${entry.title}, ${formats.full(entry.startMs)}`}
              onClick={() =>
                keep(
                  `Take ${entry.title} away`,
                  shop.busy.filter((other) => other !== entry),
                )
              }
            >
              ✕
            </Button>
          </li>
        ))}
      </ul>
      {ahead.length > SHOWN && <p className="text-dim text-sm">and {ahead.length - SHOWN} more</p>}
      {ahead.length > 0 && (
        <Button look="quiet" onClick={() => keep('Take all busy times away', [])}>
          Take all away
        </Button>
      )}
    </Sheet>
  );
}
