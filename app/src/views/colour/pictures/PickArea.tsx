import type { PictureArea } from '@zinc-ladder/core/colour/picture/averageArea';
import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import type { KeyboardEvent, PointerEvent } from 'react';
import { useState } from 'react';
import { Button } from '../../../ui/Button';
import { SelectField } from '../../../ui/fields/fields';
import type { Bounds } from '../../../features/pictures/Loupe';
import { Loupe } from '../../../features/pictures/Loupe';
import { AreaMark, useNeutralUrl } from './NeutralPicture';

/** Sides of a patch for a press, share of the picture's width. */
const SIZES = [
  ['0.02', 'small'],
  ['0.05', 'medium'],
  ['0.1', 'large'],
] as const;
/** A drag shorter than this is a press, px. */
const PRESS = 5;
const STEP = 0.01;

/** A picture one drags or presses on; arrow keys move the patch and Enter takes it. A loupe shows what is under it. */
export function PickArea({
  picture,
  marks,
  onPick,
}: {
  readonly picture: PictureReference;
  readonly marks: readonly PictureArea[];
  readonly onPick: (area: PictureArea) => void;
}) {
  const [isNeutral, setNeutral] = useState(true);
  const url = useNeutralUrl(picture, isNeutral);
  const [bounds, setBounds] = useState<Bounds>({ width: 4, height: 3 });
  const [size, setSize] = useState('0.05');
  const [centre, setCentre] = useState<readonly [number, number]>([0.5, 0.5]);
  const [from, setFrom] = useState<readonly [number, number] | null>(null);
  const [isSeen, setSeen] = useState(false);
  const side = Number(size);
  const placeOf = (event: PointerEvent): readonly [number, number] => {
    const bounds = event.currentTarget.getBoundingClientRect();
    setBounds(bounds);
    return [clamp((event.clientX - bounds.left) / bounds.width), clamp((event.clientY - bounds.top) / bounds.height)];
  };
  const patchAt = ([x, y]: readonly [number, number]): PictureArea => {
    const [width, height] = [side, Math.min(1, side * (bounds.width / bounds.height))];
    return { x: clampTo(x - width / 2, 1 - width), y: clampTo(y - height / 2, 1 - height), width, height };
  };
  const dragged = (a: readonly [number, number], b: readonly [number, number]): PictureArea => ({
    x: Math.min(a[0], b[0]),
    y: Math.min(a[1], b[1]),
    width: Math.abs(a[0] - b[0]),
    height: Math.abs(a[1] - b[1]),
  });
  const isDrag = (a: readonly [number, number], b: readonly [number, number]): boolean =>
    Math.hypot((a[0] - b[0]) * bounds.width, (a[1] - b[1]) * bounds.height) > PRESS;
  const onKey = (event: KeyboardEvent): void => {
    setBounds(event.currentTarget.getBoundingClientRect());
    const step = event.shiftKey ? STEP * 5 : STEP;
    const moves: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    };
    const move = moves[event.key];
    if (move) {
      setCentre(([x, y]) => [clamp(x + move[0]), clamp(y + move[1])]);
      setSeen(true);
    } else if (event.key === 'Enter' || event.key === ' ') onPick(patchAt(centre));
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const current = from && isDrag(from, centre) ? dragged(from, centre) : patchAt(centre);
  if (!url) return <p className="text-dim">The picture is read…</p>;
  return (
    <div>
      <div
        tabIndex={0}
        role="application"
        aria-label={`${picture.name}. Arrow keys move the patch, Enter takes it.`}
        className="border-line relative inline-block max-w-full cursor-crosshair touch-none border align-top select-none"
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          setFrom(placeOf(event));
          setCentre(placeOf(event));
        }}
        onPointerMove={(event) => {
          setCentre(placeOf(event));
          setSeen(true);
        }}
        onPointerLeave={() => from === null && setSeen(false)}
        onPointerUp={(event) => {
          const to = placeOf(event);
          onPick(from && isDrag(from, to) ? dragged(from, to) : patchAt(to));
          setFrom(null);
        }}
        onPointerCancel={() => setFrom(null)}
        onKeyDown={onKey}
      >
        <img src={url} alt="" draggable={false} className="block max-h-[62vh] max-w-full" />
        {picture.neutral && <AreaMark area={picture.neutral.area} isNeutral />}
        {marks.map((area, at) => (
          <AreaMark key={at} area={area} />
        ))}
        {isSeen && <AreaMark area={current} />}
        {isSeen && <Loupe url={url} centre={centre} bounds={bounds} />}
      </div>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <div className="w-32">
          <SelectField label="Patch of a press" value={size} options={SIZES} onChange={setSize} />
        </div>
        {picture.neutral && (
          <Button aria-pressed={!isNeutral} onClick={() => setNeutral((value) => !value)}>
            {isNeutral ? 'Show as taken' : 'Show with its light out'}
          </Button>
        )}
      </div>
    </div>
  );
}

function clamp(value: number): number {
  return clampTo(value, 1);
}

function clampTo(value: number, most: number): number {
  return Math.min(most, Math.max(0, value));
}
