import type { SprayWindow } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import type { Formats } from '../../../base/formats';
import { AIR, HEAD } from './pictureSizes';
import { RowName } from './RowName';

const TOP = HEAD + AIR;
/** A bar narrower than this has no room for how sure it is. */
const LEAST_WORDS_PX = 44;

/** When spraying is open, paler the less sure it is; an airbrush that stays in the shop has a bar of its own beneath that of the cans. */
export function SprayBand({
  windows,
  airbrushWindows,
  x,
  nowMs,
  formats,
}: {
  /** those in sight */
  readonly windows: readonly SprayWindow[];
  /** those in sight; null: the airbrush goes where the cans go */
  readonly airbrushWindows: readonly SprayWindow[] | null;
  readonly x: (ms: number) => number;
  readonly nowMs: number;
  readonly formats: Formats;
}) {
  const bars = airbrushWindows
    ? [
        { what: 'cans', of: windows, top: TOP + 1, height: 11 },
        { what: 'airbrush', of: airbrushWindows, top: TOP + 13, height: 11 },
      ]
    : [{ what: 'spraying', of: windows, top: TOP + 5, height: 14 }];
  return (
    <>
      {airbrushWindows ? (
        bars.map(({ what, top }) => (
          <text key={what} x={8} y={top + 9} className="fill-dim" fontSize={11}>
            {what}
          </text>
        ))
      ) : (
        <RowName y={TOP + 17} name="Spraying" />
      )}
      {bars.flatMap(({ what, of, top, height }) =>
        of.map(({ start, end, certainty }) => {
          const [from, to] = [x(start), x(end)];
          const sure = Math.round(certainty * 100);
          const percent = `${sure} %`;
          return (
            <g key={`${what} ${start}`}>
              <title>
                {what} {formats.moment(start, nowMs)} to {formats.moment(end, nowMs)}
                {sure < 100 && `, ${percent} sure by the forecast`}
              </title>
              <rect
                x={from}
                width={Math.max(1, to - from)}
                y={top}
                height={height}
                fill="var(--color-lime)"
                fillOpacity={0.25 + 0.75 * certainty}
              />
              {sure < 100 && to - from > LEAST_WORDS_PX && (
                <text x={(from + to) / 2} y={top + height / 2 + 4} textAnchor="middle" fontSize={11} className="fill-ink">
                  {percent}
                </text>
              )}
            </g>
          );
        }),
      )}
    </>
  );
}
