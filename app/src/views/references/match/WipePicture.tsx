import { useQuery } from '@tanstack/react-query';
import { useEffect, useId, useRef } from 'react';
import { useAttachment } from '../../../data/queries';
import { WipeFrame } from '../../../features/pictures/WipeFrame';
import type { MatchAnswer, MatchAsk } from '../../../workers/pictures/matchPictures';
import { getPictureApi } from '../../../workers/pictures/pictureClient';

/**
 * One's own photograph laid over the reference, with a line between the two. Beyond what the spots span it is hatched: there nothing holds the pictures
 * together.
 */
export function WipePicture({
  referenceId,
  ownId,
  ask,
  answer,
  names,
}: {
  readonly referenceId: string;
  readonly ownId: string;
  readonly ask: MatchAsk;
  readonly answer: Exclude<MatchAnswer, { readonly refusal: unknown }>;
  readonly names: { readonly reference: string; readonly own: string };
}) {
  const referenceFile = useAttachment(referenceId);
  const ownFile = useAttachment(ownId);
  const hatch = useId();
  const { pairs, isFlat, referencePatch, ownPatch } = ask;
  const { data, error } = useQuery({
    // What is compared where does not move the pictures.
    queryKey: ['match over', referenceId, ownId, pairs, isFlat, referencePatch, ownPatch],
    queryFn: () => {
      if (!referenceFile || !ownFile) throw new Error('the pictures are not here');
      return getPictureApi().layOver({ id: referenceId, file: referenceFile }, { id: ownId, file: ownFile }, ask);
    },
    enabled: referenceFile !== null && ownFile !== null,
    staleTime: Infinity,
    gcTime: 30_000,
    retry: false,
    networkMode: 'always',
  });
  if (error !== null) return <p role="alert">These pictures cannot be laid over each other: {error.message}</p>;
  if (!data) return <p className="text-dim p-3">The photograph is laid over the reference…</p>;
  const { width, height } = answer.size;
  const outline = answer.hull.map(([x, y]) => `${x * width},${y * height}`).join(' L');
  return (
    <WipeFrame
      names={{ left: names.own, right: names.reference }}
      size={answer.size}
      left={<Drawn bitmap={data[1]} />}
      right={<Drawn bitmap={data[0]} />}
    >
      <svg aria-hidden="true" viewBox={`0 0 ${width} ${height}`} className="pointer-events-none absolute inset-0 h-full w-full">
        <defs>
          <pattern id={hatch} width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path d="M0 0V9" stroke="#000000" strokeWidth="1.2" />
            <path d="M1.4 0V9" stroke="#ffffff" strokeWidth="1.2" />
          </pattern>
        </defs>
        <path d={`M0 0H${width}V${height}H0Z M${outline}Z`} fillRule="evenodd" fill={`url(#${hatch})`} opacity="0.4" />
      </svg>
    </WipeFrame>
  );
}

function Drawn({ bitmap }: { readonly bitmap: ImageBitmap }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const own = canvas.current;
    if (!own) return;
    own.width = bitmap.width;
    own.height = bitmap.height;
    own.getContext('2d')?.drawImage(bitmap, 0, 0);
  }, [bitmap]);
  return <canvas ref={canvas} className="h-full w-full" />;
}
