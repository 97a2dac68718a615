import type { PictureSize } from '@zinc-ladder/model/gather/reference/gatherMeasured';
import type { PicturePlace } from '@zinc-ladder/model/records/prop/picturePlace';
import type { KeyboardEvent, PointerEvent } from 'react';
import { useEffect, useRef, useState } from 'react';
import { Loupe } from '../../features/pictures/Loupe';
import { useWidth } from '../../ui/useSize';

/** Something drawn over the picture. */
export interface Mark {
  readonly key: string;
  readonly points: readonly PicturePlace[];
  readonly words: string;
  /** `known` in dashes, `measured` in one line, `plane` closed, `pin` a dot, `pending` what is being marked */
  readonly look: 'known' | 'measured' | 'plane' | 'pin' | 'pending';
  readonly isFaint?: boolean;
}

const STEP = 0.002;
/** A finger within this of an end takes hold of it, px. */
const HOLD = 14;

interface Held {
  readonly key: string;
  readonly index: number;
}

/**
 * A picture on which places are pointed at: a press places the next one, the ends of what is marked already can be dragged. By keys: arrows move the
 * cross (Shift: far), Enter places it.
 */
export function MarkPicture({
  url,
  name,
  size,
  marks,
  asks,
  onPlace,
  onLeave,
  onMove,
}: {
  readonly url: string;
  readonly name: string;
  readonly size: PictureSize;
  readonly marks: readonly Mark[];
  /** what the next press marks; null: nothing is being marked */
  readonly asks: string | null;
  readonly onPlace: (place: PicturePlace) => void;
  /** Escape: what is being marked is let go of */
  readonly onLeave: () => void;
  readonly onMove: (key: string, index: number, place: PicturePlace) => void;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const isAsked = asks !== null;
  // What is to be pointed at must be in sight, and the keys go to it.
  useEffect(() => {
    if (!isAsked) return;
    frame.current?.scrollIntoView({ block: 'nearest' });
    frame.current?.focus({ preventScroll: true });
  }, [isAsked]);
  const width = useWidth(frame, 800);
  const [cross, setCross] = useState<PicturePlace>({ x: 0.5, y: 0.5 });
  const [isSeen, setSeen] = useState(false);
  const [held, setHeld] = useState<(Held & { readonly place: PicturePlace }) | null>(null);
  const scale = size.width / width;
  const bounds = { width, height: size.height / scale };
  const placeOf = (event: PointerEvent): PicturePlace => {
    const box = event.currentTarget.getBoundingClientRect();
    return { x: clamp((event.clientX - box.left) / box.width), y: clamp((event.clientY - box.top) / box.height) };
  };
  const endNear = (place: PicturePlace): Held | null => {
    let nearest: (Held & { readonly far: number }) | null = null;
    for (const { key, points, look } of marks)
      if (look !== 'pending')
        for (const [index, point] of points.entries()) {
          const far = Math.hypot((point.x - place.x) * bounds.width, (point.y - place.y) * bounds.height);
          if (far <= HOLD && (!nearest || far < nearest.far)) nearest = { key, index, far };
        }
    return nearest;
  };
  const onKey = (event: KeyboardEvent): void => {
    const step = event.shiftKey ? STEP * 15 : STEP;
    const moves: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    };
    const move = moves[event.key];
    if (move) {
      setCross(({ x, y }) => ({ x: clamp(x + move[0]), y: clamp(y + move[1]) }));
      setSeen(true);
    } else if ((event.key === 'Enter' || event.key === ' ') && asks !== null) onPlace(cross);
    else if (event.key === 'Escape' && asks !== null) onLeave();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const shown = held
    ? marks.map((mark) =>
        mark.key === held.key ? { ...mark, points: mark.points.map((point, index) => (index === held.index ? held.place : point)) } : mark,
      )
    : marks;
  return (
    <div
      ref={frame}
      tabIndex={0}
      role="application"
      aria-label={`${name}. ${asks ?? 'Choose what to mark.'} Arrow keys move the cross, Enter places it, Escape lets go.`}
      // All of it fits the window: a place is pointed at without scrolling.
      style={{ maxWidth: `max(16rem, calc((100dvh - 13rem) * ${size.width / size.height}))` }}
      className={`border-line relative w-full touch-none border select-none ${asks === null ? '' : 'cursor-crosshair'}`}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        const place = placeOf(event);
        setCross(place);
        const end = asks === null ? endNear(place) : null;
        if (end) setHeld({ ...end, place });
      }}
      onPointerMove={(event) => {
        const place = placeOf(event);
        setCross(place);
        setSeen(asks !== null || held !== null || endNear(place) !== null);
        if (held) setHeld({ ...held, place });
      }}
      onPointerLeave={() => setSeen(false)}
      onPointerUp={(event) => {
        const place = placeOf(event);
        if (held) onMove(held.key, held.index, place);
        else if (asks !== null) onPlace(place);
        setHeld(null);
      }}
      onPointerCancel={() => setHeld(null)}
      onKeyDown={onKey}
    >
      <img src={url} alt="" draggable={false} className="block w-full" />
      <svg
        aria-hidden="true"
        viewBox={`0 0 ${size.width} ${size.height}`}
        className="pointer-events-none absolute inset-0 h-full w-full overflow-visible"
      >
        {shown.map((mark) => (
          <MarkShape key={mark.key} mark={mark} size={size} scale={scale} />
        ))}
        {isSeen && asks !== null && (
          <path
            d={`M${cross.x * size.width - 12 * scale} ${cross.y * size.height}h${24 * scale}M${cross.x * size.width} ${cross.y * size.height - 12 * scale}v${24 * scale}`}
            stroke="#ffffff"
            strokeWidth={1.5 * scale}
            style={{ mixBlendMode: 'difference' }}
          />
        )}
      </svg>
      {isSeen && <Loupe url={url} centre={[cross.x, cross.y]} bounds={bounds} />}
    </div>
  );
}

const DASHES: Readonly<Record<Mark['look'], readonly [number, number] | null>> = {
  known: [7, 5],
  measured: null,
  plane: [2, 4],
  pin: null,
  pending: [3, 3],
};

function MarkShape({ mark, size, scale }: { readonly mark: Mark; readonly size: PictureSize; readonly scale: number }) {
  const points = mark.points.map(({ x, y }) => [x * size.width, y * size.height] as const);
  const [first] = points;
  if (!first) return null;
  const line = points.map(([x, y], at) => `${at === 0 ? 'M' : 'L'}${x} ${y}`).join('') + (mark.look === 'plane' ? 'Z' : '');
  const dots = points
    .map(
      ([x, y]) => `M${x - 4 * scale} ${y}a${4 * scale} ${4 * scale} 0 1 0 ${8 * scale} 0a${4 * scale} ${4 * scale} 0 1 0 ${-8 * scale} 0`,
    )
    .join('');
  const middle =
    mark.look === 'pin' || points.length < 2
      ? first
      : [((first[0] ?? 0) + (points[1]?.[0] ?? 0)) / 2, ((first[1] ?? 0) + (points[1]?.[1] ?? 0)) / 2];
  const dash = DASHES[mark.look];
  return (
    <g opacity={mark.isFaint ? 0.5 : 1}>
      <path d={line + dots} fill="none" stroke="#000000" strokeWidth={4 * scale} />
      <path d={dots} fill="#ffffff" />
      <path
        d={line}
        fill="none"
        stroke="#ffffff"
        strokeWidth={2 * scale}
        {...(dash ? { strokeDasharray: dash.map((part) => part * scale).join(' ') } : {})}
      />
      <text
        x={(middle[0] ?? 0) + 8 * scale}
        y={(middle[1] ?? 0) - 8 * scale}
        fontSize={14 * scale}
        fill="#ffffff"
        stroke="#000000"
        strokeWidth={3.5 * scale}
        paintOrder="stroke"
        className="font-label font-semibold"
      >
        {mark.words}
      </text>
    </g>
  );
}

function clamp(value: number): number {
  return Math.min(1, Math.max(0, value));
}
