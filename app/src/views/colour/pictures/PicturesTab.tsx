import type { PictureReference } from '@zinc-ladder/model/records/pictureReference';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { keepPicture } from '../../../data/changes/pictureChanges';
import { newId } from '../../../data/newId';
import { useTable } from '../../../data/queries';
import { shrinkPicture } from '../../../data/shrinkPicture';
import { useEdit } from '../../../data/useEdit';
import { useNotices } from '../../../shell/Notices';
import { useTitle } from '../../../shell/pageTitle';
import { FilePick } from '../../../ui/FilePick';
import { NeutralPicture } from './NeutralPicture';
import { PictureDesk } from './PictureDesk';

/** Reference pictures: brought in, made neutral, sampled. */
export function PicturesTab({ pictureId }: { readonly pictureId: string | null }) {
  const edit = useEdit();
  const navigate = useNavigate();
  const { tellError } = useNotices();
  const [search] = useSearchParams();
  const [isReading, setReading] = useState(false);
  const props = useTable('props').toSorted((a, b) => a.position - b.position);
  const pictures = useTable('pictures').filter((picture) => picture.partId === null);
  const targetId = search.get('target');
  const target = useTable('targets').find((entry) => entry.id === targetId);
  const picture = pictures.find((entry) => entry.id === pictureId);
  useTitle(picture ? picture.name : 'Reference pictures');
  const suffix = targetId ? `?target=${targetId}` : '';
  const add = async (file: File): Promise<void> => {
    setReading(true);
    try {
      const small = await shrinkPicture(file);
      const id = newId();
      const propId = target?.propId ?? picture?.propId ?? props[0]?.id ?? null;
      if (await edit(`Keep ${file.name}`, (change) => keepPicture(change, id, small, file.name, propId)))
        void navigate(`/colour/pictures/${id}${suffix}`);
    } catch (error) {
      tellError(new Error(`this picture could not be read: ${error instanceof Error ? error.message : String(error)}`));
    }
    setReading(false);
  };
  useEffect(() => {
    const paste = (event: ClipboardEvent): void => {
      const [file] = [...(event.clipboardData?.files ?? [])].filter((entry) => entry.type.startsWith('image/'));
      if (file) void add(file);
    };
    document.addEventListener('paste', paste);
    return () => document.removeEventListener('paste', paste);
  });
  return (
    <div
      className="grid items-start gap-4 md:grid-cols-[16rem_minmax(0,1fr)]"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        const [file] = [...event.dataTransfer.files].filter((entry) => entry.type.startsWith('image/'));
        if (!file) return;
        event.preventDefault();
        void add(file);
      }}
    >
      <section aria-label="Pictures">
        <div className="mb-2 flex flex-wrap items-center gap-2">
          <FilePick accept="image/jpeg,image/png,image/webp" onPick={(file) => void add(file)} disabled={isReading}>
            {isReading ? 'Reading…' : 'Add a picture'}
          </FilePick>
        </div>
        <p className="text-dim mb-3 text-sm">Or drop or paste one. It is shrunk to 1600 pixels, turned upright and kept with the prop.</p>
        {[...props, null].map((prop) => {
          const own = pictures.filter((entry) => entry.propId === (prop?.id ?? null));
          if (own.length === 0) return null;
          return (
            <div key={prop?.id ?? 'none'} className="mb-3">
              <h2 className="label mb-1">{prop?.name ?? 'Of no prop'}</h2>
              <ul className="grid grid-cols-2 gap-2">
                {own.map((entry) => (
                  <li key={entry.id}>
                    <Link
                      to={`/colour/pictures/${entry.id}${suffix}`}
                      aria-current={entry.id === picture?.id ? 'page' : undefined}
                      className={`block border-2 p-0.5 ${entry.id === picture?.id ? 'border-ink' : 'border-transparent'}`}
                    >
                      <NeutralPicture picture={entry} marks={[]} className="max-h-24" />
                      <span className="block truncate text-sm">{entry.name}</span>
                      <span className="text-dim block text-sm">{neutralWords(entry)}</span>
                    </Link>
                  </li>
                ))}
              </ul>
            </div>
          );
        })}
        {pictures.length === 0 && <p>No picture yet. A still of the thing with something grey or white in the same light serves best.</p>}
      </section>
      {picture ? (
        <PictureDesk key={picture.id} picture={picture} wantedTargetId={targetId} />
      ) : (
        <p className="text-dim">{pictures.length > 0 ? 'Choose a picture to take its light out and sample it.' : ''}</p>
      )}
    </div>
  );
}

function neutralWords(picture: PictureReference): string {
  return picture.neutral ? 'light taken out' : 'light left in';
}
