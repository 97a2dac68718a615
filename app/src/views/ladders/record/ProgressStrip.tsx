import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import { useState } from 'react';
import { useClock, useNow } from '../../../clock/ClockContext';
import { removeInspectionPicture } from '../../../data/changes/look/surfaceChanges';
import { ownWork } from '../../../data/changes/prop/pictureChanges';
import { useStandingEntries, useTable } from '../../../data/queries';
import type { ShopIndex } from '../../../data/useShopIndex';
import { useEdit } from '../../../features/edit/useEdit';
import { useFormats } from '../../../features/formats/useFormats';
import { Picture } from '../../../features/pictures/Picture';
import { useArrivingPicture } from '../../../features/pictures/useArrivingPicture';
import { useKeepPicture } from '../../../features/pictures/useKeepPicture';
import { usePictureSize } from '../../../features/pictures/usePictureSizes';
import { WipeFrame } from '../../../features/pictures/WipeFrame';
import { Button } from '../../../ui/Button';
import { FilePick } from '../../../ui/fields/FilePick';

/** Photographs of a part along the time of its making; any two side by side or over each other. */
export function ProgressStrip({ part, index }: { readonly part: Part; readonly index: ShopIndex }) {
  const formats = useFormats();
  const now = useNow(60_000);
  const clock = useClock();
  const edit = useEdit();
  const keepPicture = useKeepPicture();
  const entries = useStandingEntries();
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [isOver, setOver] = useState(false);
  const toldBy = new Map(entries.flatMap((entry) => entry.pictureIds.map((id) => [id, entry] as const)));
  const momentOf = (picture: PictureReference): number | null => picture.takenAtMs ?? toldBy.get(picture.id)?.atMs ?? null;
  const pictures = useTable('pictures')
    .filter(({ partId }) => partId === part.id)
    .toSorted((a, b) => (momentOf(a) ?? 0) - (momentOf(b) ?? 0));
  const add = (file: File): void => void keepPicture(file, ownWork(null, part.id, clock.now()));
  const arriving = useArrivingPicture(add);
  const words = (picture: PictureReference): string => {
    const at = momentOf(picture);
    const rungId = toldBy.get(picture.id)?.rungId;
    const rung = rungId ? index.rungs.get(rungId)?.name : undefined;
    return [at === null ? 'no date' : formats.moment(at, now), rung ?? picture.name].join(', ');
  };
  const [first, second] = chosen.flatMap((id) => pictures.find((picture) => picture.id === id) ?? []);
  const press = (id: string): void => setChosen(chosen.includes(id) ? chosen.filter((other) => other !== id) : [...chosen, id].slice(-2));
  return (
    <section aria-label="Photographs along time" {...arriving}>
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <h3 className="label mr-auto">Photographs along time</h3>
        <FilePick accept="image/jpeg,image/png,image/webp" capture="environment" onPick={add}>
          Add a photograph
        </FilePick>
      </div>
      {pictures.length === 0 && (
        <p className="text-dim">
          None yet. One can be taken from the rung in hand on the bench, or dropped or pasted here. It is shrunk and turned upright; where
          it was taken is not kept.
        </p>
      )}
      <ul className="flex gap-2 overflow-x-auto pb-2">
        {pictures.map((picture) => (
          <li key={picture.id} className="w-32 shrink-0">
            <button
              type="button"
              aria-pressed={chosen.includes(picture.id)}
              className={`block w-full cursor-pointer border-2 text-left text-sm ${chosen.includes(picture.id) ? 'border-ink' : 'border-transparent'}`}
              onClick={() => press(picture.id)}
            >
              <Picture id={picture.id} alt="" className="h-24 w-full object-cover" />
              <span className="block">{words(picture)}</span>
            </button>
            <Button
              look="quiet"
              className="text-sm"
              aria-label={`Take away: ${words(picture)}`}
              disabled={toldBy.has(picture.id)}
              onClick={() => void edit(`Take ${picture.name} away`, (change) => removeInspectionPicture(change, picture.id))}
            >
              {toldBy.has(picture.id) ? 'in the log' : 'Take away'}
            </Button>
          </li>
        ))}
      </ul>
      {first && !second && <p className="text-dim text-sm">Choose another one to hold it against.</p>}
      {first && second && (
        <div className="mt-2 grid gap-2">
          <div className="flex gap-1">
            <Button aria-pressed={!isOver} look={isOver ? 'plain' : 'primary'} onClick={() => setOver(false)}>
              Side by side
            </Button>
            <Button aria-pressed={isOver} look={isOver ? 'primary' : 'plain'} onClick={() => setOver(true)}>
              Under a line
            </Button>
          </div>
          {isOver ? (
            <Over first={first} second={second} words={words} />
          ) : (
            <div className="grid gap-2 sm:grid-cols-2">
              {[first, second].map((picture) => (
                <figure key={picture.id} className="m-0">
                  <Picture id={picture.id} alt={words(picture)} isTall />
                  <figcaption className="text-sm">{words(picture)}</figcaption>
                </figure>
              ))}
            </div>
          )}
        </div>
      )}
    </section>
  );
}

function Over({
  first,
  second,
  words,
}: {
  readonly first: PictureReference;
  readonly second: PictureReference;
  readonly words: (picture: PictureReference) => string;
}) {
  const size = usePictureSize(first.id);
  if (size === null) return <p role="alert">This picture cannot be read.</p>;
  if (!size) return <p className="text-dim">The pictures are read…</p>;
  const side = (picture: PictureReference) => <Picture id={picture.id} alt="" className="h-full w-full object-cover" />;
  return (
    <WipeFrame names={{ left: words(first), right: words(second) }} size={size} left={side(first)} right={side(second)} reserved="20rem" />
  );
}
