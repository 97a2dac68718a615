import { saturationPressureHpa, vapourPressureHpa } from './saturationPressure';

/** Psychrometric constant of a ventilated wet bulb at sea level, hPa/K: 0.00066 /K (from memory, as WMO-No. 8 has it) × 1013.25 hPa. */
const PSYCHROMETRIC_HPA = 0.00066 * 1013.25;
/** Newton's steps: the curve is smooth and nearly straight, so three are enough anywhere; five cost nothing. */
const STEPS = 5;

/**
 * Temperature a wet surface comes to in moving air, °C: where what evaporation takes equals what the air gives,
 * `es(Tw) − e = γ · (T − Tw)`. A film that is still wet has this temperature, not the air's.
 *
 * @param temperatureCelsius air temperature
 * @param relativeHumidityPercent 0–100
 */
export function wetBulbCelsius(temperatureCelsius: number, relativeHumidityPercent: number): number {
  const vapour = vapourPressureHpa(temperatureCelsius, relativeHumidityPercent);
  let wet = temperatureCelsius;
  for (let step = 0; step < STEPS; step += 1) {
    const saturated = saturationPressureHpa(wet);
    const slope = (saturated * 17.62 * 243.12) / (243.12 + wet) ** 2;
    wet -= (saturated - vapour - PSYCHROMETRIC_HPA * (temperatureCelsius - wet)) / (slope + PSYCHROMETRIC_HPA);
  }
  return Math.min(temperatureCelsius, wet);
}
