import { useEffect, useMemo } from 'react';
import { useAttachment, useTable } from '../data/queries';

/** A kept picture. */
export function Picture({ id, alt }: { readonly id: string; readonly alt: string }) {
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
  return url ? <img src={url} alt={alt} className="border-line max-h-80 border object-contain" /> : null;
}
