import { useEffect, useMemo } from 'react';
import { useAttachment, useTable } from '../data/queries';

/** A kept picture; `isTall` gives it all the height it wants. */
export function Picture({ id, alt, isTall = false }: { readonly id: string; readonly alt: string; readonly isTall?: boolean }) {
  const blob = useAttachment(id);
  const mediaType = useTable('pictures').find((picture) => picture.id === id)?.mediaType ?? 'image/jpeg';
  const url = useMemo(() => (blob ? URL.createObjectURL(blob.slice(0, blob.size, mediaType)) : null), [blob, mediaType]);
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
