import { newId } from '../../base/newId';
import type { PictureSubject } from '../../data/changes/prop/pictureChanges';
import { keepPicture } from '../../data/changes/prop/pictureChanges';
import type { Edit } from '../../data/edits/edit';
import { useEdit } from '../edit/useEdit';
import { useNotices } from '../notices/Notices';
import { shrinkPicture } from './shrinkPicture';

/**
 * Brings a photograph in: shrunk, upright, without what its camera wrote into it. Gives its id; null where it could not be read or kept, which is then told.
 *
 * The `then` of a call goes into the same edit, so that undo takes back both.
 */
export function useKeepPicture(): (
  file: File,
  subject: PictureSubject,
  then?: (edit: Edit, id: string) => Promise<unknown>,
) => Promise<string | null> {
  const edit = useEdit();
  const { tellError } = useNotices();
  return async (file, subject, then) => {
    try {
      const small = await shrinkPicture(file);
      const id = newId();
      const isKept = await edit(`Keep ${file.name}`, async (change) => {
        await keepPicture(change, id, small, file.name, subject);
        await then?.(change, id);
      });
      return isKept ? id : null;
    } catch (error) {
      tellError(new Error(`this picture could not be read: ${error instanceof Error ? error.message : String(error)}`));
      return null;
    }
  };
}
