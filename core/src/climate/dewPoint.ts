import { vapourPressureHpa } from './saturationPressure';

/**
 * Dew point of air, °C: the inverse of the Magnus formula (WMO-No. 8) at the air's vapour pressure.
 *
 * @param temperatureCelsius air temperature
 * @param relativeHumidityPercent above 0, up to 100
 * @throws RangeError when the humidity is outside (0, 100]
 */
export function dewPointCelsius(temperatureCelsius: number, relativeHumidityPercent: number): number {
  if (!(relativeHumidityPercent > 0 && relativeHumidityPercent <= 100)) {
    throw new RangeError(`relative humidity must be above 0 and at most 100 %, got ${relativeHumidityPercent}`);
  }
  const logRatio = Math.log(vapourPressureHpa(temperatureCelsius, relativeHumidityPercent) / 6.112);
  return (243.12 * logRatio) / (17.62 - logRatio);
}

/**
 * Dew gap, K: how far a surface is above the dew point. Below about 3 K moisture may settle under the paint.
 *
 * @param surfaceCelsius temperature of the part; the air's own where it has not been measured
 */
export function dewGapKelvin(temperatureCelsius: number, relativeHumidityPercent: number, surfaceCelsius = temperatureCelsius): number {
  return surfaceCelsius - dewPointCelsius(temperatureCelsius, relativeHumidityPercent);
}
