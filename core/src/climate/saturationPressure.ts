/**
 * Saturation vapour pressure of water over liquid water, hPa.
 *
 * Magnus form with the coefficients of WMO-No. 8: `6.112 · exp(17.62 T / (243.12 + T))`.
 *
 * @param temperatureCelsius air temperature, meant for −45…60 °C
 * @throws RangeError when the temperature is not a finite number above −243.12 °C
 */
export function saturationPressureHpa(temperatureCelsius: number): number {
  if (!Number.isFinite(temperatureCelsius) || temperatureCelsius <= -243.12) {
    throw new RangeError(`temperature must be a finite number above -243.12 °C, got ${temperatureCelsius}`);
  }
  return 6.112 * Math.exp((17.62 * temperatureCelsius) / (243.12 + temperatureCelsius));
}

/**
 * Partial pressure of water vapour in the air, hPa: saturation pressure × relative humidity.
 *
 * @param relativeHumidityPercent 0–100
 */
export function vapourPressureHpa(temperatureCelsius: number, relativeHumidityPercent: number): number {
  return (saturationPressureHpa(temperatureCelsius) * relativeHumidityPercent) / 100;
}
