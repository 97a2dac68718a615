import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import type { Edit } from '../../edits/edit';

/** What a picture shows. */
export type PictureSubject = Pick<PictureReference, 'propId' | 'partId' | 'isOwn' | 'takenAtMs' | 'focalShare'>;

/** A picture a prop is made after, or one that belongs to none. */
export function madeAfter(propId: string | null): PictureSubject {
  return { propId, partId: null, isOwn: false, takenAtMs: null, focalShare: null };
}

/** One's own photograph of a part, or of a whole prop. */
export function ownWork(propId: string | null, partId: string | null, takenAtMs: number): PictureSubject {
  return { propId, partId, isOwn: true, takenAtMs: Math.round(takenAtMs), focalShare: null };
}

/** Keeps a shrunk photograph under a fresh id. */
export async function keepPicture(edit: Edit, id: string, blob: Blob, name: string, subject: PictureSubject): Promise<void> {
  await edit.attach({ id, blob });
  await edit.put('pictures', {
    id,
    revision: 0,
    name: name.slice(0, 200) || 'picture',
    mediaType: 'image/jpeg',
    byteLength: blob.size,
    ...subject,
    neutral: null,
    note: '',
  });
}
