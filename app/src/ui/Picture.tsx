import { useEffect, useMemo } from 'react';
import { useAttachment, useTable } from '../data/queries';

/** A kept picture; `isTall` gives it all the height it wants. */
export function Picture({ id, alt, isTall = false }: { readonly id: string; readonly alt: string; readonly isTall?: boolean }) {
  const bytes = useAttachment(id);
  const mediaType = useTable('pictures').find((picture) => picture.id === id)?.mediaType ?? 'image/jpeg';
  const url = useMemo(
    () => (bytes ? URL.createObjectURL(new Blob([bytes as Uint8Array<ArrayBuffer>], { type: mediaType })) : null),
    [bytes, mediaType],
  );
  useEffect(
    () => () => {
      if (url) URL.revokeObjectURL(url);
    },
    [url],
  );
  return url ? (
    <img src={url} alt={alt} className={`border-line border object-contain ${isTall ? 'block max-w-full' : 'max-h-80'}`} />
  ) : null;
}
