import type { PictureSize } from '@zinc-ladder/model/gather/reference/gatherMeasured';
import type { PictureArea } from '@zinc-ladder/model/records/prop/pictureArea';
import type { PicturePlace } from '@zinc-ladder/model/records/prop/picturePlace';
import type { PictureMatch } from '@zinc-ladder/model/records/reference/pictureMatch';
import { useState } from 'react';
import { MOST_REGIONS } from '../../../data/changes/prop/matchChanges';
import { useTable } from '../../../data/queries';
import { usePictureUrl } from '../../../features/pictures/usePictureUrl';
import { Button } from '../../../ui/Button';
import { InlineText, SelectField } from '../../../ui/fields/fields';
import type { Mark } from '../MarkPicture';
import { MarkPicture } from '../MarkPicture';

const corners = ({ x, y, width, height }: PictureArea): readonly PicturePlace[] => [
  { x, y },
  { x: x + width, y },
  { x: x + width, y: y + height },
  { x, y: y + height },
];

/** The upright rectangle between two corners, not thinner than a thousandth of a side. */
function areaBetween(a: PicturePlace, b: PicturePlace): PictureArea {
  const x = Math.min(a.x, b.x, 0.999);
  const y = Math.min(a.y, b.y, 0.999);
  return { x, y, width: Math.max(0.001, Math.max(a.x, b.x) - x), height: Math.max(0.001, Math.max(a.y, b.y) - y) };
}

/** Regions whose colours are compared, marked on the reference by two opposite corners. */
export function RegionsPanel({
  match,
  sizes,
  name,
  onChange,
}: {
  readonly match: PictureMatch;
  readonly sizes: ReadonlyMap<string, PictureSize | null>;
  /** of the reference */
  readonly name: string;
  readonly onChange: (label: string, change: (match: PictureMatch) => PictureMatch) => void;
}) {
  const url = usePictureUrl(match.referenceId);
  const parts = useTable('parts').filter(({ propId }) => propId === match.propId);
  const cards = useTable('mixCards');
  const [isMarking, setMarking] = useState(false);
  const [first, setFirst] = useState<PicturePlace | null>(null);
  const size = sizes.get(match.referenceId);
  if (!url || !size) return <p className="text-dim">The picture is read…</p>;
  const marks: readonly Mark[] = [
    ...match.regions.map(({ area, name: words }, at): Mark => ({ key: `${at}`, points: corners(area), words, look: 'plane' })),
    ...(first ? [{ key: 'pending', points: [first], words: '', look: 'pending' } as const] : []),
  ];
  const asks = isMarking ? (first ? 'Point at the opposite corner.' : 'Point at a corner of a region of one colour.') : null;
  const stop = (): void => {
    setMarking(false);
    setFirst(null);
  };
  const place = (at: PicturePlace): void => {
    if (!first) {
      setFirst(at);
      return;
    }
    stop();
    const area = areaBetween(first, at);
    onChange('Mark a region', (kept) => ({
      ...kept,
      regions: [...kept.regions, { name: `region ${kept.regions.length + 1}`, area, partId: null, mixCardId: null }],
    }));
  };
  /** A corner that is dragged moves against the one opposite it. */
  const move = (key: string, index: number, at: PicturePlace): void =>
    onChange('Move a region', (kept) => ({
      ...kept,
      regions: kept.regions.map((region, nth) => {
        const opposite = corners(region.area)[(index + 2) % 4];
        return nth === Number(key) && opposite ? { ...region, area: areaBetween(at, opposite) } : region;
      }),
    }));
  const set = (label: string, at: number, fields: Partial<PictureMatch['regions'][number]>): void =>
    onChange(label, (kept) => ({ ...kept, regions: kept.regions.map((region, nth) => (nth === at ? { ...region, ...fields } : region)) }));
  return (
    <div className="grid gap-2">
      <p role="status" className="flex min-h-9 flex-wrap items-center gap-3">
        {asks ?? 'Mark what has one colour: a band, a plate, a lens. Corners can be dragged.'}
        <Button
          disabled={!isMarking && match.regions.length >= MOST_REGIONS}
          onClick={() => {
            if (isMarking) stop();
            else setMarking(true);
          }}
        >
          {isMarking ? 'Leave it' : 'Mark a region'}
        </Button>
      </p>
      <MarkPicture url={url} name={name} size={size} marks={marks} asks={asks} onPlace={place} onLeave={stop} onMove={move} />
      <ul className="grid gap-2">
        {match.regions.map((region, at) => (
          <li key={at} className="border-line grid gap-2 border-t pt-2 sm:grid-cols-[1fr_1fr_1fr_auto] sm:items-end">
            <InlineText
              label="Region"
              value={region.name}
              onKeep={(words) => words.trim() !== '' && set('Name a region', at, { name: words.trim().slice(0, 200) })}
            />
            <SelectField
              label="Part"
              value={region.partId ?? ''}
              options={[['', 'not said'], ...parts.map((part) => [part.id, part.name] as const)]}
              onChange={(id) => set('Say the part of a region', at, { partId: id === '' ? null : id })}
            />
            <SelectField
              label="Painted with"
              value={region.mixCardId ?? ''}
              options={[['', 'no card'], ...cards.map((card) => [card.id, card.name] as const)]}
              onChange={(id) => set('Say the mix of a region', at, { mixCardId: id === '' ? null : id })}
            />
            <Button
              look="quiet"
              className="text-sm"
              aria-label={`Take away: ${region.name}`}
              onClick={() =>
                onChange(`Take ${region.name} away`, (kept) => ({ ...kept, regions: kept.regions.filter((_, nth) => nth !== at) }))
              }
            >
              Take away
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}
