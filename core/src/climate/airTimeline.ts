import type { Air, AirSample } from './air';
import type { TypicalDay } from './typicalDay';
import { typicalAirAt } from './typicalDay';

/** Where a value of the air comes from. */
export type AirOrigin = 'measured' | 'forecast' | 'typical';

/** The air along time: readings, then forecast, then the typical day. Plain data, so that it crosses to a worker. */
export interface AirTimeline {
  /** sorted by time, readings first, forecast after the last of them */
  readonly samples: readonly AirSample[];
  /** samples at this moment or before were measured, those after it are forecast */
  readonly measuredUntilMs: number;
  readonly typicalDay: TypicalDay;
}

/** Two samples further apart than this are not joined by a line: the sensor was away, the typical day is used between. */
export const LONGEST_GAP_MS = 6 * 3_600_000;

/**
 * Joins readings and forecast into one timeline. A forecast older than the last reading is dropped: what was measured wins.
 *
 * @param readings in any order; a later duplicate of the same moment wins
 */
export function buildAirTimeline(readings: readonly AirSample[], forecast: readonly AirSample[], typicalDay: TypicalDay): AirTimeline {
  const measured = sortAndThin(readings);
  const measuredUntilMs = measured.at(-1)?.atMs ?? Number.NEGATIVE_INFINITY;
  const ahead = sortAndThin(forecast).filter((sample) => sample.atMs > measuredUntilMs);
  return { samples: [...measured, ...ahead], measuredUntilMs, typicalDay };
}

/** The air at a moment, by linear interpolation between samples, and where the value comes from. */
export function airAt(timeline: AirTimeline, atMs: number): Air & { readonly origin: AirOrigin } {
  const { samples } = timeline;
  const next = firstAtOrAfter(samples, atMs);
  const after = samples[next];
  const before = samples[next - 1];
  if (after && after.atMs === atMs) {
    return {
      temperatureCelsius: after.temperatureCelsius,
      relativeHumidityPercent: after.relativeHumidityPercent,
      origin: originAt(timeline, atMs),
    };
  }
  if (!after || !before || after.atMs - before.atMs > LONGEST_GAP_MS) {
    return { ...typicalAirAt(timeline.typicalDay, atMs), origin: 'typical' };
  }
  const share = (atMs - before.atMs) / (after.atMs - before.atMs);
  return {
    temperatureCelsius: before.temperatureCelsius + share * (after.temperatureCelsius - before.temperatureCelsius),
    relativeHumidityPercent: before.relativeHumidityPercent + share * (after.relativeHumidityPercent - before.relativeHumidityPercent),
    origin: originAt(timeline, after.atMs),
  };
}

/** Up to when the air is known: the last reading, and never before now. */
export function knownUntil({ measuredUntilMs }: AirTimeline, nowMs: number): number {
  return Math.max(nowMs, Number.isFinite(measuredUntilMs) ? measuredUntilMs : nowMs);
}

/** The wind at a moment, m/s, from the nearer of the samples around it; undefined where nothing is known, as after the last forecast. */
export function windAt({ samples }: AirTimeline, atMs: number): number | undefined {
  const next = firstAtOrAfter(samples, atMs);
  const after = samples[next];
  const before = samples[next - 1];
  if (after && after.atMs === atMs) return after.windMetresPerSecond;
  if (!after || !before || after.atMs - before.atMs > LONGEST_GAP_MS) return undefined;
  const nearer = after.atMs - atMs < atMs - before.atMs ? after : before;
  return nearer.windMetresPerSecond ?? after.windMetresPerSecond ?? before.windMetresPerSecond;
}

function originAt(timeline: AirTimeline, atMs: number): AirOrigin {
  return atMs <= timeline.measuredUntilMs ? 'measured' : 'forecast';
}

function firstAtOrAfter(samples: readonly AirSample[], atMs: number): number {
  let low = 0;
  let high = samples.length;
  while (low < high) {
    const middle = (low + high) >>> 1;
    const sample = samples[middle];
    if (sample && sample.atMs < atMs) low = middle + 1;
    else high = middle;
  }
  return low;
}

function sortAndThin(samples: readonly AirSample[]): AirSample[] {
  const byMoment = new Map<number, AirSample>();
  for (const sample of samples) byMoment.set(sample.atMs, sample);
  return [...byMoment.values()].sort((a, b) => a.atMs - b.atMs);
}
