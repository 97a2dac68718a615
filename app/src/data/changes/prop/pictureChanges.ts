import type { Edit } from '../../edits/edit';

/** Keeps a shrunk photograph under a fresh id, as a reference of a prop or for the inspection of a part. */
export async function keepPicture(
  edit: Edit,
  id: string,
  blob: Blob,
  name: string,
  propId: string | null,
  partId: string | null = null,
): Promise<void> {
  await edit.attach({ id, blob });
  await edit.put('pictures', {
    id,
    revision: 0,
    name: name.slice(0, 200) || 'picture',
    mediaType: 'image/jpeg',
    byteLength: blob.size,
    propId,
    partId,
    neutral: null,
    takenAtMs: null,
    note: '',
  });
}
