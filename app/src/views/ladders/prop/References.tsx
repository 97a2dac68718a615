import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import { Link } from 'react-router';
import { removeReferencePicture } from '../../../data/changes/look/surfaceChanges';
import { madeAfter } from '../../../data/changes/prop/pictureChanges';
import { useTable } from '../../../data/queries';
import { useKeepPicture } from '../../../features/pictures/useKeepPicture';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { FilePick } from '../../../ui/fields/FilePick';
import { Picture } from '../../../features/pictures/Picture';

/** The pictures a prop is made after. */
export function References({ propId }: { readonly propId: string }) {
  const edit = useEdit();
  const keepPicture = useKeepPicture();
  const pictures = useTable('pictures').filter((picture) => picture.propId === propId && !picture.isOwn);
  const remove = (picture: PictureReference): void =>
    void edit(`Take ${picture.name} away`, (change) => removeReferencePicture(change, picture.id));
  return (
    <section aria-label="Reference pictures" className="border-line mt-5 border-t pt-4">
      <h3 className="label mb-2">
        Reference pictures:{' '}
        <Link to={`/references/${propId}`} className="underline">
          measure on them
        </Link>
      </h3>
      <ul className="grid grid-cols-2 gap-3">
        {pictures.map((picture) => (
          <li key={picture.id}>
            <Picture id={picture.id} alt={picture.name} />
            <p className="text-sm">
              <Link to={`/references/${propId}/${picture.id}`} className="underline">
                {picture.name}
              </Link>
            </p>
            {picture.note && <p className="text-dim text-sm">{picture.note}</p>}
            <Button look="quiet" className="text-sm" aria-label={`Take away: ${picture.name}`} onClick={() => remove(picture)}>
              Take away
            </Button>
          </li>
        ))}
      </ul>
      <FilePick accept="image/jpeg,image/png,image/webp" onPick={(file) => void keepPicture(file, madeAfter(propId))}>
        Add a picture
      </FilePick>
    </section>
  );
}
