import { newId } from '../../base/newId';
import type { PictureSubject } from '../../data/changes/prop/pictureChanges';
import { keepPicture } from '../../data/changes/prop/pictureChanges';
import type { Edit } from '../../data/edits/edit';
import { useEdit } from '../edit/useEdit';
import { useNotices } from '../notices/Notices';
import type { PhotoFacts } from '../../workers/pictures/photoFacts';
import { getPictureApi } from '../../workers/pictures/pictureClient';
import { useClock } from '../../clock/ClockContext';
import { shrinkPicture } from './shrinkPicture';

/** A camera's clock that was never set says years long gone, or to come. */
const EARLIEST_MS = Date.UTC(2000, 0, 1);

/** A subject with what its camera wrote: when it was taken, and its lens. */
function withFacts(subject: PictureSubject, { takenAtMs, focalShare }: PhotoFacts, nowMs: number): PictureSubject {
  const isLikely = takenAtMs !== null && takenAtMs > EARLIEST_MS && takenAtMs <= nowMs;
  return { ...subject, focalShare, takenAtMs: isLikely ? Math.round(takenAtMs) : subject.takenAtMs };
}

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
  const clock = useClock();
  const { tellError } = useNotices();
  return async (file, subject, then) => {
    try {
      const [small, facts] = await Promise.all([shrinkPicture(file), getPictureApi().facts(file)]);
      const id = newId();
      const isKept = await edit(`Keep ${file.name}`, async (change) => {
        await keepPicture(change, id, small, file.name, withFacts(subject, facts, clock.now()));
        await then?.(change, id);
      });
      return isKept ? id : null;
    } catch (error) {
      tellError(new Error(`this picture could not be read: ${error instanceof Error ? error.message : String(error)}`));
      return null;
    }
  };
}
