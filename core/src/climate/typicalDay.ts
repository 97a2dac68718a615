import type { Air } from './air';

/** A day's course of the air where nothing better is known: one cosine for temperature, its mirror for humidity. */
export interface TypicalDay {
  readonly meanCelsius: number;
  /** half the span between the warmest and the coldest hour, K */
  readonly swingCelsius: number;
  /** local hour of the warmest moment, 0–24 */
  readonly warmestHour: number;
  readonly meanHumidityPercent: number;
  readonly swingHumidityPercent: number;
  /** minutes the shop's clock is ahead of UTC */
  readonly utcOffsetMinutes: number;
}

const DAY_MS = 86_400_000;

/** Air of the typical day at a moment. Humidity is kept within 1–100 %. */
export function typicalAirAt(day: TypicalDay, atMs: number): Air {
  const localHour = (((atMs + day.utcOffsetMinutes * 60_000) % DAY_MS) + DAY_MS) / 3_600_000;
  const wave = Math.cos((2 * Math.PI * (localHour - day.warmestHour)) / 24);
  const humidity = day.meanHumidityPercent - day.swingHumidityPercent * wave;
  return {
    temperatureCelsius: day.meanCelsius + day.swingCelsius * wave,
    relativeHumidityPercent: Math.min(100, Math.max(1, humidity)),
  };
}
