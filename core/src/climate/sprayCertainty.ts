import type { Interval } from '../time/interval';
import type { AirTimeline } from './airTimeline';
import { airAt, windAt } from './airTimeline';
import { dewGapKelvin } from './dewPoint';
import { normalShare } from '../number/normalShare';
import type { SprayLimits } from './sprayVerdict';

const DAY_MS = 86_400_000;
const STEP_MS = 30 * 60_000;

/** How far a forecast may be off, as a standard deviation: at once, more each day ahead, at most. Guessed; of the order forecasts for a day admit. */
interface Spread {
  readonly atOnce: number;
  readonly aDay: number;
  readonly most: number;
}
const HUMIDITY: Spread = { atOnce: 3, aDay: 3, most: 15 };
const TEMPERATURE: Spread = { atOnce: 0.5, aDay: 0.7, most: 4 };
const WIND: Spread = { atOnce: 0.7, aDay: 0.4, most: 2.5 };

/**
 * The share of a spraying window one can count on: how likely its moments keep every limit, given how far the air there is only forecast.
 * 1 for what was measured.
 *
 * @param opening epoch ms
 * @param knownUntilMs up to here the air is known
 * @returns 0–1
 */
export function sprayCertainty(opening: Interval, air: AirTimeline, limits: SprayLimits, knownUntilMs: number): number {
  let sum = 0;
  let count = 0;
  for (let at = opening.start + Math.min(STEP_MS, opening.end - opening.start) / 2; at < opening.end; at += STEP_MS) {
    sum += momentCertainty(at, air, limits, (at - knownUntilMs) / DAY_MS);
    count += 1;
  }
  return count === 0 ? 1 : sum / count;
}

function momentCertainty(atMs: number, air: AirTimeline, limits: SprayLimits, daysAhead: number): number {
  if (daysAhead <= 0) return 1;
  const { temperatureCelsius, relativeHumidityPercent } = airAt(air, atMs);
  const humidity = spreadAt(HUMIDITY, daysAhead);
  const temperature = spreadAt(TEMPERATURE, daysAhead);
  const gap = dewGapKelvin(temperatureCelsius, relativeHumidityPercent, temperatureCelsius);
  // Damper air by one deviation brings the dew point so much nearer.
  const gapSpread = Math.max(
    0.1,
    gap - dewGapKelvin(temperatureCelsius, Math.min(100, relativeHumidityPercent + humidity), temperatureCelsius),
  );
  const wind = windAt(air, atMs);
  const margins = [
    (limits.mostHumidityPercent - relativeHumidityPercent) / humidity,
    (gap - limits.leastDewGapKelvin) / gapSpread,
    (temperatureCelsius - limits.coldestCelsius) / temperature,
    (limits.warmestCelsius - temperatureCelsius) / temperature,
    ...(limits.mostWindMetresPerSecond !== null && wind !== undefined
      ? [(limits.mostWindMetresPerSecond - wind) / spreadAt(WIND, daysAhead)]
      : []),
  ];
  // The tightest limit decides: humidity and dew gap fall together, wind is a small thing beside them.
  return normalShare(Math.min(...margins));
}

function spreadAt({ atOnce, aDay, most }: Spread, days: number): number {
  return Math.min(most, atOnce + aDay * days);
}
