import type { PictureArea } from '@zinc-ladder/core/colour/picture/averageArea';
import { toGains } from '@zinc-ladder/core/colour/picture/neutralise';
import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { MARK } from '../../../features/pictures/Loupe';
import { useAttachment } from '../../../data/queries';
import { getPictureApi } from '../../../workers/pictures/pictureClient';

/** The picture as shown: with its light taken out where a neutral is known. */
export function useNeutralUrl(picture: PictureReference, isNeutral = true): string | null {
  const file = useAttachment(picture.id);
  const gains = isNeutral ? (picture.neutral?.gains ?? null) : null;
  const neutral = useQuery({
    queryKey: ['neutral picture', picture.id, gains],
    enabled: file !== null && gains !== null,
    staleTime: Infinity,
    gcTime: 300_000,
    retry: false,
    networkMode: 'always',
    queryFn: async () => (file && gains ? getPictureApi().neutral(picture.id, file, toGains(gains)) : null),
  });
  // Until it is made, and where it cannot be made, the picture as it was taken is better than none.
  const shown = gains ? (neutral.data ?? file) : file;
  const url = useMemo(
    () => (shown ? URL.createObjectURL(shown.type === '' ? shown.slice(0, shown.size, picture.mediaType) : shown) : null),
    [shown, picture.mediaType],
  );
  useEffect(
    () => () => {
      if (url) URL.revokeObjectURL(url);
    },
    [url],
  );
  return url;
}

/** A picture with its light taken out, and places marked on it. */
export function NeutralPicture({
  picture,
  marks,
  className = '',
}: {
  readonly picture: PictureReference;
  readonly marks: readonly PictureArea[];
  readonly className?: string;
}) {
  const url = useNeutralUrl(picture);
  if (!url) return <div className={`bg-band h-24 ${className}`} />;
  return (
    <span className="relative inline-block max-w-full align-top">
      <img src={url} alt={picture.name} className={`border-line block max-w-full border ${className}`} />
      {picture.neutral && <AreaMark area={picture.neutral.area} isNeutral />}
      {marks.map((area, at) => (
        <AreaMark key={at} area={area} />
      ))}
    </span>
  );
}

/** A place on a picture: the neutral in dashes, a sample in a double line, seen on light and dark alike. */
export function AreaMark({ area, isNeutral = false }: { readonly area: PictureArea; readonly isNeutral?: boolean }) {
  return (
    <span
      aria-hidden="true"
      className={`pointer-events-none absolute border ${isNeutral ? 'border-dashed' : ''}`}
      style={{
        ...MARK,
        left: `${area.x * 100}%`,
        top: `${area.y * 100}%`,
        width: `${Math.max(area.width * 100, 2)}%`,
        height: `${Math.max(area.height * 100, 2)}%`,
      }}
    />
  );
}
