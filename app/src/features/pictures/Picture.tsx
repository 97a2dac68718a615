import { usePictureUrl } from './usePictureUrl';

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
  const url = usePictureUrl(id);
  return url ? <img src={url} alt={alt} className={`border-line border ${className}`} /> : null;
}
