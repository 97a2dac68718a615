import type { Air } from './air';
import { saturationPressureHpa, vapourPressureHpa } from './saturationPressure';

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

/** The warmest hour of the day unless told otherwise; common practice, two to three hours after noon. */
const USUAL_WARMEST_HOUR = 15;

/**
 * An ordinary day as a weather report tells it. The water in its air stays, so that humidity falls as it warms: at the coldest and the warmest hour by the
 * ratio of saturation pressures to the mean's, and half of what they lie apart is its swing.
 *
 * @param lowestCelsius not above the highest; the two may be typed in either order
 * @param humidityPercent at the mean of the two, above 0, up to 100
 * Source: Magnus formula, WMO-No. 8.
 */
export function dayBetween(lowestCelsius: number, highestCelsius: number, humidityPercent: number): Omit<TypicalDay, 'utcOffsetMinutes'> {
  const meanCelsius = (lowestCelsius + highestCelsius) / 2;
  const swingCelsius = Math.abs(highestCelsius - lowestCelsius) / 2;
  const vapour = vapourPressureHpa(meanCelsius, humidityPercent);
  const humidityAt = (celsius: number): number => Math.min(100, (100 * vapour) / saturationPressureHpa(celsius));
  const swing = (humidityAt(meanCelsius - swingCelsius) - humidityAt(meanCelsius + swingCelsius)) / 2;
  return {
    meanCelsius,
    swingCelsius,
    warmestHour: USUAL_WARMEST_HOUR,
    meanHumidityPercent: humidityPercent,
    swingHumidityPercent: Math.round(10 * swing) / 10,
  };
}

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
