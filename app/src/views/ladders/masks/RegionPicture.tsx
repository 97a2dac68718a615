import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { MaskPlan, MaskPlanRegion } from '@zinc-ladder/model/records/ladder/maskPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { KeyboardEvent } from 'react';
import { useState } from 'react';
import { useTable } from '../../../data/queries';
import type { ShopIndex } from '../../../data/useShopIndex';
import { SelectField } from '../../../ui/fields/fields';
import { Picture } from '../../../features/pictures/Picture';
import { readableInk } from '../../../base/readableInk';

/** A press of an arrow key moves the cross by that share of the picture; with Shift by five times as much. */
const STEP = 0.01;

/** The regions on a picture of the prop or the part: each is a numbered mark in its colour, set by a press or by arrow keys and Enter. */
export function RegionPicture({
  plan,
  part,
  index,
  onPicture,
  onSpot,
}: {
  readonly plan: MaskPlan;
  readonly part: Part;
  readonly index: ShopIndex;
  readonly onPicture: (pictureId: string | null) => void;
  readonly onSpot: (region: MaskPlanRegion, spot: MaskPlanRegion['spot']) => void;
}) {
  const pictures = useTable('pictures').filter((picture) => picture.propId === part.propId || picture.partId === part.id);
  const [chosenId, setChosen] = useState<string | null>(null);
  const [cross, setCross] = useState<readonly [number, number] | null>(null);
  const picture = pictures.find((entry) => entry.id === plan.pictureId);
  const region =
    plan.regions.find((entry) => entry.id === chosenId) ?? plan.regions.find((entry) => entry.spot === null) ?? plan.regions[0];
  if (pictures.length === 0)
    return (
      <p className="text-dim text-sm">
        With a picture of the prop (Change prop) or of the part (Surface, Inspect), the regions can be pointed at on it.
      </p>
    );
  const place = (x: number, y: number): void => {
    if (!region) return;
    onSpot(region, { x: rounded(x), y: rounded(y) });
    // On to the next that has no place yet.
    setChosen(null);
    setCross(null);
  };
  const onKey = (event: KeyboardEvent): void => {
    const step = event.shiftKey ? STEP * 5 : STEP;
    const [x, y] = cross ?? [0.5, 0.5];
    const moves: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [x - step, y],
      ArrowRight: [x + step, y],
      ArrowUp: [x, y - step],
      ArrowDown: [x, y + step],
    };
    const moved = moves[event.key];
    if (moved) setCross([rounded(moved[0]), rounded(moved[1])]);
    else if (event.key === 'Enter' || event.key === ' ') place(x, y);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <section aria-label="Regions on a picture" className="grid gap-2">
      <div className="grid items-end gap-3 sm:grid-cols-2">
        <SelectField
          label="Regions are shown on"
          value={picture?.id ?? ''}
          options={[['', 'no picture'], ...pictures.map((entry) => [entry.id, entry.name] as const)]}
          onChange={(id) => onPicture(id || null)}
        />
        {picture && region && (
          <SelectField
            label="A press says where this is"
            value={region.id}
            options={plan.regions.map((entry, at) => [entry.id, `${at + 1}: ${entry.name}`] as const)}
            onChange={setChosen}
          />
        )}
      </div>
      {picture && region && (
        <div
          tabIndex={0}
          role="application"
          aria-label={`${picture.name}. Arrow keys move the cross, Enter says that ${region.name} is there.`}
          className="relative inline-block max-w-full cursor-crosshair justify-self-start align-top select-none"
          onClick={(event) => {
            const bounds = event.currentTarget.getBoundingClientRect();
            place((event.clientX - bounds.left) / bounds.width, (event.clientY - bounds.top) / bounds.height);
          }}
          onKeyDown={onKey}
        >
          <Picture id={picture.id} alt="" className="block max-h-96 max-w-full" />
          {plan.regions.map((entry, at) => (
            <RegionMark key={entry.id} region={entry} number={at + 1} colourHex={hexOfProduct(index.products.get(entry.productId ?? ''))} />
          ))}
          {cross && (
            <span
              aria-hidden="true"
              className="border-lime pointer-events-none absolute h-5 w-5 -translate-x-1/2 -translate-y-1/2 rounded-full border-3"
              style={{ left: `${cross[0] * 100}%`, top: `${cross[1] * 100}%` }}
            />
          )}
        </div>
      )}
    </section>
  );
}

function RegionMark({
  region,
  number,
  colourHex,
}: {
  readonly region: MaskPlanRegion;
  readonly number: number;
  readonly colourHex: string | null;
}) {
  if (!region.spot) return null;
  const ground = colourHex ?? '#ffffff';
  return (
    <span
      title={region.name}
      className="font-label pointer-events-none absolute flex h-7 min-w-7 -translate-x-1/2 -translate-y-1/2 items-center justify-center border-2 px-1 text-sm font-semibold"
      style={{
        left: `${region.spot.x * 100}%`,
        top: `${region.spot.y * 100}%`,
        background: ground,
        color: readableInk(ground),
        borderColor: readableInk(ground),
      }}
    >
      {number}
      <span className="sr-only">, {region.name}</span>
    </span>
  );
}

function rounded(share: number): number {
  return Math.round(Math.min(1, Math.max(0, share)) * 1000) / 1000;
}
