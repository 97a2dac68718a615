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

/** Two samples further apart than this are not joined by a line: the sensor was away, and each of them fades to the typical day. */
export const LONGEST_GAP_MS = 6 * 3_600_000;

/** Time in which what a sample differs by from the typical day falls to 1/e. Guessed: a room follows the weather over hours, not minutes. */
export const FADE_MS = 8 * 3_600_000;

/** This long after a sample less than a hundredth of its difference is left, and the typical day stands alone. */
export const FADED_AFTER_MS = 5 * FADE_MS;

/** The air at a moment, and how it is known. */
export interface KnownAir extends Air {
  /** a sample that fades counts as what it was while at least half of it is left */
  readonly origin: AirOrigin;
  /** age of the sample that is held on to, ms; null between samples that are joined, and where none is left */
  readonly heldMs: number | null;
}

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

/**
 * The air at a moment: linear between samples, and where they are far apart or end, the typical day plus what the nearest samples differed
 * from it by, fading with time.
 *
 * Source: the mean of a first-order autoregressive (Ornstein–Uhlenbeck) anomaly given the samples around it, "damped persistence" in
 * forecasting. From memory.
 */
export function airAt(timeline: AirTimeline, atMs: number): KnownAir {
  const { samples, typicalDay } = timeline;
  const next = firstAtOrAfter(samples, atMs);
  const after = samples[next];
  const before = samples[next - 1];
  if (after && after.atMs === atMs) {
    const { temperatureCelsius, relativeHumidityPercent } = after;
    return { temperatureCelsius, relativeHumidityPercent, origin: originAt(timeline, atMs), heldMs: null };
  }
  if (after && before && after.atMs - before.atMs <= LONGEST_GAP_MS) {
    const share = (atMs - before.atMs) / (after.atMs - before.atMs);
    return {
      temperatureCelsius: before.temperatureCelsius + share * (after.temperatureCelsius - before.temperatureCelsius),
      relativeHumidityPercent: before.relativeHumidityPercent + share * (after.relativeHumidityPercent - before.relativeHumidityPercent),
      origin: originAt(timeline, after.atMs),
      heldMs: null,
    };
  }
  return fadingAir(timeline, before, after, atMs) ?? { ...typicalAirAt(typicalDay, atMs), origin: 'typical', heldMs: null };
}

/** The typical day with what is left of the samples around; null where nothing is. */
function fadingAir(timeline: AirTimeline, before: AirSample | undefined, after: AirSample | undefined, atMs: number): KnownAir | null {
  const since = before ? atMs - before.atMs : Number.POSITIVE_INFINITY;
  const until = after ? after.atMs - atMs : Number.POSITIVE_INFINITY;
  if (Math.min(since, until) >= FADED_AFTER_MS) return null;
  const ofBefore = shareLeft(since, until);
  const ofAfter = shareLeft(until, since);
  const usual = typicalAirAt(timeline.typicalDay, atMs);
  let temperature = usual.temperatureCelsius;
  let humidity = usual.relativeHumidityPercent;
  for (const [sample, share] of [
    [before, ofBefore],
    [after, ofAfter],
  ] as const) {
    if (!sample || share === 0) continue;
    const usualThen = typicalAirAt(timeline.typicalDay, sample.atMs);
    temperature += share * (sample.temperatureCelsius - usualThen.temperatureCelsius);
    humidity += share * (sample.relativeHumidityPercent - usualThen.relativeHumidityPercent);
  }
  const isBefore = ofBefore >= ofAfter;
  const nearest = isBefore ? before : after;
  return {
    temperatureCelsius: temperature,
    relativeHumidityPercent: Math.min(100, Math.max(1, humidity)),
    origin: nearest && Math.max(ofBefore, ofAfter) >= 0.5 ? originAt(timeline, nearest.atMs) : 'typical',
    heldMs: isBefore ? since : null,
  };
}

/** Share of a sample's difference that is left so long from it, where the sample on the other side is so far away. */
function shareLeft(fromMs: number, otherMs: number): number {
  if (fromMs >= FADED_AFTER_MS) return 0;
  if (otherMs >= FADED_AFTER_MS) return Math.exp(-fromMs / FADE_MS);
  return Math.sinh(otherMs / FADE_MS) / Math.sinh((fromMs + otherMs) / FADE_MS);
}

/** Up to when the air is known: the last reading, and never before now. */
export function knownUntil({ measuredUntilMs }: AirTimeline, nowMs: number): number {
  return Math.max(nowMs, Number.isFinite(measuredUntilMs) ? measuredUntilMs : nowMs);
}

/** The wind at a moment, m/s, from the nearer of the samples around it; the last is held for as long as samples are joined. Undefined where nothing is known. */
export function windAt({ samples }: AirTimeline, atMs: number): number | undefined {
  const next = firstAtOrAfter(samples, atMs);
  const after = samples[next];
  const before = samples[next - 1];
  if (after && after.atMs === atMs) return after.windMetresPerSecond;
  if (!after || !before || after.atMs - before.atMs > LONGEST_GAP_MS) {
    return before && atMs - before.atMs <= LONGEST_GAP_MS ? before.windMetresPerSecond : undefined;
  }
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
