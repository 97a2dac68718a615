import type { Formats } from '../../../base/formats';
import { HEAD, LEFT } from './pictureSizes';
import type { PlanViewport } from './planViewport';
import { axisTicks, dayStarts } from './planViewport';

/** Days and hours along the top of the plan's picture, with their lines down to its foot. */
export function TimeAxis({
  window,
  offset,
  plotWidth,
  height,
  x,
  formats,
}: {
  readonly window: PlanViewport;
  /** minutes the shop's clock is ahead of UTC at a moment */
  readonly offset: (ms: number) => number;
  readonly plotWidth: number;
  readonly height: number;
  readonly x: (ms: number) => number;
  readonly formats: Formats;
}) {
  return (
    <>
      {dayStarts(window, offset).map((ms, order, all) => (
        <text
          key={ms}
          x={Math.max(LEFT, x(ms)) + 2}
          y={13}
          className="font-label fill-ink font-semibold"
          fontSize={15}
          visibility={x(all[order + 1] ?? Infinity) - Math.max(LEFT, x(ms)) < 64 ? 'hidden' : 'visible'}
        >
          {formats.day(ms)}
        </text>
      ))}
      {axisTicks(window, offset, Math.max(2, Math.floor(plotWidth / 48))).map((tick) => (
        <g key={tick.atMs}>
          <line
            x1={x(tick.atMs)}
            x2={x(tick.atMs)}
            y1={HEAD - 6}
            y2={height}
            stroke="var(--color-line)"
            strokeWidth={tick.isDay ? 1.5 : 0.75}
          />
          <text x={x(tick.atMs) + 3} y={HEAD - 8} className="fill-dim" fontSize={11}>
            {formats.time(tick.atMs)}
          </text>
        </g>
      ))}
    </>
  );
}
