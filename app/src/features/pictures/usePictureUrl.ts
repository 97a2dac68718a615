import { useEffect, useMemo } from 'react';
import { useAttachment, useTable } from '../../data/queries';

/** Address of a kept picture while it is shown; null until its bytes are read. */
export function usePictureUrl(id: string): string | null {
  const blob = useAttachment(id);
  const mediaType = useTable('pictures').find((picture) => picture.id === id)?.mediaType ?? 'image/jpeg';
  const url = useMemo(() => (blob ? URL.createObjectURL(blob.slice(0, blob.size, mediaType)) : null), [blob, mediaType]);
  useEffect(
    () => () => {
      if (url) URL.revokeObjectURL(url);
    },
    [url],
  );
  return url;
}
