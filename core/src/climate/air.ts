/** The state of the air at one moment. */
export interface Air {
  readonly temperatureCelsius: number;
  /** 0–100 */
  readonly relativeHumidityPercent: number;
}

/** Air at a moment; `windMetresPerSecond` only where it was measured or forecast. */
export interface AirSample extends Air {
  readonly atMs: number;
  readonly windMetresPerSecond?: number;
}

/** Label conditions: 23 ± 2 °C and 50 ± 5 % RH (ISO 3270 standard atmosphere, from memory). */
export const LABEL_AIR: Air = { temperatureCelsius: 23, relativeHumidityPercent: 50 };
