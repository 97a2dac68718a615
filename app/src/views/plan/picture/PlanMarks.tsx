import type { Formats } from '../../../base/formats';
import { HANDS_TOP } from './pictureSizes';

/** A moment of the plan as a line from top to bottom. */
export function Mark({
  x,
  left,
  right,
  top,
  bottom,
  label,
  kind,
}: {
  readonly x: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly label: string;
  readonly kind: 'now' | 'ready' | 'due';
}) {
  if (x < left || x > right) return null;
  const stroke = { now: 'var(--color-lime)', ready: 'var(--color-ink)', due: 'var(--color-oxide)' }[kind];
  return (
    <g pointerEvents="none">
      {kind === 'now' && <line x1={x} x2={x} y1={top} y2={bottom} stroke="var(--color-ink)" strokeWidth={4.5} />}
      <line
        x1={x}
        x2={x}
        y1={top}
        y2={bottom}
        stroke={stroke}
        strokeWidth={kind === 'now' ? 3 : 2}
        strokeDasharray={kind === 'now' ? undefined : '6 4'}
      />
      {kind !== 'now' && (
        <text x={x - 4} y={bottom - 6} textAnchor="end" className="font-label font-semibold" fontSize={13} fill={stroke}>
          {label}
        </text>
      )}
    </g>
  );
}

/** Where a dragged rung would begin. */
export function PulledMark({
  startMs,
  x,
  height,
  formats,
}: {
  readonly startMs: number;
  readonly x: (ms: number) => number;
  readonly height: number;
  readonly formats: Formats;
}) {
  return (
    <g pointerEvents="none">
      <line x1={x(startMs)} x2={x(startMs)} y1={HANDS_TOP - 4} y2={HANDS_TOP + height} stroke="var(--color-ink)" strokeWidth={3} />
      <text x={x(startMs) + 5} y={HANDS_TOP + height + 2} fontSize={12} className="fill-ink font-semibold">
        {formats.time(startMs)}
      </text>
    </g>
  );
}
