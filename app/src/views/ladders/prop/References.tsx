import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import { Link } from 'react-router';
import { removeReferencePicture } from '../../../data/changes/look/surfaceChanges';
import { keepPicture } from '../../../data/changes/prop/pictureChanges';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { shrinkPicture } from '../../../features/pictures/shrinkPicture';
import { useEdit } from '../../../features/edit/useEdit';
import { useNotices } from '../../../features/notices/Notices';
import { Button } from '../../../ui/Button';
import { FilePick } from '../../../ui/fields/FilePick';
import { Picture } from '../../../features/pictures/Picture';

/** The pictures a prop is made after. */
export function References({ propId }: { readonly propId: string }) {
  const edit = useEdit();
  const { tellError } = useNotices();
  const pictures = useTable('pictures').filter((picture) => picture.propId === propId);
  const add = async (file: File): Promise<void> => {
    try {
      const picture = await shrinkPicture(file);
      await edit(`Keep ${file.name}`, (change) => keepPicture(change, newId(), picture, file.name, propId));
    } catch (error) {
      tellError(new Error(`this picture could not be read: ${error instanceof Error ? error.message : String(error)}`));
    }
  };
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
            <Button look="quiet" className="text-sm" aria-label={`Take ${picture.name} away`} onClick={() => remove(picture)}>
              Take away
            </Button>
          </li>
        ))}
      </ul>
      <FilePick accept="image/jpeg,image/png,image/webp" onPick={(file) => void add(file)}>
        Add a picture
      </FilePick>
    </section>
  );
}
