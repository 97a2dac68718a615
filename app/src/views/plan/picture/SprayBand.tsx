import type { SprayWindow } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import type { Formats } from '../../../base/formats';
import { AIR, HEAD } from './pictureSizes';
import { RowName } from './RowName';

const TOP = HEAD + AIR;
/** A bar narrower than this has no room for how sure it is. */
const LEAST_WORDS_PX = 44;

/** When spraying is open, paler the less sure it is. */
export function SprayBand({
  windows,
  x,
  nowMs,
  formats,
}: {
  /** those in sight */
  readonly windows: readonly SprayWindow[];
  readonly x: (ms: number) => number;
  readonly nowMs: number;
  readonly formats: Formats;
}) {
  return (
    <>
      <RowName y={TOP + 17} name="Spraying" />
      {windows.map(({ start, end, certainty }) => {
        const [from, to] = [x(start), x(end)];
        const percent = `${Math.round(certainty * 100)} %`;
        return (
          <g key={start}>
            <title>
              spraying {formats.moment(start, nowMs)} to {formats.moment(end, nowMs)}
              {certainty < 1 && `, ${percent} sure by the forecast`}
            </title>
            <rect
              x={from}
              width={Math.max(1, to - from)}
              y={TOP + 5}
              height={14}
              fill="var(--color-lime)"
              fillOpacity={0.25 + 0.75 * certainty}
            />
            {certainty < 1 && to - from > LEAST_WORDS_PX && (
              <text x={(from + to) / 2} y={TOP + 16} textAnchor="middle" fontSize={11} className="fill-ink">
                {percent}
              </text>
            )}
          </g>
        );
      })}
    </>
  );
}
