import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { madeAfter } from '../../../data/changes/prop/pictureChanges';
import { useTable } from '../../../data/queries';
import { useArrivingPicture } from '../../../features/pictures/useArrivingPicture';
import { useKeepPicture } from '../../../features/pictures/useKeepPicture';
import { useTitle } from '../../../features/title/pageTitle';
import { FilePick } from '../../../ui/fields/FilePick';
import { PictureDesk } from './PictureDesk';
import { PictureList } from './PictureList';

/** Reference pictures: brought in, made neutral, sampled. */
export function PicturesTab({ pictureId }: { readonly pictureId: string | null }) {
  const keepPicture = useKeepPicture();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const [isReading, setReading] = useState(false);
  const props = useTable('props').toSorted((a, b) => a.position - b.position);
  const pictures = useTable('pictures').filter((picture) => picture.partId === null || picture.id === pictureId);
  const targetId = search.get('target');
  const target = useTable('targets').find((entry) => entry.id === targetId);
  const picture = pictures.find((entry) => entry.id === pictureId);
  useTitle(picture ? picture.name : 'Reference pictures');
  const suffix = targetId ? `?target=${targetId}` : '';
  const add = async (file: File): Promise<void> => {
    setReading(true);
    const propId = target?.propId ?? picture?.propId ?? props[0]?.id ?? null;
    const id = await keepPicture(file, madeAfter(propId));
    if (id) void navigate(`/colour/pictures/${id}${suffix}`);
    setReading(false);
  };
  const arriving = useArrivingPicture((file) => void add(file));
  return (
    <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[16rem_minmax(0,1fr)]" {...arriving}>
      <section aria-label="Pictures">
        <div className="mb-2 flex flex-wrap items-center gap-2">
          <FilePick accept="image/jpeg,image/png,image/webp" onPick={(file) => void add(file)} disabled={isReading}>
            {isReading ? 'Reading…' : 'Add a picture'}
          </FilePick>
        </div>
        <p className="text-dim mb-3 text-sm">Or drop or paste one. It is shrunk to 1600 pixels, turned upright and kept with the prop.</p>
        {pictures.length > 0 && <PictureList pictures={pictures} props={props} openId={picture?.id ?? null} suffix={suffix} />}
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
