import type { KeyboardEvent, PointerEvent } from 'react';
import { useState } from 'react';
import type { PhotoPoint } from '@zinc-ladder/core/weather/photograph/photo';
import { Picture } from '../../../features/pictures/Picture';

/** A mark on a photograph, in shares of its sides. */
export interface BoardMark {
  readonly place: PhotoPoint;
  readonly text: string;
  readonly kind: 'pair' | 'clean';
}

const STEP = 0.01;
const MOVES: Readonly<Record<string, PhotoPoint>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

/** A photograph that is pointed at, by pointer or by arrow keys and Enter. */
export function PhotoBoard({
  pictureId,
  label,
  marks,
  area,
  onPoint,
}: {
  readonly pictureId: string;
  readonly label: string;
  readonly marks: readonly BoardMark[];
  readonly area: { readonly left: number; readonly top: number; readonly width: number; readonly height: number } | null;
  readonly onPoint: (place: PhotoPoint) => void;
}) {
  const [cursor, setCursor] = useState<PhotoPoint | null>(null);
  const onKey = (event: KeyboardEvent): void => {
    const [x, y] = cursor ?? [0.5, 0.5];
    const move = MOVES[event.key];
    if (event.key === 'Enter' && cursor) onPoint(cursor);
    else if (move) {
      const far = event.shiftKey ? 5 : 1;
      setCursor([Math.min(1, Math.max(0, x + move[0] * far)), Math.min(1, Math.max(0, y + move[1] * far))]);
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const press = (event: PointerEvent): void => {
    const bounds = event.currentTarget.getBoundingClientRect();
    onPoint([(event.clientX - bounds.left) / bounds.width, (event.clientY - bounds.top) / bounds.height]);
  };
  return (
    <div
      role="application"
      aria-roledescription="photograph to be pointed at"
      aria-label={`${label}. Arrow keys move the cross, Enter sets a place.`}
      tabIndex={0}
      className="relative inline-block w-full cursor-crosshair [&_img]:w-full"
      onPointerUp={press}
      onKeyDown={onKey}
      onBlur={() => setCursor(null)}
    >
      <Picture id={pictureId} alt={label} isTall />
      <svg
        viewBox="0 0 100 100"
        preserveAspectRatio="none"
        className="pointer-events-none absolute inset-0 h-full w-full"
        aria-hidden="true"
      >
        {area && (
          <rect
            x={area.left * 100}
            y={area.top * 100}
            width={area.width * 100}
            height={area.height * 100}
            fill="none"
            className="stroke-lime"
            strokeWidth="0.8"
          />
        )}
        {cursor && (
          <path
            d={`M${cursor[0] * 100 - 3} ${cursor[1] * 100}h6M${cursor[0] * 100} ${cursor[1] * 100 - 3}v6`}
            className="stroke-lime"
            strokeWidth="0.6"
          />
        )}
      </svg>
      {marks.map(({ place, text, kind }, at) => (
        <span
          key={at}
          aria-hidden="true"
          className={`font-label pointer-events-none absolute flex h-5 min-w-5 -translate-x-1/2 -translate-y-1/2 items-center justify-center border px-0.5 text-xs font-semibold ${
            kind === 'pair' ? 'bg-ink border-sheet text-sheet' : 'bg-sheet border-ink text-ink rounded-full'
          }`}
          style={{ left: `${place[0] * 100}%`, top: `${place[1] * 100}%` }}
        >
          {text}
        </span>
      ))}
    </div>
  );
}
