import { useEffect, useState } from 'react';
import { useAttachment, useTable } from '../../data/queries';

/** A kept picture. */
export function Picture({ id, alt }: { readonly id: string; readonly alt: string }) {
  const bytes = useAttachment(id);
  const mediaType = useTable('pictures').find((picture) => picture.id === id)?.mediaType ?? 'image/jpeg';
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    if (!bytes) return undefined;
    const made = URL.createObjectURL(new Blob([bytes as Uint8Array<ArrayBuffer>], { type: mediaType }));
    setUrl(made);
    return () => {
      setUrl(null);
      URL.revokeObjectURL(made);
    };
  }, [bytes, mediaType]);
  return url ? <img src={url} alt={alt} className="border-line max-h-80 border object-contain" /> : null;
}
