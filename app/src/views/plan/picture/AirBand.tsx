import { airAt } from '@zinc-ladder/core/climate/airTimeline';
import type { ShopAirs } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import { airOfPlace } from '@zinc-ladder/core/plan/shop/sprayPlace';
import type { Formats } from '../../../base/formats';

const HEIGHT = 54;
/** Words over the curves keep a rim of the ground, to be read. */
const HALO = { paintOrder: 'stroke', stroke: 'var(--color-band)', strokeWidth: 4 } as const;

/**
 * Temperature (line) and humidity (dashes) along the window, of the air that is sprayed in; where that is out of doors, the shop's temperature as a thin
 * line beside it. Forecast and typical values are lighter.
 */
export function AirBand({
  airs,
  startMs,
  endMs,
  x,
  top,
  left,
  width,
  formats,
}: {
  readonly airs: ShopAirs;
  readonly startMs: number;
  readonly endMs: number;
  readonly x: (ms: number) => number;
  readonly top: number;
  readonly left: number;
  readonly width: number;
  readonly formats: Formats;
}) {
  const sprayed = airOfPlace(airs, 'out');
  const moments = Array.from({ length: Math.ceil(width / 4) + 1 }, (_, i) => startMs + ((endMs - startMs) * i * 4) / width);
  const points = moments.map((ms) => ({ ms, ...airAt(sprayed, ms) }));
  const inside = airs.yardAir && moments.map((ms) => ({ ms, ...airAt(airs.air, ms) }));
  const shown = [...points, ...(inside ?? [])].map(({ temperatureCelsius }) => temperatureCelsius);
  const warm = Math.max(...shown);
  const cold = Math.min(...shown);
  const span = Math.max(2, warm - cold);
  const y = (share: number): number => top + 4 + (1 - share) * (HEIGHT - 8);
  const lineOf = (of: readonly { readonly ms: number; readonly temperatureCelsius: number }[]): string =>
    of.map((point) => `${x(point.ms).toFixed(1)},${y((point.temperatureCelsius - cold) / span).toFixed(1)}`).join(' ');
  const humidity = points.map((point) => `${x(point.ms).toFixed(1)},${y(point.relativeHumidityPercent / 100).toFixed(1)}`).join(' ');
  const measuredTo = Math.max(left, Math.min(left + width, x(sprayed.measuredUntilMs)));
  const which = inside ? 'Air in the shop and out of doors' : 'Air';
  return (
    <g role="img" aria-label={`${which} from ${formats.temperature(cold)} to ${formats.temperature(warm)} in this window`}>
      <rect x={measuredTo} y={top} width={Math.max(0, left + width - measuredTo)} height={HEIGHT} fill="var(--color-band)" />
      {inside && <polyline points={lineOf(inside)} fill="none" stroke="var(--color-dim)" strokeWidth={1} />}
      <polyline points={lineOf(points)} fill="none" stroke="var(--color-ink)" strokeWidth={1.75} />
      <polyline points={humidity} fill="none" stroke="var(--color-dim)" strokeWidth={1.25} strokeDasharray="4 4" />
      <text x={left + width - 4} y={top + 12} textAnchor="end" className="fill-ink" fontSize={11} {...HALO}>
        {formats.temperature(warm)}
      </text>
      <text x={left + width - 4} y={top + HEIGHT - 4} textAnchor="end" className="fill-ink" fontSize={11} {...HALO}>
        {formats.temperature(cold)}
      </text>
      {inside &&
        (
          [
            ['in the shop', inside],
            ['out of doors', points],
          ] as const
        ).map(([name, line]) => {
          const middle = line[Math.floor(line.length / 2)];
          return (
            middle && (
              <text
                key={name}
                x={x(middle.ms)}
                y={y((middle.temperatureCelsius - cold) / span) + 4}
                className="fill-ink"
                fontSize={11}
                {...HALO}
              >
                {name}
              </text>
            )
          );
        })}
      {measuredTo < left + width - 90 && (
        <text x={measuredTo + 4} y={top + HEIGHT - 4} className="fill-dim" fontSize={11} {...HALO}>
          not measured yet
        </text>
      )}
    </g>
  );
}
