import { useEffect, useMemo } from 'react';
import { useAttachment, useTable } from '../../data/queries';

/** A kept picture; `isTall` gives it all the height it wants, `className` a size of its own. */
export function Picture({
  id,
  alt,
  isTall = false,
  className = `object-contain ${isTall ? 'block max-w-full' : 'max-h-80'}`,
}: {
  readonly id: string;
  readonly alt: string;
  readonly isTall?: boolean;
  readonly className?: string;
}) {
  const blob = useAttachment(id);
  const mediaType = useTable('pictures').find((picture) => picture.id === id)?.mediaType ?? 'image/jpeg';
  const url = useMemo(() => (blob ? URL.createObjectURL(blob.slice(0, blob.size, mediaType)) : null), [blob, mediaType]);
  useEffect(
    () => () => {
      if (url) URL.revokeObjectURL(url);
    },
    [url],
  );
  return url ? <img src={url} alt={alt} className={`border-line border ${className}`} /> : null;
}
