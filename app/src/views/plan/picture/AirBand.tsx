import type { AirTimeline } from '@zinc-ladder/core/climate/airTimeline';
import { airAt } from '@zinc-ladder/core/climate/airTimeline';
import type { Formats } from '../../../base/formats';

const HEIGHT = 54;
/** Words over the curves keep a rim of the ground, to be read. */
const HALO = { paintOrder: 'stroke', stroke: 'var(--color-band)', strokeWidth: 4 } as const;

/** Temperature (line) and humidity (dashes) along the window; forecast and typical values are lighter. */
export function AirBand({
  air,
  startMs,
  endMs,
  x,
  top,
  left,
  width,
  formats,
}: {
  readonly air: AirTimeline;
  readonly startMs: number;
  readonly endMs: number;
  readonly x: (ms: number) => number;
  readonly top: number;
  readonly left: number;
  readonly width: number;
  readonly formats: Formats;
}) {
  const points = Array.from({ length: Math.ceil(width / 4) + 1 }, (_, i) => {
    const ms = startMs + ((endMs - startMs) * i * 4) / width;
    return { ms, ...airAt(air, ms) };
  });
  const warm = Math.max(...points.map((point) => point.temperatureCelsius));
  const cold = Math.min(...points.map((point) => point.temperatureCelsius));
  const span = Math.max(2, warm - cold);
  const y = (share: number): number => top + 4 + (1 - share) * (HEIGHT - 8);
  const temperature = points
    .map((point) => `${x(point.ms).toFixed(1)},${y((point.temperatureCelsius - cold) / span).toFixed(1)}`)
    .join(' ');
  const humidity = points.map((point) => `${x(point.ms).toFixed(1)},${y(point.relativeHumidityPercent / 100).toFixed(1)}`).join(' ');
  const measuredTo = Math.max(left, Math.min(left + width, x(air.measuredUntilMs)));
  return (
    <g role="img" aria-label={`Air from ${formats.temperature(cold)} to ${formats.temperature(warm)} in this window`}>
      <rect x={measuredTo} y={top} width={Math.max(0, left + width - measuredTo)} height={HEIGHT} fill="var(--color-band)" />
      <polyline points={temperature} fill="none" stroke="var(--color-ink)" strokeWidth={1.75} />
      <polyline points={humidity} fill="none" stroke="var(--color-dim)" strokeWidth={1.25} strokeDasharray="4 4" />
      <text x={left + width - 4} y={top + 12} textAnchor="end" className="fill-ink" fontSize={11} {...HALO}>
        {formats.temperature(warm)}
      </text>
      <text x={left + width - 4} y={top + HEIGHT - 4} textAnchor="end" className="fill-ink" fontSize={11} {...HALO}>
        {formats.temperature(cold)}
      </text>
      {measuredTo < left + width - 90 && (
        <text x={measuredTo + 4} y={top + HEIGHT - 4} className="fill-dim" fontSize={11} {...HALO}>
          not measured yet
        </text>
      )}
    </g>
  );
}
