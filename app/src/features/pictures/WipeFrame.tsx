import type { KeyboardEvent, PointerEvent, ReactNode } from 'react';
import { useState } from 'react';

const STEP = 0.01;

/**
 * Two pictures over each other with a line between them, moved by mouse, finger and keys (Home and End: all of the one, all of the other). `left` is laid over
 * `right` and cut at the line.
 */
export function WipeFrame({
  left,
  right,
  children,
  names,
  size,
  reserved = '18rem',
}: {
  readonly left: ReactNode;
  readonly right: ReactNode;
  /** drawn over both */
  readonly children?: ReactNode;
  readonly names: { readonly left: string; readonly right: string };
  readonly size: { readonly width: number; readonly height: number };
  /** what else stands above it in the window */
  readonly reserved?: string;
}) {
  const [share, setShare] = useState(0.5);
  const move = (event: PointerEvent): void => {
    const box = event.currentTarget.getBoundingClientRect();
    setShare(clamp((event.clientX - box.left) / box.width));
  };
  const onKey = (event: KeyboardEvent): void => {
    const step = event.shiftKey ? STEP * 10 : STEP;
    const moved: Readonly<Record<string, number>> = { ArrowLeft: share - step, ArrowRight: share + step, Home: 0, End: 1 };
    const next = moved[event.key];
    if (next === undefined) return;
    event.preventDefault();
    setShare(clamp(next));
  };
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={`${names.left} left of the line, ${names.right} right of it`}
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Math.round(share * 100)}
      aria-valuetext={`${Math.round(share * 100)} % of the width shows ${names.left}`}
      className="border-line relative w-full cursor-ew-resize touch-none overflow-hidden border select-none"
      style={{
        aspectRatio: `${size.width} / ${size.height}`,
        maxWidth: `max(16rem, calc((100dvh - ${reserved}) * ${size.width / size.height}))`,
      }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        move(event);
      }}
      onPointerMove={(event) => event.buttons > 0 && move(event)}
      onKeyDown={onKey}
    >
      <div className="absolute inset-0">{right}</div>
      <div className="absolute inset-0" style={{ clipPath: `inset(0 ${(1 - share) * 100}% 0 0)` }}>
        {left}
      </div>
      {children}
      <Name words={`◂ ${names.left}`} side="left-1" />
      <Name words={`${names.right} ▸`} side="right-1" />
      <span
        aria-hidden="true"
        className="pointer-events-none absolute inset-y-0 w-0.5 bg-white"
        style={{ left: `calc(${share * 100}% - 1px)`, outline: '1px solid #000000' }}
      />
    </div>
  );
}

function Name({ words, side }: { readonly words: string; readonly side: 'left-1' | 'right-1' }) {
  return (
    <span aria-hidden="true" className={`bg-sheet pointer-events-none absolute top-1 max-w-[45%] truncate px-2 text-sm ${side}`}>
      {words}
    </span>
  );
}

function clamp(value: number): number {
  return Math.min(1, Math.max(0, value));
}
