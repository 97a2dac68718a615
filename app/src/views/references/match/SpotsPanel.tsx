import type { PictureMatch } from '@zinc-ladder/model/records/reference/pictureMatch';
import type { PicturePlace } from '@zinc-ladder/model/records/prop/picturePlace';
import type { PictureSize } from '@zinc-ladder/model/gather/reference/gatherMeasured';
import { useState } from 'react';
import { MOST_SPOTS, moveSpot } from '../../../data/changes/prop/matchChanges';
import { usePictureUrl } from '../../../features/pictures/usePictureUrl';
import { Button } from '../../../ui/Button';
import type { Mark } from '../MarkPicture';
import { MarkPicture } from '../MarkPicture';
import { CheckField } from '../../../ui/fields/CheckField';

/** One and the same spots on both pictures, pointed at in turn: first on the reference, then on one's own photograph. */
export function SpotsPanel({
  match,
  earlier,
  sizes,
  names,
  suspects,
  onChange,
}: {
  readonly match: PictureMatch;
  /** the last match against the same reference: its spots are offered again */
  readonly earlier: PictureMatch | null;
  readonly sizes: ReadonlyMap<string, PictureSize | null>;
  readonly names: { readonly reference: string; readonly own: string };
  readonly suspects: readonly number[];
  readonly onChange: (label: string, change: (match: PictureMatch) => PictureMatch) => void;
}) {
  const referenceUrl = usePictureUrl(match.referenceId);
  const ownUrl = usePictureUrl(match.ownId);
  const [pending, setPending] = useState<PicturePlace | null>(null);
  const [passed, setPassed] = useState(0);
  const number = match.spots.length + 1;
  const offered = pending ? null : (earlier?.spots[match.spots.length + passed]?.reference ?? null);
  const there = pending ?? offered;
  const isFull = match.spots.length >= MOST_SPOTS;
  const marksOn = (side: 'reference' | 'own'): readonly Mark[] => [
    ...match.spots.map((spot, at): Mark => ({
      key: `${at}`,
      points: [spot[side]],
      words: suspects.includes(at) ? `${at + 1}?` : `${at + 1}`,
      look: 'pin',
    })),
    ...(side === 'reference' && there ? [{ key: 'pending', points: [there], words: `${number}`, look: 'pending' } as const] : []),
  ];
  const place = (own: PicturePlace): void => {
    if (!there) return;
    setPending(null);
    onChange(`Point at spot ${number}`, (kept) => ({ ...kept, spots: [...kept.spots, { reference: there, own }] }));
  };
  const askReference = isFull || there ? null : `Spot ${number}: point at something you will find on the other picture too.`;
  const askOwn = isFull || !there ? null : `Spot ${number}: point at the same on your photograph.`;
  const referenceSize = sizes.get(match.referenceId);
  const ownSize = sizes.get(match.ownId);
  if (!referenceUrl || !ownUrl || !referenceSize || !ownSize) return <p className="text-dim">The pictures are read…</p>;
  return (
    <div className="grid gap-2">
      <p role="status" className="border-lime bg-sheet flex min-h-9 flex-wrap items-center gap-3 border-l-4 px-3">
        {isFull ? `${MOST_SPOTS} spots are as many as are taken.` : (askReference ?? askOwn)}
        {pending && <Button onClick={() => setPending(null)}>Another spot</Button>}
        {offered && <Button onClick={() => setPassed(passed + 1)}>Not seen on this one</Button>}
      </p>
      <div className="grid items-start gap-3 sm:grid-cols-2">
        {(
          [
            ['reference', referenceUrl, referenceSize, askReference, setPending],
            ['own', ownUrl, ownSize, askOwn, place],
          ] as const
        ).map(([side, url, size, asks, onPlace]) => (
          <div key={side}>
            <h3 className="label mb-1">{names[side]}</h3>
            <MarkPicture
              url={url}
              name={names[side]}
              size={size}
              marks={marksOn(side)}
              asks={asks}
              onPlace={onPlace}
              onLeave={() => setPending(null)}
              onMove={(key, _index, at) => onChange(`Move spot ${Number(key) + 1}`, (kept) => moveSpot(kept, Number(key), side, at))}
            />
          </div>
        ))}
      </div>
      <div className="flex flex-wrap gap-2">
        {match.spots.map((_, at) => (
          <Button
            key={at}
            look="quiet"
            className="text-sm"
            aria-label={`Take spot ${at + 1} off`}
            onClick={() => onChange(`Take spot ${at + 1} off`, (kept) => ({ ...kept, spots: kept.spots.filter((__, nth) => nth !== at) }))}
          >
            {at + 1} ✕
          </Button>
        ))}
      </div>
      <CheckField
        label="What is compared is flat: four spots are enough"
        checked={match.isFlat}
        onChange={(isFlat) => onChange(isFlat ? 'It is flat' : 'It is not flat', (kept) => ({ ...kept, isFlat }))}
      />
    </div>
  );
}
